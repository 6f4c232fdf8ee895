import { inches, type Length } from '#core/units';
import type { Provenance } from './confidence.ts';
import type { NominalSize } from '#core/ends';

/** Systems of material: each is a craft of its own, with its ends, its joints and its settings. */
export const SYSTEMS = ['threaded-steel', 'csst', 'copper', 'press', 'polyethylene'] as const;
export type SystemId = (typeof SYSTEMS)[number];

/**
 * What a leg can be made of, and how it is joined: black steel pipe with NPT threads, black steel tube with R threads; corrugated stainless
 * tubing in a yellow or in an arc-resistant jacket; copper with flares, with olives, soldered, brazed; steel and copper that are pressed;
 * polyethylene in stab fittings, and polyethylene that is fused.
 */
export const MATERIALS = [
  'black-iron', 'steel-r', 'csst', 'csst-arc', 'copper-flared', 'copper-compression', 'copper-capillary', 'copper-brazed',
  'steel-pressed', 'copper-pressed', 'pe-stabbed', 'pe-fused',
] as const; // prettier-ignore
export type Material = (typeof MATERIALS)[number];

/** Those that are screwed together. */
export const THREADED_MATERIALS = ['black-iron', 'steel-r'] as const satisfies readonly Material[];
export type ThreadedMaterial = (typeof THREADED_MATERIALS)[number];

/** What it is taken from: straight lengths, straight lengths with ends that were made soft (annealed), or a coil. */
export const STOCKS = ['length', 'annealed', 'coil'] as const;
export type Stock = (typeof STOCKS)[number];

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
