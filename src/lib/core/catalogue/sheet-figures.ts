import { orNull, short, bendRadius, whole, type Shape } from '#core/shapes';

/** The most a nut is ever pulled to, mN·m. */
const MOST_TORQUE = 1_000_000;

/** What a maker’s sheet says of a size, and what each is measured in: a length, nm, or a torque, mN·m. */
export const SHEET_FIGURES = {
  /** How far the tube goes in, to its stop. */
  depth: { is: 'length', shape: short },
  /** How much tube must stand between two of its fittings. */
  spacing: { is: 'length', shape: short },
  /** Of an end fitting, by its thread: from the tube’s stop to the face of the thread, of a male one to its end. */
  fitting: { is: 'length', shape: short },
  /** To the centre line: under it the tube is not bent. */
  leastRadius: { is: 'length', shape: bendRadius },
  /** To the centre line: what it is bent to where there is room. */
  radius: { is: 'length', shape: bendRadius },
  /** What the nut is pulled to. */
  torque: { is: 'torque', shape: whole(1, MOST_TORQUE) },
} as const satisfies Readonly<
  Record<string, { readonly is: 'length' | 'torque'; readonly shape: Shape<number> }>
>;
export type SheetFigure = keyof typeof SHEET_FIGURES;
export const SHEET_FIGURE_NAMES = Object.keys(SHEET_FIGURES) as readonly SheetFigure[];

/** The fields of the figures in a line of a sheet. */
export const SHEET_FIGURE_FIELDS = Object.fromEntries(
  SHEET_FIGURE_NAMES.map((figure) => [figure, orNull(SHEET_FIGURES[figure].shape)]),
) as Readonly<Record<SheetFigure, Shape<number | null>>>;
