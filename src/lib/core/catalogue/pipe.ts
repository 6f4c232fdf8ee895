import { inches, type Length } from '../units/length.ts';
import type { Provenance } from './confidence.ts';
import type { TaperFamily } from './taper-end.ts';
import type { NominalSize } from '../ends/size.ts';

/** Materials a leg can be made of: black steel pipe with NPT threads, and black steel tube with R threads. */
export const MATERIALS = ['black-iron', 'steel-r'] as const;
export type Material = (typeof MATERIALS)[number];

/** The thread each is made up with. */
const FAMILIES: Readonly<Record<Material, TaperFamily>> = { 'black-iron': 'NPT', 'steel-r': 'R' };
export const getThreadFamily = (material: Material): TaperFamily => FAMILIES[material];

/** A published row of steel pipe, inches, pounds a foot, square inches. */
export interface PipeRow extends Provenance {
  readonly size: NominalSize;
  readonly outside: number;
  readonly wall: number;
  readonly bore: number;
  readonly poundsPerFoot: number;
  readonly boreArea: number;
}

/** A pipe of one size, nm. */
export interface Pipe extends Provenance {
  readonly size: NominalSize;
  readonly outside: Length;
  readonly wall: Length;
  readonly bore: Length;
  readonly poundsPerFoot: number;
}

export const makePipe = (row: PipeRow): Pipe => ({
  size: row.size,
  outside: inches(row.outside),
  wall: inches(row.wall),
  bore: inches(row.bore),
  poundsPerFoot: row.poundsPerFoot,
  source: row.source,
  confidence: row.confidence,
});
