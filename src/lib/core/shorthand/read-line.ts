import { solveOffset, type OffsetPart } from '../allowances/offset.ts';
import type { Material } from '../catalogue/pipe.ts';
import type { NominalSize } from '../catalogue/size.ts';
import { THREAD_FAMILIES, type ThreadFamily } from '../catalogue/thread-family.ts';
import { getOpposite, type Axis } from '../geometry/axis.ts';
import { isAxis, type Way } from '../geometry/way.ts';
import type { SpecimenEnd } from '../identify/specimen.ts';
import type { BoughtKind } from '../catalogue/part.ts';
import type { LegGeometry, Terminal } from '../runs/run.ts';
import type { Length, LengthUnit } from '../units/length.ts';
import { LineReader, LineStop } from './line-reader.ts';
import type {
  LegSentence,
  SaidLength,
  SaidMeasure,
  SaidPart,
  SaidRef,
  Sentence,
  ShorthandProblem,
} from './sentence.ts';
import {
  findInlineKind,
  findMaterial,
  findSize,
  findUnit,
  findWay,
  type Expected,
  type Keyword,
} from './vocabulary.ts';

/** What a line says; null for an empty line. With it, what could still be said in it. */
export type LineReading =
  | { readonly ok: true; readonly sentence: Sentence | null; readonly next: readonly Expected[] }
  | { readonly ok: false; readonly problem: ShorthandProblem };

/** Reads one line. A length without a unit is in `unit`. Stops at the first word that cannot stand where it does. */
export function readLine(text: string, line: number, unit: LengthUnit): LineReading {
  const reader = new LineReader(text, line, unit);
  try {
    return readSentence(reader);
  } catch (stop) {
    if (stop instanceof LineStop) return { ok: false, problem: stop.problem };
    throw stop;
  }
}

const BEGINNINGS: readonly Expected[] = [
  'off',
  'way',
  'offset',
  'no-pipe',
  'measure',
  'source',
  'units',
  'own',
];

function readSentence(reader: LineReader): LineReading {
  if (reader.isDone) return { ok: true, sentence: null, next: BEGINNINGS };
  const done = (sentence: Sentence): LineReading => {
    if (!reader.isDone) reader.expect();
    return { ok: true, sentence, next: [] };
  };
  const begins = reader.peekKeyword();
  const word = reader.peek() ?? '';
  if (begins === 'units' || (findUnit(word) && reader.peek(1) === null)) {
    reader.takeIf('units');
    return done({ kind: 'units', unit: reader.takeBy(findUnit, 'unit') });
  }
  if (begins === 'measure') return done({ kind: 'measure', measure: readMeasureLine(reader) });
  if (begins === 'own') return done(readOwn(reader));
  if (begins === 'source' || begins === 'start') return readNodeLine(reader);
  return new LegLine(reader).read();
}

function readNodeLine(reader: LineReader): LineReading {
  const { place } = reader;
  const node = reader.takeNode();
  const said = new NodeWords(reader);
  while (!reader.isDone) if (!said.take()) reader.expect(...said.next);
  return { ok: true, sentence: { kind: 'node', node, place, ...said.node }, next: said.next };
}

function readMeasureLine(reader: LineReader): SaidMeasure & { from: SaidRef; to: SaidRef } {
  reader.skip();
  const length = reader.takeLength();
  let from: SaidRef | null = null;
  let to: SaidRef | null = null;
  let along: Axis | null = null;
  let instrument: string | null = null;
  while (!reader.isDone) {
    if (reader.takeIf('from')) from = reader.takeRef(false);
    else if (reader.takeIf('to')) to = reader.takeRef(false);
    else if (reader.takeIf('along')) along = reader.takeAxis();
    else if (reader.takeIf('with')) instrument = reader.takeText();
    else reader.expect('from', 'to', 'along', 'with');
  }
  if (!from) return reader.expect('from');
  if (!to) return reader.expect('to');
  return { ...length, from, to, along, instrument };
}

function readOwn(reader: LineReader): Extract<Sentence, { kind: 'own' }> {
  reader.skip();
  const of = reader.takeText();
  const reaches: Record<string, Length> = {};
  let [typed, by] = ['', ''];
  while (!reader.isDone) {
    if (reader.takeIf('typed')) typed = reader.takeText();
    else if (reader.takeIf('by')) by = reader.takeText();
    else {
      const port = reader.peek();
      if (port === null || !/^[a-z][a-z-]{0,20}$/.test(port)) return reader.expect('typed', 'by');
      reader.skip();
      reaches[port] = reader.takeLength().value;
    }
  }
  return { kind: 'own', of, reaches, typed, by };
}

