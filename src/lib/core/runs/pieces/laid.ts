import type { Developed } from '#core/bending';
import type { Part, Port } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Vector } from '#core/geometry';
import type { Length, OnTape } from '#core/units';
import type { Fitting } from '#core/runs/fittings';
import type { AsCut, Tick } from '#core/runs/changes';
import type { LaidEnd } from '#core/runs/measuring';
import type { Leg, RunNode } from '#core/runs/document';
import type { TubePath } from './tube-path.ts';

export interface LaidNode {
  readonly id: string;
  readonly node: RunNode;
  readonly legs: readonly Leg[];
  readonly fitting: Fitting;
  /** nm, doubles; from the source node. */
  readonly position: Vector;
}

export interface LaidLeg {
  readonly id: string;
  readonly leg: Leg;
  /** The end nearer the source, and the farther one. */
  readonly near: string;
  readonly far: string;
  /** How many legs lie between this one and the source. */
  readonly depth: number;
  /** nm; null while not measured, or measured in ways that differ. */
  readonly centreToCentre: Length | null;
  /** The parts that stand in its pipe, from the near end on. */
  readonly inline: readonly LaidInline[];
}

/** A part in the pipe of a leg: one that was put there, or the coupling of a leg longer than the stock (`leg#k`). */
export interface LaidInline {
  readonly id: string;
  readonly part: Part | null;
  /** From the near end's centre to the part's, nm; null while the leg has no length. */
  readonly at: Length | null;
  /** Who placed it: a measure, the share of the leg it was put at, or the length of the stock. */
  readonly placedBy: 'measure' | 'share' | 'stock';
  /** The openings toward the near and the far end. */
  readonly ports: readonly [Port, Port] | null;
}

/** A length of pipe or tube to cut. Its id is `end~end`. */
export interface Piece {
  readonly id: string;
  readonly leg: string;
  /** What is chalked on it: the number of its leg, with a letter where the leg has several pieces. */
  readonly mark: string;
  readonly size: LegSize;
  /** From the end nearer the source to the farther one. */
  readonly ends: readonly [LaidEnd, LaidEnd];
  /** Between the centres of what stands at its ends, nm. */
  readonly centreToCentre: Length | null;
  /** The way of a tube, which goes through several legs and may turn; null for straight pipe. */
  readonly path: TubePath | null;
  /** What its way comes to; null for straight pipe, and while a length or a radius is not known. */
  readonly developed: Developed | null;
  /** Null when the measure or an end is unknown. May be zero or less: a check says so. */
  readonly cut: PieceCut | null;
  readonly asCut: AsCut | null;
  /** Ticked off as cut the way it was asked. */
  readonly ticked: Tick | null;
}

export interface PieceCut {
  /** Its way less what its fittings take off. */
  readonly exact: Length;
  /** What is cut: `exact`, and what a tube is cut longer beside. Wherever the length of a piece is printed it is this one. */
  readonly whole: Length;
  /** What to mark: pieces in one line share their rounding, so that the line ends where it should. */
  readonly onTape: OnTape;
  /** The nipple to buy in its place, nm; null for pipe that is cut. */
  readonly nipple: Length | null;
  /** Tube that is cut longer, nm: so that it can move, and to be marked and trimmed in place at ends that were not measured. */
  readonly slack: Length;
  readonly trim: Length;
  readonly trimmed: readonly [boolean, boolean];
  /** By how much the far end of the line is off (nm, + too long) after this piece. */
  readonly farEndOff: Length;
}
