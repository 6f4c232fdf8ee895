import { getMaterialTraits } from '#core/materials';
import {
  isPeSize,
  APPLIANCE_KINDS,
  PART_KINDS,
  type BoughtKind,
  type Material,
  type Stock,
  MATERIALS,
  getPartKind,
} from '#core/catalogue';
import { GASES } from '#core/house-rules';
import { LEG_SIZES, NOMINAL_SIZES, type LegSize } from '#core/ends';
import { AXES, DIAGONALS, getSquareWays, type Way } from '#core/geometry';
import { PASSAGES, type Guard, type PassageKind, ZONES, type ZoneId } from '#core/permissions';
import { INLINE_KINDS, type InlineKind, type RefPoint } from '#core/runs/document';
import type { LengthUnit } from '#core/units';

/** Words that begin something, each with what else is taken for it. The first is the one that is written. */
export const KEYWORDS = {
  off: ['off', 'branch'],
  from: ['from'],
  to: ['to'],
  joins: ['joins', 'into'],
  along: ['along'],
  with: ['with'],
  of: ['of'],
  offset: ['offset', 'jog'],
  set: ['set'],
  roll: ['roll'],
  run: ['run'],
  travel: ['travel'],
  'no-pipe': ['no-pipe', 'nopipe', 'np'],
  male: ['male'],
  at: ['at'],
  as: ['as'],
  open: ['open'],
  cap: ['cap', 'capped'],
  plug: ['plug', 'plugged'],
  undecided: ['undecided'],
  appliance: ['appliance'],
  found: ['found', 'existing'],
  source: ['source'],
  start: ['start'],
  loose: ['loose'],
  measure: ['measure'],
  own: ['own'],
  deep: ['deep'],
  units: ['units', 'unit'],
  typed: ['typed'],
  by: ['by'],
  order: ['order'],
  part: ['part'],
  gap: ['gap'],
  share: ['share'],
  trap: ['trap', 'sediment-trap'],
  connector: ['connector', 'flex'],
  begins: ['begins'],
  ends: ['ends'],
  long: ['long'],
  new: ['new'],
  kind: ['kind'],
  input: ['input'],
  burns: ['burns'],
  pressure: ['pressure'],
  'trap-inside': ['trap-inside'],
  moves: ['moves'],
  'own-shut-off': ['own-shut-off'],
  floor: ['floor'],
  near: ['near'],
  bend: ['bend', 'bent', 'radius'],
  route: ['route'],
  far: ['far'],
  place: ['place', 'runs'],
  bearing: ['bearing', 'heading'],
  printed: ['printed', 'print'],
  fished: ['fished'],
  passes: ['passes', 'through'],
  cover: ['cover', 'covered'],
  marked: ['marked', 'marking'],
  bury: ['bury'],
} as const;
export type Keyword = keyof typeof KEYWORDS;

export const AXIS_WORDS = {
  up: ['up', 'u', 'riser', 'rise'],
  down: ['down', 'd', 'dn', 'drop'],
  left: ['left', 'l', 'lt'],
  right: ['right', 'r', 'rt'],
  out: ['out', 'o', 'toward'],
  back: ['back', 'b', 'away'],
} as const;

const INLINE_WORDS = Object.fromEntries(
  INLINE_KINDS.map((kind) => [kind, getPartKind(kind).writtenInLeg]),
) as Readonly<Record<InlineKind, readonly string[]>>;

/** `back` and `end` are written otherwise beside a way and an end of a leg: `back of`, `pipe-end of`. */
const POINT_WORDS: Readonly<Record<RefPoint, readonly string[]>> = {
  centre: ['centre', 'center', 'ctr'],
  face: ['face'],
  end: ['pipe-end', 'end'],
  back: ['back'],
  wall: ['wall'],
};

const MATERIAL_WORDS = Object.fromEntries(
  MATERIALS.map((material) => [material, getMaterialTraits(material).writtenAs]),
) as Readonly<Record<Material, readonly string[]>>;

