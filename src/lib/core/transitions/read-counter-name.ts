import { findNearWord } from '#core/joints';
import { type Part, getPartTraits } from '#core/catalogue';
import { getEndSize } from '#core/ends';
import {
  findNippleLength,
  getEndFigure,
  listEndWords,
  listKindWords,
  normalise,
  readCounterSize,
} from './counter-words.ts';
import type { RefusedWay } from './refused-ways.ts';

/** What was said at a counter, as it was understood. */
export interface CounterReading {
  /** The parts that are called so, the likeliest first. */
  readonly parts: readonly Part[];
  /** Sizes in the order in which they were said, and the words that were understood. */
  readonly sizes: readonly string[];
  readonly words: readonly string[];
  /** Words that mean nothing at this counter: said, never guessed at. */
  readonly unknown: readonly string[];
  /** “Flare” without a tube or a thread is two things: an ordinary flare of that tube, or the end of a connector called so. */
  readonly asks: 'which-flare' | null;
  /** What is never for gas pipe, whatever it fits. */
  readonly never: RefusedWay | null;
}

/** A part as it may be asked for. */
interface Spoken {
  readonly part: Part;
  readonly common: ReadonlySet<string>;
  readonly sides: readonly { readonly figure: string; readonly words: ReadonlySet<string> }[];
  /** How long a nipple is, said after its size; null for every other part. */
  readonly long: string | null;
}

/** How many letters a word of a counter may be off the one that is meant. */
const mayBeOff = (word: string): number => (word.length >= 6 ? 2 : word.length >= 4 ? 1 : 0);

/** Parts of a counter with all that they may be called. */
export class Counter {
  readonly #spoken: readonly Spoken[];
  readonly #vocabulary: ReadonlySet<string>;
  readonly #byFigure = new Map<string, Spoken[]>();

  constructor(parts: readonly Part[]) {
    this.#spoken = parts.map((part): Spoken => ({
      part,
      common: new Set(listKindWords(part)),
      long: part.kind === 'nipple' ? findNippleLength(part.ports) : null,
      sides: part.ports.map(({ end }) => ({
        figure: getEndFigure(getEndSize(end)),
        words: new Set(listEndWords(end)),
      })),
    }));
    for (const spoken of this.#spoken)
      for (const figure of new Set(spoken.sides.map((side) => side.figure)))
        this.#byFigure.set(figure, [...(this.#byFigure.get(figure) ?? []), spoken]);
    const all = this.#spoken.flatMap(({ common, sides }) => [
      ...common,
      ...sides.flatMap(({ words }) => [...words]),
    ]);
    this.#vocabulary = new Set(all);
  }

  /**
   * Reads what is asked for at a counter (`1x3/4x1/2 tee`, `1/2 mip x 3/8 flare half union`): sizes in the order of the trade (a tee run, run,
   * branch; two sizes are its run and its branch), words in any order, forgiving of spelling.
   */
  read(said: string): CounterReading {
    const never = findNever(said);
    const segments = splitBetween(normalise(said)).map((segment) => this.#readSegment(segment));
    const sizes = segments.flatMap(({ figures }) => figures);
    const words = segments.flatMap((segment) => segment.words);
    const unknown = segments.flatMap((segment) => segment.unknown);
    const inOrder = putInOrder(segments);
    const found =
      inOrder && words.length + sizes.length > 0
        ? this.#listWith(inOrder.named[0]?.figure).filter((spoken) => fits(spoken, inOrder))
        : [];
    const ranked = found
      .map((spoken) => ({ spoken, rank: rank(spoken, words) }))
      .toSorted((a, b) => a.rank - b.rank || (a.spoken.part.id < b.spoken.part.id ? -1 : 1))
      .map(({ spoken }) => spoken.part);
    return { parts: ranked, sizes, words, unknown, asks: asksWhichFlare(ranked, words), never };
  }

  /** What has a side of that size; everything where none is said. */
  #listWith(figure: string | undefined): readonly Spoken[] {
    return figure === undefined ? this.#spoken : (this.#byFigure.get(figure) ?? []);
  }

  #readSegment(text: string): Segment {
    const [figures, words, unknown]: string[][] = [[], [], []];
    for (const token of text.split(' ').filter((each) => each !== '' && each !== 'and')) {
      if (isFigure(token)) figures!.push(token);
      else if (this.#vocabulary.has(token)) words!.push(token);
      else {
        const near = findNearWord(token, this.#vocabulary, mayBeOff(token));
        if (near) words!.push(near);
        else unknown!.push(token);
      }
    }
    return { figures: figures!, words: words!, unknown: unknown! };
  }
}

