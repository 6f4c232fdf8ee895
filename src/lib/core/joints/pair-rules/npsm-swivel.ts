import type { FiguredThread } from '#core/catalogue';
import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes, neverSeals, type Ruling } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/**
 * The straight American thread only pulls: it seals on a 30° seat, or on a washer. A male pipe thread makes only if it has a
 * real seat, not the edge that deburring leaves.
 */
export const npsmSwivel: PairRule<'npsm-swivel'> = {
  id: 'npsm-swivel',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    const [male, female] = familiesOf(threads);
    const isMale = male === 'npt' || male === 'nptf' || male === 'npsm';
    return isMale && female === 'npsm' ? judgeSeats(threads.male, threads.female) : null;
  },
};

function judgeSeats({ seat: male }: FiguredThread, { seat: female }: FiguredThread): Ruling {
  if (female === 'washer' || male === 'washer')
    return female === '30' || male === '30' ? neverSeals('other-seat') : makes('npsm-swivel', 'new-washer');
  if (male === 'deburr' || female === 'deburr') return neverSeals('deburr-edge');
  const isFit = (seat: FiguredThread['seat']) => seat === '30' || seat === 'unknown';
  if (!isFit(male) || !isFit(female))
    return neverSeals(male === 'none' || female === 'none' ? 'no-seat' : 'cones-differ');
  return male === '30' && female === '30' ? makes('npsm-swivel') : makes('npsm-swivel', 'real-30-seat');
}