const KIND_WORDS = Object.fromEntries(
  PART_KINDS.map((kind) => [kind, getPartKind(kind).writtenAs]),
) as Readonly<Record<BoughtKind, readonly string[]>>;

const UNIT_WORDS: Readonly<Record<LengthUnit, readonly string[]>> = {
  in: ['in', 'inches', 'inch'],
  mm: ['mm', 'millimetres', 'millimeters'],
};

function invert<Value extends string>(words: Readonly<Record<Value, readonly string[]>>): Map<string, Value> {
  const entries = Object.entries(words) as [Value, readonly string[]][];
  return new Map(entries.flatMap(([value, each]) => each.map((word) => [word, value] as const)));
}

const WAYS_BY_WORD = new Map<string, Way>(invert(AXIS_WORDS));
for (const diagonal of DIAGONALS) {
  const [a, b] = getSquareWays(diagonal);
  for (const [x, y] of [
    [a, b],
    [b, a],
  ] as const) {
    for (const word of [`${x}-${y}`, `${x}/${y}`, `${x}+${y}`, `${x[0]}${y[0]}`])
      WAYS_BY_WORD.set(word, diagonal);
  }
}
const KEYWORDS_BY_WORD = invert<Keyword>(KEYWORDS);
const INLINE_BY_WORD = invert(INLINE_WORDS);
const POINTS_BY_WORD = invert(POINT_WORDS);
const MATERIALS_BY_WORD = invert(MATERIAL_WORDS);
const UNITS_BY_WORD = invert(UNIT_WORDS);
const KINDS_BY_WORD = new Map<string, BoughtKind>([
  ...PART_KINDS.map((kind) => [kind, kind] as const),
  ...Object.entries(KIND_WORDS).flatMap(([kind, words]) =>
    words.map((word) => [word, kind as BoughtKind] as const),
  ),
]);

const look =
  <Value>(words: ReadonlyMap<string, Value>) =>
  (word: string): Value | null =>
    words.get(word.toLowerCase()) ?? null;

export const findWay = look(WAYS_BY_WORD);
export const findKeyword = look(KEYWORDS_BY_WORD);
export const findInlineKind = look(INLINE_BY_WORD);
export const findPoint = look(POINTS_BY_WORD);
export const findMaterial = look(MATERIALS_BY_WORD);
export const findUnit = look(UNITS_BY_WORD);
export const findKind = look(KINDS_BY_WORD);
/** How many words a size may have: `1 IPS SDR 11`. */
export const LONGEST_SIZE = 4;

