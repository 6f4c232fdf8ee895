import { MATERIALS, type Material } from '#core/catalogue';
import { type Settings, FIRST_MATERIAL, getCraft, getCraftOf, makeSettings } from '#core/materials';
import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing';
import type { Gender, LegSize } from '#core/ends';
import { type NewId, takeApart } from '#core/runs/commands';
import {
  centreOf,
  findSource,
  type Anchor,
  type InlinePart,
  type Leg,
  type Measure,
  type OwnPart,
  type Ref,
  type RunDoc,
  type RunNode,
  getLegs,
  getLegsByNode,
} from '#core/runs/document';
import { findInlet } from '#core/runs/fittings';
import { makePlaces } from './say-places.ts';
import { hangTraps } from './hang-traps.ts';
import type {
  LegSentence,
  NodeName,
  Place,
  SaidMarking,
  SaidNode,
  SaidMeasure,
  SaidRef,
  Sentence,
  ShorthandProblem,
  ShorthandRefusal,
} from './sentence.ts';

export interface WrittenRun {
  readonly doc: RunDoc;
  readonly problems: readonly ShorthandProblem[];
}

/** A leg's line with its number, and the ids of the leg and its two points. */
interface Line {
  readonly said: LegSentence;
  readonly tag: number;
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly parts: readonly string[];
}

const FIRST_SIZE: LegSize = '3/4';

/**
 * The run that sentences say, in place of `base`. What stays of it keeps its ids: legs by their numbers, points by their legs,
 * measures by what they are taken between; rules and the catalogue stay the run's. A line that leads nowhere is left out and told of.
 */
export function makeWrittenRun(sentences: readonly Sentence[], base: RunDoc, newId: NewId): WrittenRun {
  return new RunWriter(base, newId).make(sentences);
}

/** What the line before said, but for what this one does. A size of another material alone brings the usual material of that size with it. */
function goOnWith(before: Settings, { size, material, stock }: LegSentence): Settings {
  const next = size ?? before.size;
  const kept = getCraft(before).listSizes(before.material).includes(next)
    ? before.material
    : FIRST_OF_SIZE(next);
  const made = makeSettings(material ?? kept, next, stock ?? undefined);
  return stock === null && material === null && made.system === before.system
    ? { ...made, stock: before.stock }
    : made;
}

const FIRST_OF_SIZE = (size: LegSize): Material =>
  MATERIALS.find((each) => getCraftOf(each).listSizes(each).includes(size))!;

class RunWriter {
  readonly #base: RunDoc;
  readonly #newId: NewId;
  readonly #problems: ShorthandProblem[] = [];
  readonly #lines = new Map<number, Line>();
  readonly #nodes: Record<string, RunNode> = {};
  readonly #legs: Record<string, Leg> = {};
  readonly #measures: Record<string, Measure> = {};
  readonly #ownParts: Record<string, OwnPart> = {};
  readonly #inlets = new Map<string, Gender>();
  readonly #taken = new Set<string>();
  /** Point → what was said of its depth and its marking; part in a leg → its marking. */
  readonly #depths = new Map<string, Pick<SaidNode, 'cover' | 'marking'>>();
  readonly #markings = new Map<string, SaidMarking>();
  readonly #parents = new Map<string, string>();
  readonly #byTag: ReadonlyMap<number, Leg>;
  /** What it is taken between → the measures that were there. */
  readonly #oldMeasures = new Map<string, Measure[]>();
  #source: string | null = null;

  constructor(base: RunDoc, newId: NewId) {
    this.#base = base;
    this.#newId = newId;
    for (const measure of Object.values(base.measures)) {
      const key = getEnds(measure);
      this.#oldMeasures.set(key, [measure, ...(this.#oldMeasures.get(key) ?? [])]);
    }
    this.#byTag = new Map([...getLegs(base).values()].map((leg) => [leg.tag, leg]));
  }

