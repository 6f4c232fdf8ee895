import { expect } from 'chai';
import fc from 'fast-check';
import { mergeEdit } from './merge-edit.ts';

describe('an edit put into what is kept by now', () => {
  const was = { name: 'Kiln', place: 'Lane', people: ['A'] };
  it('two who change different fields both have their way; the same field is refused by name', () => {
    expect(mergeEdit({ ...was, place: 'Yard' }, was, { ...was, name: 'Kilns' })).to.deep.equal({
      ok: true,
      value: { ...was, name: 'Kilns', place: 'Yard' },
    });
    expect(mergeEdit({ ...was, place: 'Yard' }, was, { ...was, place: 'Barn' })).to.deep.equal({
      ok: false,
      refusal: { fields: ['place'] },
    });
    expect(mergeEdit({ ...was, people: ['A', 'B'] }, was, { ...was, people: ['A', 'C'] }).ok).to.equal(false);
  });
  it('sent again it changes nothing; what is taken out is taken out', () => {
    const wanted = { ...was, name: 'Kilns' };
    const once = mergeEdit(was, was, wanted);
    expect(once).to.deep.equal({ ok: true, value: wanted });
    expect(mergeEdit(wanted, was, wanted)).to.deep.equal(once);
    expect(mergeEdit<{ a?: number; b?: number }>({ a: 1, b: 2 }, { a: 1 }, {})).to.deep.equal({
      ok: true,
      value: { b: 2 },
    });
  });
  it('is what both wanted in either order, or refused in both (property)', () => {
    const fields = fc.record({
      a: fc.integer({ min: 0, max: 2 }),
      b: fc.integer({ min: 0, max: 2 }),
      c: fc.integer({ min: 0, max: 2 }),
    });
    fc.assert(
      fc.property(fields, fields, fields, (from, one, other) => {
        const [first, second] = [mergeEdit(one, from, other), mergeEdit(other, from, one)];
        expect(first).to.deep.equal(second);
        for (const name of ['a', 'b', 'c'] as const) {
          const clashes = one[name] !== from[name] && other[name] !== from[name] && one[name] !== other[name];
          if (clashes) expect(first.ok).to.equal(false);
          if (first.ok)
            expect(first.value[name]).to.equal(one[name] === from[name] ? other[name] : one[name]);
        }
      }),
      { seed: 13_020 },
    );
  });
});
