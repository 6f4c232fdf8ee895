import type { LegSentence } from './sentence.ts';

/**
 * A trap said at the end of a leg is a leg of its own: a nipple that hangs down, of that length from end to end, and its cap. Its number
 * comes after all that are said.
 */
export function hangTraps(legs: readonly LegSentence[]): LegSentence[] {
  const numbered = legs.reduce<{ last: number; most: number }>(
    ({ last, most }, { tag }) => {
      const now = tag ?? last + 1;
      return { last: now, most: Math.max(most, now) };
    },
    { last: 0, most: 0 },
  );
  let next = numbered.most;
  let last = 0;
  const traps: LegSentence[] = [];
  for (const leg of legs) {
    last = leg.tag ?? last + 1;
    if (!leg.trap) continue;
    const { place, trap } = leg;
    const name = { kind: 'end', tag: last } as const;
    traps.push({
      kind: 'leg',
      place,
      tag: ++next,
      from: { name, place },
      joins: null,
      geometry: { kind: 'axis', axis: 'down' },
      size: null,
      material: null,
      stock: null,
      measure: {
        ...trap,
        from: { at: 'end', gap: 0, of: name, place },
        to: { at: 'end', gap: 0, of: null, place },
        along: null,
        instrument: null,
      },
      parts: [],
      trap: null,
      order: null,
      zone: null,
      bearing: null,
      printed: null,
      fished: null,
      passages: [],
      terminal: { kind: 'cap' },
    });
  }
  return [...legs, ...traps];
}
