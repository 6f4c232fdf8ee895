import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { copyCollection, findCarried, findTouched, idsOf, noteCopy } from './lineage.ts';

type Map = Readonly<Record<string, unknown>>;
let made = 0;
const newId = (): string => `entry${made++}`;

/** A collection after one entry came in, changed or went. */
function alter(from: Map, how: 'insert' | 'set' | 'remove', id: string): Map {
  const copy = copyCollection(from);
  if (how === 'remove') Reflect.deleteProperty(copy, id);
  else copy[id] = {};
  noteCopy(copy, from, [id], how === 'insert' ? [id] : [], how === 'remove' ? [id] : []);
  return copy;
}

describe('what a collection was made from', () => {
  const SEED = 20_281;
  it(`names every entry that differs, and lists the entries in their own order (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    for (let round = 0; round < 60; round++) {
      const states: Map[] = [{ [newId()]: {}, [newId()]: {}, [newId()]: {} }];
      for (let step = 0; step < 8; step++) {
        const from = states.at(-1)!;
        const ids = Object.keys(from);
        const id = ids[Math.floor(random() * ids.length)];
        const dice = random();
        states.push(
          id === undefined || dice < 0.4
            ? alter(from, 'insert', newId())
            : alter(from, dice < 0.7 ? 'set' : 'remove', id),
        );
      }
      for (const [i, from] of states.entries()) {
        for (const to of states.slice(i)) {
          const differ = [...new Set([...Object.keys(from), ...Object.keys(to)])].filter(
            (id) => from[id] !== to[id],
          );
          expect([...findTouched(from, to)!], `round ${round}`).to.include.members(differ);
          expect(idsOf(to)).to.deep.equal(Object.keys(to));
        }
      }
    }
  });

  it('knows nothing of what was not made from it, nor of what lies long ago', () => {
    expect(findTouched({ a: 1 }, { a: 1 })).to.equal(null);
    let state: Map = { [newId()]: {} };
    const first = state;
    for (let step = 0; step < 40; step++) state = alter(state, 'insert', newId());
    expect(findTouched(first, state)).to.equal(null);
  });

  it('carries nothing over an entry that went and came in again: it stands elsewhere in the order', () => {
    const id = newId();
    const first: Map = { [id]: {}, [newId()]: {} };
    const without = alter(first, 'remove', id);
    const again = alter(without, 'insert', id);
    expect(findTouched(without, again)).to.deep.equal(new Set([id]));
    expect(findTouched(first, again)).to.equal(null);
    expect(idsOf(again)).to.deep.equal(Object.keys(again));
  });

  it('finds the nearest state of which something is known', () => {
    const first: Map = { [newId()]: {} };
    const id = newId();
    const second = alter(first, 'insert', id);
    const third = alter(second, 'set', id);
    const knows = new WeakMap<object, string>([
      [first, 'first'],
      [second, 'second'],
    ]);
    const carried = findCarried(third, (state) => knows.get(state));
    expect(carried).to.deep.equal({ value: 'second', touched: new Set([id]) });
  });
});