interface Segment {
  readonly figures: readonly string[];
  readonly words: readonly string[];
  readonly unknown: readonly string[];
}

/** Parts of a name between `x`, `×` or `by`; an x between two figures needs no room. */
const splitBetween = (text: string): string[] =>
  text.replace(/(\d)\s*[x×]\s*(?=\d)/g, '$1 x ').split(/\s+(?:x|×|by)\s+/);

/** A size or a nipple's length: a fraction, a whole number of inches up to 12, millimetres. 45, 90 and 150 are none. */
const isFigure = (token: string): boolean =>
  /^(?:[1-9]|1[0-2]|\d{1,2}-\d+\/\d+|\d{1,2}\/\d{1,2}|\d+mm)$/.test(token);

/** What was said, put in order once for all parts. */
interface Said {
  /** What names a size, in the order in which they were said. */
  readonly named: readonly { readonly figure: string; readonly words: readonly string[] }[];
  /** Words that name none: they are said of the whole, or of a side that has no size. */
  readonly loose: readonly string[];
  readonly reduces: boolean;
}

/** Null where one stretch names two sizes: nobody can say what that is. */
function putInOrder(segments: readonly Segment[]): Said | null {
  const sized = segments.filter(({ figures }) => figures.length > 0);
  if (sized.some(({ figures }) => new Set(figures).size > 1)) return null;
  const named = sized.map(({ figures, words }) => ({ figure: figures[0]!, words }));
  const loose = segments.flatMap(({ figures, words }) => (figures.length === 0 ? words : []));
  return { named, loose, reduces: named.length === 1 && named[0]!.words.some((word) => REDUCES.has(word)) };
}

/** Whether what was said may be said of a part: each size with its words of one of its sides, all of it of any where only one is named. */
function fits({ common, sides, long }: Spoken, { named, loose, reduces }: Said): boolean {
  const isSaidOf = (words: readonly string[], some: readonly Spoken['sides'][0][]): boolean =>
    words.every((word) => common.has(word) || some.some((side) => side.words.has(word)));
  if (named.length === 0) return loose.length > 0 && isSaidOf(loose, sides);
  const [first] = named;
  if (named.length === 1) {
    const { figure, words } = first!;
    // A reducer that is named by one size is named by its larger one: what it goes down to is seen.
    const isSized =
      reduces && sides.length > 1
        ? isLargest(figure, sides)
        : sides.some((side) => side.figure !== '') &&
          sides.every((side) => side.figure === '' || side.figure === figure);
    return isSized && isSaidOf(words, sides) && isSaidOf(loose, sides);
  }
  const [size, length] = named;
  if (long !== null && named.length === 2)
    return (
      length!.figure === long &&
      sides[0]!.figure === size!.figure &&
      [size!.words, length!.words, loose].every((each) => isSaidOf(each, sides))
    );
  const isMet = ({ figure, words }: Said['named'][0], side: Spoken['sides'][0]): boolean =>
    figure === side.figure && isSaidOf(words, [side]);
  return (
    listOrders(sides, named.length).some((order) => order.every((side, i) => isMet(named[i]!, side))) &&
    isSaidOf(loose, sides)
  );
}

