import {
  type Catalogue,
  type FiguredEnd,
  type FiguredThread,
  type FiguredTube,
  getOwnSeat,
  getTubeSocket,
} from '#core/catalogue';
import type { Seat, NominalSize } from '#core/ends';
import {
  findTubeOutside,
  makePair,
  type Pair,
  type ThreadPair,
  type Cause,
  type PairVerdict,
  getThreadStart,
  JOINTS,
} from '#core/joints';
import { toMillimetres } from '#core/units';
import { drawApart } from './draw-apart.ts';
import { drawFlanges } from './draw-flanges.ts';
import { drawSeatPair } from './draw-seat-pair.ts';
import { drawThreadPair, toForm } from './draw-thread-pair.ts';
import { drawFusion, drawTubeJoint, type TubeJoint } from './draw-tube-joint.ts';
import type { LensPicture } from './lens-picture.ts';
import type { SeatForm } from './seat-surface.ts';

/** Ways in which a pair that a nut would pull together fails: drawn as seats all the same. */
const SEATS_THAT_FAIL: ReadonlySet<Cause> = new Set([
  'no-seat', 'deburr-edge', 'nothing-between', 'cones-differ', 'other-seat', 'seal-missing', 'not-for-gas',
] as const); // prettier-ignore

/** Turns past hand-tight at which a taper joint is drawn: the middle of the usual window. */
const SNUG_TURNS = 2.75;

/**
 * Looks into a pair of ends, with the verdict on it: what makes is drawn made, what only seems to is drawn as it would be, what
 * does not start stands apart. All to scale, from the published figures of the ends.
 */
export function drawLens(
  a: FiguredEnd,
  b: FiguredEnd,
  verdict: PairVerdict,
  catalogue: Catalogue,
): LensPicture {
  const pair = makePair(a, b);
  if (verdict.verdict === 'does-not-start' || verdict.verdict === 'ask')
    return drawTwoApart(a, b, pair, catalogue);
  switch (pair.kind) {
    case 'threads':
      return drawThreads(pair, verdict);
    case 'unions': {
      const size = pipeOutside(pair.a.size, catalogue);
      const thread = {
        perInch: 11,
        flank: 60,
        crest: 'flat',
        mouth: size * 1.7,
        slope: 0,
        cap: null,
      } as const;
      const forms = [
        { ...thread, gender: 'male' as const },
        { ...thread, gender: 'female' as const, mouth: size * 1.7 - 1.9 },
      ] as const;
      const seat: SeatForm = { kind: 'cone', degrees: GROUND_SEAT };
      // Its nut is drawn as a share of the pipe: nothing of it is lettered.
      return {
        ...drawSeatPair({
          male: seat,
          female: seat,
          threads: forms,
          tail: 'tail-piece',
          washer: false,
          makes: true,
        }),
        dimensions: [],
      };
    }
    case 'flanges':
      return drawFlanges(pipeOutside(pair.a.size, catalogue));
    case 'tubes':
      return drawFusion(toWall(pair.a), toWall(pair.b), verdict.joint !== null);
    case 'tube-socket':
      return drawTubeJoint(
        toTubeJoint(getTubeSocket(pair.socket.socket).drawnAs, pair.tube, pair.socket.takes, verdict),
      );
    case 'tube-thread': {
      if (verdict.joint === 'flare-45' || verdict.joint === 'flare-37')
        return drawFlareToBe(pair.thread, verdict.joint);
      const isFlare = getOwnSeat(pair.thread.thread.family) !== 'other';
      const takes = findTubeOutside(pair.thread.thread) ?? pair.tube.outside;
      return drawTubeJoint(toTubeJoint(isFlare ? 'flare-nut' : 'olive', pair.tube, takes, verdict));
    }
    default:
      return drawTwoApart(a, b, pair, catalogue);
  }
}

/** A nut on its tube is drawn as it will be: the tube flared, on a body of the same thread. So is a flared tube on a body, with its nut. */
function drawFlareToBe({ thread }: FiguredThread, joint: 'flare-45' | 'flare-37'): LensPicture {
  const seat: SeatForm = { kind: 'cone', degrees: joint === 'flare-45' ? 45 : 37 };
  const own = toForm(thread);
  const other = (1.08 * 25.4) / own.perInch;
  const isNut = thread.gender === 'female';
  const body = isNut ? { ...own, gender: 'male' as const, mouth: own.mouth + other } : own;
  const nut = isNut ? own : { ...own, gender: 'female' as const, mouth: own.mouth - other };
  return drawSeatPair({
    male: seat,
    female: seat,
    threads: [body, nut],
    tail: 'tube',
    washer: false,
    makes: true,
  });
}

