import { getCutByAllowances } from '#core/allowances';
import type { Length } from '#core/units';
import type { Facts } from '#core/runs/changes';
import type { LaidEnd } from '#core/runs/measuring';
import type { LaidLeg, Piece, PieceCut } from './laid.ts';

/** How far a straight line of pieces has come: as it should be, and as marked, bought or cut. nm */
export interface LineTotals {
  readonly exact: Length;
  readonly marked: Length;
}

/** Reach and engagement of an end whose take-off is known; a bare end has neither. */
export const getPieceEnd = ({ joint }: LaidEnd): { reach: Length; engagement: Length } => ({
  reach: joint?.reach ?? 0,
  engagement: joint?.engagement ?? 0,
});

/** The exact cut (nm) of a piece between two stations; null where a measure or an end is unknown. */
export const findExactCut = (centreToCentre: Length | null, near: LaidEnd, far: LaidEnd): Length | null =>
  centreToCentre === null || near.takeOff === null || far.takeOff === null
    ? null
    : getCutByAllowances(centreToCentre, getPieceEnd(near), getPieceEnd(far));

/** What a piece is cut to; the figure for the tape is put together when it is asked for. */
export class LaidCut implements PieceCut {
  declare readonly exact: Length;
  declare readonly nipple: Length | null;
  declare private readonly line: LineTotals;
  /** The line as it had come before this piece. */
  declare private readonly before: LineTotals;

  constructor(exact: Length, nipple: Length | null, before: LineTotals, line: LineTotals) {
    this.exact = exact;
    this.nipple = nipple;
    this.before = before;
    this.line = line;
  }

  get onTape() {
    const length = this.line.marked - this.before.marked;
    return { length, error: length - this.exact };
  }
  get farEndOff() {
    return this.line.marked - this.line.exact;
  }
  get whole() {
    return this.exact;
  }
  get slack() {
    return NOTHING;
  }
  get trim() {
    return NOTHING;
  }
  get trimmed() {
    return NOT_TRIMMED;
  }
}
const NOT_TRIMMED = [false, false] as const;
/** Pipe is cut to its length, and goes straight. */
const NOTHING: Length = 0;
const STRAIGHT = null;

/** Kept small, as an end is: thousands of pieces are made anew at every edit, and few ids are ever asked for. */
export class LaidPiece implements Piece {
  declare private readonly laid: LaidLeg;
  declare private readonly near: LaidEnd;
  declare private readonly far: LaidEnd;
  declare private readonly facts: Facts;
  /** Its place among the pieces of the leg as drawn; null where the leg has one. */
  declare private readonly place: number | null;
  declare readonly centreToCentre: Length | null;
  declare readonly cut: PieceCut | null;

  constructor(
    laid: LaidLeg,
    near: LaidEnd,
    far: LaidEnd,
    place: number | null,
    centreToCentre: Length | null,
    cut: PieceCut | null,
    facts: Facts,
  ) {
    this.laid = laid;
    this.near = near;
    this.far = far;
    this.place = place;
    this.centreToCentre = centreToCentre;
    this.cut = cut;
    this.facts = facts;
  }

  /** Its ends as drawn, wherever the source may be. */
  get id() {
    const drawn = this.laid.near === this.laid.leg.from;
    const [first, second] = drawn ? [this.near, this.far] : [this.far, this.near];
    return `${first.id}~${second.id}`;
  }
  get leg() {
    return this.laid.id;
  }
  get mark() {
    const { tag } = this.laid.leg;
    return this.place === null ? String(tag) : `${tag}${getLetter(this.place)}`;
  }
  get path() {
    return STRAIGHT;
  }
  get developed() {
    return STRAIGHT;
  }
  get size() {
    return this.laid.leg.size;
  }
  get ends(): Piece['ends'] {
    return [this.near, this.far];
  }
  get asCut() {
    // Most runs have no facts yet; then the long id need not be built.
    return this.facts.asCut.size > 0 ? (this.facts.asCut.get(this.id) ?? null) : null;
  }
  get ticked() {
    return this.facts.ticked.size > 0 ? (this.facts.ticked.get(this.id) ?? null) : null;
  }
}

/** a, b … z, aa, ab … */
export function getLetter(place: number): string {
  const letter = String.fromCharCode(97 + (place % 26));
  return place < 26 ? letter : getLetter(Math.floor(place / 26) - 1) + letter;
}
