import { findLikeSize, FIRST_MATERIAL, getCraftOf, makeSettings } from '#core/materials';
import type { Catalogue, Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { type Axis, type Quarters, findDiagonal, isAxis, type Way } from '#core/geometry';
import type { HouseRules } from '#core/house-rules';
import { accept, refuse, type Result } from '#core/outcome';
import { tryOps, type PlannedChange } from '#core/runs/changes';
import {
  planAddLeg,
  type NewLeg,
  type NewMeasure,
  planChangeMeasure,
  planInsertLeg,
  planMoveLeg,
} from '#core/runs/commands';
import { findOnward, findSizeAt, findTakenWays, findTip } from '#core/runs/reading';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import type { LegGeometry, Ref, RunDoc, Terminal } from '#core/runs/document';
import { parseMeasure, type LengthUnit } from '#core/units';
import type { Refusal } from '#words/refusals.ts';
import { newId } from '../../store/new-id.ts';
import { ConnectorEntry } from './connector-entry.svelte.ts';
import { OffsetEntry } from './offset-entry.svelte.ts';
import { NOTHING_SAID, say, type LegKind, type NextLeg, type PickedPoint, type Saying } from './next-leg.ts';
import { handle, IDLE, type Handling, type Tool } from './tool.ts';

/** A leg that is tried out while it is typed. */
export interface Draft {
  readonly planned: PlannedChange;
  readonly layout: RunLayout;
  readonly leg: string;
}

/** What the entry needs of a run's store: the run, what follows from it, and a way to change it. */
export interface EntryStore {
  readonly doc: RunDoc | null;
  readonly layout: RunLayout | null;
  readonly rules: HouseRules;
  readonly catalogue: Catalogue;
  readonly details: { readonly units: LengthUnit } | null;
  apply(planned: PlannedChange): Result<void, Refusal>;
}

/** The leg in which a part stands. */
function findHolder({ legs }: RunLayout, part: string): LaidLeg | null {
  for (const laid of legs.values()) if (laid.inline.some(({ id }) => id === part)) return laid;
  return null;
}

/**
 * What the fitter is about to say: a new leg out of a point, or another measure for a leg. Holds what is typed and
 * the direction picked, tries the leg out in a layout of its own, and turns it into a change.
 */
export class LegEntry {
  readonly store: EntryStore;
  refusal = $state.raw<Refusal | null>(null);
  /** What is said of the next leg, and what the hand is doing: one value each, changed by what is said and done. */
  #next = $state.raw<NextLeg>(NOTHING_SAID);
  #tool = $state.raw<Tool>(IDLE);
  /** Quarter turns of the drawing, and of the rose with it. */
  quarters = $state<Quarters>(0);
  readonly offset: OffsetEntry;
  readonly connector = new ConnectorEntry();

  readonly #going = $derived(this.#next.going);
  readonly #of = $derived(this.#next.of);
  readonly #measure = $derived(this.#next.measure);
  unit = $derived.by((): LengthUnit => this.store.details?.units ?? 'in');
  layout = $derived.by((): RunLayout | null => this.store.layout);
  /** The leg being looked at or measured again; null while the run grows. */
  leg = $derived.by((): string | null => (this.#tool.kind === 'looking' ? this.#tool.leg : null));
  /** The part in it being looked at. */
  part = $derived.by((): string | null => (this.#tool.kind === 'looking' ? this.#tool.part : null));
  /** The leg at whose far end the next leg is put in between. */
  inserting = $derived.by((): string | null => (this.#tool.kind === 'inserting' ? this.#tool.leg : null));
  /** The leg that is hung on the next point picked. */
  moving = $derived.by((): string | null => (this.#tool.kind === 'moving' ? this.#tool.leg : null));
  selected = $derived.by((): LaidLeg | null => (this.leg && this.layout?.legs.get(this.leg)) || null);
  /** Where the next leg grows from: the point picked if it is still there, otherwise the end of the newest leg. */
  growing = $derived.by((): string | null => {
    const { layout } = this;
    const tool = this.#tool;
    if (!layout) return null;
    return tool.from !== null && layout.nodes.has(tool.from) ? tool.from : findTip(layout);
  });
  growingNode = $derived.by((): LaidNode | null => {
    const node = this.growing === null ? null : this.layout?.nodes.get(this.growing);
    return node ?? null;
  });
  size = $derived.by((): LegSize => {
    const size = this.#of.size ?? (this.growingNode && findSizeAt(this.growingNode)) ?? '3/4';
    const { material } = this;
    const before = this.growingNode?.legs[0];
    if (getCraftOf(material).listSizes(material).includes(size)) return size;
    return findLikeSize(before ?? { ...makeSettings(FIRST_MATERIAL, '3/4') }, material);
  });
  material = $derived.by((): Material => {
    return this.#of.material ?? this.growingNode?.legs[0]?.material ?? FIRST_MATERIAL;
  });
  /** Whether what comes next is tube that is bent: then it goes by its way or by its crossings, and never fitting in fitting. */
  isTube = $derived.by((): boolean => getCraftOf(this.material).turnsBy === 'bend');
  /** Square ways out of the growing point that other legs take. */
  taken = $derived.by((): Axis[] => {
    return this.growingNode && !this.inserting ? findTakenWays(this.growingNode) : [];
  });
  reading = $derived.by(() => (this.typed.trim() ? parseMeasure(this.typed, this.unit) : null));
  /** How the next leg goes; null while that is not said. */
  geometry = $derived.by((): LegGeometry | null => {
    const going = this.#going;
    const { axis } = going;
    if (going.kind === 'offset') return this.offset.geometry;
    if (!axis) return null;
    if (going.kind === 'connector') return this.connector.makeGeometry(axis, this.material, this.size);
    if (going.kind === 'fitting') return { kind: 'made-up', axis, male: going.male };
    return { kind: going.kind === 'route' ? 'route' : 'axis', axis };
  });
  /** Everything that was said, to be watched without working anything out of it. */
  get said(): readonly unknown[] {
    return [
      this.store.doc,
      this.store.details,
      this.#next,
      this.offset.said,
      ...this.connector.said,
      this.#tool,
      this.quarters,
    ];
  }
  /** The leg as typed so far, planned and laid out; null while it is not a leg yet. What is tried is what is done when it is entered. */
  draft = $derived.by((): Draft | null => {
    const { doc, rules, catalogue } = this.store;
    const { layout } = this;
    const leg = this.selected || this.inserting ? null : this.#newLeg();
    if (!doc || !layout || !leg) return null;
    const ids = this.#draftIds();
    const planned = planAddLeg(doc, leg, () => ids.shift() ?? newId());
    const applied = planned.ok ? tryOps(doc, planned.value.ops) : planned;
    if (!planned.ok || !applied.ok) return null;
    const tried = layOutRun(applied.value, catalogue, rules, layout.facts, layout);
    return { planned: planned.value, layout: tried, leg: this.#draftLeg };
  });

  get typed(): string {
    return this.#measure.typed;
  }
  set typed(typed: string) {
    this.say({ says: 'typed', typed });
  }
  get kind(): LegKind {
    return this.#going.kind;
  }
  get axis(): Way | null {
    return this.#going.axis;
  }
  get slanting(): boolean {
    return this.#going.slanting;
  }
  /** Of fitting in fitting: whose end is the male one. */
  get male(): 'from' | 'to' | null {
    return this.#going.kind === 'fitting' ? this.#going.male : null;
  }
  get datum(): string | null {
    return this.#measure.datum;
  }
  get fromPoint(): PickedPoint {
    return this.#measure.from;
  }
  get toPoint(): PickedPoint {
    return this.#measure.to;
  }

  constructor(store: EntryStore) {
    this.store = store;
    this.offset = new OffsetEntry(() => this.unit);
  }

  /** Takes a direction; with 45° on, the second one lies between the two. */
  pickAxis(axis: Axis): void {
    this.refusal = null;
    if (this.kind === 'offset') {
      this.#pickOffsetWay(axis);
      return;
    }
    const slant = this.slanting && this.axis && isAxis(this.axis) ? findDiagonal(this.axis, axis) : null;
    if (!slant && !this.slanting && this.taken.includes(axis)) {
      const refused = this.#refuseTaken(axis);
      if (refused) this.refusal = refused;
      return;
    }
    this.say(slant ? { says: 'diagonal', axis: slant } : { says: 'way', axis });
  }

  /** Says something of the next leg. With 45° on, a direction that stands already is the first of the two. */
  say(saying: Saying): void {
    this.#next = say(this.#next, saying);
  }

  /** Ways of an offset are picked one after another: onward, the set's side, the roll's. */
  #pickOffsetWay(axis: Axis): void {
    const { offset } = this;
    if (!offset.along) offset.along = axis;
    else if (!offset.setWay) offset.setWay = axis;
    else offset.rollWay = axis;
  }

  /** What the next leg is made of; an offset or fitting in fitting is none of tube's. */
  pickMaterial(material: Material): void {
    this.say({ says: 'material', material, isTube: getCraftOf(material).turnsBy === 'bend' });
  }

  takeKind(kind: LegKind): void {
    this.refusal = null;
    this.say({ says: 'kind', kind });
    if (kind === 'offset') this.offset.along ??= this.growingNode && findOnward(this.growingNode);
  }

  /** Looks at a leg or a part in one, or grows from a point. */
  pick(subject: string): void {
    this.refusal = null;
    const { layout } = this;
    const leg = layout?.legs.get(subject) ?? (layout && findHolder(layout, subject));
    if (leg) {
      this.#handle({ does: 'look', leg: leg.id, part: leg.id === subject ? null : subject });
      this.typed = '';
      return;
    }
    if (!layout?.nodes.has(subject)) return;
    if (this.moving) {
      this.#moveTo(subject);
      return;
    }
    this.#handle({ does: 'grow-from', point: subject });
    if (this.axis && isAxis(this.axis) && this.taken.includes(this.axis))
      this.say({ says: 'way', axis: null });
  }

  #handle(handling: Handling): void {
    this.#tool = handle(this.#tool, handling);
  }

  #moveTo(node: string): void {
    const { layout, moving } = this;
    this.#handle({ does: 'grow-on' });
    if (layout && moving) this.take(planMoveLeg(layout, moving, node));
  }

  /** Goes from one point of the run to the next or the one before. */
  stepPoint(by: 1 | -1): void {
    const nodes = [...(this.layout?.nodes.keys() ?? [])];
    const at = nodes.indexOf(this.growing ?? '');
    const next = nodes[(at + by + nodes.length) % nodes.length];
    if (next) this.pick(next);
  }

  growOn(): void {
    this.#handle({ does: 'grow-on' });
    this.typed = '';
    this.refusal = null;
  }

  /** The next leg goes in between this leg and what hangs on its far end. */
  insertAfter(leg: string): void {
    this.growOn();
    this.#handle({ does: 'insert-after', leg });
  }

  /** The leg is hung on the next point picked. */
  moveLeg(leg: string): void {
    this.growOn();
    this.#handle({ does: 'move', leg });
  }

  letGoOfPart(): void {
    this.#handle({ does: 'let-go-of-part' });
  }

  /** Enters what is typed: a leg, or the selected leg's new measure. */
  enter(terminal: Terminal | null = null): boolean {
    this.refusal = null;
    const result = this.selected ? this.#changeMeasure(this.selected.id) : this.#addLeg(terminal);
    if (!result.ok) {
      this.refusal = result.refusal;
      return false;
    }
    this.typed = '';
    return true;
  }

  /** Does a planned change, or says why not. */
  take(planned: Result<PlannedChange, Refusal>): boolean {
    const result = planned.ok ? this.store.apply(planned.value) : planned;
    this.refusal = result.ok ? null : result.refusal;
    return result.ok;
  }

  /** The ids a leg that is tried out has from key to key, so that what was laid out of it before is taken over. */
  #ids: readonly string[] | null = null;
  #draftIds(): string[] {
    this.#ids ??= Array.from({ length: 5 }, newId);
    // The first leg of a run brings its source and its anchor with it, before its end and itself.
    return this.growing === null ? [...this.#ids] : this.#ids.slice(2);
  }
  get #draftLeg(): string {
    return this.#ids![3]!;
  }

  /** The leg as said so far; null while something of it is missing. */
  #newLeg(terminal: Terminal | null = null): NewLeg | null {
    const { geometry, size, material } = this;
    if (!geometry) return null;
    const isMeasured = geometry.kind === 'axis' || geometry.kind === 'route';
    const measure = isMeasured ? this.#newMeasure() : null;
    if (isMeasured && !measure) return null;
    return { from: this.growing, geometry, ...this.#settings(size, material), measure, terminal };
  }

  /** Tube goes on from the same stock as the tube it grows from. */
  #settings(size: LegSize, material: Material): Pick<NewLeg, 'size' | 'material' | 'stock'> {
    const before = this.growingNode?.legs[0];
    return before?.material === material ? { size, material, stock: before.stock } : { size, material };
  }

  #newMeasure(): NewMeasure | null {
    if (!this.reading?.ok) return null;
    const { datum, fromPoint, toPoint } = this;
    const from = datum ?? this.growing;
    const isPlain = datum === null && fromPoint.at === 'centre';
    const ref: Ref | null = isPlain || from === null ? null : { kind: 'node', id: from, ...fromPoint };
    return { value: this.reading.value.length, typed: this.typed.trim(), from: ref, to: toPoint };
  }

  #refuseTaken(axis: Axis): Refusal | null {
    const { doc } = this.store;
    if (!doc) return null;
    const leg: NewLeg = {
      from: this.growing,
      geometry: { kind: 'axis', axis },
      size: this.size,
      material: this.material,
      measure: null,
      terminal: null,
    };
    const planned = planAddLeg(doc, leg, newId);
    return planned.ok ? null : planned.refusal;
  }

  #addLeg(terminal: Terminal | null): Result<void, Refusal> {
    const { doc } = this.store;
    if (!doc) return refuse({ code: 'run-unknown', run: '' });
    if (this.kind === 'pipe' || this.kind === 'route') {
      const measured = parseMeasure(this.typed, this.unit);
      if (!measured.ok) return measured;
    }
    if (this.kind === 'offset' && this.offset.refusal) return refuse(this.offset.refusal);
    const leg = this.#newLeg(terminal);
    if (!leg) return refuse({ code: this.kind === 'offset' ? 'offset-ways-missing' : 'direction-missing' });
    const tried = terminal ? null : this.draft;
    const planned = tried ? accept(tried.planned) : this.#plan(doc, leg);
    if (!planned.ok) return planned;
    const applied = this.store.apply(planned.value);
    if (!applied.ok) return applied;
    this.#ids = null;
    this.#afterAdding(terminal);
    return accept(undefined);
  }

  #plan(doc: RunDoc, leg: NewLeg): Result<PlannedChange, Refusal> {
    if (!this.inserting) return planAddLeg(doc, leg, newId);
    const laid = this.layout?.legs.get(this.inserting);
    if (!laid) return refuse({ code: 'leg-unknown', leg: this.inserting });
    return planInsertLeg(doc, laid.id, laid.far, leg, newId);
  }

  #afterAdding(terminal: Terminal | null): void {
    // A plug closes the opening at once: the run goes on from where it was.
    this.#handle({ does: 'entered', isClosed: terminal !== null });
    this.say({ says: 'entered' });
    this.offset.clear();
    this.connector.clear();
    this.offset.along = null;
  }

  #changeMeasure(leg: string): Result<void, Refusal> {
    const { doc } = this.store;
    const measured = parseMeasure(this.typed, this.unit);
    if (!measured.ok || !doc) return measured.ok ? accept(undefined) : measured;
    const planned = planChangeMeasure(doc, leg, measured.value.length, this.typed.trim(), newId);
    return planned.ok ? this.store.apply(planned.value) : planned;
  }
}
