import type { End, Gender, SocketKind, TubeEnd, TubeKind, TubeName } from '../ends/end.ts';
import {
  COPPER_SIZES,
  NOMINAL_SIZES,
  rankSize,
  type CopperSize,
  type LegSize,
  type NominalSize,
} from '../ends/size.ts';
import { inches, millimetres, type Length } from '../units/length.ts';
import type { Provenance } from './confidence.ts';
import { getPortWay, PART_SHAPES } from './part-shapes.ts';
import {
  TUBE_JOINS,
  type AdapterKind,
  type BoughtKind,
  type Part,
  type PartLength,
  type Port,
  type TubeJoin,
} from './part.ts';
import { makeTaperEnd, type TaperEnd, type TaperFamily } from './taper-end.ts';
import { CSST_SIZES, getCopperName, getCopperOutside, getFirstOfOutside, isCopperSize, STEEL_PRESS_SIZES } from './tube-sizes.ts'; // prettier-ignore

/** What a counter carries between a tube and pipe threads, the usual thread first. */
export interface AdapterRow {
  readonly of: Extract<TubeKind, 'csst' | 'copper' | 'steel'>;
  readonly system: TaperFamily;
  readonly size: LegSize;
  readonly threads: readonly NominalSize[];
}

/** Outside of a finished flare, inches. */
export interface FlareShape extends Provenance {
  readonly size: CopperSize;
  readonly least: number;
  readonly most: number;
}

export interface SocketDepthRow extends Provenance {
  readonly join: TubeJoin;
  readonly size: LegSize;
  readonly least: number;
  readonly most: number;
  readonly unit: 'in' | 'mm';
}

export interface TubeTables {
  readonly adapters: readonly AdapterRow[];
  readonly flares: readonly FlareShape[];
  readonly depths: readonly SocketDepthRow[];
}

export type ManifoldOpening = LegSize | TaperEnd;

/** Fittings made for tube. They are many and each is simple: made when first asked for, found again by what they are. */
export interface TubeParts {
  /** The fitting of a kind for tubes of these sizes, in the order of its ports; null where none is sold. */
  find(kind: BoughtKind, join: TubeJoin, sizes: readonly LegSize[]): Part | null;
  /** What goes between a tube and this thread (the thread of the adapter itself); null where none is sold. */
  findAdapter(kind: AdapterKind, join: TubeJoin, size: LegSize, thread: TaperEnd): Part | null;
  /** The manifold with these openings, in the order of its ports: for a tube, or with a female pipe thread. Null where none is made. */
  findManifold(join: TubeJoin, openings: readonly ManifoldOpening[]): Part | null;
  /** The threads an adapter for this tube is sold with, the usual one first; empty where none is. */
  listThreads(
    join: TubeJoin,
    size: LegSize,
  ): readonly { readonly system: TaperFamily; readonly size: NominalSize }[];
  findById(id: string): Part | null;
}

/** What is made for each way of joining. A flared joint comes apart like a union: no union is made for it. */
export const TUBE_KINDS: Readonly<Record<TubeJoin, readonly BoughtKind[]>> = {
  flare: ['coupling', 'elbow-90', 'tee', 'cap', 'valve'],
  compression: ['coupling', 'elbow-90', 'tee', 'cap', 'valve', 'reducing-set'],
  capillary: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  brazed: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  'press-copper': ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  'press-steel': ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  csst: ['coupling', 'tee', 'manifold'],
};

/** Tubes that 45° flares are made on: those of the inch list, and 8 mm, which is 5/16 within a tenth of a millimetre. */
const FLARED: ReadonlySet<LegSize> = new Set([
  '1/8 ACR', '3/16 ACR', '1/4 ACR', '5/16 ACR', '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '8 mm',
]); // prettier-ignore
const isMetric = (size: LegSize): boolean => size.endsWith(' mm');

/** The sizes that fittings are made in, by the first name of each outside. */
const SIZES: Readonly<Record<TubeJoin, (size: LegSize) => boolean>> = {
  flare: (size) => FLARED.has(size),
  compression: (size) => isBetween(size, 0.125, 0.875),
  capillary: (size) => isBetween(size, 0.25, 2.125),
  brazed: (size) => isBetween(size, 0.25, 2.125),
  'press-copper': (size) => isBetween(size, 0.625, 2.125) || (isMetric(size) && isBetween(size, 0.58, 2.2)),
  'press-steel': (size) => (STEEL_PRESS_SIZES as readonly string[]).includes(size),
  csst: (size) => (CSST_SIZES as readonly string[]).includes(size),
};
const isBetween = (size: LegSize, least: number, most: number): boolean =>
  isCopperSize(size) && getCopperOutside(size) >= inches(least) && getCopperOutside(size) <= inches(most);

