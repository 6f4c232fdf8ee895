import { expect } from 'chai';
import { makeKeeper } from './keep-same.ts';

describe('makeKeeper', () => {
  const line = (id: string, cut: number, more: readonly number[] = []) => ({
    id,
    cut,
    more,
    at: { x: cut, y: 1 },
  });

  it('gives back the very object where nothing in it changed', () => {
    const keep = makeKeeper<ReturnType<typeof line>>(({ id }) => id);
    const [a, b] = keep([line('a', 1, [1, 2]), line('b', 2)]);
    const [same, other] = keep([line('a', 1, [1, 2]), line('b', 3)]);
    expect(same).to.equal(a);
    expect(other).not.to.equal(b);
    expect(other).to.deep.equal(line('b', 3));
  });

  it('sees a list that grew, shrank or changed, and what stands in an object', () => {
    const keep = makeKeeper<ReturnType<typeof line>>(({ id }) => id);
    const [a] = keep([line('a', 1, [1, 2])]);
    expect(keep([line('a', 1, [1])])[0]).not.to.equal(a);
    expect(keep([line('a', 1, [1, 3])])[0]).not.to.equal(a);
    expect(keep([{ ...line('a', 1, [1, 3]), at: { x: 1, y: 2 } }])[0]!.at.y).to.equal(2);
  });

  it('forgets what is gone', () => {
    const keep = makeKeeper<ReturnType<typeof line>>(({ id }) => id);
    const [a] = keep([line('a', 1)]);
    keep([]);
    expect(keep([line('a', 1)])[0]).not.to.equal(a);
  });
});
