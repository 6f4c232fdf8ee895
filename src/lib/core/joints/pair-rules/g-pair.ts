import type { FiguredThread } from '#core/catalogue';
import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes, neverSeals, type Ruling } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** British parallel in British parallel: the thread pulls; a flat washer, an O-ring or a cone seals. */
export const gPair: PairRule<'g-pair'> = {
  id: 'g-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    return familiesOf(threads).every((family) => family === 'g') ? judge(threads.male, threads.female) : null;
  },
};

function judge({ seat: male }: FiguredThread, { seat: female }: FiguredThread): Ruling {
  if (male === '30' && female === '30') return makes('g-washer');
  const isFlat = (seat: FiguredThread['seat']) => seat === 'washer' || seat === 'none';
  if (isFlat(male) && isFlat(female))
    return male === 'none' && female === 'none'
      ? neverSeals('nothing-between')
      : makes('g-washer', 'new-washer');
  if (male === 'deburr' || female === 'deburr') return neverSeals('deburr-edge');
  if (male === 'unknown' || female === 'unknown') return makes('g-washer', 'washer-or-cone');
  return neverSeals('cones-differ');
}
