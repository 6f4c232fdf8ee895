import { asThreads, familiesOf, isSameThread, type ThreadPair } from '../pair.ts';
import { makes, neverSeals, type Ruling } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** 45° on 45°: copper or the connector's own cone on brass. No sealant anywhere, ever. */
export const flare45Pair: PairRule<'flare-45-pair'> = {
  id: 'flare-45-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameThread(threads)) return null;
    return familiesOf(threads).every((family) => family === 'sae-45' || family === 'connector')
      ? judge(threads)
      : null;
  },
};

function judge(threads: ThreadPair): Ruling {
  const seats = [threads.male.seat, threads.female.seat];
  const isConnector = familiesOf(threads).includes('connector');
  if (seats.some((seat) => seat !== '45' && seat !== 'unknown'))
    return neverSeals(
      seats.includes('none') ? 'no-seat' : seats.includes('deburr') ? 'deburr-edge' : 'cones-differ',
    );
  const unsure = seats.includes('unknown') ? (['both-45'] as const) : [];
  return isConnector ? makes('connector-flare', ...unsure, 'new-connector') : makes('flare-45', ...unsure);
}
