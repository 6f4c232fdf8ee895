import { getLegs } from '#core/runs/document';
import { expect } from 'chai';
import type { Axis } from '#core/geometry';
import { inches } from '#core/units';
import { RunInMemory } from '#support/run-in-memory.svelte.ts';
import { RunEditor } from './run-editor.ts';
import { LegEntry, type EntryStore } from './leg-entry.svelte.ts';

function begin(): { store: RunInMemory; entry: LegEntry; add: (axis: Axis, typed: string) => boolean } {
  const store = new RunInMemory();
  const entry = new LegEntry(store satisfies EntryStore);
  const add = (axis: Axis, typed: string) => {
    entry.pickAxis(axis);
    entry.typed = typed;
    return entry.enter();
  };
  return { store, entry, add };
}

const tags = (store: RunInMemory) => Object.values(store.doc.legs).map(({ tag }) => tag);

describe('LegEntry', () => {
  it('adds legs one after another from the tip', () => {
    const { store, entry, add } = begin();
    expect(add('right', '3-7 1/4')).to.equal(true);
    expect(add('down', '20')).to.equal(true);
    expect(tags(store)).to.deep.equal([1, 2]);
    expect([entry.typed, entry.axis]).to.deep.equal(['', null]);
    expect(entry.growing).to.equal(Object.values(store.doc.legs)[1]!.to);
  });

  it('says what is missing, and keeps what was typed', () => {
    const { entry } = begin();
    entry.typed = '20';
    expect([entry.enter(), entry.refusal?.code, entry.typed]).to.deep.equal([
      false,
      'direction-missing',
      '20',
    ]);
    entry.pickAxis('up');
    entry.typed = '3 7';
    expect([entry.enter(), entry.refusal?.code, entry.typed]).to.deep.equal([
      false,
      'length-two-numbers',
      '3 7',
    ]);
    entry.typed = '';
    expect([entry.enter(), entry.refusal?.code]).to.deep.equal([false, 'length-empty']);
  });

  it('what was tried out is what is entered: the document and the layout of the draft, and no others', () => {
    const { store, entry, add } = begin();
    add('right', '30');
    expect(store.layout.legs.size).to.equal(1);
    entry.pickAxis('down');
    entry.typed = '24';
    const drafted = entry.draft!.layout;
    expect(entry.enter()).to.equal(true);
    expect(store.doc).to.equal(drafted.doc);
    expect(store.layout).to.equal(drafted);
  });

  it('tries a leg out while it is typed, without touching the run', () => {
    const { store, entry, add } = begin();
    entry.pickAxis('right');
    entry.typed = '30';
    expect(entry.draft?.layout.legs.get(entry.draft.leg)?.centreToCentre).to.equal(inches(30));
    expect(tags(store)).to.deep.equal([]);
    add('right', '30');
    entry.pickAxis('down');
    entry.typed = '2';
    const piece = entry.draft!.layout.pieces.get(entry.draft!.leg)?.[0];
    expect(piece?.cut?.exact).to.equal(inches(2 - 0.7475));
    expect(tags(store)).to.deep.equal([1]);
  });

  it('refuses a way that is taken at once, and drops a picked one that is taken at another point', () => {
    const { entry, add, store } = begin();
    add('right', '30');
    entry.pickAxis('left');
    expect([entry.axis, entry.refusal?.code]).to.deep.equal([null, 'leg-straight-back']);
    add('right', '30');
    entry.pickAxis('down');
    entry.pick(Object.values(store.doc.legs)[0]!.to);
    expect(entry.axis).to.equal('down');
    entry.pickAxis('right');
    expect(entry.refusal?.code).to.equal('leg-direction-taken');
  });

  it('goes on in the size of the leg it grows from, until another is picked', () => {
    const { entry, add, store } = begin();
    entry.say({ says: 'size', size: '1' });
    add('right', '30');
    expect(entry.size).to.equal('1');
    new RunEditor(entry).resize(null, '1/2');
    expect([entry.size, [...getLegs(store.doc).values()][0]!.size]).to.deep.equal(['1/2', '1/2']);
  });

  it('measures a picked leg again, and goes back to growing', () => {
    const { entry, add, store } = begin();
    add('right', '30');
    add('down', '20');
    entry.pick(Object.values(store.doc.legs)[0]!.id);
    entry.typed = '31 1/2';
    expect(entry.enter()).to.equal(true);
    expect(Object.values(store.doc.measures)[0]!.value).to.equal(inches(31.5));
    entry.growOn();
    expect(entry.selected).to.equal(null);
  });

  it('steps from point to point, round and round', () => {
    const { entry, add } = begin();
    add('right', '30');
    add('right', '30');
    const [tip] = [entry.growing];
    for (let i = 0; i < 3; i++) entry.stepPoint(1);
    expect(entry.growing).to.equal(tip);
    entry.stepPoint(-1);
    expect(entry.growing).not.to.equal(tip);
  });

  it('removes a leg with what hangs on it, and grows on', () => {
    const { entry, add, store } = begin();
    for (const axis of ['right', 'right', 'down'] as const) add(axis, '30');
    const [, second] = Object.values(store.doc.legs);
    const editor = new RunEditor(entry);
    expect(editor.countBeyond(second!.id)).to.equal(1);
    entry.pick(second!.id);
    editor.remove(second!.id);
    expect(tags(store)).to.deep.equal([1]);
    expect(entry.selected).to.equal(null);
  });
});

