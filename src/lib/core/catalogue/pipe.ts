import { inches, type Length } from '../units/length.ts';
import type { Provenance } from './confidence.ts';
import type { NominalSize } from '../ends/size.ts';

/** Systems of material: each is a craft of its own, with its ends, its joints and its settings. */
export const SYSTEMS = ['threaded-steel'] as const;
export type SystemId = (typeof SYSTEMS)[number];

/** Materials a leg can be made of: black steel pipe with NPT threads, and black steel tube with R threads. */
export const MATERIALS = ['black-iron', 'steel-r'] as const;
export type Material = (typeof MATERIALS)[number];

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

/** A pipe of one published row, inches made exact nm. */
export const makePipe = (row: PipeRow): Pipe => ({
  size: row.size,
  outside: inches(row.outside),
  wall: inches(row.wall),
  bore: inches(row.bore),
  poundsPerFoot: row.poundsPerFoot,
  source: row.source,
  confidence: row.confidence,
});
