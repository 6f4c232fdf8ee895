import { getPartTraits, type Catalogue, type PartKind } from '#core/catalogue';
import { getCraft } from '#core/materials';
import type { LaidEnd } from '#core/runs/measuring';
import type { Piece } from '#core/runs/pieces';
import type { Tape, TapeStation } from '#core/tape';
import {
  FOOT,
  INCH,
  MILLIMETRE,
  toMillimetres,
  type Length,
  type LengthUnit,
  type Millimetres,
} from '#core/units';
import type { Stretch } from './draw-joint.ts';

/** A line across the tape. */
export interface Graduation {
  /** mm from the near centre. */
  readonly at: number;
  /** 1 the finest, 4 the tallest. */
  readonly rank: 1 | 2 | 3 | 4;
  /** What is written at it: inches within the foot, whole feet, or millimetres; null where nothing is. */
  readonly figure: string | null;
}

/** Steps a tape may be divided in, finest first, nm; every one divides the next but one. */
const STEPS: Readonly<Record<LengthUnit, readonly Length[]>> = {
  in: [INCH / 32, INCH / 16, INCH / 8, INCH / 4, INCH / 2, INCH, 3 * INCH, 6 * INCH, FOOT, 5 * FOOT, 10 * FOOT, 50 * FOOT, 100 * FOOT],
  mm: [1, 5, 10, 50, 100, 500, 1_000, 5_000, 10_000, 50_000].map((mm) => mm * MILLIMETRE),
}; // prettier-ignore

/** How near lines and figures may stand on the sheet, in its units. */
const LEAST_GAP = 4;
const LEAST_FIGURE_GAP = { in: 26, mm: 38 } as const;

/**
 * The graduations of a tape hooked on at `hook` (mm), both ways from there, within a stretch (mm) drawn so many units of the
 * sheet to the millimetre. Lines and figures thin out as the scale falls, never nearer than can be told apart.
 */
export function getGraduations(
  hook: Millimetres,
  unit: LengthUnit,
  { from, to }: Stretch,
  scale: number,
): Graduation[] {
  const steps = STEPS[unit];
  const fits = (gap: number) => (step: Length) => toMillimetres(step) * scale >= gap;
  const fine = steps.findIndex(fits(LEAST_GAP));
  const figured = steps.find(
    (step) => step >= (unit === 'in' ? INCH : 10 * MILLIMETRE) && fits(LEAST_FIGURE_GAP[unit])(step),
  );
  const step = fine < 0 ? undefined : steps[fine];
  if (!step) return [];
  const size = toMillimetres(step);
  const made: Graduation[] = [];
  for (let k = Math.ceil((from - hook) / size); k <= (to - hook) / size; k++) {
    const value = Math.abs(k) * step;
    const isOn = (i: number) => steps[i] !== undefined && value % steps[i] === 0;
    const rank = isOn(fine + 3) ? 4 : isOn(fine + 2) ? 3 : isOn(fine + 1) ? 2 : 1;
    made.push({
      at: hook + k * size,
      rank,
      figure: figured && value % figured === 0 ? writeFigure(value, unit) : null,
    });
  }
  return made;
}

function writeFigure(value: Length, unit: LengthUnit): string {
  if (unit === 'mm') return String(value / MILLIMETRE);
  const inch = (value % FOOT) / INCH;
  return inch === 0 ? `${value / FOOT} ft` : String(inch);
}

/** A block of a fitting's outline: along the tape and half its height, mm. */
export interface Block extends Stretch {
  readonly what: 'barrel' | 'band' | 'nut' | 'head';
  readonly half: Millimetres;
}

/** What of a fitting lies beside the pipe, square to it: an opening, or a valve's stem; mm. */
export interface Stub extends Stretch {
  readonly side: 1 | -1;
  readonly height: number;
  readonly what: 'opening' | 'stem';
}

/** The outline of what stands at a station; for the eye but along the tape, where every face is where it belongs. */
export interface TapeBody {
  readonly station: TapeStation;
  readonly blocks: readonly Block[];
  readonly stubs: readonly Stub[];
}

/** A piece of pipe as it lies under the tape, mm from the near centre. */
export interface TapePipe {
  readonly piece: Piece;
  readonly from: Millimetres;
  readonly to: Millimetres;
  readonly half: Millimetres;
  /** Thread that is cut: from the pipe's end inward, and how far apart its crests are. */
  readonly threads: readonly (Stretch & { readonly pitch: Millimetres })[];
  /** Thread inside a fitting. */
  readonly engaged: readonly Stretch[];
}

/** Outside of a fitting's barrel and of its band, in pipe diameters; no length follows from them. */
const BARREL = 1.22;
const BAND = 1.42;
/** Breadth of the band at an opening, in pipe diameters. */
const BAND_BREADTH = 0.22;

