import { FOOT, inches, millimetres, type Length, type LengthUnit } from './length.ts';
import type { TapeGraduation } from './tape.ts';

/**
 * A figure of a rule or of practice as it is said on either tape, nm: round inches, and round millimetres of its own. Neither is the other
 * converted: whoever works in millimetres is told, and held to, a figure that is on his tape.
 */
export type RoundFigure = Readonly<Record<LengthUnit, Length>>;

/**
 * A figure that was written in inches; on a metric tape an inch is taken for 25 mm unless `mm` says otherwise. Ours: a least that a code
 * asks for says its millimetres, so that it is never less than the code has it.
 */
export const roundInches = (inch: number, mm = 25 * inch): RoundFigure => ({
  in: inches(inch),
  mm: millimetres(mm),
});

/** A figure that was written in feet: 300 mm each on a metric tape, never more than they are. */
export const roundFeet = (feet: number): RoundFigure => ({ in: feet * FOOT, mm: millimetres(300 * feet) });

/** The most that something may be, written in metres: on the other tape whole inches, never more than it is. */
export const mostMetres = (metres: number): RoundFigure => ({
  in: inches(Math.floor(metres / 0.0254)),
  mm: millimetres(1000 * metres),
});

/** The least that something must be, written in millimetres: on the other tape whole inches, never less than it is. */
export const leastMillimetres = (mm: number): RoundFigure => ({
  in: inches(Math.ceil(mm / 25.4)),
  mm: millimetres(mm),
});

/** The part of the house rules that says which tape is in the hand. */
export interface TapeRule {
  readonly 'tape-rounding': { readonly option: TapeGraduation };
}

/** What a shop measures with. */
export const getTapeUnit = ({ 'tape-rounding': { option } }: TapeRule): LengthUnit =>
  option === '1 mm' ? 'mm' : 'in';

/** A figure on the tape that is in the hand, nm. */
export const onTapeOf = (rules: TapeRule, figure: RoundFigure): Length => figure[getTapeUnit(rules)];
