import type { Axis } from '#core/geometry';

/**
 * The key that picks each direction while a measure is typed: no length is written with these letters first. With Shift it
 * makes 45° with the direction that stands.
 */
export const AXIS_KEYS: Readonly<Record<Axis, string>> = {
  up: 'u',
  back: 'b',
  right: 'r',
  down: 'd',
  out: 'o',
  left: 'l',
};

const BY_KEY = new Map(Object.entries(AXIS_KEYS).map(([axis, key]) => [key, axis as Axis]));

/** The direction a key picks after what has been typed; `o` inside `foot` is a letter like any other. */
export function findAxisForKey(key: string, typedBefore: string): Axis | null {
  if (/[a-z]$/i.test(typedBefore)) return null;
  return BY_KEY.get(key.toLowerCase()) ?? null;
}

/** Does a key ask for a direction at 45° to the one that stands? */
export const isSlantKey = (key: string): boolean => key !== key.toLowerCase();
