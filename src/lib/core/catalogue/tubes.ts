import { inches, millimetres, type Length } from '#core/units';
import type { Provenance } from './confidence.ts';

/** A published row of copper tube; lengths in the row's unit. */
export interface CopperRow extends Provenance {
  readonly type: 'K' | 'L' | 'ACR coil' | 'ACR straight' | 'metric';
  /** As the trade names it: nominal for K and L, outside diameter for ACR (inches) and metric (mm). */
  readonly name: string;
  readonly outside: number;
  readonly wall: number;
  readonly unit: 'in' | 'mm';
}

/** A range of outside diameters over the jacket of corrugated stainless tubing, inches. */
export interface CsstRow extends Provenance {
  readonly size: string;
  /** Equivalent hydraulic diameters met on tubing of this size. */
  readonly ehd: string;
  readonly overJacketLow: number;
  readonly overJacketHigh: number;
}

/** A published row of polyethylene pipe, inches. */
export interface PolyethyleneRow extends Provenance {
  readonly size: string;
  readonly system: 'CTS' | 'IPS';
  readonly outside: number;
  readonly sdr: number;
  readonly soldAs: readonly number[];
  readonly minWall: number;
  readonly legalWall: number | null;
}

/** What is known of tubing that is not threaded steel. */
export interface TubeList {
  readonly copper: readonly CopperRow[];
  readonly csst: readonly CsstRow[];
  readonly polyethylene: readonly PolyethyleneRow[];
}

/** What a row of copper is called in the lists: `1/2 L`, `3/8 ACR coil`, `15 mm`. */
export const nameCopperRow = ({ type, name }: Pick<CopperRow, 'type' | 'name'>): string =>
  type === 'metric' ? `${name} mm` : `${name} ${type}`;

/** The published row of copper tube that is called so; null where none is. */
export const findCopperRow = ({ copper }: TubeList, named: string): CopperRow | null =>
  copper.find((row) => nameCopperRow(row) === named) ?? null;

/** The wall of a row of copper, nm. */
export const getCopperWall = ({ wall, unit }: CopperRow): Length =>
  unit === 'in' ? inches(wall) : millimetres(wall);
