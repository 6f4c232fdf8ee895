import { inches, type Length } from '#core/units';
import type { Provenance } from './confidence.ts';
import type { NominalSize } from '#core/ends';

/** A published row of nipple lengths of one size, inches. */
export interface NippleRow extends Provenance {
  readonly size: NominalSize;
  readonly close: number;
  readonly standard: readonly number[];
}

/** The lengths (nm) in which nipples of a size are bought, the shortest first. */
export const listNippleLengths = ({ close, standard }: NippleRow): readonly Length[] =>
  [close, ...standard].map(inches);
