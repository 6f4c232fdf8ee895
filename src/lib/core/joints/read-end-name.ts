import { findNearWord } from './near-word.ts';
import type { ThreadFamily } from '#core/ends';
import { END_WORDS, MALE, NO_FACETS, SPOKEN_SIZES, type EndFacets, type EndWord } from './end-words.ts';
import type { FiguredEnd, FiguredSocket, FiguredThread, FiguredTube } from '#core/catalogue';

export interface EndReading {
  /** Ends that agree with everything that was said, the likeliest first. */
  readonly ends: readonly FiguredEnd[];
  /** Words that were not understood: said, never guessed at. */
  readonly unknown: readonly string[];
}

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4', '½': '1/2', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
}; // prettier-ignore

/** What is met most: of two ends that agree the commoner one is meant. */
const COMMON: readonly ThreadFamily[] = [
  'npt',
  'sae-45',
  'r',
  'rp',
  'g',
  'npsm',
  'olive',
  'compression',
  'connector',
  'rc',
];
/** The longest phrase, in words. */
const LONGEST = 4;
/** A misspelled word may be off by so many letters, by its length. */
const mayBeOff = (word: string): number => (word.length >= 5 ? 2 : word.length >= 4 ? 1 : 0);

/**
 * Reads the name of an end as a fitter writes or says it: `3/4 npt m`, `half inch flare nut`, `8 mm copper`, `1 ips sdr 11`. In any
 * order, forgiving of spelling. It chooses among `ends` only, and gives those that agree with every word; none where the words
 * contradict each other. `nameOf`: the names the app itself prints for an end; who types one of them means that end.
 */
export function readEndName(
  said: string,
  ends: readonly FiguredEnd[],
  nameOf: (end: FiguredEnd) => readonly string[] = () => [],
): EndReading {
  const printed = ends.filter((end) => nameOf(end).some((name) => squeeze(name) === squeeze(said)));
  if (printed.length > 0) return { ends: printed, unknown: [] };
  const { facets, unknown } = readFacets(said);
  const isEmpty = JSON.stringify(facets) === JSON.stringify(NO_FACETS);
  if (isEmpty) return { ends: [], unknown };
  if (facets.isUnknown) return { ends: ends.filter(({ kind }) => kind === 'unknown'), unknown };
  const found = ends.flatMap((end) => {
    const fit = fitEnd(end, facets);
    return fit ? [fit] : [];
  });
  return { ends: found.toSorted((a, b) => rank(a, facets) - rank(b, facets)), unknown };
}

/** A name without what does not tell it from others: capitals and blanks. */
const squeeze = (name: string): string => name.toLowerCase().replace(/\s+/g, ' ').trim();

