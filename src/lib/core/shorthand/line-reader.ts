import { distance } from 'fastest-levenshtein';
import { isAxis, type Axis } from '#core/geometry';
import type { BoughtKind } from '#core/catalogue';
import { parseLength, checkMeasure, type LengthUnit } from '#core/units';
import type { NodeName, Place, SaidLength, SaidRef, ShorthandProblem, ShorthandRefusal } from './sentence.ts';
import { splitWords, type Word } from './split-words.ts';
import {
  ALL_WORDS,
  findKeyword,
  findKind,
  findPoint,
  findWay,
  getWordsFor,
  type Expected,
  type Keyword,
} from './vocabulary.ts';

/** Words of the longest written length: `3 ft 7 1/4 in`. */
const LONGEST_LENGTH = 6;
const LENGTH_WORD =
  /^(?:[-−–]?[\d.½¼¾⅛⅜⅝⅞⁰¹²³⁴⁵⁶⁷⁸⁹].*|'|′|"|″|ft\.?|feet|foot|in\.?|ins\.?|inch|inches|mm|cm|m|metres?|meters?|millimetres?|millimeters?)$/i;

/** Ends the reading of a line: thrown here, caught by `readLine`. */
export class LineStop extends Error {
  readonly problem: ShorthandProblem;
  constructor(problem: ShorthandProblem) {
    super(problem.refusal.code);
    this.problem = problem;
  }
}

/** Reads one line word by word. What it cannot read stops it at that word, with what was expected there. */
export class LineReader {
  readonly line: number;
  readonly unit: LengthUnit;
  readonly #text: string;
  readonly #words: Word[];
  #at = 0;

  constructor(text: string, line: number, unit: LengthUnit) {
    this.#text = text;
    this.#words = splitWords(text);
    this.line = line;
    this.unit = unit;
  }

  get isDone(): boolean {
    return this.#at >= this.#words.length;
  }

  /** The next word, not yet taken; null at the end of the line and where a text stands. */
  peek(ahead = 0): string | null {
    const word = this.#words[this.#at + ahead];
    return word?.kind === 'word' ? word.text : null;
  }

  /** Where the next word stands; the end of the line when there is none. */
  get place(): Place {
    const word = this.#words[this.#at];
    const end = this.#words.at(-1)?.to ?? 0;
    return { line: this.line, from: word?.from ?? end, to: word?.to ?? end };
  }

  get whole(): Place {
    return { line: this.line, from: this.#words[0]?.from ?? 0, to: this.#words.at(-1)?.to ?? 0 };
  }

  skip(words = 1): void {
    this.#at += words;
  }

  /** Reads the next word as another. */
  replace(text: string): void {
    const word = this.#words[this.#at];
    if (word) this.#words[this.#at] = { ...word, text };
  }

  stop(refusal: ShorthandRefusal, place: Place = this.place): never {
    throw new LineStop({ ...place, refusal });
  }

  /** The next word cannot stand here, or is missing. */
  expect(...expected: readonly Expected[]): never {
    const word = this.#words[this.#at];
    if (!word) this.stop({ code: 'word-missing', expected });
    const read = this.#text.slice(word.from, word.to);
    this.stop({ code: 'word-unknown', read, nearest: findNearest(read, expected), expected });
  }

  /** Takes the next word when it begins what is named. */
  takeIf(keyword: Keyword): boolean {
    if (this.peekKeyword() !== keyword) return false;
    this.skip();
    return true;
  }

  peekKeyword(): Keyword | null {
    const word = this.peek();
    return word === null ? null : findKeyword(word);
  }

  takeText(): string {
    const word = this.#words[this.#at];
    if (word?.kind !== 'text') this.expect('text');
    this.skip();
    return word.text;
  }

  get isAtText(): boolean {
    return this.#words[this.#at]?.kind === 'text';
  }

  takeBy<Value>(find: (word: string) => Value | null, expected: Expected): Value {
    const word = this.peek();
    const value = word === null ? null : find(word);
    if (value === null) this.expect(expected);
    this.skip();
    return value;
  }

  /** A kind of fitting, in one word or two: `street elbow`. */
  takeKind(): BoughtKind {
    const [word, next] = [this.peek(), this.peek(1)];
    const both = word !== null && next !== null ? findKind(`${word}-${next}`) : null;
    if (!both) return this.takeBy(findKind, 'kind');
    this.skip(2);
    return both;
  }

  takeAxis(): Axis {
    const way = this.takeBy(findWay, 'axis');
    if (!isAxis(way)) {
      this.skip(-1);
      this.expect('axis');
    }
    return way;
  }

  takeTag(): number {
    const word = this.peek();
    if (word === null || !/^\d{1,6}$/.test(word) || Number(word) === 0) this.expect('tag');
    this.skip();
    return Number(word);
  }

  get isAtLength(): boolean {
    const word = this.peek();
    return word !== null && /^[-−–]?[.]?[\d½¼¾⅛⅜⅝⅞⁰¹²³⁴⁵⁶⁷⁸⁹]/.test(word) && !word.endsWith('%');
  }

  /** Takes as many words as make one length. A text after it is what is kept as typed. */
  takeLength(allowZero = false): SaidLength {
    const [first] = this.#words.slice(this.#at);
    if (!this.isAtLength || !first) this.expect('length');
    const following = this.#words.slice(this.#at, this.#at + LONGEST_LENGTH);
    const end = following.findIndex(
      ({ kind, text }) => kind !== 'word' || text.endsWith('%') || !LENGTH_WORD.test(text),
    );
    const most = end < 0 ? following.length : end;
    const slice = (count: number) => this.#text.slice(first.from, following[count - 1]!.to);
    for (let count = most; count > 0; count--) {
      const read = parseLength(slice(count), this.unit);
      if (!read.ok) continue;
      const checked = read.value.length === 0 && allowZero ? read.value : null;
      const fits = checked ? null : checkMeasure(read.value.length, slice(count));
      const place = { line: this.line, from: first.from, to: following[count - 1]!.to };
      if (fits && !fits.ok) this.stop({ code: 'length-wrong', refusal: fits.refusal }, place);
      // Words left over that can only belong to a length: it does not read as a whole.
      if (count < most) break;
      this.skip(count);
      const typed = this.isAtText ? this.takeText() : slice(count);
      return { value: read.value.length, typed };
    }
    const whole = parseLength(slice(most), this.unit);
    const place = { line: this.line, from: first.from, to: following[most - 1]!.to };
    if (!whole.ok) this.stop({ code: 'length-wrong', refusal: whole.refusal }, place);
    return this.expect('length');
  }

  /** `3`, `leg 3`, `end of 3`, `start of 3`, `source`. */
  takeNode(): NodeName {
    if (this.takeIf('source')) return { kind: 'source' };
    if (this.takeIf('start')) {
      this.takeIf('of');
      return { kind: 'start', tag: this.takeTag() };
    }
    this.#skipWord('leg');
    if (this.peek() === null || !/^\d/.test(this.peek()!)) this.expect('tag', 'source', 'start');
    return { kind: 'end', tag: this.takeTag() };
  }

  /** `[face of] 3`, `wall behind 3 gap 2`, `part 1 of 3`; with `self`, `its face` is of the leg's own end. */
  takeRef(self: boolean): SaidRef {
    const from = this.place;
    const isIts = self && this.#skipWord('its');
    const word = this.peek();
    const at = word === null ? null : findPoint(word);
    if (at) this.skip();
    else if (isIts) this.expect('point');
    const hasOf = !isIts && this.#takeOf();
    const isNamed = hasOf || at === null || !self;
    const of = isNamed ? this.#takeThing() : null;
    const gap = this.takeIf('gap') ? this.takeLength(true).value : 0;
    return { at: at ?? 'centre', gap, of, place: { ...from, to: this.#endOfTaken } };
  }

  #takeOf(): boolean {
    return this.takeIf('of') || this.#skipWord('behind');
  }

  #takeThing(): SaidRef['of'] {
    if (!this.takeIf('part')) return this.takeNode();
    const number = this.takeTag();
    if (!this.takeIf('of')) this.expect('of');
    return { kind: 'part', number, tag: this.takeTag() };
  }

  get #endOfTaken(): number {
    return this.#words[this.#at - 1]?.to ?? 0;
  }

  #skipWord(word: string): boolean {
    if (this.peek()?.toLowerCase() !== word) return false;
    this.skip();
    return true;
  }
}

/** The known word nearest to one that is not, one that can stand here before others; null when none is near. */
function findNearest(read: string, expected: readonly Expected[]): string | null {
  const word = read.toLowerCase();
  if (word.length < 3 || /\d/.test(word)) return null;
  let best: string | null = null;
  let least = Math.ceil(word.length / 3) + 1;
  for (const known of [...getWordsFor(expected), ...ALL_WORDS]) {
    const far = distance(word, known);
    if (far < least) [best, least] = [known, far];
  }
  return best;
}