  make(sentences: readonly Sentence[]): WrittenRun {
    const legs = hangTraps(sentences.filter((sentence) => sentence.kind === 'leg'));
    this.#placeLegs(legs);
    this.#makeLegs();
    for (const sentence of sentences) {
      if (sentence.kind === 'node') this.#sayNode(sentence);
      else if (sentence.kind === 'measure') this.#addMeasure(sentence.measure, null);
      else if (sentence.kind === 'own') this.#addOwnPart(sentence);
      else if (sentence.kind === 'marking') this.#markPart(sentence);
    }
    this.#settleInlets();
    const { ruleChoices } = this.#base;
    // House rules and clocked joints are the run's own: they are not said in shorthand, and stay.
    const doc: RunDoc = {
      ...this.#base,
      ruleChoices,
      nodes: this.#nodes,
      ...this.#keepSpecs(this.#rankLegs()),
      measures: this.#measures,
      ownParts: this.#ownParts,
      anchors: this.#makeAnchors(),
      // Transitions stay with their legs.
      picks: Object.fromEntries(
        Object.entries(this.#base.picks).filter(([, { leg }]) => Object.hasOwn(this.#legs, leg)),
      ),
      ...this.#makePlaces(),
    };
    return { doc, problems: this.#problems.sort((a, b) => a.line - b.line) };
  }

  #tell(place: Place, refusal: ShorthandRefusal): void {
    this.#problems.push({ ...place, refusal });
  }

  /** Numbers the lines, then finds the points they begin and end at: a line may name one further down. */
  #placeLegs(sentences: readonly LegSentence[]): void {
    const numbered = new Map<number, LegSentence>();
    let last = 0;
    let before: number | null = null;
    const previous = new Map<number, number | null>();
    for (const said of sentences) {
      const tag = said.tag ?? last + 1;
      if (numbered.has(tag)) {
        this.#tell(said.place, { code: 'number-twice', tag });
        continue;
      }
      numbered.set(tag, said);
      previous.set(tag, before);
      before = tag;
      last = tag;
    }
    const waiting = [...numbered];
    // Ends that no other line has are new points; the others wait until theirs is placed.
    while (waiting.length > 0) {
      const at = waiting.findIndex(([tag, said]) => this.#place(tag, said, previous.get(tag) ?? null));
      if (at < 0) break;
      waiting.splice(at, 1);
    }
    for (const [, said] of waiting) {
      const name = [said.from, said.joins].find(
        (each): each is { name: NodeName; place: Place } =>
          each !== null && each !== 'loose' && this.#find(each.name) === null,
      );
      const tag = name && name.name.kind !== 'source' ? name.name.tag : 0;
      this.#tell(name?.place ?? said.place, { code: 'leg-not-there', tag });
    }
  }

  #place(tag: number, said: LegSentence, before: number | null): boolean {
    const old = this.#byTag.get(tag);
    const from = this.#findBeginning(said, before, old);
    if (from === null) return false;
    const to = said.joins ? this.#find(said.joins.name) : this.#claim(old?.to);
    if (to === null) return false;
    if (!this.#join(from, to)) {
      this.#tell(said.place, { code: 'closes-a-ring' });
      return true;
    }
    for (const node of [from, to]) this.#nodes[node] ??= this.#makeNode(node);
    const parts = this.#keepParts(said, old);
    this.#lines.set(tag, { said, tag, id: old?.id ?? this.#newId(), from, to, parts });
    return true;
  }

