import type { Provenance } from './confidence.ts';

/** A published row of the American straight pipe thread for mechanical joints, inches. */
export interface NpsmRow extends Provenance {
  readonly size: string;
  readonly n: number;
  readonly majorMax: number;
  readonly majorMin: number;
  readonly minorMin: number;
  readonly minorMax: number;
}

/** A published row of the British pipe threads, mm; gauge lengths are null where no taper thread of the size is made. */
export interface BspRow extends Provenance {
  readonly size: string;
  readonly n: number;
  readonly major: number;
  readonly minor: number;
  readonly gaugeLength: number | null;
  readonly gaugeTolerance: number | null;
  readonly usefulThread: number | null;
  readonly series: 'R and G' | 'G only' | 'old R and G';
}