describe('LegEntry, beyond a square leg of pipe', () => {
  it('makes 45° of two directions, and refuses nothing that lies between two taken ways', () => {
    const { store, entry, add } = begin();
    add('up', '30');
    entry.pickAxis('up');
    entry.say({ says: 'slant' });
    entry.pickAxis('right');
    expect([entry.axis, entry.slanting]).to.deep.equal(['up-right', false]);
    entry.typed = '20';
    expect(entry.enter()).to.equal(true);
    expect(Object.values(store.doc.legs)[1]!.geometry).to.deep.equal({ kind: 'axis', axis: 'up-right' });
  });

  it('takes an offset from any two figures, onward as the pipe came', () => {
    const { store, entry, add } = begin();
    add('right', '30');
    entry.takeKind('offset');
    expect(entry.offset.along).to.equal('right');
    expect([entry.enter(), entry.refusal?.code]).to.deep.equal([false, 'offset-ways-missing']);
    entry.pickAxis('up');
    entry.pickAxis('back');
    entry.offset.typed = { set: '6', roll: '', run: '', travel: '14.1421356' };
    expect(entry.draft?.layout.legs.get(entry.draft.leg)?.centreToCentre).to.be.closeTo(
      inches(14.14214),
      400,
    );
    expect(entry.enter()).to.equal(true);
    const { geometry } = Object.values(store.doc.legs)[1]!;
    if (geometry.kind !== 'offset') throw new Error('no offset');
    expect([geometry.set.way, geometry.roll?.way]).to.deep.equal(['up', 'back']);
    expect(geometry.roll!.length).to.be.closeTo(inches(8), 400);
    expect(entry.kind).to.equal('pipe');
  });

  it('says what is wrong with an offset that cannot be', () => {
    const { entry, add } = begin();
    add('right', '30');
    entry.takeKind('offset');
    entry.offset.setWay = 'up';
    entry.offset.typed = { set: '20', roll: '', run: '', travel: '15' };
    expect([entry.enter(), entry.refusal?.code]).to.deep.equal([false, 'offset-cannot-be']);
  });

  it('puts fitting straight into fitting, and a plug that closes it at once', () => {
    const { store, entry, add } = begin();
    add('right', '30');
    add('right', '30');
    const [first] = Object.values(store.doc.legs);
    entry.pick(first!.to);
    entry.takeKind('fitting');
    entry.pickAxis('down');
    expect(entry.enter({ kind: 'plug' })).to.equal(true);
    const plug = Object.values(store.doc.legs)[2]!;
    expect(store.doc.nodes[plug.to]!.terminal).to.deep.equal({ kind: 'plug' });
    expect(store.layout.legs.get(plug.id)!.centreToCentre).to.be.greaterThan(0);
    expect(entry.growing).to.equal(first!.to);
  });

  it('puts in a flexible connector with its ends, which has no pipe to cut', () => {
    const { store, entry, add } = begin();
    add('down', '30');
    entry.takeKind('connector');
    expect(entry.enter()).to.equal(false);
    expect(entry.refusal?.code).to.equal('direction-missing');
    entry.pickAxis('right');
    entry.connector.far = 'female';
    entry.connector.length = { value: inches(36), typed: '36' };
    entry.connector.isNew = true;
    expect(entry.draft!.layout.pieces.get(entry.draft!.leg)).to.have.length(0);
    expect(entry.enter()).to.equal(true);
    const made = Object.values(store.doc.legs)[1]!;
    expect(made.geometry).to.deep.include({
      kind: 'connector',
      axis: 'right',
      length: inches(36),
      isNew: true,
    });
    const { ends } = made.geometry as { ends: readonly { gender: string; size: string }[] };
    expect(ends.map(({ gender, size }) => `${size} ${gender}`)).to.deep.equal(['3/4 male', '3/4 female']);
    expect([entry.kind, entry.connector.far, entry.connector.length]).to.deep.equal(['pipe', 'male', null]);
  });

  it('measures from a datum until it is let go, and refuses what does not lie in line with it', () => {
    const { store, entry, add } = begin();
    add('up', '30');
    const corner = entry.growing!;
    add('right', '40');
    entry.say({ says: 'datum', datum: corner });
    expect(add('right', '100')).to.equal(true);
    const third = Object.values(store.doc.legs)[2]!;
    expect(store.layout.legs.get(third.id)!.centreToCentre).to.equal(inches(60));
    expect([add('down', '20'), entry.refusal?.code]).to.deep.equal([false, 'measure-not-in-line']);
    entry.say({ says: 'datum', datum: null });
    expect(add('down', '20')).to.equal(true);
  });

  it('takes a measure from the face of one fitting to the back of the next', () => {
    const { store, entry, add } = begin();
    add('up', '30');
    entry.say({ says: 'from', point: { at: 'face', gap: 0 } });
    add('right', '40');
    const second = Object.values(store.doc.legs)[1]!;
    expect(store.layout.legs.get(second.id)!.centreToCentre).to.equal(inches(41.31));
    expect(entry.fromPoint.at).to.equal('centre');
  });

  it('puts a leg in between, and hangs one elsewhere', () => {
    const { store, entry, add } = begin();
    for (const [axis, typed] of [
      ['right', '30'],
      ['down', '20'],
    ] as const)
      add(axis, typed);
    const [first, second] = Object.values(store.doc.legs);
    entry.insertAfter(first!.id);
    expect(entry.taken).to.deep.equal([]);
    expect(add('back', '12')).to.equal(true);
    const third = Object.values(store.doc.legs)[2]!;
    expect(store.doc.legs[first!.id]!.to).to.equal(third.from);
    expect(third.to).to.equal(store.doc.legs[second!.id]!.from);
    entry.moveLeg(second!.id);
    entry.pick(third.from);
    expect(store.doc.legs[second!.id]!.from).to.equal(third.from);
    expect(entry.moving).to.equal(null);
  });

  it('goes from offset to offset with the ways of the last one cleared', () => {
    const { entry, add } = begin();
    add('right', '30');
    entry.takeKind('offset');
    entry.offset.setWay = 'up';
    entry.offset.typed = { set: '6', roll: '', run: '', travel: '' };
    expect(entry.enter()).to.equal(true);
    entry.takeKind('offset');
    expect(entry.offset.setWay).to.equal(null);
  });
});
