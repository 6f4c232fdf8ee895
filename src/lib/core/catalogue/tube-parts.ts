import { getEndSize, getOppositeGender, type LegSize, type NominalSize } from '#core/ends';
import { getPortWay, type AdapterKind, type BoughtKind, getPartKind } from './part-kinds.ts';
import { findDepth, type Part, type PartLength, type Port, type TubeJoin } from './part.ts';
import type { Length } from '#core/units';
import { makeTaperEnd, type TaperEnd, type TaperFamily } from './taper-end.ts';
import { getWidth, makePlainEnd, makeTubeOpening } from './tube-joins.ts';
import { JOINS } from './joins/joins.ts';
import { findOnSheet, NO_SHEETS, type Sheets, type SheetSaid } from './maker-sheet.ts';
import type { TubeTables } from './joins/depths.ts';
import { isSoldTogether } from './sold-sizes.ts';
import { readTubePartId, toOpeningSlug, toSlug, type ManifoldOpening } from './tube-part-ids.ts';
import { getFirstSize } from './tube-sizes.ts';

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
  /** The same, as the sheets say that are gone by. */
  bySheets(sheets: Sheets): TubeParts;
}

const UNKNOWN: PartLength = { standing: 'unknown' };
const NOTHING: PartLength = {
  standing: 'published',
  length: 0,
  source: 'two pipes melted end to end',
  confidence: 'certain',
};

/** What is fixed by a maker’s sheet. */
const byMaker = (length: Length, source: string): PartLength => ({
  standing: 'maker',
  length,
  source,
  confidence: 'certain',
});

function findMakersDepth(sheets: Sheets, join: TubeJoin, size: LegSize): PartLength | null {
  const said = findOnSheet(sheets, join, 'depth', size);
  return said && byMaker(said.value, said.source);
}

/**
 * An end fitting as its maker’s sheet has it, from the tube’s stop to the face of its thread: half lies each side of its middle, and what the tube goes
 * in beyond its face is added on its side. Where that is not said the stop is taken for the face: the take-off is the same.
 */
function asFitted(part: Part, said: SheetSaid | null): Part {
  if (!said) return part;
  const { value, source } = said;
  const half = Math.floor(value / 2);
  return {
    ...part,
    ports: part.ports.map((port) => {
      if (port.depth === null) return { ...port, reach: byMaker(value - half, source) };
      const deep = findDepth(port);
      const depth = deep === null ? byMaker(0, `${source}, from its stop`) : port.depth;
      return { ...port, depth, reach: byMaker(half + (deep ?? 0), source) };
    }),
  };
}

/** Two pipes melted together end to end: nothing is bought for it, it is no longer than a plane, and it is one joint. */
export const isButtJoint = ({ kind, join, ports }: Pick<Part, 'kind' | 'join' | 'ports'>): boolean =>
  kind === 'coupling' &&
  join !== null &&
  JOINS[join].isButt &&
  new Set(ports.map(({ end }) => getEndSize(end))).size === 1;

