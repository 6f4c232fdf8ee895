import { solveOffset, type OffsetPart } from '#core/allowances';
import type { Material, Stock } from '#core/catalogue';
import type { LegSize, ThreadEnd } from '#core/ends';
import { getOpposite, type Axis, isAxis, type Way } from '#core/geometry';
import type { ZoneId } from '#core/permissions';
import type { LegGeometry } from '#core/runs/document';
import { getCraftOf } from '#core/materials';
import type { LineReader } from './line-reader.ts';
import { takeEnd } from './end-in-words.ts';
import { NodeWords } from './node-words.ts';
import { findYesNo } from './plate-words.ts';
import type { LegSentence, LineReading, SaidLength, SaidPart, SaidPassage, SaidRef } from './sentence.ts';
import {
  findDegrees,
  findGuard,
  findInlineKind,
  findMaterial,
  findPassage,
  findSize,
  findStock,
  findWay,
  findZone,
  LONGEST_SIZE,
  type Expected,
  type Keyword,
} from './vocabulary.ts';

/** A line that says a leg. What it is made of may come in any order; nothing may come twice. */
export class LegLine {
  readonly #reader: LineReader;
  readonly #node: NodeWords;
  readonly #said = new Set<string>();
  #tag: number | null = null;
  #from: LegSentence['from'] = null;
  #joins: LegSentence['joins'] = null;
  #kind: LegGeometry['kind'] = 'axis';
  #way: Way | null = null;
  #male: 'from' | 'to' = 'to';
  #connector: {
    begins: ThreadEnd | null;
    ends: ThreadEnd | null;
    long: SaidLength | null;
    isNew: boolean | null;
  } = {
    begins: null,
    ends: null,
    long: null,
    isNew: null,
  };
  #size: LegSize | null = null;
  #material: Material | null = null;
  #stock: Stock | null = null;
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
  #trap: SaidLength | null = null;
  #order: number | null = null;
  #zone: ZoneId | null = null;
  #bearing: number | null = null;
  #printed: string | null = null;
  #fished: LegSentence['fished'] = null;
  readonly #passages: SaidPassage[] = [];

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
      stock: this.#stock,
      measure: this.#length && { ...this.#length, ...this.#measure },
      parts: this.#parts,
      trap: this.#trap,
      order: this.#order,
      zone: this.#zone,
      bearing: this.#bearing,
      printed: this.#printed,
      fished: this.#fished,
      passages: this.#passages,
      ...this.#node.node,
    };
    return { ok: true, sentence, next: this.#next };
  }

  /** What has not been said yet, the most likely first. */
  get #next(): Expected[] {
    const isOffset = this.#kind === 'offset';
    const open: [boolean, readonly Expected[]][] = [
      [this.#way === null, ['way']],
      [
        this.#way === null && this.#said.size === 0,
        ['off', 'offset', 'no-pipe', 'connector', 'route', 'loose'],
      ],
      [
        this.#kind === 'connector',
        (['begins', 'ends', 'long', 'new'] as const).filter((part) => !this.#said.has(part)),
      ],
      [isOffset, (['set', 'roll', 'run', 'travel'] as const).filter((part) => !this.#said.has(part))],
      [(this.#kind === 'axis' || this.#kind === 'route') && !this.#said.has('length'), ['length']],
      [this.#kind === 'made-up' && !this.#said.has('male'), ['male']],
      [!this.#size, ['of']],
      [!this.#zone, ['place']],
      [true, ['passes']],
      [this.#length !== null, (['from', 'to'] as const).filter((each) => !this.#said.has(each))],
      [this.#kind === 'axis', ['inline', ...(this.#trap ? [] : (['trap'] as const))]],
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
    // Of floors and walls a leg may pass several.
    if (keyword !== 'passes') this.#once(keyword);
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
    trap: () => {
      this.#trap = this.#reader.takeLength();
    },
    connector: () => {
      this.#kind = 'connector';
    },
    route: () => {
      this.#kind = 'route';
    },
    begins: () => {
      this.#connector.begins = this.#takeThread();
    },
    ends: () => {
      this.#connector.ends = this.#takeThread();
    },
    long: () => {
      this.#connector.long = this.#reader.takeLength();
    },
    new: () => {
      this.#connector.isNew = this.#reader.takeBy(findYesNo, 'yes-no').is;
    },
    male: () => {
      if (this.#reader.takeIf('near')) this.#male = 'from';
      else if (!this.#reader.takeIf('far')) this.#reader.expect('near', 'far');
    },
    set: () => this.#takeFigure('set'),
    roll: () => this.#takeFigure('roll'),
    run: () => this.#takeFigure('run'),
    travel: () => this.#takeFigure('travel'),
    place: () => {
      this.#zone = this.#reader.takeBy(findZone, 'zone');
    },
    bearing: () => {
      this.#bearing = this.#reader.takeBy(findDegrees, 'degrees');
    },
    printed: () => {
      this.#printed = this.#reader.takeText();
    },
    fished: () => {
      this.#fished = { text: this.#reader.takeText(), reason: this.#reader.takeText() };
    },
    passes: () => {
      const kind = this.#reader.takeBy(findPassage, 'passage');
      const share = this.#takeShare() ?? 0.5;
      const guard = findGuard(this.#reader.peek() ?? '');
      if (guard) this.#reader.skip();
      this.#passages.push({ kind, share, guard });
    },
    order: () => {
      this.#order = this.#reader.takeTag();
    },
  };

  #takeSize(): void {
    const reader = this.#reader;
    this.#size = this.#takeLongSize() ?? reader.takeBy(findSize, 'size');
    if (reader.peek()?.toLowerCase() === 'in') reader.skip();
    // Types K and L carry gas; M, DWV and thin wall never do.
    if (/^(?:m|dwv)$/i.test(reader.peek() ?? '')) reader.stop({ code: 'copper-type-m' });
    const material = reader.peek();
    this.#material = material === null ? null : findMaterial(material);
    if (this.#material) reader.skip();
    const stock = reader.peek();
    this.#stock = stock === null ? null : findStock(stock);
    if (this.#stock) reader.skip();
    const sizes = this.#material && getCraftOf(this.#material).listSizes(this.#material);
    if (sizes && !sizes.includes(this.#size))
      reader.stop({ code: 'size-not-of-material', size: this.#size, material: this.#material! });
  }

  /** A size of several words; null where one word has to do. Polyethylene without its wall says too little. */
  #takeLongSize(): LegSize | null {
    const reader = this.#reader;
    const words = Array.from({ length: LONGEST_SIZE }, (_, i) => reader.peek(i));
    for (let count = LONGEST_SIZE; count > 1; count--) {
      const said = words.slice(0, count);
      const size = said.includes(null) ? null : findSize(said.join(' '));
      if (!size) continue;
      reader.skip(count);
      return size;
    }
    if (/^(?:ips|cts)$/i.test(words[1] ?? '')) {
      reader.skip();
      reader.stop({ code: 'pe-wall-not-said', size: `${words[0]} ${words[1]!.toUpperCase()}` });
    }
    return null;
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
    if (this.#kind === 'connector') return this.#makeConnector(this.#way);
    if (this.#kind === 'offset') return this.#makeOffset(this.#way);
    if (!this.#said.has('length')) return reader.expect('length');
    return { kind: this.#kind === 'route' ? 'route' : 'axis', axis: this.#way };
  }

  #makeConnector(axis: Way): LegGeometry {
    const { begins, ends, long, isNew } = this.#connector;
    if (!begins) return this.#reader.expect('begins');
    if (!ends) return this.#reader.expect('ends');
    return {
      kind: 'connector',
      axis,
      ends: [begins, ends],
      length: long?.value ?? null,
      typed: long?.typed ?? '',
      isNew,
    };
  }

  /** The thread a connector ends in, in quoted words. */
  #takeThread(): ThreadEnd {
    const end = takeEnd(this.#reader, []);
    if (end.kind === 'thread') return end;
    return this.#reader.expect('text');
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
