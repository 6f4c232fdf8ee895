import { findReach, type Part, readTaperEnd, JOINS, getPartKind } from '#core/catalogue';
import { splitLength } from '#core/units';
import { SPOKEN_SIZES } from '#core/joints';
import { getEndSize, type End, type Gender, type ThreadFamily } from '#core/ends';

/*
 * What parts are called at a counter. Every word that may be said of a kind, of a material, of an end: a name is read by the words that a part has,
 * whatever their order.
 */

const split = (words: string): readonly string[] => (words === '' ? [] : words.split(' '));

const MATERIALS: Readonly<Record<Part['material'], readonly string[]>> = {
  'black-malleable': split('black malleable iron'),
  brass: split('brass'),
  copper: split('copper'),
  steel: split('steel black'),
  polyethylene: split('polyethylene poly pe plastic'),
  'as-found': [],
};

const GENDERS: Readonly<Record<Gender, readonly string[]>> = {
  male: split('male m external'),
  female: split('female f internal'),
};
const PIPE: Readonly<Record<Gender, readonly string[]>> = {
  male: split('mip mpt mnpt'),
  female: split('fip fpt fnpt'),
};

const FAMILIES: Readonly<Partial<Record<ThreadFamily, readonly string[]>>> = {
  npt: split('npt ips pipe thread threads taper iron'),
  npsm: split('npsm straight swivel nut seat 30 cone'),
  r: split('r bspt bsp british pipe thread threads taper'),
  rp: split('rp bspt bsp british pipe thread threads parallel'),
  g: split('g bspp bsp british washer swivel nut meter'),
  'sae-45': split('flare sae od tube 45 copper'),
  connector: split('flare connector flex od tube end'),
  cylinder: split('cylinder bottle end'),
};

/** Families whose female is a nut. */
const NUTS: ReadonlySet<ThreadFamily> = new Set(['sae-45', 'connector', 'cylinder']);

/** What an opening may be called, beside its size. */
export function listEndWords(end: End): readonly string[] {
  switch (end.kind) {
    case 'thread': {
      const isNut = end.gender === 'female' && NUTS.has(end.family);
      return [
        ...(FAMILIES[end.family] ?? [end.family]),
        ...GENDERS[end.gender],
        ...(readTaperEnd(end) ? PIPE[end.gender] : []),
        ...(isNut ? ['nut', 'swivel'] : []),
        ...(end.seat === '30' || end.seat === 'washer' ? split('seat 30 washer face flat cone with') : []),
        ...listSizeWords(end.size),
        ...(FLARE_NUTS.has(end.family) ? listThreadWords(getEndFigure(end.size)) : []),
      ];
    }
    case 'flange':
      return split(end.drilling === 'class-150' ? 'flange class 150 class-150 ansi' : 'flange pn 16 pn16');
    case 'tube':
      return listSizeWords(end.name);
    case 'socket':
    case 'fusion-face':
      return listSizeWords(end.takes.name);
    default:
      return [];
  }
}

/** The thread of a flare nut, by which the tube it is for may be asked for. Source: SAE J512, and the gas connector's own. */
const FLARE_THREADS: Readonly<Record<string, string>> = {
  '7/16-20': '1/4', '1/2-20': '5/16', '5/8-18': '3/8', '3/4-16': '1/2', '7/8-14': '5/8', '1-1/16-14': '3/4', '13/16-16': '1/2', '15/16-16': '5/8',
}; // prettier-ignore
const FLARE_NUTS: ReadonlySet<ThreadFamily> = new Set(['sae-45']);
const listThreadWords = (tube: string): readonly string[] =>
  Object.entries(FLARE_THREADS).flatMap(([thread, of]) =>
    of === tube && !/^1[35]\/16-16$/.test(thread) ? [thread] : [],
  );

/** What stands behind the first figure of a size: `1 IPS SDR 11`, `1/2 tube, 13/16-16 UN`, `POL nut .880-14`. */
const listSizeWords = (size: string): readonly string[] =>
  normalise(size)
    .split(' ')
    .filter((word) => word !== getEndFigure(size) && word !== '');

/** The figure an end is called by: `1`, `3/8`, `8mm`; empty where it has none. */
export const getEndFigure = (size: string): string => {
  const [, figure = '', metric = ''] = /^(?:G )?(\d+(?:-\d+\/\d+|\/\d+)?)( mm)?(?![\d.])/.exec(size) ?? [];
  return figure + metric.trim();
};