  #findBeginning(said: LegSentence, before: number | null, old: Leg | undefined): string | null {
    if (said.from === 'loose') return this.#claim(old?.from);
    if (said.from) return this.#find(said.from.name);
    return before === null ? this.#findSource() : this.#find({ kind: 'end', tag: before });
  }

  #findSource(): string {
    if (this.#source === null) {
      this.#source = findSource(this.#base) ?? this.#newId();
      this.#taken.add(this.#source);
      this.#nodes[this.#source] = { ...this.#makeNode(this.#source), terminal: { kind: 'open' } };
    }
    return this.#source;
  }

  #makeNode = (id: string): RunNode => ({ id, part: { kind: 'auto' }, terminal: null });

  /** The point that was there, if nothing else stands on it by now; a new one otherwise. */
  #claim(old: string | undefined): string {
    const isFree = old !== undefined && !this.#taken.has(old) && old !== findSource(this.#base);
    const id = isFree ? old : this.#newId();
    this.#taken.add(id);
    return id;
  }

  #find(name: NodeName): string | null {
    if (name.kind === 'source') return this.#findSource();
    const line = this.#lines.get(name.tag);
    return (name.kind === 'end' ? line?.to : line?.from) ?? null;
  }

  /** A run is a tree: false when the two points hang together already. */
  #join(a: string, b: string): boolean {
    const root = (id: string): string => {
      let at = id;
      for (let up = this.#parents.get(at); up !== undefined; up = this.#parents.get(at)) at = up;
      return at;
    };
    const [left, right] = [root(a), root(b)];
    if (left === right) return false;
    this.#parents.set(left, right);
    return true;
  }

  /** Ids of the parts a line says: those of the leg that was there, kind by kind. */
  #keepParts(said: LegSentence, old: Leg | undefined): string[] {
    const left = sortParts(Object.values(old?.inline ?? {}));
    return said.parts.map(({ part }) => {
      const at = left.findIndex((each) => each.part === part);
      return at < 0 ? this.#newId() : left.splice(at, 1)[0]!.id;
    });
  }

  #makeLegs(): void {
    let settings = makeSettings(FIRST_MATERIAL, FIRST_SIZE);
    // In the order of the text: what is not said goes on from the line before.
    const lines = [...this.#lines.values()].sort((a, b) => a.said.place.line - b.said.place.line);
    for (const line of lines) {
      const { said, tag, id, from, to } = line;
      settings = goOnWith(settings, said);
      this.#sayNodeAt(to, said);
      const inline: Record<string, InlinePart> = {};
      for (const [i, { part, share }] of said.parts.entries()) {
        inline[line.parts[i]!] = { id: line.parts[i]!, leg: id, part, share };
      }
      const { geometry } = said;
      this.#legs[id] = { id, from, to, geometry, ...settings, inline, rank: 'a0', tag };
      this.#addLineMeasures(line);
    }
  }

  #addLineMeasures({ said, from, to, parts }: Line): void {
    if (said.measure) this.#addMeasure(said.measure, { from, to });
    for (const [i, { at }] of said.parts.entries()) {
      if (!at) continue;
      const part: Ref = { kind: 'inline', id: parts[i]!, at: 'centre', gap: 0 };
      this.#putMeasure({ ...at, from: centreOf(from), to: part, along: null, instrument: null });
    }
  }

  #addMeasure(said: SaidMeasure, leg: { from: string; to: string } | null): void {
    const from = said.from ? this.#findRef(said.from, leg?.to ?? null) : leg && centreOf(leg.from);
    const to = said.to ? this.#findRef(said.to, leg?.to ?? null) : leg && centreOf(leg.to);
    if (!from || !to) return;
    const { value, typed, along, instrument } = said;
    this.#putMeasure({ value, typed, along, instrument, from, to });
  }

  #findRef({ at, gap, of, place }: SaidRef, self: string | null): Ref | null {
    if (of === null) return self === null ? null : { kind: 'node', id: self, at, gap };
    if (of.kind !== 'part') {
      const id = this.#find(of);
      if (id !== null) return { kind: 'node', id, at, gap };
      this.#tell(place, { code: 'leg-not-there', tag: of.kind === 'source' ? 0 : of.tag });
      return null;
    }
    const line = this.#lines.get(of.tag);
    const id = line?.parts[of.number - 1];
    if (id !== undefined) return { kind: 'inline', id, at, gap };
    const there = line?.parts.length ?? 0;
    this.#tell(
      place,
      line ? { code: 'part-not-there', ...of, there } : { code: 'leg-not-there', tag: of.tag },
    );
    return null;
  }

  /** A measure between the same two points keeps its id: of several the one that says the same. */
  #putMeasure(measure: Omit<Measure, 'id'>): void {
    const old = this.#oldMeasures.get(getEnds(measure)) ?? [];
    const same = old.findLastIndex(
      ({ value, typed, along }) =>
        value === measure.value && typed === measure.typed && along === measure.along,
    );
    const [kept] = old.splice(same < 0 ? old.length - 1 : same, 1);
    const id = kept?.id ?? this.#newId();
    this.#measures[id] = { id, ...measure };
  }

  #sayNode(said: Extract<Sentence, { kind: 'node' }>): void {
    const id = this.#find(said.node);
    if (id !== null) this.#sayNodeAt(id, said);
    else
      this.#tell(said.place, { code: 'leg-not-there', tag: said.node.kind === 'source' ? 0 : said.node.tag });
  }

  #sayNodeAt(id: string, { terminal, part, bend, inlet, cover, marking }: SaidNode): void {
    const node = this.#nodes[id]!;
    const before = this.#depths.get(id);
    if (cover ?? marking)
      this.#depths.set(id, { ...before, ...(cover && { cover }), ...(marking && { marking }) });
    if (inlet !== undefined) this.#inlets.set(id, inlet);
    this.#nodes[id] = {
      ...node,
      ...(terminal === undefined ? {} : { terminal }),
      ...(part === undefined ? {} : { part: { kind: 'chosen', part } }),
      ...(bend === undefined ? {} : { part: { kind: 'bend', radius: bend.value, typed: bend.typed } }),
    };
  }

  /** An inlet of which only the gender is said is as its leg needs it, or contradicts it. */
  #settleInlets(): void {
    for (const [id, gender] of this.#inlets) {
      const node = this.#nodes[id]!;
      const leg = Object.values(this.#legs).find(({ from, to }) => from === id || to === id);
      if (node.terminal?.kind !== 'appliance' || !leg) continue;
      this.#nodes[id] = { ...node, terminal: { ...node.terminal, inlet: findInlet(leg, id, gender) } };
    }
  }

  /** Settings in systems a leg is not made of now are not said, and stay with it. */
  #keepSpecs(legs: Readonly<Record<string, Leg>>): Pick<RunDoc, 'legs' | 'specs' | 'parts'> {
    const apart = takeApart(Object.values(legs));
    const stay = Object.values(this.#base.specs).filter(({ leg }) => Object.hasOwn(legs, leg));
    return {
      ...apart,
      specs: { ...Object.fromEntries(stay.map((spec) => [spec.id, spec])), ...apart.specs },
    };
  }

  #addOwnPart({ of, reaches, depths, typed, by }: Extract<Sentence, { kind: 'own' }>): void {
    const old = Object.values(this.#base.ownParts).find(
      (each) => each.of === of && !Object.hasOwn(this.#ownParts, each.id),
    );
    const id = old?.id ?? this.#newId();
    this.#ownParts[id] = { id, of, reaches, depths, typed, by };
  }

  #makePlaces() {
    const legs = new Map(
      Object.values(this.#legs).flatMap(({ id, tag }) => {
        const line = this.#lines.get(tag);
        return line ? [[id, line.said] as const] : [];
      }),
    );
    return makePlaces({ legs, nodes: this.#depths, parts: this.#markings }, this.#base, this.#newId);
  }

  #markPart({ part: { number, tag }, place, text, bury }: Extract<Sentence, { kind: 'marking' }>): void {
    const ref = this.#findRef({ at: 'centre', gap: 0, of: { kind: 'part', number, tag }, place }, null);
    if (ref) this.#markings.set(ref.id, { text, bury });
  }

  #makeAnchors(): Readonly<Record<string, Anchor>> {
    const node = this.#source;
    if (node === null) return {};
    const old = Object.values(this.#base.anchors).find((anchor) => anchor.role === 'source');
    const id = old?.id ?? this.#newId();
    return { [id]: { id, node, role: 'source' } };
  }

  /** Ranks put the legs that leave a point in order: as numbered, or as said. Ranks that do so already are kept. */
  #rankLegs(): Record<string, Leg> {
    const order = (leg: Leg): number => this.#lines.get(leg.tag)?.said.order ?? leg.tag;
    const wanted = Object.values(this.#legs).sort((a, b) => order(a) - order(b) || a.tag - b.tag);
    const kept = this.#rankAsBefore(wanted);
    if (kept) return kept;
    const ranks = generateNKeysBetween(null, null, wanted.length);
    return Object.fromEntries(wanted.map((leg, i) => [leg.id, { ...leg, rank: ranks[i]! }]));
  }

  #rankAsBefore(wanted: readonly Leg[]): Record<string, Leg> | null {
    const old = (leg: Leg): string | null => this.#base.legs[leg.id]?.rank ?? null;
    let last =
      wanted
        .map(old)
        .filter((rank) => rank !== null)
        .sort()
        .at(-1) ?? null;
    const legs: Record<string, Leg> = {};
    for (const leg of wanted) {
      const rank = old(leg) ?? (last = generateKeyBetween(last, null));
      legs[leg.id] = { ...leg, rank };
    }
    const place = new Map(wanted.map((leg, i) => [leg.id, i]));
    for (const [node, meeting] of getLegsByNode({
      ...this.#base,
      nodes: this.#nodes,
      ...takeApart(Object.values(legs)),
    })) {
      const at = meeting.filter(({ from }) => from === node);
      if (at.some((leg, i) => i > 0 && place.get(at[i - 1]!.id)! > place.get(leg.id)!)) return null;
    }
    return legs;
  }
}

const getEnds = ({ from, to }: Pick<Measure, 'from' | 'to'>): string =>
  [from, to].map(({ kind, id, at, gap }) => `${kind} ${id} ${at} ${gap}`).join(' ');

/** Parts of a leg in the order in which they are numbered. */
export const sortParts = (parts: readonly InlinePart[]): InlinePart[] =>
  [...parts].sort((a, b) => a.share - b.share || compare(a.part, b.part) || compare(a.id, b.id));

const compare = (a: string, b: string): number => (a < b ? -1 : Number(a > b));
