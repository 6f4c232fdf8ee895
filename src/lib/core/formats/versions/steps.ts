import { addCollections, type Step } from './step.ts';
import { to11 } from './to-11.ts';
import { to12 } from './to-12.ts';
import { to13 } from './to-13.ts';
import { to3 } from './to-3.ts';
import { to6 } from './to-6.ts';
import { to7 } from './to-7.ts';
import { to8 } from './to-8.ts';

const STAYS = addCollections();

/** Version n → the step that carries version n to n + 1. Named here, kept for ever. */
export const STEPS: Readonly<Record<number, Step>> = {
  // 2: an end of a run may be something found in place. Older documents have none.
  1: STAYS,
  2: to3,
  // 4: joints that are clocked. Older documents have none.
  3: addCollections('clockings'),
  // 5: a house may judge by a window of turns of its own, and add its own way to more rules. Older choices stand as they are.
  4: STAYS,
  5: to6,
  6: to7,
  7: to8,
  // 9: legs say where they run. Of older legs nobody said it.
  8: STAYS,
  // 10: what is buried says how deep it lies, which way, and what is printed on it; legs pass floors and walls. Older runs say nothing of it.
  9: addCollections('covers', 'bearings', 'prints', 'passages', 'fished'),
  10: to11,
  11: to12,
  12: to13,
  // 14: a run says whose parts it uses. Older runs go by no maker’s sheet.
  13: addCollections('makers'),
};