/** Builds the fittings for tube from what is published of them. */
export function makeTubeParts(tables: TubeTables, sheets: Sheets = NO_SHEETS): TubeParts {
  const { adapters, flares, depths } = tables;
  const made = new Map<string, Part>();
  const keep = (part: Part): Part => {
    made.set(part.id, part);
    return part;
  };
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
    // What a fused joint takes is the shop's to say, not the fitting's.
    depth: findMakersDepth(sheets, join, size) ?? JOINS[join].findDepth({ flares, depths }, size),
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
    if (!JOINS[join].kinds.includes(kind)) return null;
    const { ports } = getPartKind(kind).shape;
    const own = sizes.length === 1 ? ports.map(() => getFirstSize(sizes[0]!)) : sizes.map(getFirstSize);
    if (own.length !== ports.length || !own.every(JOINS[join].isMadeIn) || !isSoldSo(join, kind, own))
      return null;
    const id = `tube/${join}/${kind}/${[...new Set(own)].length === 1 ? toSlug(own[0]!) : own.map(toSlug).join('x')}`;
    const before = made.get(id);
    if (before) return before;
    const openings = ports.map(({ id: port }, i) => makePort(kind, port, join, own[i]!));
    const part = makePart(id, join, kind, own, openings);
    return keep(
      isButtJoint(part) ? { ...part, ports: openings.map((each) => ({ ...each, reach: NOTHING })) } : part,
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
    const row = JOINS[join].isMadeIn(getFirstSize(size))
      ? adapters.find((each) => each.of === JOINS[join].tube && each.size === getFirstSize(size))
      : undefined;
    return (row?.threads ?? []).map((thread) => ({ system: row!.system, size: thread }));
  };
  const findAdapter = (kind: AdapterKind, join: TubeJoin, size: LegSize, thread: TaperEnd): Part | null => {
    const { system, size: nominal, gender } = thread;
    if (!JOINS[join].adapters.includes(kind)) return null;
    if (!listThreads(join, size).some((each) => each.system === system && each.size === nominal)) return null;
    const id = `tube/${join}/${kind}/${toSlug(getFirstSize(size))}/${system}-${toSlug(nominal)}-${gender}`;
    const before = made.get(id);
    if (before) return before;
    const metal = JOINS[join].adapterMetal;
    const end = makeTaperEnd(system, nominal, gender, metal);
    const bare = makePart(
      id,
      join,
      kind,
      [getFirstSize(size)],
      [
        makePort(kind, 'tube', join, getFirstSize(size)),
        { id: 'thread', way: getPortWay(kind, 'thread'), end, reach: UNKNOWN, depth: null },
      ],
    );
    const part = asFitted(bare, findOnSheet(sheets, join, 'fitting', size, thread));
    if (kind !== 'riser' || gender === 'male') return keep(part);
    // The head of a riser is male: what takes a pipe is the coupling screwed on it, a joint of its own.
    const head = makeTaperEnd(system, nominal, getOppositeGender(gender), metal);
    return keep({ ...part, seats: [[head, end]] });
  };
  const findManifold: TubeParts['findManifold'] = (join, openings) => {
    const { ports } = getPartKind('manifold').shape;
    const sizes = openings.filter((each) => typeof each === 'string');
    if (!JOINS[join].kinds.includes('manifold') || openings.length !== ports.length || sizes.length === 0)
      return null;
    if (!sizes.every(JOINS[join].isMadeIn) || !isSoldTogether(join, 'manifold', sizes)) return null;
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
      ? findManifold(
          join,
          sizes.length === 1 ? getPartKind('manifold').shape.ports.map(() => sizes[0]!) : sizes,
        )
      : find(kind, join, sizes);
  const whole: Omit<TubeParts, 'findById' | 'bySheets'> = {
    find: findAny,
    findAdapter,
    findManifold,
    listThreads,
  };
  const sheeted = new WeakMap<Sheets, TubeParts>();
  return {
    ...whole,
    findById: (id) => made.get(id) ?? readId(id, whole),
    bySheets: (others) => {
      const known = sheeted.get(others) ?? makeTubeParts(tables, others);
      sheeted.set(others, known);
      return known;
    },
  };
}

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
  material: JOINS[join].metal,
  join,
  ports,
  seats: [],
  outside: null,
});

/** Which opening of a kind is the larger: a tee is nowhere wider in its branch than in its run. What sizes meet, is what is sold. */
function isSoldSo(join: TubeJoin, kind: BoughtKind, sizes: readonly LegSize[]): boolean {
  if (new Set(sizes).size === 1) return kind !== 'reducing-set';
  if (!isSoldTogether(join, kind, sizes)) return false;
  const [a, b, branch] = sizes.map(getWidth);
  if (kind === 'reducing-set') return a! < b!;
  return kind !== 'tee' || (a! >= b! && branch! <= a!);
}

function readId(
  id: string,
  { find, findAdapter, findManifold }: Omit<TubeParts, 'findById' | 'bySheets'>,
): Part | null {
  const said = readTubePartId(id);
  if (!said) return null;
  const { join, kind, openings, thread } = said;
  if (kind === 'manifold') return findManifold(join, openings);
  const sizes = openings.filter((each): each is LegSize => typeof each === 'string');
  if (sizes.length < openings.length) return null;
  return thread ? findAdapter(thread.kind, join, sizes[0]!, thread.end) : find(kind, join, sizes);
}
