import { getCraft } from '#core/materials';
import {
  findSource,
  type ConnectorGeometry,
  type InlinePart,
  type Leg,
  type Measure,
  type OffsetSide,
  type PrintedOn,
  type Ref,
  type RunDoc,
  type RunNode,
  type Terminal,
  getLegs,
  getLegsByNode,
  findLegOfPart,
} from '#core/runs/document';
import { GENDERS, type End } from '#core/ends';
import { isSameJson } from '#core/outcome';
import { asJson } from '#core/runs/commands';
import { findInlet } from '#core/runs/fittings';
import { sayEndWords } from './end-in-words.ts';
import { MILLIMETRE, type Length, type LengthUnit } from '#core/units';
import { LineReader, LineStop } from './line-reader.ts';
import { sortParts } from './make-written-run.ts';
import { sayPlate } from './plate-words.ts';
import { quote } from './split-words.ts';
import { nameGuard, nameMaterial, nameStock, namePoint } from './vocabulary.ts';

/**
 * Writes a run as shorthand, one line for each leg, then what no line of a leg can hold. Read again it is the same run but
 * for ids; house rules and the catalogue's version are the run's own and are not written.
 */
export function writeShorthand(doc: RunDoc, unit: LengthUnit): string {
  return new TextWriter(doc, unit).write();
}

class TextWriter {
  readonly #doc: RunDoc;
  readonly #unit: LengthUnit;
  readonly #legs: readonly Leg[];
  /** Node → how it is named. */
  readonly #names = new Map<string, string>();
  /** Node → the line that says what stands there: the leg that ends in it. */
  readonly #ended = new Map<string, string>();
  /** Leg → its parts in the order in which they are numbered. */
  readonly #parts = new Map<string, readonly InlinePart[]>();
  readonly #written = new Set<string>();
  readonly #byEnds = new Map<string, Measure[]>();