const SOCKETS: Readonly<Record<Exclude<TubeJoin, 'flare'>, SocketKind>> = {
  compression: 'compression-body',
  capillary: 'capillary',
  brazed: 'brazed',
  'press-copper': 'press-copper',
  'press-steel': 'press',
  csst: 'csst-fitting',
};

/** The kind of tube each way of joining is for. */
const TUBES: Readonly<Record<TubeJoin, AdapterRow['of']>> = {
  flare: 'copper', compression: 'copper', capillary: 'copper', brazed: 'copper', 'press-copper': 'copper',
  'press-steel': 'steel', csst: 'csst',
}; // prettier-ignore

/** The tube of the lists that fittings of a size are marked for. */
export function getTubeOf(join: TubeJoin, size: LegSize): TubeName {
  const of = TUBES[join];
  if (of === 'csst') return { of, name: `${size} CSST` };
  if (of === 'steel') return { of, name: `${size} steel pipe` };
  return { of, name: getCopperName(size as CopperSize, 'coil') };
}

/** The size of flare fitting that a tube takes: 8 mm goes in 5/16. */
const getFlareSize = (size: LegSize): string => (size === '8 mm' ? '5/16' : size.split(' ')[0]!);

/** The opening of a fitting that a tube is joined to: what takes it; of a flare fitting the cone its nut is screwed on. */
export function makeTubeOpening(join: TubeJoin, size: LegSize): End {
  if (join === 'flare')
    return { kind: 'thread', family: 'sae-45', size: `${getFlareSize(size)} tube`, gender: 'male', hand: null, seat: '45', metal: 'brass' }; // prettier-ignore
  return { kind: 'socket', how: SOCKETS[join], takes: getTubeOf(join, size) };
}

/** A size as part ids have it. Several sizes are put together by x. */
const toSlug = (size: LegSize): string => size.replaceAll(/[/ ]/g, '-');
const SLUGS: ReadonlyMap<string, LegSize> = new Map(
  [...COPPER_SIZES, ...STEEL_PRESS_SIZES, ...CSST_SIZES].map((size) => [toSlug(size), size]),
);

/** An opening of a manifold as part ids have it. */
const toOpeningSlug = (opening: ManifoldOpening): string =>
  typeof opening === 'string' ? toSlug(opening) : `${opening.system}-${toSlug(opening.size)}`;

/** The tube that fittings of a size are marked for, cut and not prepared otherwise. */
export const makePlainEnd = (join: TubeJoin, size: LegSize): TubeEnd => ({
  kind: 'tube',
  ...getTubeOf(join, size),
  prepared: 'plain',
  temper: null,
});

const UNKNOWN: PartLength = { standing: 'unknown' };

