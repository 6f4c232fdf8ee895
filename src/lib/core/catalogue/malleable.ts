import { INCH, inches, type Length } from '../units/length.ts';
import type { Part, PartKind, PartLength } from './part.ts';
import type { Provenance } from './confidence.ts';
import { NOMINAL_SIZES, type NominalSize } from './size.ts';

/** A published row of class-150 malleable fittings, inches (see malleable-150.table.ts for the letters). */
export interface MalleableRow {
  readonly size: NominalSize;
  readonly elbow90A: number;
  readonly teeA: number;
  readonly couplingW: number;
  readonly capP: number;
  /** End to end of a reducing coupling whose larger end is this size; null where none is listed. */
  readonly reducingM: number | null;
  readonly bandH: number;
  readonly source: string;
  readonly doubtful: readonly (keyof MalleableRow)[];
}

/** A published row of a reducing elbow (large, small) or tee (run, run, branch), inches. */
export interface ReducingRow extends Provenance {
  readonly kind: 'elbow-90' | 'tee';
  readonly sizes: readonly NominalSize[];
  /** Centre to each end, in the order of the sizes. */
  readonly ends: readonly number[];
  /** The whole row is to be shown as typical, measure yours. */
  readonly doubtful: boolean;
}

/** Castings vary by about this much; it is the ± of a figure the table itself doubts. */
const CASTING_SPREAD: Length = INCH / 16;

/** Openings of each kind: the port's name, the published column its reach comes from, and the share of it. */
const SHAPES: Readonly<
  Record<
    Exclude<PartKind, 'existing'>,
    { column: 'elbow90A' | 'teeA' | 'couplingW' | 'capP'; share: number; ports: readonly string[] }
  >
> = {
  'elbow-90': { column: 'elbow90A', share: 1, ports: ['a', 'b'] },
  tee: { column: 'teeA', share: 1, ports: ['run-a', 'run-b', 'branch'] },
  // A threaded malleable coupling has no stop: its origin is the middle, half its length away from each face.
  coupling: { column: 'couplingW', share: 1 / 2, ports: ['a', 'b'] },
  // A cap is measured to its closed end, so its whole height is its reach.
  cap: { column: 'capP', share: 1, ports: ['a'] },
};

/** The fittings one published row describes. */
export function makeMalleableParts(row: MalleableRow): Part[] {
  return (Object.keys(SHAPES) as (keyof typeof SHAPES)[]).map((kind) => {
    const { column, share, ports } = SHAPES[kind];
    const reach = makeReach(row, column, share);
    const end = { family: 'NPT', size: row.size, gender: 'female' } as const;
    return {
      id: `malleable-150/${kind}/${row.size}`,
      kind,
      size: row.size,
      material: 'black-malleable',
      ports: ports.map((id) => ({ id, end, reach })),
    };
  });
}

function makeReach(
  row: MalleableRow,
  column: 'elbow90A' | 'teeA' | 'couplingW' | 'capP',
  share: number,
): PartLength {
  const length = inches(row[column]) * share;
  if (row.doubtful.includes(column)) {
    return {
      standing: 'typical',
      length,
      plusMinus: CASTING_SPREAD,
      source: row.source,
      confidence: 'approximate',
    };
  }
  const confidence = column === 'capP' ? 'likely' : 'certain';
  return { standing: 'published', length, source: row.source, confidence };
}

const makePorts = (
  names: readonly string[],
  sizes: readonly NominalSize[],
  reaches: readonly PartLength[],
): Part['ports'] =>
  names.map((id, i) => ({
    id,
    end: { family: 'NPT', size: sizes[i]!, gender: 'female' },
    reach: reaches[i]!,
  }));

const getLargest = (sizes: readonly NominalSize[]): NominalSize =>
  sizes.reduce((a, b) => (NOMINAL_SIZES.indexOf(a) >= NOMINAL_SIZES.indexOf(b) ? a : b));

/** A reducing elbow or tee. */
export function makeReducingPart({ kind, sizes, ends, doubtful, source, confidence }: ReducingRow): Part {
  const reaches = ends.map((end): PartLength => {
    const length = inches(end);
    return doubtful
      ? { standing: 'typical', length, plusMinus: CASTING_SPREAD, source, confidence: 'approximate' }
      : { standing: 'published', length, source, confidence };
  });
  return {
    id: `malleable-150/${kind}/${sizes.join('x')}`,
    kind,
    size: getLargest(sizes),
    material: 'black-malleable',
    ports: makePorts(SHAPES[kind].ports, sizes, reaches),
  };
}

/**
 * Reducing couplings of a larger size: one for every smaller size that a reducing elbow is listed in. Origin in the
 * middle, M/2 from each face, whatever the smaller end.
 */
export function makeReducingCouplings(row: MalleableRow, pairs: readonly ReducingRow[]): Part[] {
  const { size, reducingM, source } = row;
  if (reducingM === null) return [];
  const reach: PartLength = {
    standing: 'published',
    length: inches(reducingM) / 2,
    source,
    confidence: 'likely',
  };
  return pairs
    .filter(({ kind, sizes }) => kind === 'elbow-90' && sizes[0] === size)
    .map(({ sizes }) => ({
      id: `malleable-150/coupling/${sizes.join('x')}`,
      kind: 'coupling' as const,
      size,
      material: 'black-malleable' as const,
      ports: makePorts(SHAPES.coupling.ports, sizes, [reach, reach]),
    }));
}
