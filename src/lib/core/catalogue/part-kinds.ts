import type { Gender } from '#core/ends';
import type { Vector } from '#core/geometry';
import type { PartKindRow, PartShape, PartTraits, PortShape } from './part-kind.ts';

const RIGHT: Vector = { x: 1, y: 0, z: 0 };
const LEFT: Vector = { x: -1, y: 0, z: 0 };
const UP: Vector = { x: 0, y: 0, z: 1 };
const DOWN: Vector = { x: 0, y: 0, z: -1 };
/** Where the second opening of a 45° elbow looks, the first looking left. */
const SLANT: Vector = { x: Math.SQRT1_2, y: 0, z: Math.SQRT1_2 };

const port = (id: string, way: Vector, gender: Gender = 'female'): PortShape => ({ id, way, gender });
const straight = (sizes: PartShape['sizes']): PartShape => ({
  ports: [port('a', LEFT), port('b', RIGHT)],
  sizes,
});
const ADAPTER: PartShape = { ports: [port('tube', LEFT), port('thread', RIGHT)], sizes: 'any' };
const BUSHING: PartShape = { ports: [port('small', LEFT), port('large', RIGHT, 'male')], sizes: 'reduces' };

const AS_GIVEN = [[0, 1, 2, 3]] as const;
const EITHER_FIRST = [
  [0, 1, 2, 3],
  [1, 0, 2, 3],
] as const;
const RUN_AND_BRANCHES = [...EITHER_FIRST, [0, 1, 3, 2], [1, 0, 3, 2]] as const;

const PLAIN = {
  orders: AS_GIVEN,
  lowers: null,
  isFlexible: false,
  converts: false,
  insulates: false,
  isDated: false,
  placedAs: null,
  isOdd: false,
  hasSeat: false,
  goesBetween: false,
  mayBeOwn: false,
  isOfOneSize: false,
  isNamedByEnds: false,
  saysReducing: true,
  isAdapter: false,
  drawnAs: null,
  reducingWords: null,
  writtenAs: [],
  writtenInLeg: [],
} as const;
const row = <const Own extends Partial<PartKindRow> & Pick<PartKindRow, 'shape' | 'name' | 'counterWords'>>(
  own: Own,
): Omit<typeof PLAIN, keyof Own> & Own => ({ ...PLAIN, ...own });

