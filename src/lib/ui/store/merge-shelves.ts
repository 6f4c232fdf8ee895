import { keyOf, keysOf, type KeptRun, type WaitingEntry } from './device-database.ts';
import { joinKept, type Shelved } from './outbox.ts';

/**
 * What a window and its device come to together. What the device has is the truth for what it has taken; the window has besides
 * what the device has not taken yet, and may have come further. After a wipe the window is all there is.
 */
export function mergeShelves(
  memory: {
    readonly kept: KeptRun | null;
    readonly waiting: readonly WaitingEntry[];
    readonly confirmed: ReadonlySet<string>;
  },
  device: Pick<Shelved, 'kept' | 'waiting'>,
  isWiped: boolean,
): { kept: KeptRun | null; waiting: readonly WaitingEntry[] } {
  const kept = memory.kept ? joinKept(memory.kept, device.kept) : device.kept;
  const there = device.waiting.filter((entry) => !memory.confirmed.has(keyOf(entry)));
  const known = keysOf(isWiped ? memory.waiting : there);
  if (!isWiped) {
    const mine = memory.waiting.filter((entry) => entry.place === null && !known.has(keyOf(entry)));
    return { kept, waiting: [...there, ...mine] };
  }
  const mine = memory.waiting.map((entry) => ({ ...entry, place: null }));
  return { kept, waiting: [...mine, ...there.filter((entry) => !known.has(keyOf(entry)))] };
}