/** The size that words stand for: nominal, `3/8 acr`, `1/2 l`, `8mm`, `1 ips sdr 11`; null for anything else. */
export const findSize = (words: string): LegSize | null => {
  if (isPeSize(words.toUpperCase() as LegSize)) return words.toUpperCase() as LegSize;
  const plain = words.replace(/(?:"|”|″|in)$/, '').replace(/\s+/, '-');
  const [name, of, ...more] = words.replace(/^(\d+)mm$/i, '$1 mm').split(/\s+/);
  const copper =
    of === undefined || more.length > 0 ? null : `${name} ${of === 'mm' ? 'mm' : of.toUpperCase()}`;
  return LEG_SIZES.find((size) => size === plain || size === copper) ?? null;
};

const ZONE_WORDS: Readonly<Record<ZoneId, readonly string[]>> = {
  indoors: ['indoors', 'exposed'],
  concealed: ['concealed', 'hidden'],
  chase: ['chase'],
  cavity: ['cavity'],
  'under-slab': ['under-slab', 'slab'],
  outdoors: ['outdoors', 'outside'],
  buried: ['buried', 'ground'],
  vehicle: ['vehicle'],
  wet: ['wet', 'salty'],
  vibration: ['vibration', 'shakes'],
  duct: ['duct', 'chimney'],
};
const PASSAGE_WORDS: Readonly<Record<PassageKind, readonly string[]>> = {
  floor: ['floor'],
  wall: ['wall'],
  'outer-wall': ['outer-wall', 'foundation'],
  'vehicle-floor': ['vehicle-floor'],
};
export const findPassage = look(invert(PASSAGE_WORDS));
const GUARD_WORDS: Readonly<Record<Guard, readonly string[]>> = {
  sleeve: ['sleeve', 'sleeved'],
  grommet: ['grommet'],
  none: ['unguarded', 'bare'],
};
export const findGuard = look(invert(GUARD_WORDS));
/** The word that is written for what keeps an edge from a pipe. */
export const nameGuard = (guard: Guard): string => GUARD_WORDS[guard][0]!;

const ZONES_BY_WORD = invert(ZONE_WORDS);
export const findZone = look(ZONES_BY_WORD);

const STOCK_WORDS: Readonly<Record<Stock, readonly string[]>> = {
  coil: ['coil', 'soft'],
  length: ['straight', 'hard', 'lengths'],
  annealed: ['annealed'],
};
const STOCKS_BY_WORD = invert(STOCK_WORDS);
export const findStock = look(STOCKS_BY_WORD);
/** The word that is written for a stock. */
export const nameStock = (stock: Stock): string => STOCK_WORDS[stock][0]!;

/** Whole degrees from 0 to 359; null for anything else. */
export const findDegrees = (word: string): number | null =>
  /^\d{1,3}$/.test(word) && Number(word) < 360 ? Number(word) : null;

/** The word that is written for a value of each list. */
export const nameMaterial = (material: Material): string => MATERIAL_WORDS[material][0]!;
/** The first word for a point of reference. */
export const namePoint = (point: RefPoint): string => POINT_WORDS[point][0]!;

/** What can be expected at a place, and the words that say it; a figure, a size or a text has none to offer. */
export const EXPECTED = {
  way: [...AXES, ...DIAGONALS],
  axis: [...AXES],
  size: [...NOMINAL_SIZES],
  material: Object.values(MATERIAL_WORDS).map(([word]) => word!),
  kind: [...PART_KINDS],
  inline: Object.keys(INLINE_WORDS),
  point: Object.values(POINT_WORDS).map(([word]) => word!),
  unit: ['in', 'mm'],
  gender: ['male', 'female'],
  side: ['near', 'far'],
  length: [],
  tag: [],
  text: [],
  percent: [],
  number: [],
  figure: [],
  'yes-no': ['yes', 'no'],
  'appliance-kind': [...APPLIANCE_KINDS, 'own'],
  gas: [...GASES],
  zone: [...ZONES],
  passage: [...PASSAGES],
  guard: ['sleeve', 'grommet', 'unguarded'],
  degrees: [],
  'pressure-unit': [],
} as const satisfies Readonly<Record<string, readonly string[]>>;
export type ExpectedKind = keyof typeof EXPECTED;
export type Expected = ExpectedKind | Keyword;

/** The words that may stand where any of these is expected. */
export const getWordsFor = (expected: readonly Expected[]): string[] => [
  ...new Set(
    expected.flatMap((each): readonly string[] =>
      each in EXPECTED ? EXPECTED[each as ExpectedKind] : [KEYWORDS[each as Keyword][0]],
    ),
  ),
];

/** Every word that is understood, for the nearest to one that is not. */
export const ALL_WORDS: readonly string[] = [
  ...new Set(
    [KEYWORDS_BY_WORD, WAYS_BY_WORD, INLINE_BY_WORD, POINTS_BY_WORD, MATERIALS_BY_WORD, KINDS_BY_WORD, UNITS_BY_WORD]
      .flatMap((words) => [...words.keys()])
      .filter((word) => word.length > 2),
  ),
]; // prettier-ignore