/** The words of a kind, with what its way of joining and its material add. */
export function listKindWords({ kind, join, material, ports }: Part): readonly string[] {
  if (kind === 'existing' || kind === 'appliance') return [];
  const sizes = ports.map(({ end }) => getEndFigure(getEndSize(end)));
  const words = getPartKind(kind);
  const reduces = new Set(sizes).size > 1 ? split(words.reducingWords ?? 'reducing') : [];
  const row = join === null ? null : JOINS[join];
  const isBull = kind === 'tee' && isBullhead(sizes);
  const isAlike = ports.length === 2 && sizes[0] === sizes[1];
  return [
    ...split(words.counterWords),
    ...MATERIALS[material],
    ...(row ? split(row.counterWords) : []),
    ...(row?.kindWords[kind] ? split(row.kindWords[kind]) : []),
    ...reduces,
    ...(isBull ? split('bullhead bull head') : []),
    ...(isAlike && row?.alikeWords ? split(row.alikeWords) : []),
    ...(isAlike ? split('at both ends equal') : []),
    ...(kind === 'nipple' && findNippleLength(ports) !== null ? split('long close') : []),
  ];
}

/** How long a nipple of one size is, as it is asked for: `4`, `1-1/8`; null where it was not measured, and for one that reduces. */
export function findNippleLength(ports: Part['ports']): string | null {
  const reaches = ports.map(findReach);
  if (reaches.includes(null) || new Set(ports.map(({ end }) => getEndSize(end))).size > 1) return null;
  const { whole, fraction } = splitLength(Math.round(reaches[0]! + reaches[1]!), {
    style: 'inches',
    denominator: 8,
  });
  return [whole, fraction?.join('/')].filter(Boolean).join('-');
}

/** Whether the branch of a tee is larger than its run, by sizes as they are said: run, run, branch. */
export const isBullhead = ([a = '', b = '', branch = '']: readonly string[]): boolean =>
  readCounterSize(branch) > Math.max(readCounterSize(a), readCounterSize(b));

/** How large a figure is, inches. */
export function readCounterSize(figure: string): number {
  if (figure.endsWith('mm')) return Number.parseFloat(figure) / 25.4;
  const [, whole = '0', top, bottom] = /^(?:(\d+)-?)??(?:(\d+)\/(\d+))?$/.exec(figure) ?? [];
  return Number(whole) + (top && bottom ? Number(top) / Number(bottom) : 0);
}

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4', '½': '1/2', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
}; // prettier-ignore

/** Sizes as they are said. Half of a union is no half an inch. */
const SPOKEN: readonly (readonly [RegExp, string])[] = [
  [/\bhalf(?:[- ]an)?[- ]inch\b/g, '1/2'],
  ...SPOKEN_SIZES.filter(([, figure]) => figure !== '1/2'),
];

/** What is said, in small letters, figures as tables write them, without what says nothing. */
export const normalise = (said: string): string =>
  SPOKEN.reduce((text, [pattern, figure]) => text.replace(pattern, ` ${figure} `), said.toLowerCase())
    .replace(
      /(\d)?([¼½¾⅛⅜⅝⅞])/g,
      (_, whole: string | undefined, sign: string) =>
        `${whole === undefined ? '' : `${whole}-`}${VULGAR[sign]!} `,
    )
    .replace(/[“”"″°,;()]/g, ' ')
    .replace(/(?<![\w/-])(\d+(?:-\d+)?\/\d+-\d\d)(?![\w/-])/g, (thread: string) =>
      FLARE_THREADS[thread] ? `${FLARE_THREADS[thread]} ${thread}` : thread,
    )
    .replace(/\bmillimet(?:re|er)s?\b/g, 'mm')
    .replace(/(\d)\s*mm\b/g, '$1mm')
    .replace(/\bstraight (?=fitting|adapt)/g, '')
    .replace(/\bsdr\s*/g, 'sdr')
    .replace(/\binch(?:es)?\b|\bin\b|\bthe\b|\ba\b|\bof\b|\bfor\b/g, ' ')
    .replace(/(\d)\s+(\d\/\d)/g, '$1-$2')
    .replace(/\s+/g, ' ')
    .trim();