const REDUCES: ReadonlySet<string> = new Set(['reducing', 'reducer', 'bell', 'bushing', 'bush']);
const isLargest = (figure: string, sides: Spoken['sides']): boolean =>
  sides.some((side) => side.figure === figure) &&
  new Set(sides.map((side) => side.figure)).size > 1 &&
  sides.every((side) => readCounterSize(side.figure) <= readCounterSize(figure));

/** The orders in which the sides of a part may be named: both ways round, a tee run first, its branch last. */
function listOrders<Side extends { readonly figure: string }>(
  sides: readonly Side[],
  named: number,
): (readonly Side[])[] {
  if (sides.length === 2 && named === 2) return [sides, sides.toReversed()];
  const [a, b, branch] = sides;
  if (sides.length !== 3 || !a || !b || !branch) return [];
  if (named === 2) return a.figure === b.figure ? [[a, branch]] : [];
  return named === 3
    ? [
        [a, b, branch],
        [b, a, branch],
      ]
    : [];
}

/** What is met most comes first: what needed the fewest words beside those said, American thread, iron. */
function rank({ part, common, sides }: Spoken, words: readonly string[]): number {
  const threads = part.ports.map(({ end }) => (end.kind === 'thread' ? end.family : ''));
  const isSaid = (...of: readonly string[]): boolean => of.some((word) => words.includes(word));
  let worse = 0;
  if (!isSaid('r', 'rp', 'bsp', 'bspt', 'british') && threads.some((each) => each === 'r' || each === 'rp'))
    worse += 8;
  if (part.material !== 'black-malleable' && part.material !== 'steel' && part.join === null) worse += 1;
  if (part.join !== null && !sides.some((side) => words.some((word) => side.words.has(word)))) worse += 4;
  // An elbow turns square unless 45 is said; a nipple is a close one unless its length is.
  if ((part.kind === 'elbow-45' || part.kind === 'street-45') && !isSaid('45')) worse += 8;
  if (part.kind === 'elbow-90' && isSaid('45') && !isSaid('flare', 'sae')) worse += 8;
  if (getPartTraits(part.kind).insulates && !isSaid('dielectric', 'insulating')) worse += 4;
  if (threads.includes('connector') && !isSaid('connector', 'flex')) worse += 4;
  // A plain kind before one that only may be called so.
  const own = new Set([...common, ...sides.flatMap((side) => [...side.words])]);
  const unsaid = [...own].filter((word) => !words.includes(word)).length;
  return worse + (words.length > 0 && !common.has(words.at(-1)!) ? 1 : 0) + unsaid / 20;
}

/** A flare that is named by its size alone may be either of two: asked where parts of both came. */
function asksWhichFlare(parts: readonly Part[], words: readonly string[]): CounterReading['asks'] {
  const isVague =
    words.includes('flare') ||
    (words.includes('half') && words.includes('union')) ||
    (words.includes('connector') && !words.includes('end'));
  const isTold = words.some(
    (word) =>
      ['od', 'tube', 'flex', 'flexible', 'appliance', 'copper', 'sae', 'un', 'nut'].includes(word) ||
      /^\d.*-\d\d$/.test(word),
  );
  if (!isVague || isTold || (words.includes('connector') && words.includes('flare'))) return null;
  const families = new Set(
    parts.flatMap(({ ports }) => ports.map(({ end }) => (end.kind === 'thread' ? end.family : null))),
  );
  return families.has('sae-45') && families.has('connector') ? 'which-flare' : null;
}

/** What is asked for by a word of its own and never given for gas. */
const NEVER: readonly (readonly [RegExp, RefusedWay])[] = [
  [/\bpush[- ]?(?:fit|on|to[- ]connect)\b/i, 'push-fit'],
  [/\bhose[- ]?barbs?\b|\bbarbed?\b/i, 'hose-barb'],
  [/\bconduit\b|\bthread protector\b/i, 'conduit'],
  [/\bgalv(?:ani[sz]ed)?\b/i, 'galvanised'],
];
const findNever = (said: string): RefusedWay | null =>
  NEVER.find(([pattern]) => pattern.test(said))?.[1] ?? null;
