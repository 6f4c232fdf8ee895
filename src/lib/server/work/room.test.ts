import { expect } from 'chai';
import fc from 'fast-check';
import { Room } from './room.ts';

describe('room for work', () => {
  it('never holds more tasks or bytes than it has but for one that is alone, and refuses nothing that fits (property)', () => {
    const step = fc.oneof(
      fc.record({ bytes: fc.integer({ min: 0, max: 60 }) }),
      fc.record({ leaves: fc.nat(9) }),
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.array(step, { maxLength: 60 }), (tasks, steps) => {
        const room = new Room({ tasks, bytes: 100 });
        const inside: { bytes: number; leave: () => void }[] = [];
        for (const each of steps) {
          if ('leaves' in each) {
            const [one] = inside.splice(each.leaves % Math.max(1, inside.length), 1);
            // Twice: what ends it ends it once.
            one?.leave();
            one?.leave();
            continue;
          }
          const held = inside.reduce((sum, { bytes }) => sum + bytes, 0);
          const fits = inside.length === 0 || (inside.length < tasks && held + each.bytes <= 100);
          const leave = room.enter(each.bytes);
          expect(leave !== null).to.equal(fits);
          if (leave) inside.push({ bytes: each.bytes, leave });
        }
      }),
      { seed: 13_022, numRuns: 2000 },
    );
  });
});