/** The fittings under the tape. Only what has a place is drawn. */
export const getBodies = (tape: Tape, catalogue: Catalogue): TapeBody[] => {
  const outside = getOutside(tape, catalogue);
  return tape.stations.flatMap((station) =>
    station.at === null || !station.part ? [] : [drawBody(station, station.part.kind, outside)],
  );
};

const getOutside = ({ leg }: Tape, catalogue: Catalogue): Millimetres =>
  toMillimetres(getCraft(leg.leg).findOutside(leg.leg, catalogue) ?? INCH);

function drawBody(station: TapeStation, kind: PartKind, outside: Millimetres): TapeBody {
  const centre = toMillimetres(station.at!);
  const faces = station.marks.filter(({ ref, at }) => ref.at === 'face' && at !== null);
  const round = (outside * BARREL) / 2;
  const breadth = outside * BAND_BREADTH;
  const blocks: Block[] = [];
  const reaches = faces.map(({ at }) => toMillimetres(at!));
  const from = Math.min(centre - (isThrough(station) ? 0 : round), ...reaches);
  const to = Math.max(centre + (isThrough(station) ? 0 : round), ...reaches);
  const { drawnAs } = getPartTraits(kind);
  const isShut = drawnAs === 'shut';
  blocks.push({
    what: 'barrel',
    from: isShut ? Math.min(centre, ...reaches) : from,
    to: isShut ? Math.max(centre, ...reaches) : to,
    half: round,
  });
  for (const { looks, at } of faces) {
    const face = toMillimetres(at!);
    const inner = face - looks * breadth;
    blocks.push({
      what: 'band',
      from: Math.min(face, inner),
      to: Math.max(face, inner),
      half: (outside * BAND) / 2,
    });
  }
  if (drawnAs === 'union')
    blocks.push({
      what: 'nut',
      from: centre - breadth * 1.6,
      to: centre + breadth * 1.6,
      half: (outside * BAND * 1.2) / 2,
    });
  if (isShut) {
    const onward = (reaches[0] ?? centre) > centre ? -1 : 1;
    const end = centre + onward * breadth * 0.8;
    blocks.push({ what: 'head', from: Math.min(centre, end), to: Math.max(centre, end), half: round * 0.55 });
  }
  if (kind === 'existing' || kind === 'appliance') {
    for (const { looks, at } of faces) {
      const face = toMillimetres(at!);
      const back = face - looks * outside * 1.1;
      blocks.push({ what: 'barrel', from: Math.min(face, back), to: Math.max(face, back), half: round });
    }
  }
  const beside = station.openings.filter((along) => Math.abs(along) < 0.9).length;
  const stub = (side: 1 | -1): Stub => ({
    what: 'opening',
    side,
    from: centre - round,
    to: centre + round,
    height: outside * 1.25,
  });
  const stubs: Stub[] = beside > 0 ? [stub(1)] : [];
  if (beside > 1) stubs.push(stub(-1));
  if (drawnAs === 'valve')
    stubs.push({
      what: 'stem',
      side: 1,
      from: centre - round * 0.3,
      to: centre + round * 0.3,
      height: outside * 1.25,
    });
  return { station, blocks, stubs };
}

/** Openings both ways along the tape and none beside: its body ends at its faces. */
const isThrough = ({ openings }: TapeStation): boolean => openings.every((along) => Math.abs(along) > 0.9);

/** The pieces of pipe under the tape, with the thread cut on them and how much of it is inside. Only what is known is drawn. */
export function getPipes(tape: Tape, catalogue: Catalogue): TapePipe[] {
  const half = getOutside(tape, catalogue) / 2;
  return tape.pieces.flatMap((piece, i): TapePipe[] => {
    const [before, after] = [tape.stations[i]!, tape.stations[i + 1]!];
    const [near, far] = piece.ends;
    if (before.at === null || after.at === null || near.takeOff === null || far.takeOff === null) return [];
    const from = toMillimetres(before.at + near.takeOff);
    const to = toMillimetres(after.at - far.takeOff);
    if (to <= from) return [];
    const stretch = (end: LaidEnd, length: Length | null | undefined) => {
      const long = toMillimetres(length ?? 0);
      return end === near ? { from, to: from + long } : { from: to - long, to };
    };
    const threads = [near, far].flatMap((end) =>
      end.thread ? [{ ...stretch(end, end.thread.cutLength), pitch: 25.4 / end.thread.threadsPerInch }] : [],
    );
    const engaged = [near, far].flatMap((end) =>
      end.joint?.engagement ? [stretch(end, end.joint.engagement)] : [],
    );
    return [{ piece, from, to, half, threads, engaged }];
  });
}
