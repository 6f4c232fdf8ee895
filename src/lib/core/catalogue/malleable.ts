import { INCH, inches, type Length } from '../units/length.ts';
import type { Part, PartKind, PartLength } from './part.ts';
import type { NominalSize } from './size.ts';

/** A published row of class-150 malleable fittings, inches (see malleable-150.table.ts for the letters). */
export interface MalleableRow {
  readonly size: NominalSize;
  readonly elbow90A: number;
  readonly teeA: number;
  readonly couplingW: number;
  readonly capP: number;
  readonly bandH: number;
  readonly source: string;
  readonly doubtful: readonly (keyof MalleableRow)[];
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
