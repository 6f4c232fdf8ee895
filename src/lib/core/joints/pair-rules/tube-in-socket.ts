import type { SocketKind, TubeKind } from '#core/ends';
import { type Condition, type JointKindId, doesNotStart, makes, neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

/** What each socket takes, what it makes, and what it asks for. */
const SOCKETS: Readonly<Record<SocketKind, readonly [TubeKind, JointKindId, Condition]>> = {
  stab: ['polyethylene', 'pe-stab', 'stiffener-and-depth'],
  press: ['steel', 'press', 'press-tool-listed'],
  'press-copper': ['copper', 'press', 'press-tool-listed'],
  'compression-body': ['copper', 'compression', 'olive-on-tube'],
  capillary: ['copper', 'capillary', 'solder-qualified'],
  brazed: ['copper', 'brazed', 'braze-qualified'],
  'csst-fitting': ['csst', 'csst', 'makers-own-fitting'],
};

/** Walls on the print line and on the coupling are the same number, or the stiffener does not fit. */
const SAME_SDR = 0.06;

/** A tube in a socket made for tube: kind, outside and wall must be those it is marked for. CTS in IPS never seals. */
export const tubeInSocket: PairRule<'tube-in-socket'> = {
  id: 'tube-in-socket',
  decide: (pair) => {
    if (pair.kind !== 'tube-socket') return null;
    const { tube, socket } = pair;
    const [kind, joint, condition] = SOCKETS[socket.socket];
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
