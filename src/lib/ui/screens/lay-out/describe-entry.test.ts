import { expect } from 'chai';
import { RunInMemory } from '#support/run-in-memory.svelte.ts';
import { describeEntry } from './describe-entry.ts';
import { LegEntry } from './leg-entry.svelte.ts';

describe('the words around the entry', () => {
  const begin = () => new LegEntry(new RunInMemory());

  it('lead from nothing to a leg', () => {
    const entry = begin();
    expect(describeEntry(entry)).to.include({
      title: 'First leg',
      growsFrom: 'from the source',
      does: 'Pick a direction and type the measure',
      measured: 'centre to centre',
      isPlainMeasure: true,
      selected: null,
    });
    entry.pickAxis('up');
    expect(describeEntry(entry).does).to.equal('up: type the measure');
    entry.typed = '3-7 1/4';
    expect(describeEntry(entry)).to.include({
      does: 'Add leg: up ',
      says: 'read as 3 ft 7 1/4 in',
      wrong: '',
    });
    entry.enter();
    expect(describeEntry(entry)).to.include({ title: 'Next leg', growsFrom: 'from the open end at leg 1' });
    expect(describeEntry(entry).taken).to.deep.equal(['down']);
  });

  it('call a measure wrong as soon as nothing that may follow makes it one, and not while it is unfinished', () => {
    const entry = begin();
    entry.typed = '3-7 1/';
    const [unfinished, wrong] = ['3-7 1', '3 7 19 22'].map((typed) => {
      entry.typed = typed;
      return describeEntry(entry).wrong;
    });
    expect(unfinished).to.equal('');
    expect(wrong).to.contain('3 7 19 22');
  });

  it('tell of a picked leg which it is and whether its length is measured or follows', () => {
    const entry = begin();
    entry.pickAxis('up');
    entry.typed = '30';
    entry.enter();
    entry.pick(Object.keys(entry.store.doc!.legs)[0]!);
    expect(describeEntry(entry)).to.deep.include({
      selected: { tag: 1, follows: null },
      does: 'Measure leg 1 again',
    });
  });
});
