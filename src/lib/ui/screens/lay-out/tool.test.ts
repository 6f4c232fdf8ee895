import { expect } from 'chai';
import { handle, IDLE, type Handling, type Tool } from './tool.ts';

describe('what the hand is doing', () => {
  const after = (...all: Handling[]): Tool => all.reduce(handle, IDLE);

  const CASES: readonly [name: string, handlings: Handling[], tool: Tool][] = [
    ['grows from the tip at first', [], { kind: 'growing', from: null }],
    [
      'grows from a point that was picked',
      [{ does: 'grow-from', point: 'n1' }],
      { kind: 'growing', from: 'n1' },
    ],
    [
      'looks at a leg, and comes back to the point it grew from',
      [{ does: 'grow-from', point: 'n1' }, { does: 'look', leg: 'l1', part: null }, { does: 'grow-on' }],
      { kind: 'growing', from: 'n1' },
    ],
    [
      'looks at another leg without a part of the first',
      [
        { does: 'look', leg: 'l1', part: 'p1' },
        { does: 'look', leg: 'l2', part: null },
      ],
      { kind: 'looking', leg: 'l2', part: null, from: null },
    ],
    [
      'goes on looking at the leg of a part that was taken out',
      [{ does: 'look', leg: 'l1', part: 'p1' }, { does: 'let-go-of-part' }],
      { kind: 'looking', leg: 'l1', part: null, from: null },
    ],
    [
      'does one thing at a time: who moves a leg no longer puts one in between',
      [
        { does: 'insert-after', leg: 'l1' },
        { does: 'move', leg: 'l2' },
      ],
      { kind: 'moving', leg: 'l2', from: null },
    ],
    [
      'is done with putting in between when a leg is entered',
      [
        { does: 'grow-from', point: 'n1' },
        { does: 'insert-after', leg: 'l1' },
        { does: 'entered', isClosed: false },
      ],
      { kind: 'growing', from: null },
    ],
    [
      'stays where it was when the leg entered was closed at once',
      [
        { does: 'grow-from', point: 'n1' },
        { does: 'entered', isClosed: true },
      ],
      { kind: 'growing', from: 'n1' },
    ],
    ['knows no part to let go of while it grows', [{ does: 'let-go-of-part' }], IDLE],
  ];
  for (const [name, handlings, tool] of CASES)
    it(name, () => expect(after(...handlings)).to.deep.equal(tool));
});
