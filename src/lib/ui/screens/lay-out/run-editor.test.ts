import { newAppliance } from '#core/runs/document';
import { expect } from 'chai';
import { inches } from '#core/units';
import { standardCatalogue } from '#core/catalogue';
import { RunInMemory } from '#support/run-in-memory.svelte.ts';
import { LegEntry, type EntryStore } from './leg-entry.svelte.ts';
import { RunEditor } from './run-editor.ts';

function begin() {
  const store = new RunInMemory();
  const entry = new LegEntry(store satisfies EntryStore);
  const editor = new RunEditor(entry);
  for (const [axis, typed] of [
    ['up', '30'],
    ['right', '60'],
    ['down', '20'],
  ] as const) {
    entry.pickAxis(axis);
    entry.typed = typed;
    entry.enter();
  }
  const [first, second, third] = Object.values(store.doc.legs).map(({ id }) => id) as [
    string,
    string,
    string,
  ];
  return { store, entry, editor, first, second, third };
}

describe('RunEditor', () => {
  it('branches at a measured place and grows on from there', () => {
    const { store, entry, editor, second } = begin();
    const { from } = store.doc.legs[second]!;
    expect(editor.branchHere(second, { from, value: inches(25), typed: '25' })).to.equal(true);
    expect(entry.growingNode?.legs.length).to.equal(2);
    expect(entry.leg).to.equal(null);
    expect(store.layout.legs.get(second)!.centreToCentre).to.equal(inches(25));
    expect(editor.branchHere(second, { from, value: inches(90), typed: '90' })).to.equal(false);
    expect(entry.refusal?.code).to.equal('place-beyond-leg');
  });

  it('puts a part in, measures it, places it, takes it out', () => {
    const { store, entry, editor, second } = begin();
    editor.putPart(second, 'valve', { share: 0.5 });
    const [part] = Object.keys(store.doc.parts);
    expect(store.layout.pieces.get(second)!.map(({ cut }) => cut)).to.deep.equal([null, null]);
    const valve = standardCatalogue.findPart('valve', '3/4')!;
    editor.measurePart(valve, { endToEnd: inches(2.5) }, '2 1/2');
    expect(store.layout.pieces.get(second)!.every(({ cut }) => cut !== null)).to.equal(true);
    entry.pick(part!);
    expect([entry.leg, entry.part]).to.deep.equal([second, part]);
    editor.takeOutPart(part!);
    expect([store.layout.pieces.get(second)!.length, entry.part]).to.deep.equal([1, null]);
    editor.measurePart(valve, null, '');
    expect(store.doc.ownParts).to.deep.equal({});
  });

  it('chooses a part, closes an end, turns a leg, and says why not', () => {
    const { store, entry, editor, second, third } = begin();
    expect(editor.redirect(third, { kind: 'axis', axis: 'right' })).to.equal(true);
    const { to } = store.doc.legs[second]!;
    expect(editor.choosePart(to, 'union')).to.equal(true);
    const { fitting } = store.layout.nodes.get(to)!;
    expect(fitting.kind === 'part' && fitting.part.kind).to.equal('union');
    expect(editor.choosePart(to, 'hex-bushing')).to.equal(false);
    expect(entry.refusal?.code).to.equal('bushing-into-pipe');
    expect(editor.choosePart(to, 'plug')).to.equal(false);
    expect(entry.refusal?.code).to.equal('male-end-takes-no-pipe');
    const end = store.doc.legs[third]!.to;
    expect(editor.close(end, { kind: 'plug' })).to.equal(false);
    expect(entry.refusal?.code).to.equal('plug-takes-no-pipe');
    expect(editor.close(end, newAppliance('oven'))).to.equal(true);
  });

  it('adds, turns and strikes out measures', () => {
    const { store, entry, editor, first, second } = begin();
    const { from, to } = store.doc.legs[second]!;
    const ref = (id: string) => ({ kind: 'node', id, at: 'centre', gap: 0 }) as const;
    const said = { along: null, value: inches(61), typed: '61' };
    expect(editor.addMeasure({ from: ref(from), to: ref(to), ...said })).to.equal(true);
    expect(store.layout.solved.contradictions).to.have.length(1);
    const added = Object.values(store.doc.measures).at(-1)!;
    expect(editor.removeMeasure(added.id)).to.equal(true);
    expect(store.layout.solved.contradictions).to.have.length(0);
    const source = store.doc.legs[first]!.from;
    expect(editor.addMeasure({ from: ref(source), to: ref(to), ...said })).to.equal(false);
    expect(entry.refusal?.code).to.equal('measure-not-in-line');
  });

  it('takes a leg out and closes the gap', () => {
    const { store, entry, editor, second } = begin();
    expect(editor.takeOut(second)).to.equal(false);
    expect(entry.refusal?.code).to.equal('leg-straight-back');
    const other = begin();
    other.editor.redirect(other.third, { kind: 'axis', axis: 'right' });
    expect(other.editor.takeOut(other.second)).to.equal(true);
    expect(Object.keys(other.store.doc.legs)).to.have.length(2);
    expect(store.doc.legs[second]).to.exist;
  });
});