/** What the words say, put together. */
export function readFacets(said: string): { facets: EndFacets; unknown: string[] } {
  let text = ` ${said.toLowerCase().replace(/[¼½¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)} `;
  text = text
    .replace(/[“”"″,;()]/g, ' ')
    .replace(/°/g, ' ')
    .replace(/(\d)\s+(\d\/\d)/g, '$1-$2');
  for (const [pattern, size] of SPOKEN_SIZES) text = text.replace(pattern, ` ${size} `);
  let facets: EndFacets = NO_FACETS;
  const add = (word: EndWord): void => {
    facets = join(facets, word);
  };
  text = text.replace(/\bsdr\s*(\d+(?:\.\d+)?)/g, (_, sdr: string) => {
    add({ tubes: ['polyethylene'], named: [`SDR ${sdr}`] });
    return ' ';
  });
  text = text.replace(/\bm(\d+)(?:\s*x\s*[\d.]+)?\b/g, (_, major: string) => {
    add({ families: ['metric'], named: [`M${major}x`] });
    return ' ';
  });
  text = text.replace(/\b(\d+(?:\.\d+)?)\s*mm\b/g, (_, value: string) => {
    add({ millimetres: Number(value) });
    return ' ';
  });
  const words = text.split(/\s+/).filter(Boolean);
  const unknown: string[] = [];
  for (let i = 0; i < words.length;) {
    const phrase = findPhrase(words, i);
    const word = words[i]!;
    if (phrase) {
      add(END_WORDS[phrase.key]!);
      i += phrase.length;
      continue;
    }
    if (/^-?\d+(?:-\d+\/\d+|\/\d+)?$/.test(word)) add({ sizes: [word] });
    else {
      const near = findNearWord(word, Object.keys(END_WORDS), mayBeOff(word), (each) =>
        JSON.stringify(END_WORDS[each]),
      );
      if (near) add(END_WORDS[near]!);
      else unknown.push(word);
    }
    i++;
  }
  if (facets.isPipe && facets.gender === null) add(MALE);
  return { facets, unknown };
}

function findPhrase(words: readonly string[], at: number): { key: string; length: number } | null {
  for (let length = LONGEST; length > 0; length--) {
    const key = words
      .slice(at, at + length)
      .join(' ')
      .replaceAll('-', ' ');
    if (words.length >= at + length && Object.hasOwn(END_WORDS, key)) return { key, length };
  }
  return null;
}

/** Words add up; families that are said twice are those that both allow. */
function join(facets: EndFacets, word: EndWord): EndFacets {
  const both = (a: readonly ThreadFamily[], b: readonly ThreadFamily[]) => {
    const shared = a.filter((each) => b.includes(each));
    return shared.length > 0 ? shared : [...a, ...b];
  };
  return {
    ...facets,
    ...word,
    sizes: [...facets.sizes, ...(word.sizes ?? [])],
    families: word.families
      ? facets.families.length > 0
        ? both(facets.families, word.families)
        : word.families
      : facets.families,
    tubes: word.tubes ? [...new Set([...facets.tubes, ...word.tubes])] : facets.tubes,
    named: [...facets.named, ...(word.named ?? [])],
  };
}

/** An end that agrees, with what was said of it put on; null where it does not. */
function fitEnd(end: FiguredEnd, facets: EndFacets): FiguredEnd | null {
  switch (end.kind) {
    case 'thread':
      return fitThread(end, facets);
    case 'tube':
      return fitTube(end, facets);
    case 'socket': {
      if (!facets.sockets.includes(end.socket) || facets.families.length > 0) return null;
      return hasSize(end.name, facets) && hasNames(end.name, facets) && isSaidTube(end, facets) ? end : null;
    }
    case 'flange':
      return facets.isFlange && facets.sizes.every((size) => size === end.size) ? end : null;
    case 'union-half':
      return facets.isUnion &&
        facets.sizes.every((size) => size === end.size) &&
        (facets.half ?? end.half) === end.half
        ? end
        : null;
    case 'unknown':
      return null;
  }
}

/** `8 mm press`, `15 mm capillary`: millimetres name the tube. */
const isSaidTube = ({ name, of }: FiguredSocket, { millimetres, tubes }: EndFacets): boolean =>
  (millimetres === null || name === `${millimetres} mm`) && (tubes.length === 0 || tubes.includes(of));

function fitThread(end: FiguredThread, facets: EndFacets): FiguredThread | null {
  const { thread } = end;
  // A nut is said for the tube it goes over: `8 mm compression nut`; a plain tube is no thread.
  const isPlainTube = facets.tubes.length > 0 && facets.families.length === 0;
  if (
    isPlainTube ||
    facets.sockets.length > 0 ||
    facets.isUnion ||
    facets.isFlange ||
    facets.families.length === 0
  )
    return null;
  if (!facets.families.includes(thread.family)) return null;
  if (facets.gender !== null && facets.gender !== thread.gender) return null;
  if (facets.hand !== null && facets.hand !== thread.hand) return null;
  if (facets.millimetres !== null && !new RegExp(`\\b${facets.millimetres} mm`).test(thread.size))
    return null;
  if (
    !hasSize(thread.size.split(/[:,]/)[0]!, facets) ||
    !hasNames(thread.size, { ...facets, named: facets.named.filter((name) => OF_THREADS.test(name)) })
  )
    return null;
  return {
    ...end,
    seat: facets.seat ?? end.seat,
    metal: facets.metal ?? end.metal,
  };
}

function fitTube(end: FiguredTube, facets: EndFacets): FiguredTube | null {
  if (facets.families.length > 0 || facets.sockets.length > 0 || facets.isUnion || facets.isFlange)
    return null;
  const isMetric = facets.millimetres !== null && facets.tubes.length === 0;
  if (!facets.tubes.includes(end.tube) && !(isMetric && end.tube === 'copper')) return null;
  if (facets.millimetres !== null) {
    if (end.name !== `${facets.millimetres} mm`) return null;
  } else if (end.name.endsWith(' mm') || !hasSize(end.name, facets)) return null;
  if (!hasNames(end.name, facets)) return null;
  if (facets.temper !== null && end.temper !== 'unknown' && end.temper !== facets.temper) return null;
  return { ...end, temper: end.temper === 'unknown' ? (facets.temper ?? 'unknown') : end.temper };
}

/** Names that threads have; the others are those of tubes. */
const OF_THREADS = /^(?:M\d|POL|type)/;

/** Every size that was said stands in the name, as a size of its own. */
const hasSize = (name: string, { sizes }: EndFacets): boolean =>
  sizes.every((size) =>
    size.startsWith('-')
      ? name.includes(`${size} (`)
      : new RegExp(`(?:^|[\\s(])${size.replace('/', '\\/')}(?![\\d/]|-\\d|\\s\\d/)`).test(name),
  );
const hasNames = (name: string, { named }: EndFacets): boolean =>
  named.every((each) => `${name} `.includes(`${each}${each.startsWith('SDR') ? ' ' : ''}`));

/** Smaller is likelier: families as they are met, males before females, and the plainest name. */
function rank(end: FiguredEnd, facets: EndFacets): number {
  if (end.kind === 'thread') {
    const at = COMMON.indexOf(end.thread.family);
    const size = facets.sizes[0] ?? '';
    const isOwn = end.thread.size === size || end.thread.size === `${size} tube` ? 0 : 0.3;
    return (at < 0 ? COMMON.length : at) + isOwn + (end.thread.gender === 'male' ? 0 : 0.1);
  }
  const isLess = end.kind === 'socket' ? end.of === 'copper' : end.kind === 'tube' && / K$/.test(end.name);
  return isLess ? 0.5 : 0;
}