const ROWS = {
  'elbow-90': row({ shape: { ports: [port('a', LEFT), port('b', UP)], sizes: 'any' }, orders: EITHER_FIRST, isOfOneSize: true, name: '90° elbow', counterWords: 'elbow ell el 90 bend', writtenAs: ['elbow', 'ell', 'el', '90'] }),
  'elbow-45': row({ shape: { ports: [port('a', LEFT), port('b', SLANT)], sizes: 'any' }, orders: EITHER_FIRST, isOfOneSize: true, name: '45° elbow', counterWords: 'elbow ell el 45 bend', writtenAs: ['45'] }),
  'street-90': row({ shape: { ports: [port('female', LEFT), port('male', UP, 'male')], sizes: 'any' }, name: 'street 90° elbow', counterWords: 'street elbow ell el 90 service', writtenAs: ['street', 'street-elbow', 'street-ell'] }),
  'street-45': row({ shape: { ports: [port('female', LEFT), port('male', SLANT, 'male')], sizes: 'any' }, name: 'street 45° elbow', counterWords: 'street elbow ell el 45 service' }),
  tee: row({ shape: { ports: [port('run-a', LEFT), port('run-b', RIGHT), port('branch', UP)], sizes: 'any' }, orders: EITHER_FIRST, isOfOneSize: true, name: 'tee', counterWords: 'tee t run branch' }),
  coupling: row({ shape: straight('any'), orders: EITHER_FIRST, goesBetween: true, mayBeOwn: true, name: 'coupling', counterWords: 'coupling coupler socket', reducingWords: 'reducing reducer bell', writtenAs: ['cplg'], writtenInLeg: ['coupling', 'cplg', 'cpl'] }),
  union: row({ shape: straight('equal'), orders: EITHER_FIRST, placedAs: 'union', hasSeat: true, goesBetween: true, mayBeOwn: true, drawnAs: 'union', name: 'union', counterWords: 'union ground joint', writtenInLeg: ['union', 'un'] }),
  valve: row({ shape: straight('equal'), orders: EITHER_FIRST, placedAs: 'valve', isOfOneSize: true, drawnAs: 'valve', name: 'valve', counterWords: 'valve cock shut-off shutoff ball gas', writtenInLeg: ['valve', 'cock', 'stop'] }),
  'hex-bushing': row({ shape: BUSHING, placedAs: 'bushing', goesBetween: true, saysReducing: false, name: 'hex bushing', counterWords: 'hex bushing bush reducing reducer male female', writtenAs: ['bushing', 'hex'] }),
  'face-bushing': row({ shape: BUSHING, placedAs: 'bushing', saysReducing: false, name: 'face bushing', counterWords: 'face flush bushing bush reducing reducer male female' }),
  plug: row({ shape: { ports: [port('male', RIGHT, 'male')], sizes: 'any' }, placedAs: 'cap', drawnAs: 'shut', name: 'plug', counterWords: 'plug' }),
  cap: row({ shape: { ports: [port('a', LEFT)], sizes: 'any' }, placedAs: 'cap', isOfOneSize: true, drawnAs: 'shut', name: 'cap', counterWords: 'cap' }),
  // Without a stop, so that it slides over a tube that cannot be pulled back: it closes a gap between two fixed ends.
  'slip-coupling': row({ shape: straight('equal'), orders: EITHER_FIRST, isOdd: true, isOfOneSize: true, name: 'slip coupling', counterWords: 'slip repair coupling coupler', writtenInLeg: ['slip-coupling', 'slip'] }),
  // Between tube and pipe thread: which of its ends goes in is told by what it meets.
  adapter: row({ shape: ADAPTER, mayBeOwn: true, saysReducing: false, isAdapter: true, name: 'adapter', counterWords: 'adapter adaptor fitting end transition', reducingWords: '' }),
  flange: row({ shape: ADAPTER, saysReducing: false, isAdapter: true, name: 'flanged end fitting', counterWords: 'flanged flange end fitting termination' }),
  // In place of the olive in a compression body: a smaller tube goes in it.
  'reducing-set': row({ shape: BUSHING, saysReducing: false, name: 'reducing set', counterWords: 'reducing set reducer', writtenAs: ['set'] }),
  // Of the maker of a tubing: gas comes in at one opening and leaves by three, square to one another.
  manifold: row({ shape: { ports: [port('run-a', LEFT), port('run-b', RIGHT), port('branch-a', UP), port('branch-b', DOWN)], sizes: 'any' }, orders: RUN_AND_BRANCHES, saysReducing: false, name: 'manifold', counterWords: 'manifold' }),
  // Out of the ground: the pipe comes in level, its head stands upright.
  riser: row({ shape: { ports: [port('tube', LEFT), port('thread', UP)], sizes: 'any' }, saysReducing: false, isAdapter: true, name: 'anodeless riser', counterWords: 'riser anodeless with a coupling on its head' }),
  // Between two ends that are there: from here on they are chosen, never inferred where legs meet.
  nipple: row({ shape: { ports: [port('a', LEFT, 'male'), port('b', RIGHT, 'male')], sizes: 'any' }, orders: EITHER_FIRST, goesBetween: true, mayBeOwn: true, name: 'nipple', counterWords: 'nipple', reducingWords: 'reducing swage swaged' }),
  converter: row({ shape: straight('any'), orders: EITHER_FIRST, converts: true, goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'American-to-British adapter', counterWords: 'american british american-to-british adapter adaptor converter' }),
  swivel: row({ shape: straight('any'), orders: EITHER_FIRST, isOdd: true, goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'swivel adapter', counterWords: 'swivel adapter adaptor connector union' }),
  'dielectric-union': row({ shape: straight('equal'), orders: EITHER_FIRST, insulates: true, placedAs: 'union', hasSeat: true, goesBetween: true, mayBeOwn: true, name: 'dielectric union', counterWords: 'dielectric insulating union' }),
  'threaded-flange': row({ shape: straight('equal'), orders: EITHER_FIRST, isOdd: true, goesBetween: true, mayBeOwn: true, name: 'threaded flange', counterWords: 'threaded companion flange' }),
  'connector-fitting': row({ shape: straight('any'), orders: EITHER_FIRST, isOdd: true, goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'connector fitting', counterWords: 'connector fitting end adapter adaptor half union' }),
  connector: row({ shape: straight('any'), orders: EITHER_FIRST, isFlexible: true, placedAs: 'connector', goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'flexible appliance connector', counterWords: 'flexible flex appliance connector gas at both ends' }),
  hose: row({ shape: straight('any'), orders: EITHER_FIRST, isFlexible: true, isDated: true, placedAs: 'hose', goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'gas hose, dated', counterWords: 'hose pigtail gas dated at both ends' }),
  'cooker-hose': row({ shape: straight('any'), orders: EITHER_FIRST, isFlexible: true, isDated: true, placedAs: 'hose', goesBetween: true, isNamedByEnds: true, name: 'bayonet cooker hose with its socket, dated', counterWords: 'hose cooker bayonet gas dated with its socket' }),
  'clipped-hose': row({ shape: straight('any'), orders: EITHER_FIRST, isFlexible: true, isDated: true, placedAs: 'hose', goesBetween: true, isNamedByEnds: true, name: 'gas hose clipped to its nozzles, dated', counterWords: 'hose clipped clip nozzle nozzles to its gas dated at both ends' }),
  // Gas comes in at the first.
  'cylinder-regulator': row({ shape: straight('any'), lowers: ['cylinder', 'appliance'], isDated: true, placedAs: 'regulator', goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'cylinder regulator, single stage', counterWords: 'regulator cylinder single stage' }),
  'first-stage-regulator': row({ shape: straight('any'), lowers: ['cylinder', 'intermediate'], isDated: true, placedAs: 'regulator', goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'first-stage regulator', counterWords: 'regulator first stage first-stage' }),
  'second-stage-regulator': row({ shape: straight('any'), lowers: ['intermediate', 'appliance'], isDated: true, placedAs: 'regulator', goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'second-stage regulator', counterWords: 'regulator second stage second-stage at both ends' }),
  tail: row({ shape: straight('any'), orders: EITHER_FIRST, isOdd: true, goesBetween: true, mayBeOwn: true, isNamedByEnds: true, name: 'tail', counterWords: 'tail piece tailpiece meter adapter adaptor' }),
} as const satisfies Readonly<Record<string, PartKindRow>>; // prettier-ignore

