import { INCH, inches, type Length } from '#core/units';
import type { Confidence, Provenance } from './confidence.ts';
import { type Gender, NOMINAL_SIZES, type NominalSize } from '#core/ends';
import { getPortWay, type BoughtKind } from './part-kinds.ts';
import { makeTaperEnd } from './taper-end.ts';
import type { Part, PartLength, Port } from './part.ts';

/** A published row of class-150 malleable fittings, inches (see malleable-150.table.ts for the letters). */
export interface MalleableRow {
  readonly size: NominalSize;
  readonly elbow90A: number;
  readonly teeA: number;
  readonly elbow45C: number | null;
  readonly couplingW: number;
  readonly capP: number;
  readonly streetA: number | null;
  readonly streetJ: number | null;
  readonly street45C: number | null;
  readonly street45K: number | null;
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
export const CASTING_SPREAD: Length = INCH / 16;

type Column =
  | 'elbow90A' | 'teeA' | 'elbow45C' | 'couplingW' | 'capP' | 'streetA' | 'streetJ' | 'street45C' | 'street45K'; // prettier-ignore
type MalleableKind = Extract<
  BoughtKind,
  'elbow-90' | 'elbow-45' | 'street-90' | 'street-45' | 'tee' | 'coupling' | 'cap'
>;

interface ListedPort {
  readonly id: string;
  /** The published column its reach comes from, and the share of it. */
  readonly column: Column;
  readonly share: number;
  readonly gender: Gender;
}

const port = (id: string, column: Column, share = 1, gender: Gender = 'female'): ListedPort => ({
  id,
  column,
  share,
  gender,
});

/** Openings of each kind. */
const SHAPES: Readonly<Record<MalleableKind, readonly ListedPort[]>> = {
  'elbow-90': [port('a', 'elbow90A'), port('b', 'elbow90A')],
  'elbow-45': [port('a', 'elbow45C'), port('b', 'elbow45C')],
  'street-90': [port('female', 'streetA'), port('male', 'streetJ', 1, 'male')],
  'street-45': [port('female', 'street45C'), port('male', 'street45K', 1, 'male')],
  tee: [port('run-a', 'teeA'), port('run-b', 'teeA'), port('branch', 'teeA')],
  // A threaded malleable coupling has no stop: its origin is the middle, half its length away from each face.
  coupling: [port('a', 'couplingW', 1 / 2), port('b', 'couplingW', 1 / 2)],
  // A cap is measured to its closed end, so its whole height is its reach.
  cap: [port('a', 'capP')],
};

/** A and W are certain, the others likely. */
const getConfidence = (column: Column): Confidence =>
  column === 'elbow90A' || column === 'teeA' || column === 'elbow45C' || column === 'couplingW'
    ? 'certain'
    : 'likely';

/** The fittings one published row describes: those whose every length it gives. */
export function makeMalleableParts(row: MalleableRow): Part[] {
  return (Object.keys(SHAPES) as MalleableKind[]).flatMap((kind) => {
    const ports = SHAPES[kind].flatMap(({ id, column, share, gender }): Port[] => {
      const reach = makeReach(row, column, share);
      return reach
        ? [{ id, way: getPortWay(kind, id), end: makeTaperEnd('NPT', row.size, gender), reach, depth: null }]
        : [];
    });
    if (ports.length < SHAPES[kind].length) return [];
    return [makePart(kind, [row.size], ports, inches(row.bandH))];
  });
}

const makePart = (
  kind: BoughtKind,
  sizes: readonly NominalSize[],
  ports: readonly Port[],
  outside: Length | null,
): Part => ({
  id: `malleable-150/${kind}/${sizes.join('x')}`,
  kind,
  size: getLargest(sizes),
  material: 'black-malleable',
  join: null,
  ports,
  seats: [],
  outside,
});

function makeReach(row: MalleableRow, column: Column, share: number): PartLength | null {
  const figure = row[column];
  if (figure === null) return null;
  const length = inches(figure) * share;
  if (row.doubtful.includes(column)) return makeTypical(length, CASTING_SPREAD, row.source);
  return { standing: 'published', length, source: row.source, confidence: getConfidence(column) };
}

const makeTypical = (length: Length, plusMinus: Length, source: string): PartLength => ({
  standing: 'typical',
  length,
  plusMinus,
  source,
  confidence: 'approximate',
});

const makeFemalePorts = (
  kind: BoughtKind,
  names: readonly string[],
  sizes: readonly NominalSize[],
  reaches: readonly PartLength[],
): Part['ports'] =>
  names.map((id, i) => ({
    id,
    way: getPortWay(kind, id),
    end: makeTaperEnd('NPT', sizes[i]!, 'female'),
    reach: reaches[i]!,
    depth: null,
  }));

const getLargest = (sizes: readonly NominalSize[]): NominalSize =>
  sizes.reduce((a, b) => (NOMINAL_SIZES.indexOf(a) >= NOMINAL_SIZES.indexOf(b) ? a : b));

const getNames = (kind: MalleableKind): string[] => SHAPES[kind].map(({ id }) => id);

/** A reducing elbow or tee. */
export function makeReducingPart(row: ReducingRow, malleable: readonly MalleableRow[]): Part {
  const { kind, sizes, ends, doubtful, source, confidence } = row;
  const reaches = ends.map((end): PartLength => {
    const length = inches(end);
    return doubtful
      ? makeTypical(length, CASTING_SPREAD, source)
      : { standing: 'published', length, source, confidence };
  });
  const band = malleable.find(({ size }) => size === getLargest(sizes))?.bandH;
  const outside = band === undefined ? null : inches(band);
  return makePart(kind, sizes, makeFemalePorts(kind, getNames(kind), sizes, reaches), outside);
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
    .map(({ sizes }) =>
      makePart(
        'coupling',
        sizes,
        makeFemalePorts('coupling', getNames('coupling'), sizes, [reach, reach]),
        inches(row.bandH),
      ),
    );
}

/** A published row of unions, inches: not fixed by a standard, so a typical length and the range that is met. */
export interface UnionRow extends Provenance {
  readonly size: NominalSize;
  readonly endToEnd: number;
  readonly least: number;
  readonly most: number;
}

/** A union, made up: origin in its middle. Its length is typical; the shop measures its own. */
export function makeUnion({ size, endToEnd, least, most, source }: UnionRow): Part {
  const spread = Math.max(endToEnd - least, most - endToEnd);
  // Half to each face; the ± of the two halves adds up to that of the whole.
  const reach = makeTypical(Math.round(inches(endToEnd) / 2), Math.round(inches(spread) / 2), source);
  const part = makePart(
    'union',
    [size],
    makeFemalePorts('union', ['a', 'b'], [size, size], [reach, reach]),
    null,
  );
  const half = (which: 'cone' | 'socket') => ({ kind: 'union-half', size, half: which }) as const;
  return { ...part, seats: [[half('cone'), half('socket')]] };
}

/** A shut-off valve: no standard fixes its length and no table gives one, so it is measured before anything is cut. */
export const makeValve = (size: NominalSize): Part => ({
  ...makePart(
    'valve',
    [size],
    makeFemalePorts('valve', ['a', 'b'], [size, size], [{ standing: 'unknown' }, { standing: 'unknown' }]),
    null,
  ),
  id: `brass/valve/${size}`,
  material: 'brass',
});

/** A published row of bushings and plugs by their outside thread, inches; heads are minima. */
export interface BushingRow extends Provenance {
  readonly size: NominalSize;
  readonly threadA: number;
  /** The smallest inside thread a bushing of this outside is made with; null where none is made. */
  readonly downTo: NominalSize | null;
  /** Null where no hexagon head is listed. */
  readonly hexHead: number | null;
  readonly plugHead: number;
  readonly doubtful: boolean;
}

/**
 * Bushings of one outside size, down to the smallest that is made. Origin at the outer face, in which the smaller pipe
 * makes up; the male reaches LB = thread + head (hex: minima, so typical, measure yours). A face bushing has no head, and
 * how much of its thread stands out is fixed nowhere: its length is not known until it is measured.
 */
export function makeBushings({ size, threadA, hexHead, downTo, source }: BushingRow): Part[] {
  const smaller =
    downTo === null ? [] : NOMINAL_SIZES.slice(NOMINAL_SIZES.indexOf(downTo), NOMINAL_SIZES.indexOf(size));
  const make = (kind: 'hex-bushing' | 'face-bushing', reach: PartLength, small: NominalSize): Part =>
    makePart(
      kind,
      [size, small],
      [
        {
          id: 'small',
          way: getPortWay(kind, 'small'),
          end: makeTaperEnd('NPT', small, 'female'),
          reach: { standing: 'published', length: 0, source, confidence: 'certain' },
          depth: null,
        },
        {
          id: 'large',
          way: getPortWay(kind, 'large'),
          end: makeTaperEnd('NPT', size, 'male'),
          reach,
          depth: null,
        },
      ],
      null,
    );
  return smaller.flatMap((small) => [
    ...(hexHead === null
      ? []
      : [make('hex-bushing', makeTypical(inches(threadA + hexHead), CASTING_SPREAD, source), small)]),
    make('face-bushing', { standing: 'unknown' }, small),
  ]);
}

/** A square-head plug: origin at the outer end of its head. It stands out thread − engagement + head. */
export function makePlug({ size, threadA, plugHead, source }: BushingRow): Part {
  const reach = makeTypical(inches(threadA + plugHead), CASTING_SPREAD, source);
  return makePart(
    'plug',
    [size],
    [
      {
        id: 'male',
        way: getPortWay('plug', 'male'),
        end: makeTaperEnd('NPT', size, 'male'),
        reach,
        depth: null,
      },
    ],
    null,
  );
}
