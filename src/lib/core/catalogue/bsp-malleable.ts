import { millimetres } from '#core/units';
import type { Provenance } from './confidence.ts';
import { getPortWay } from './part-kinds.ts';
import { makeTaperEnd } from './taper-end.ts';
import type { Part, PartLength } from './part.ts';
import type { NominalSize } from '#core/ends';

/** A published row of malleable fittings with Rp threads for pipe with R threads, millimetres. */
export interface BspMalleableRow extends Provenance {
  readonly size: NominalSize;
  /** Centre to face of a 90° elbow and of a tee. */
  readonly a: number;
  /** Centre to the end of the pipe made up in it. */
  readonly z: number;
  /** a − z: how far the pipe goes in. */
  readonly engagement: number;
}

const NAMES = { 'elbow-90': ['a', 'b'], tee: ['run-a', 'run-b', 'branch'] } as const;

/** The elbow and the tee of one published row. */
export function makeBspParts({ size, a, source, confidence }: BspMalleableRow): Part[] {
  const reach: PartLength = { standing: 'published', length: millimetres(a), source, confidence };
  return (['elbow-90', 'tee'] as const).map((kind) => ({
    id: `malleable-rp/${kind}/${size}`,
    kind,
    size,
    material: 'black-malleable',
    join: null,
    ports: NAMES[kind].map((id) => ({
      id,
      way: getPortWay(kind, id),
      end: makeTaperEnd('R', size, 'female'),
      reach,
      depth: null,
    })),
    seats: [],
    outside: null,
  }));
}