  constructor(doc: RunDoc, unit: LengthUnit) {
    this.#doc = doc;
    this.#unit = unit;
    this.#legs = [...getLegs(doc).values()].sort((a, b) => a.tag - b.tag);
    const source = findSource(doc);
    if (source !== null) this.#names.set(source, 'source');
    for (const leg of this.#legs) {
      if (!this.#names.has(leg.to)) {
        this.#names.set(leg.to, String(leg.tag));
        this.#ended.set(leg.to, leg.id);
      }
      this.#parts.set(leg.id, this.#sortParts(leg));
    }
    for (const leg of this.#legs) {
      if (!this.#names.has(leg.from)) this.#names.set(leg.from, `start of ${leg.tag}`);
    }
    for (const measure of Object.values(doc.measures)) {
      const key = getKey(measure.to);
      this.#byEnds.set(key, [...(this.#byEnds.get(key) ?? []), measure]);
    }
  }

  write(): string {
    const lines = [`units ${this.#unit}`];
    let before: Leg | null = null;
    for (const leg of this.#legs) {
      lines.push(this.#sayLeg(leg, before));
      before = leg;
    }
    for (const [node, name] of this.#names) {
      const said = this.#ended.has(node) ? '' : this.#sayNode(this.#doc.nodes[node]!, name === 'source');
      if (said) lines.push(`${name}${said}`);
    }
    const rest = Object.values(this.#doc.measures).filter(({ id }) => !this.#written.has(id));
    lines.push(...rest.map((measure) => this.#sayMeasureLine(measure)).sort());
    const marked = Object.values(this.#doc.prints).flatMap((print) =>
      Object.hasOwn(this.#doc.parts, print.id)
        ? [`marked ${this.#namePart(print.id)} ${this.#sayMarking(print)}`]
        : [],
    );
    lines.push(...marked.sort());
    const own = Object.values(this.#doc.ownParts).map(({ of, reaches, depths, typed, by }) => {
      const say = (lengths: typeof reaches, word: string): string =>
        Object.entries(lengths)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([port, length]) => ` ${port}${word} ${sayExactly(length)}`)
          .join('');
      const said = say(reaches, '') + say(depths, ' deep');
      return `own ${quote(of)}${said}${typed ? ` typed ${quote(typed)}` : ''}${by ? ` by ${quote(by)}` : ''}`;
    });
    return `${[...lines, ...own.sort()].join('\n')}\n`;
  }

  #sortParts(leg: Leg): InlinePart[] {
    return sortParts(Object.values(leg.inline));
  }

  #sayLeg(leg: Leg, before: Leg | null): string {
    const { geometry } = leg;
    const clauses: string[] = [];
    const isNamedHere = this.#names.get(leg.from) === `start of ${leg.tag}`;
    const expected = before === null ? findSource(this.#doc) : before.to;
    if (isNamedHere) clauses.push('loose');
    else if (leg.from !== expected) clauses.push(`off ${this.#names.get(leg.from)}`);
    if (geometry.kind === 'offset') {
      clauses.push(`offset ${geometry.along}`, `set ${this.#saySide(geometry.set)}`);
      if (geometry.roll) clauses.push(`roll ${this.#saySide(geometry.roll)}`);
    } else if (geometry.kind === 'made-up') {
      clauses.push(`no-pipe ${geometry.axis}${geometry.male === 'from' ? ', male near' : ''}`);
    } else if (geometry.kind === 'connector') clauses.push(...this.#sayConnector(geometry));
    else {
      const said = this.#sayMeasureOf(leg) ?? '?';
      clauses.push(`${geometry.kind === 'route' ? 'route ' : ''}${geometry.axis} ${said}`);
    }
    const isAsBefore = leg.material === before?.material && leg.stock === before.stock;
    if (leg.size !== before?.size || !isAsBefore)
      clauses.push(`of ${leg.size}${isAsBefore ? '' : ` ${nameMaterial(leg.material)}${sayStock(leg)}`}`);
    clauses.push(...this.#parts.get(leg.id)!.map((part) => this.#sayPart(leg, part)));
    if (this.#ended.get(leg.to) === leg.id) {
      const said = this.#sayNode(this.#doc.nodes[leg.to]!, false);
      if (said) clauses.push(said.slice(2));
    } else clauses.push(`joins ${this.#names.get(leg.to)}`);
    const zone = this.#doc.zones[leg.id]?.zone;
    if (zone) clauses.push(`place ${zone}`);
    clauses.push(...this.#sayGround(leg));
    const order = this.#findOrder(leg);
    if (order !== null) clauses.push(`order ${order}`);
    return `${leg.tag}: ${clauses.join(', ')}`;
  }

  /** What is said of a leg's way in the ground, of its pipe, and of what it passes. */
  #sayGround({ id }: Leg): string[] {
    const { bearings, prints, fished, passages } = this.#doc;
    const held = fished[id];
    const passed = Object.values(passages)
      .filter(({ leg }) => leg === id)
      .map(({ kind, share, guard }) =>
        [
          `passes ${kind}`,
          ...(share === 0.5 ? [] : [sayShare(share)]),
          ...(guard ? [nameGuard(guard)] : []),
        ].join(' '),
      );
    return [
      ...(bearings[id] ? [`bearing ${bearings[id].degrees}`] : []),
      ...(prints[id] ? [`printed ${quote(prints[id].text)}`] : []),
      ...(held ? [`fished ${quote(held.text)} ${quote(held.reason)}`] : []),
      ...passed.sort(),
    ];
  }

  /** What is said of a point in the ground. */
  #sayDepth(id: string): string {
    const cover = this.#doc.covers[id];
    const marking = this.#doc.prints[id];
    return [
      ...(cover ? [`, cover ${this.#sayLength({ value: cover.cover, typed: cover.typed })}`] : []),
      ...(marking ? [`, marked ${this.#sayMarking(marking)}`] : []),
    ].join('');
  }

  #sayMarking = ({ text, bury, typed }: PrintedOn): string =>
    `${quote(text)}${bury === null ? '' : ` bury ${this.#sayLength({ value: bury, typed })}`}`;

  #sayConnector({ axis, ends: [begins, ends], length, typed, isNew }: ConnectorGeometry): string[] {
    const sayEnd = (end: End): string => sayEndWords(end).map(quote).join(' ');
    return [
      `connector ${axis}`,
      `begins ${sayEnd(begins)}`,
      `ends ${sayEnd(ends)}`,
      ...(length === null ? [] : [`long ${this.#sayLength({ value: length, typed })}`]),
      ...(isNew === null ? [] : [`new ${isNew ? 'yes' : 'no'}`]),
    ];
  }

  /** The first measure to the leg's end that only takes its own words; the others have lines of their own. */
  #sayMeasureOf(leg: Leg): string | null {
    if (leg.geometry.kind !== 'axis' && leg.geometry.kind !== 'route') return null;
    const candidates = REF_KEYS.flatMap((at) => this.#byEnds.get(`node ${leg.to} ${at}`) ?? []);
    const isPlain = ({ from, to, along }: Measure) =>
      from.id === leg.from && from.at === 'centre' && to.at === 'centre' && along === null;
    const free = candidates.filter(({ id }) => !this.#written.has(id));
    const lines = free.map((measure) => ({ measure, text: this.#sayMeasureLine(measure) }));
    lines.sort(
      (a, b) => Number(isPlain(b.measure)) - Number(isPlain(a.measure)) || (a.text < b.text ? -1 : 1),
    );
    const found = lines[0]?.measure;
    if (!found) return null;
    this.#written.add(found.id);
    const { from, to } = found;
    const plainFrom = from.kind === 'node' && from.id === leg.from && from.at === 'centre' && from.gap === 0;
    const plainTo = to.at === 'centre' && to.gap === 0;
    return [
      this.#sayLength(found),
      ...(plainFrom ? [] : [`from ${this.#sayRef(from)}`]),
      ...(plainTo ? [] : [`to its ${namePoint(to.at)}${sayGap(to.gap)}`]),
      ...this.#sayRest(found),
    ].join(' ');
  }

  #sayMeasureLine(measure: Measure): string {
    const { from, to } = measure;
    return [
      `measure ${this.#sayLength(measure)} from ${this.#sayRef(from)} to ${this.#sayRef(to)}`,
      ...this.#sayRest(measure),
    ].join(' ');
  }

  #sayRest = ({ along, instrument }: Measure): string[] => [
    ...(along ? [`along ${along}`] : []),
    ...(instrument === null ? [] : [`with ${quote(instrument)}`]),
  ];

  #sayRef({ kind, id, at, gap }: Ref): string {
    const thing = kind === 'node' ? this.#names.get(id) : this.#namePart(id);
    return `${at === 'centre' ? '' : `${namePoint(at)} of `}${thing}${sayGap(gap)}`;
  }

  #namePart(id: string): string {
    const leg = findLegOfPart(this.#doc, id);
    const parts = leg ? this.#parts.get(leg.id)! : [];
    return `part ${parts.findIndex((part) => part.id === id) + 1} of ${leg?.tag ?? 0}`;
  }

  #sayPart(leg: Leg, { id, part, share }: InlinePart): string {
    const measure = (this.#byEnds.get(`inline ${id} centre`) ?? []).find(
      ({ from, to, along, instrument }) =>
        from.id === leg.from &&
        from.at === 'centre' &&
        from.gap === 0 &&
        to.gap === 0 &&
        along === null &&
        instrument === null,
    );
    const said = share === 0.5 ? part : `${part} ${sayShare(share)}`;
    if (!measure) return said;
    this.#written.add(measure.id);
    return `${said} at ${this.#sayLength(measure)}`;
  }

  /** What stands at a point, with a comma before it; nothing where it follows from the legs. */
  #sayNode({ id, terminal, part }: RunNode, isSource: boolean): string {
    const isUsual = isSource ? terminal?.kind === 'open' : terminal === null;
    const chosen =
      part.kind === 'chosen'
        ? `, as ${part.part}`
        : part.kind === 'bend'
          ? `, bend ${this.#sayLength({ value: part.radius, typed: part.typed })}`
          : '';
    return `${isUsual ? '' : `, ${this.#sayTerminal(id, terminal)}`}${chosen}${this.#sayDepth(id)}`;
  }

  #sayTerminal(node: string, terminal: Terminal | null): string {
    if (terminal === null) return 'undecided';
    if (terminal.kind === 'existing')
      return `found ${[terminal.specimen, ...sayEndWords(terminal.end)].map(quote).join(' ')}`;
    if (terminal.kind !== 'appliance') return terminal.kind;
    return [
      `appliance ${quote(terminal.name)}${this.#sayInlet(node, terminal.inlet)}`,
      ...sayPlate(terminal.plate, (said) => this.#sayLength(said)),
    ].join(', ');
  }

  #sayInlet(node: string, inlet: End | null): string {
    if (inlet === null) return '';
    const leg = this.#legs.find(({ from, to }) => from === node || to === node);
    // The thread of the leg, and of the gender that does not go with it: said by the gender alone.
    const gender =
      leg && GENDERS.find((each) => isSameJson(asJson(inlet), asJson(findInlet(leg, node, each))));
    return gender ? ` ${gender}` : ` inlet ${sayEndWords(inlet).map(quote).join(' ')}`;
  }

  /** A place among the legs that leave a point, said only where it is not that of the numbers. */
  #findOrder(leg: Leg): number | null {
    this.#orders ??= this.#findOrders();
    return this.#orders.get(leg.id) ?? null;
  }

  #orders: ReadonlyMap<string, number> | null = null;

  #findOrders(): ReadonlyMap<string, number> {
    if (listLeavingLegs(this.#doc).every(isByTag)) return new Map();
    const byRank = [...this.#legs].sort((a, b) =>
      a.rank === b.rank ? a.tag - b.tag : a.rank < b.rank ? -1 : 1,
    );
    return new Map(byRank.map((leg, i) => [leg.id, i + 1]));
  }

  #saySide = (side: OffsetSide): string =>
    `${this.#sayLength({ value: side.length, typed: side.typed })} ${side.way}`;

  /** As it was typed where that reads as the same length; otherwise to the nanometre, with what was typed beside it. */
  #sayLength({ value, typed }: Pick<Measure, 'value' | 'typed'>): string {
    const reader = new LineReader(typed, 0, this.#unit);
    try {
      const read = reader.takeLength();
      if (reader.isDone && read.value === value && read.typed === typed) return typed;
    } catch (stop) {
      if (!(stop instanceof LineStop)) throw stop;
    }
    return `${sayExactly(value)} ${quote(typed)}`;
  }
}

/** The stock where it is not the one the material usually comes in. */
const sayStock = (leg: Leg): string =>
  leg.stock === getCraft(leg).fields.stock[0] ? '' : ` ${nameStock(leg.stock)}`;

/** The legs that leave each point, in the order of their ranks. */
const listLeavingLegs = (doc: RunDoc): Leg[][] =>
  [...getLegsByNode(doc)].map(([node, legs]) => legs.filter(({ from }) => from === node));
const isByTag = (legs: readonly Leg[]): boolean =>
  legs.every((leg, i) => i === 0 || legs[i - 1]!.tag < leg.tag);

const REF_KEYS = ['centre', 'face', 'end', 'back', 'wall'] as const;
const getKey = ({ kind, id, at }: Ref): string => `${kind} ${id} ${at}`;
const sayGap = (gap: Length): string => (gap === 0 ? '' : ` gap ${sayExactly(gap)}`);

/** A length to the nanometre: a millimetre has six decimals of them. */
export const sayExactly = (length: Length): string =>
  `${(length / MILLIMETRE).toFixed(6).replace(/\.?0+$/, '')} mm`;

/** Hundredths where they say the same number again, otherwise all of it. */
function sayShare(share: number): string {
  const percent = String(Number((share * 100).toPrecision(6)));
  return Number(percent) / 100 === share ? `${percent}%` : `share ${share}`;
}
