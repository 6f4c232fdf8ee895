import { makeBendSheet, type BendSheet, type SheetBend } from '#core/bending';
import { getBender } from '#core/house-rules';
import type { LaidEnd } from '#core/runs/measuring';
import type { Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { TAPE_GRADUATIONS, type Length } from '#core/units';

/** The dial of a bender is read to a whole degree. */
const DIAL = 1;

/** A bend with where in the run it lies. */
export interface TubeSheetBend extends SheetBend {
  readonly node: string;
  /** The number of the leg after which the tube turns. */
  readonly after: string;
}

/** A tube laid straight, as it lies on the bench before it is bent; lengths from its end nearer the source, nm. */
export interface TubeSheet extends Omit<BendSheet, 'bends'> {
  readonly bends: readonly TubeSheetBend[];
  /** What goes into the fitting at each end, or into the flare; null where that was not measured. */
  readonly depths: readonly [Length | null, Length | null];
  /** Cut longer to be trimmed in place, at each end; and slack. */
  readonly trim: readonly [Length, Length];
  readonly slack: Length;
}

/**
 * How a piece of tube is marked and bent: every mark on a graduation of the tape, every angle and rotation to a whole degree. Null for straight
 * pipe, and while its cut is not known.
 */
export function makeTubeSheet(piece: Piece, layout: RunLayout): TubeSheet | null {
  const { path, cut, developed, ends } = piece;
  if (!path || !cut || !developed || path.turns.some(({ radius }) => radius === null)) return null;
  const takeOffs = [ends[0].takeOff ?? 0, ends[1].takeOff ?? 0] as const;
  const { rules } = layout;
  const sheet = makeBendSheet(
    path.points,
    path.turns.map(({ radius }) => radius!),
    takeOffs,
    {
      tick: TAPE_GRADUATIONS[rules['tape-rounding'].option],
      dial: DIAL,
      bender: getBender(rules['bender-mark']),
    },
    cut.onTape.length - cut.slack - cut.trim,
  );
  if (!sheet) return null;
  const each = cut.trimmed.filter(Boolean).length === 0 ? 0 : cut.trim / cut.trimmed.filter(Boolean).length;
  const bends = sheet.bends.map((bend, i): TubeSheetBend => {
    const { node } = path.turns[i]!;
    return { ...bend, node, after: String(layout.nodes.get(node)?.legs[0]?.tag ?? '?') };
  });
  return {
    ...sheet,
    bends,
    depths: [getDepth(ends[0]), getDepth(ends[1])],
    trim: [cut.trimmed[0] ? each : 0, cut.trimmed[1] ? each : 0],
    slack: cut.slack,
  };
}

const getDepth = ({ joint }: LaidEnd): Length | null => joint?.engagement ?? null;