/** Builds the fittings for tube from what is published of them. */
export function makeTubeParts({ adapters, flares, depths }: TubeTables): TubeParts {
  const made = new Map<string, Part>();
  const keep = (part: Part): Part => {
    made.set(part.id, part);
    return part;
  };
  const first = (size: LegSize): LegSize => (isCopperSize(size) ? getFirstOfOutside(size) : size);
  const makePort = (kind: BoughtKind, id: string, join: TubeJoin, size: LegSize): Port =>
    kind === 'reducing-set' && id === 'large'
      ? { id, way: getPortWay(kind, id), end: makePlainEnd(join, size), reach: UNKNOWN, depth: null }
      : makeOpening(kind, id, join, size);
  const makeOpening = (kind: BoughtKind, id: string, join: TubeJoin, size: LegSize): Port => ({
    id,
    way: getPortWay(kind, id),
    end: makeTubeOpening(join, size),
    // No standard fixes how long these fittings are: each is measured before anything is cut into it.
    reach: UNKNOWN,
    depth: join === 'flare' ? findFlareExtra(flares, size) : findDepth(depths, join, size),
  });
  const asked = new Map<string, Part | null>();
  const find: TubeParts['find'] = (kind, join, sizes) => {
    const key = `${join} ${kind} ${sizes.join('x')}`;
    const known = asked.get(key);
    if (known !== undefined) return known;
    const found = make(kind, join, sizes);
    asked.set(key, found);
    return found;
  };
  const make: TubeParts['find'] = (kind, join, sizes) => {
    if (!TUBE_KINDS[join].includes(kind)) return null;
    const { ports } = PART_SHAPES[kind];
    const own = sizes.length === 1 ? ports.map(() => first(sizes[0]!)) : sizes.map(first);
    if (own.length !== ports.length || !own.every(SIZES[join]) || !isSoldSo(kind, own)) return null;
    const id = `tube/${join}/${kind}/${[...new Set(own)].length === 1 ? toSlug(own[0]!) : own.map(toSlug).join('x')}`;
    return (
      made.get(id) ??
      keep(makePart(id, join, kind, own, ports.map(({ id: port }, i) => makePort(kind, port, join, own[i]!)))) // prettier-ignore
    );
  };
  const threads = new Map<string, ReturnType<TubeParts['listThreads']>>();
  const listThreads: TubeParts['listThreads'] = (join, size) => {
    const key = `${join} ${size}`;
    const known = threads.get(key) ?? readThreads(join, size);
    threads.set(key, known);
    return known;
  };
  const readThreads: TubeParts['listThreads'] = (join, size) => {
    const row = SIZES[join](first(size))
      ? adapters.find((each) => each.of === TUBES[join] && each.size === first(size))
      : undefined;
    return (row?.threads ?? []).map((thread) => ({ system: row!.system, size: thread }));
  };
  const findAdapter = (
    kind: AdapterKind,
    join: TubeJoin,
    size: LegSize,
    { system, size: thread, gender }: TaperEnd,
  ): Part | null => {
    if (kind === 'flange' && join !== 'csst') return null;
    if (!listThreads(join, size).some((each) => each.system === system && each.size === thread)) return null;
    const id = `tube/${join}/${kind}/${toSlug(first(size))}/${system}-${toSlug(thread)}-${gender}`;
    const before = made.get(id);
    if (before) return before;
    const end = makeTaperEnd(system, thread, gender, 'brass');
    return keep(
      makePart(id, join, kind, [first(size)], [
        makePort(kind, 'tube', join, first(size)),
        { id: 'thread', way: getPortWay(kind, 'thread'), end, reach: UNKNOWN, depth: null },
      ]),
    ); // prettier-ignore
  };
  const findManifold: TubeParts['findManifold'] = (join, openings) => {
    const { ports } = PART_SHAPES.manifold;
    const sizes = openings.filter((each) => typeof each === 'string');
    if (!TUBE_KINDS[join].includes('manifold') || openings.length !== ports.length || sizes.length === 0)
      return null;
    if (!sizes.every(SIZES[join])) return null;
    const id = `tube/${join}/manifold/${openings.map(toOpeningSlug).join('x')}`;
    const before = made.get(id);
    if (before) return before;
    const openedPorts = ports.map(({ id: port, way }, i): Port => {
      const opening = openings[i]!;
      if (typeof opening === 'string') return makePort('manifold', port, join, opening);
      const end = makeTaperEnd(opening.system, opening.size, 'female', 'brass');
      return { id: port, way, end, reach: UNKNOWN, depth: null };
    });
    return keep(makePart(id, join, 'manifold', sizes, openedPorts));
  };
  const findAny: TubeParts['find'] = (kind, join, sizes) =>
    kind === 'manifold'
      ? findManifold(join, sizes.length === 1 ? PART_SHAPES.manifold.ports.map(() => sizes[0]!) : sizes)
      : find(kind, join, sizes);
  const whole: Omit<TubeParts, 'findById'> = { find: findAny, findAdapter, findManifold, listThreads };
  return { ...whole, findById: (id) => made.get(id) ?? readId(id, whole) };
}

const METALS: Readonly<Record<TubeJoin, Part['material']>> = {
  flare: 'brass', compression: 'brass', capillary: 'copper', brazed: 'copper', 'press-copper': 'copper', 'press-steel': 'steel',
  csst: 'brass',
}; // prettier-ignore

const makePart = (
  id: string,
  join: TubeJoin,
  kind: BoughtKind,
  sizes: readonly LegSize[],
  ports: readonly Port[],
): Part => ({
  id,
  kind,
  size: sizes.reduce((a, b) => (getWidth(a) >= getWidth(b) ? a : b)),
  material: METALS[join],
  join,
  ports,
  seats: [],
  outside: null,
});