/** Nut and body of a compression joint are drawn on the tube they are made for: it seals on the ring between. */
const drawRing = (outside: number): LensPicture =>
  drawTubeJoint({ how: 'olive', outside, takes: outside, wall: outside * 0.07, makes: true });

const pipeOutside = (size: NominalSize, catalogue: Catalogue): number => {
  const pipe = catalogue.findPipe(size);
  return pipe ? toMillimetres(pipe.outside) : 25;
};

/** About the angle of a ground-joint seat to its axis, degrees; makers differ, no figure follows from it. */
const GROUND_SEAT = 40;

/** What would take the other in stands to the left. */
function drawTwoApart(a: FiguredEnd, b: FiguredEnd, pair: Pair, catalogue: Catalogue): LensPicture {
  if (pair.kind === 'threads') return drawApart(pair.female, pair.male, catalogue);
  if (pair.kind === 'tube-thread') return drawApart(pair.thread, pair.tube, catalogue);
  return pair.kind === 'tube-socket'
    ? drawApart(pair.socket, pair.tube, catalogue)
    : drawApart(a, b, catalogue);
}

function drawThreads({ male, female }: ThreadPair, { joint, cause, turns }: PairVerdict): LensPicture {
  const makes = joint !== null;
  const isSeated = joint ? JOINTS[joint].isSeated : cause !== null && SEATS_THAT_FAIL.has(cause);
  const tube = findTubeOutside(female.thread) ?? findTubeOutside(male.thread);
  if (joint === 'compression' && tube !== null) return drawRing(tube);
  if (isSeated) {
    const isWasher = joint === 'g-washer' || joint === 'npsm-swivel' ? hasWasher(male, female) : false;
    return drawSeatPair({
      male: isWasher ? { kind: 'flat' } : toSeatForm(male),
      female: isWasher ? { kind: 'flat' } : toSeatForm(female),
      threads: [toForm(male.thread), toForm(female.thread)],
      tail:
        toSeatForm(female).kind === 'cone' && female.seat !== '30' && female.thread.family !== 'npsm'
          ? 'tube'
          : 'tail-piece',
      washer: isWasher,
      makes,
    });
  }
  const start = getThreadStart(male.thread, female.thread).turns ?? 0;
  const home = male.thread.crest.length / (25.4 / male.thread.perInch);
  return drawThreadPair(
    male.thread,
    female.thread,
    makes ? start + SNUG_TURNS : (turns ?? home * 0.7),
    makes,
  );
}

const hasWasher = (male: FiguredThread, female: FiguredThread): boolean =>
  [male.seat, female.seat].every((seat) => seat !== '30') && [male.seat, female.seat].includes('washer');

/** An unseen seat is drawn as its family's own. */
function toSeatForm({ seat, thread }: FiguredThread): SeatForm {
  const own = seat === 'unknown' ? getOwnSeat(thread.family) : seat;
  // Of a straight pipe thread the seat it should have is drawn.
  const seen: Seat = own === 'unknown' ? '30' : own;
  if (seen === '30' || seen === '37' || seen === '45') return { kind: 'cone', degrees: Number(seen) };
  if (seen === 'deburr') return { kind: 'deburr' };
  return thread.family === 'metric' && seen === 'other' ? { kind: 'cone', degrees: 24 } : { kind: 'flat' };
}

/** Walls by SDR; copper and steel by a usual share of the diameter. */
const toWall = ({ outside, sdr }: FiguredTube) => ({
  outside,
  wall: sdr === null ? outside * 0.07 : outside / sdr,
});

const toTubeJoint = (
  how: TubeJoint['how'],
  tube: FiguredTube,
  takes: number,
  verdict: PairVerdict,
): TubeJoint => ({
  how,
  outside: tube.outside,
  takes,
  wall: how === 'csst' ? 0.3 : toWall(tube).wall,
  makes: verdict.joint !== null,
});