/** What stands at a point: `cap`, `appliance "kiln"`, `as street-90`. */
class NodeWords {
  readonly #reader: LineReader;
  #terminal: Terminal | null | undefined;
  #part: BoughtKind | undefined;

  constructor(reader: LineReader) {
    this.#reader = reader;
  }

  get node(): { terminal?: Terminal | null; part?: BoughtKind } {
    return {
      ...(this.#terminal === undefined ? {} : { terminal: this.#terminal }),
      ...(this.#part === undefined ? {} : { part: this.#part }),
    };
  }

  get next(): Keyword[] {
    const ends: Keyword[] = ['cap', 'open', 'plug', 'appliance'];
    return [...(this.#terminal === undefined ? ends : []), ...(this.#part ? [] : (['as'] as const))];
  }

  /** Takes what the next words say of the point; false when they say nothing of it. */
  take(): boolean {
    const reader = this.#reader;
    const keyword = reader.peekKeyword();
    if (keyword === 'as') {
      if (this.#part) reader.stop({ code: 'said-twice', read: 'as' });
      reader.skip();
      this.#part = reader.takeKind();
      return true;
    }
    const terminal = this.#findTerminal(keyword);
    if (terminal === undefined) return false;
    if (this.#terminal !== undefined) reader.stop({ code: 'said-twice', read: reader.peek()! });
    reader.skip();
    this.#terminal = terminal();
    return true;
  }

  #findTerminal(keyword: Keyword | null): (() => Terminal | null) | undefined {
    if (keyword === 'open' || keyword === 'cap' || keyword === 'plug') return () => ({ kind: keyword });
    if (keyword === 'undecided') return () => null;
    if (keyword === 'appliance') return () => this.#takeAppliance();
    return keyword === 'found' ? () => this.#takeFound() : undefined;
  }

  #takeAppliance(): Terminal {
    const name = this.#reader.takeText();
    const word = this.#reader.peek()?.toLowerCase();
    if (word !== 'male' && word !== 'female') return { kind: 'appliance', name, gender: 'female' };
    this.#reader.skip();
    return { kind: 'appliance', name, gender: word };
  }

  /** `found "specimen" "thread" "family" "size" "female" "certain"`, then threads it may be as well. */
  #takeFound(): Terminal {
    const reader = this.#reader;
    const takeOne = <Value extends string>(values: readonly Value[]): Value => {
      const { place } = reader;
      const read = reader.takeText();
      const value = values.find((each) => each === read);
      return value ?? reader.stop({ code: 'word-unknown', read, nearest: null, expected: ['text'] }, place);
    };
    const [specimen, thread] = [reader.takeText(), reader.takeText()];
    const family = takeOne<ThreadFamily>(THREAD_FAMILIES);
    const size = reader.takeText();
    const gender = takeOne<SpecimenEnd['gender']>(['male', 'female']);
    const certainty = takeOne<SpecimenEnd['certainty']>(['certain', 'likely', 'tie']);
    const orElse: string[] = [];
    while (reader.isAtText) orElse.push(reader.takeText());
    return { kind: 'existing', specimen, end: { thread, family, size, gender, certainty, orElse } };
  }
}

/** A line that says a leg. What it is made of may come in any order; nothing may come twice. */
class LegLine {
  readonly #reader: LineReader;
  readonly #node: NodeWords;
  readonly #said = new Set<string>();
  #tag: number | null = null;
  #from: LegSentence['from'] = null;
  #joins: LegSentence['joins'] = null;
  #kind: LegGeometry['kind'] = 'axis';
  #way: Way | null = null;
  #male: 'from' | 'to' = 'to';
  #size: NominalSize | null = null;
  #material: Material | null = null;
  #length: SaidLength | null = null;
  #measure: { from: SaidRef | null; to: SaidRef | null; along: Axis | null; instrument: string | null } = {
    from: null,
    to: null,
    along: null,
    instrument: null,
  };
  #figures: Partial<Record<OffsetPart, SaidLength>> = {};
  #sides: { set: Axis | null; roll: Axis | null } = { set: null, roll: null };
  #parts: SaidPart[] = [];
  #order: number | null = null;

  constructor(reader: LineReader) {
    this.#reader = reader;
    this.#node = new NodeWords(reader);
  }

  read(): LineReading {
    const reader = this.#reader;
    const { whole: place } = reader;
    const numbered = /^(\d{1,6})[:.)]$/.exec(reader.peek() ?? '');
    if (numbered && Number(numbered[1]) > 0) {
      this.#tag = Number(numbered[1]);
      reader.skip();
    }
    while (!reader.isDone) if (!this.#takeClause()) reader.expect(...this.#next);
    const geometry = this.#makeGeometry();
    const sentence: LegSentence = {
      kind: 'leg',
      place,
      tag: this.#tag,
      from: this.#from,
      joins: this.#joins,
      geometry,
      size: this.#size,
      material: this.#material,
      measure: this.#length && { ...this.#length, ...this.#measure },
      parts: this.#parts,
      order: this.#order,
      ...this.#node.node,
    };
    return { ok: true, sentence, next: this.#next };
  }

  /** What has not been said yet, the most likely first. */
  get #next(): Expected[] {
    const isOffset = this.#kind === 'offset';
    const open: [boolean, readonly Expected[]][] = [
      [this.#way === null, ['way']],
      [this.#way === null && this.#said.size === 0, ['off', 'offset', 'no-pipe', 'loose']],
      [isOffset, (['set', 'roll', 'run', 'travel'] as const).filter((part) => !this.#said.has(part))],
      [this.#kind === 'axis' && !this.#length, ['length']],
      [this.#kind === 'made-up' && !this.#said.has('male'), ['male']],
      [!this.#size, ['of']],
      [this.#length !== null, (['from', 'to'] as const).filter((each) => !this.#said.has(each))],
      [this.#kind === 'axis', ['inline']],
    ];
    return [...open.flatMap(([isOpen, words]) => (isOpen ? words : [])), ...this.#node.next];
  }

  #once(what: string): void {
    const reader = this.#reader;
    if (this.#said.has(what)) reader.stop({ code: 'said-twice', read: reader.peek() ?? what });
    this.#said.add(what);
  }

  #takeClause(): boolean {
    const reader = this.#reader;
    const word = reader.peek();
    if (word === null) return false;
    if (word === '?') {
      this.#once('length');
      reader.skip();
      return true;
    }
    if (reader.isAtLength) {
      this.#once('length');
      this.#length = reader.takeLength();
      return true;
    }
    this.#skipLittleWords(word.toLowerCase());
    const keyword = reader.peekKeyword();
    if (keyword && this.#takeKeyword(keyword)) return true;
    const inline = findInlineKind(reader.peek() ?? '');
    if (inline) {
      reader.skip();
      this.#parts.push({ part: inline, ...this.#takePartPlace() });
      return true;
    }
    if (findWay(word) && this.#way === null) {
      this.#way = reader.takeBy(findWay, 'way');
      return true;
    }
    return this.#node.take();
  }

  /** As one speaks: `no pipe`, `with a valve`. */
  #skipLittleWords(word: string): void {
    const next = this.#reader.peek(1)?.toLowerCase() ?? '';
    if (word === 'no' && next === 'pipe') {
      this.#reader.skip();
      this.#reader.replace('no-pipe');
    } else if (word === 'with' && findInlineKind(next)) this.#reader.skip();
  }

  #takePartPlace(): Pick<SaidPart, 'share' | 'at'> {
    const reader = this.#reader;
    const share = this.#takeShare();
    return { share: share ?? 0.5, at: reader.takeIf('at') ? reader.takeLength() : null };
  }

  /** `40%`, or `share 0.4` where hundredths do not say it; null when no share is said. */
  #takeShare(): number | null {
    const reader = this.#reader;
    const isPlain = reader.takeIf('share');
    const word = reader.peek() ?? '';
    if (!isPlain && !/^[\d.]+%$/.test(word)) return null;
    const number = Number(isPlain ? word : word.slice(0, -1)) / (isPlain ? 1 : 100);
    if (word === '' || !(number >= 0 && number <= 1)) reader.expect(isPlain ? 'number' : 'percent');
    reader.skip();
    return number;
  }

  #takeKeyword(keyword: Keyword): boolean {
    const reader = this.#reader;
    const take = this.#takers[keyword];
    if (!take) return false;
    this.#once(keyword);
    reader.skip();
    take();
    return true;
  }

  #takeFrom(): void {
    const { place } = this.#reader;
    this.#from = { name: this.#reader.takeNode(), place };
  }

  /** What each word brings. */
  readonly #takers: Readonly<Partial<Record<Keyword, () => void>>> = {
    off: () => this.#takeFrom(),
    from: () => {
      // Before the way it says where the leg grows, after it where the measure is taken.
      if (this.#way === null && this.#length === null) this.#takeFrom();
      else this.#measure.from = this.#reader.takeRef(false);
    },
    loose: () => {
      this.#from = 'loose';
    },
    joins: () => {
      const { place } = this.#reader;
      this.#joins = { name: this.#reader.takeNode(), place };
    },
    to: () => {
      this.#measure.to = this.#reader.takeRef(true);
    },
    along: () => {
      this.#measure.along = this.#reader.takeAxis();
    },
    with: () => {
      this.#measure.instrument = this.#reader.takeText();
    },
    of: () => this.#takeSize(),
    offset: () => {
      this.#kind = 'offset';
    },
    'no-pipe': () => {
      this.#kind = 'made-up';
    },
    male: () => {
      if (this.#reader.takeIf('near')) this.#male = 'from';
      else if (!this.#reader.takeIf('far')) this.#reader.expect('near', 'far');
    },
    set: () => this.#takeFigure('set'),
    roll: () => this.#takeFigure('roll'),
    run: () => this.#takeFigure('run'),
    travel: () => this.#takeFigure('travel'),
    order: () => {
      this.#order = this.#reader.takeTag();
    },
  };

  #takeSize(): void {
    const reader = this.#reader;
    const [whole, fraction] = [reader.peek(), reader.peek(1)];
    const both = whole !== null && fraction !== null ? findSize(`${whole} ${fraction}`) : null;
    if (both) {
      reader.skip(2);
      this.#size = both;
    } else this.#size = reader.takeBy(findSize, 'size');
    if (reader.peek()?.toLowerCase() === 'in') reader.skip();
    const material = reader.peek();
    this.#material = material === null ? null : findMaterial(material);
    if (this.#material) reader.skip();
  }

  #takeFigure(part: OffsetPart): void {
    if (this.#reader.isAtLength) this.#figures[part] = this.#reader.takeLength();
    if (part === 'set' || part === 'roll') this.#sides[part] = this.#reader.takeAxis();
    else if (!this.#figures[part]) this.#reader.expect('length');
  }

  #makeGeometry(): LegGeometry {
    const reader = this.#reader;
    if (this.#way === null) return reader.expect('way');
    if (this.#kind === 'made-up') return { kind: 'made-up', axis: this.#way, male: this.#male };
    if (this.#kind === 'offset') return this.#makeOffset(this.#way);
    if (!this.#said.has('length')) return reader.expect('length');
    return { kind: 'axis', axis: this.#way };
  }

  #makeOffset(along: Way): LegGeometry {
    const reader = this.#reader;
    if (!isAxis(along)) return reader.stop({ code: 'offset-not-square' }, reader.whole);
    const { set: setWay, roll: rollWay } = this.#sides;
    if (!setWay) return reader.expect('set');
    const said = Object.fromEntries(Object.entries(this.#figures).map(([part, { value }]) => [part, value]));
    const solved = solveOffset(said);
    if (!solved.ok) return reader.stop({ code: 'offset-wrong', refusal: solved.refusal }, reader.whole);
    const side = (part: 'set' | 'roll', way: Axis) => ({
      way,
      length: solved.value[part],
      typed: this.#figures[part]?.typed ?? '',
    });
    const lines = [along, setWay, ...(rollWay ? [rollWay] : [])].map(
      (way) => [way, getOpposite(way)].sort()[0],
    );
    if (new Set(lines).size < lines.length) return reader.stop({ code: 'offset-not-square' }, reader.whole);
    if (solved.value.roll > 0 && !rollWay) return reader.expect('roll');
    const roll = rollWay && solved.value.roll > 0 ? side('roll', rollWay) : null;
    return { kind: 'offset', along, set: side('set', setWay), roll, angle: 45 };
  }
}
