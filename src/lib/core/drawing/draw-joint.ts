import type { Pipe, TaperThread } from '#core/catalogue';
import type { Point } from '#core/geometry';
import { toMillimetres, type Length, type Millimetres } from '#core/units';
import { makeThreadProfile, type ThreadForm } from './thread-profile.ts';

/** A pipe made up in an opening, lengths in nm. */
export interface JointToDraw {
  readonly thread: TaperThread;
  readonly pipe: Pipe;
  readonly engagement: Length;
  /** From the fitting's centre to its face; null where it is not known. */
  readonly reach: Length | null;
}

/** A stretch along the axis, mm. */
export interface Stretch {
  readonly from: Millimetres;
  readonly to: Millimetres;
}

/**
 * The joint cut open, to scale, in mm: x along the pipe from the fitting's face (outward +), y the radius. The upper half;
 * the lower is its mirror image.
 */
export interface JointCut {
  /** Closed outlines of what is cut through. */
  readonly pipe: readonly Point[];
  readonly fitting: readonly Point[];
  /** Where thread lies in thread: it seals here. */
  readonly contact: readonly Point[];
  readonly engaged: Stretch;
  /** Between the pipe's end and the fitting's centre; null where the centre is not known. */
  readonly dead: Stretch | null;
  /** Crests that can be counted outside the face. */
  readonly showing: readonly Point[];
  readonly frame: Stretch & { readonly radius: Millimetres };
}

/** Taper of pipe thread: 1 in 16 on the diameter (ASME B1.20.1, ISO 7-1). */
const TAPER = 1 / 16;
/** How far the opening is threaded beyond the pipe's end, in pitches: so that the pipe never bottoms. */
const THREADED_BEYOND = 2;
/** Metal of a malleable fitting round its opening, as a share of the pipe's diameter; for the eye, no length follows from it. */
const BAND = 0.2;

/**
 * Cuts a taper joint open. Crest diameter at a distance s from the pipe's end: that of the small end + s/16, never more than the
 * pipe; the thread that was cut ends at the cut length, so that (T − e)·n crests show.
 */
export function drawJoint({ thread, pipe, engagement, reach }: JointToDraw): JointCut {
  const pitch = 25.4 / thread.threadsPerInch;
  const e = toMillimetres(engagement);
  const cut = toMillimetres(thread.cutToScratch);
  const outside = toMillimetres(pipe.outside);
  const bore = toMillimetres(pipe.bore) / 2;
  const form: ThreadForm = {
    gender: 'male',
    perInch: thread.threadsPerInch,
    flank: thread.family === 'R' ? 55 : 60,
    crest: thread.family === 'R' ? 'rounded' : 'flat',
    mouth: toMillimetres(thread.smallEnd),
    slope: TAPER,
    cap: outside,
  };
  const crests = Math.round(cut / pitch);
  const first = pitch / 2;
  const toFace = ({ x, y }: Point): Point => ({ x: x + first - e, y });
  const line = makeThreadProfile(form, crests).map(toFace);
  const end = cut - e;
  const far = Math.max(end + 3 * pitch, e);
  const pipeLine = [
    { x: -e, y: bore },
    { x: -e, y: line[0]!.y },
    ...line.filter(({ x }) => x <= end),
    { x: end + pitch * 0.5, y: outside / 2 },
    { x: far, y: outside / 2 },
    { x: far, y: bore },
  ];
  const inside = line.filter(({ x }) => x <= 0);
  const beyond = makeThreadProfile({ ...form, cap: null }, THREADED_BEYOND)
    .map(toFace)
    .map(({ x, y }) => ({ x: x - THREADED_BEYOND * pitch, y: y - (THREADED_BEYOND * pitch * TAPER) / 2 }));
  const centre = reach === null ? null : -toMillimetres(reach);
  const back = Math.min(centre ?? 0, -e - (THREADED_BEYOND + 1.5) * pitch);
  const rim = outside / 2 + outside * BAND;
  const chamber = bore;
  const fitting = [
    { x: 0, y: rim },
    { x: 0, y: inside.at(-1)?.y ?? outside / 2 },
    ...inside.toReversed(),
    ...beyond.filter(({ x }) => x < -e).toReversed(),
    { x: -e - THREADED_BEYOND * pitch, y: chamber },
    { x: back, y: chamber },
    { x: back, y: rim },
  ];
  const tops = Array.from({ length: crests }, (_, k) => toFace({ x: k * pitch, y: 0 }));
  return {
    pipe: pipeLine,
    fitting,
    contact: inside,
    engaged: { from: -e, to: 0 },
    dead: centre === null || centre >= -e ? null : { from: centre, to: -e },
    showing: tops
      .filter(({ x }) => x > 0)
      .map(({ x }) => ({ x, y: Math.min(form.mouth + TAPER * (x + e), outside) / 2 })),
    frame: { from: back, to: far, radius: rim },
  };
}