/** To tell the larger of two sizes of one list: copper by its outside, others by their place. */
export const getWidth = (size: LegSize): number =>
  isCopperSize(size) ? getCopperOutside(size) : rankSize(size);

/** Reduced by two outsides at the most; a coupling and an elbow either way, a tee nowhere wider in its branch than in its run. */
function isSoldSo(kind: BoughtKind, sizes: readonly LegSize[]): boolean {
  if (new Set(sizes).size === 1) return kind !== 'reducing-set';
  if (new Set(sizes.map(isMetric)).size > 1) return false;
  if (kind === 'coupling' || kind === 'elbow-90') return true;
  const [a, b, branch] = sizes.map(getWidth);
  if (kind === 'reducing-set') return a! < b!;
  return kind === 'tee' && a! >= b! && branch! <= a!;
}

function readId(id: string, { find, findAdapter, findManifold }: Omit<TubeParts, 'findById'>): Part | null {
  const [, join, kind, named, thread] = id.split('/') as [string, TubeJoin, BoughtKind, string?, string?];
  if (!TUBE_JOINS.includes(join) || !Object.hasOwn(PART_SHAPES, kind) || named === undefined) return null;
  const openings = named.split('x').map(readOpening);
  const sizes = openings.filter((each): each is LegSize => typeof each === 'string');
  if (openings.includes(null)) return null;
  if (kind === 'manifold') return findManifold(join, openings as ManifoldOpening[]);
  if (sizes.length < openings.length) return null;
  if (kind !== 'adapter' && kind !== 'flange') return find(kind, join, sizes);
  const [, on, gender] = /^(.+)-(male|female)$/.exec(thread ?? '') ?? [];
  const taper = on === undefined ? null : readOpening(on);
  if (taper === null || typeof taper === 'string' || sizes.length !== 1) return null;
  return findAdapter(kind, join, sizes[0]!, { ...taper, gender: gender as Gender });
}

/** `3-4`, `1-2-ACR`: a size; `NPT-3-4`: a female thread of it. Null for what is neither. */
function readOpening(slug: string): ManifoldOpening | null {
  const [, system, size] = /^(NPT|R)-(.+)$/.exec(slug) ?? [];
  if (size === undefined) return SLUGS.get(slug) ?? null;
  const nominal = NOMINAL_SLUGS.get(size);
  return nominal ? { system: system as TaperFamily, size: nominal, gender: 'female' } : null;
}

const NOMINAL_SLUGS: ReadonlyMap<string, NominalSize> = new Map(
  NOMINAL_SIZES.map((size) => [toSlug(size), size]),
);

const findDepth = (rows: readonly SocketDepthRow[], join: TubeJoin, size: LegSize): PartLength => {
  const row = rows.find((each) => each.join === join && each.size === size);
  if (!row) return UNKNOWN;
  const measure = row.unit === 'in' ? inches : millimetres;
  const [least, most] = [measure(row.least), measure(row.most)];
  const { source, confidence } = row;
  return { standing: 'typical', length: Math.round((least + most) / 2), plusMinus: Math.max(Math.ceil((most - least) / 2), millimetres(0.5)), source, confidence }; // prettier-ignore
};

/**
 * How much more tube a flare takes than reaches to the plane of its rim: (F − d)/2·(√2 − 1), F the outside of the flare, d that of the tube.
 * The wall slants outward at 45° and is that much longer than it reaches. Of sizes without a figure it is shown as about nothing.
 */
function findFlareExtra(flares: readonly FlareShape[], size: LegSize): PartLength {
  const row = flares.find((each) => each.size === size);
  if (!row) return { standing: 'typical', length: 0, plusMinus: millimetres(0.8), source: 'no figure for this flare', confidence: 'approximate' }; // prettier-ignore
  const tube = getCopperOutside(row.size);
  const extra = (flare: number): Length => Math.round(((inches(flare) - tube) / 2) * (Math.SQRT2 - 1));
  const [least, most] = [extra(row.least), extra(row.most)];
  const { source, confidence } = row;
  return { standing: 'typical', length: Math.round((least + most) / 2), plusMinus: Math.ceil((most - least) / 2), source, confidence }; // prettier-ignore
}