type Rows = typeof ROWS;
export type BoughtKind = keyof Rows;
/** Kinds that are bought, in the order in which they are taken where several fit: the usual one first. */
export const PART_KINDS = Object.keys(ROWS) as readonly BoughtKind[];
/** Kinds that are bought, what was found in place, and the inlet of an appliance. */
export type PartKind = BoughtKind | 'existing' | 'appliance';

type KindsThat<Field extends 'isAdapter' | 'mayBeOwn'> = {
  [Kind in BoughtKind]: Rows[Kind][Field] extends true ? Kind : never;
}[BoughtKind];
const listThat = <Field extends 'isAdapter' | 'mayBeOwn'>(field: Field): readonly KindsThat<Field>[] =>
  PART_KINDS.filter((kind): kind is KindsThat<Field> => ROWS[kind][field]);

/** What brings tube to a thread. */
export const ADAPTER_KINDS = listThat('isAdapter');
export type AdapterKind = (typeof ADAPTER_KINDS)[number];
/** Whether a part of this kind brings tube to a thread. */
export const isAdapterKind = (kind: PartKind): kind is AdapterKind =>
  (ADAPTER_KINDS as readonly PartKind[]).includes(kind);

/** Kinds a shop may add of its own. */
export const SHOP_PART_KINDS = listThat('mayBeOwn');
export type ShopPartKind = (typeof SHOP_PART_KINDS)[number];

/** All that is to be known of a kind that is bought. */
export const getPartKind = (kind: BoughtKind): PartKindRow => ROWS[kind];

/** What nobody buys: how it is called, and nothing else. */
const NOT_BOUGHT: Readonly<Record<Exclude<PartKind, BoughtKind>, PartTraits>> = {
  existing: { ...PLAIN, name: 'existing fitting', saysReducing: false },
  appliance: { ...PLAIN, name: 'appliance inlet', saysReducing: false },
};

/** What holds of a kind of part, bought or not. */
export const getPartTraits = (kind: PartKind): PartTraits =>
  kind === 'existing' || kind === 'appliance' ? NOT_BOUGHT[kind] : ROWS[kind];

/** The way a port of a kind looks. */
export function getPortWay(kind: BoughtKind, id: string): Vector {
  const found = getPartKind(kind).shape.ports.find((each) => each.id === id);
  if (!found) throw new Error(`a ${kind} has no port ${id}`);
  return found.way;
}
