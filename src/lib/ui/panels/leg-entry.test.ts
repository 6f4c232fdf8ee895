import { expect } from 'chai';
import type { Axis } from '#core/geometry/axis.ts';
import { inches } from '#core/units/length.ts';
import { RunInMemory } from '#support/run-in-memory.svelte.ts';
import { DRAFT_LEG, LegEntry, type EntryStore } from './leg-entry.svelte.ts';

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

  it('tries a leg out while it is typed, without touching the run', () => {
    const { store, entry, add } = begin();
    entry.pickAxis('right');
    entry.typed = '30';
    expect(entry.draft?.legs.get(DRAFT_LEG)?.centreToCentre).to.equal(inches(30));
    expect(tags(store)).to.deep.equal([]);
    add('right', '30');
    entry.pickAxis('down');
    entry.typed = '2';
    const piece = entry.draft!.pieces.get(DRAFT_LEG);
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
    entry.pickedSize = '1';
    add('right', '30');
    expect(entry.size).to.equal('1');
    entry.resize(null, '1/2');
    expect([entry.size, Object.values(store.doc.legs)[0]!.size]).to.deep.equal(['1/2', '1/2']);
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
    expect(entry.countBeyond(second!.id)).to.equal(1);
    entry.pick(second!.id);
    entry.remove(second!.id);
    expect(tags(store)).to.deep.equal([1]);
    expect(entry.selected).to.equal(null);
  });
});
