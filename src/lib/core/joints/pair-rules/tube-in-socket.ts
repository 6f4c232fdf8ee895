import { getTubeSocket } from '#core/catalogue';
import { doesNotStart, makes, neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

/** Walls on the print line and on the coupling are the same number, or the stiffener does not fit. */
const SAME_SDR = 0.06;

/** A tube in a socket made for tube: kind, outside and wall must be those it is marked for. CTS in IPS never seals. */
export const tubeInSocket: PairRule<'tube-in-socket'> = {
  id: 'tube-in-socket',
  decide: (pair) => {
    if (pair.kind !== 'tube-socket') return null;
    const { tube, socket } = pair;
    const { tube: kind, joint, condition } = getTubeSocket(socket.socket);
    if (tube.tube !== kind) return doesNotStart('other-kind-of-tube');
    // A flare is wider than its tube.
    if (tube.prepared === 'flared') return doesNotStart('tube-too-large');
    const fit = judgeFit(tube.outside, socket.takes);
    if (fit === 'larger') return doesNotStart('tube-too-large');
    if (fit !== 'same') return fit === 'smaller' ? neverSeals('tube-too-small') : doesNotStart('too-small');
    const differs =
      tube.sdr !== null && socket.sdr !== null && Math.abs(tube.sdr - socket.sdr) / socket.sdr > SAME_SDR;
    return differs ? neverSeals('walls-differ') : makes(joint, condition);
  },
};
