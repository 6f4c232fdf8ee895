import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { NOMINAL_SIZES, type NominalSize } from '#core/catalogue/size.ts';
import type { Axis } from '#core/geometry/axis.ts';
import { AXES } from '#core/geometry/axis.ts';
import type { HouseRules } from '#core/house-rules/house-rules.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { applyOps, type PlannedChange } from '#core/runs/change.ts';
import { planAddLeg, type NewLeg } from '#core/runs/commands/add-leg.ts';
import { planChangeMeasure } from '#core/runs/commands/change-measure.ts';
import { planCloseEnd } from '#core/runs/commands/close-end.ts';
import { planRemoveLegs, findLegsBeyond } from '#core/runs/commands/remove-legs.ts';
import { planResizeLegs } from '#core/runs/commands/resize-legs.ts';
import { NO_FACTS } from '#core/runs/fold-events.ts';
import { getAxisFrom } from '#core/runs/infer-fitting.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import type { LaidLeg, LaidNode, RunLayout } from '#core/runs/layout.ts';
import { findSource, type RunDoc, type Terminal } from '#core/runs/run.ts';
import { parseMeasure } from '#core/units/check-measure.ts';
import type { LengthUnit } from '#core/units/length.ts';
import type { Refusal } from '#words/refusals.ts';
import { newId } from '../store/new-id.ts';

/** Ids of the leg that is tried out while it is typed. */
export const DRAFT_LEG = 'draftleg';
const DRAFT_IDS = ['draftend', DRAFT_LEG, 'draftmeasure'];

/** What the entry needs of a run's store: the run, what follows from it, and a way to change it. */
export interface EntryStore {
  readonly doc: RunDoc | null;
  readonly layout: RunLayout | null;
  readonly rules: HouseRules;
  readonly details: { readonly units: LengthUnit } | null;
  apply(planned: PlannedChange): Result<void, Refusal>;
}

/**
 * What the fitter is about to say: a new leg out of a point, or another measure for a leg. Holds what is typed and
 * the direction picked, tries the leg out in a layout of its own, and turns it into a change.
 */
export class LegEntry {
  readonly store: EntryStore;
  typed = $state('');
  axis = $state<Axis | null>(null);
  /** The size picked for the next leg; null goes on in the size of the leg it grows from. */
  pickedSize = $state<NominalSize | null>(null);
  refusal = $state.raw<Refusal | null>(null);
  /** The leg being looked at or measured again; null while the run grows. */
  leg = $state<string | null>(null);
  /** The point picked to grow from; null for the tip. */
  point = $state<string | null>(null);

  unit = $derived.by((): LengthUnit => this.store.details?.units ?? 'in');
  layout = $derived.by((): RunLayout | null => this.store.layout);
  selected = $derived.by((): LaidLeg | null => (this.leg && this.layout?.legs.get(this.leg)) || null);
  /** Where the next leg grows from: the point picked if it is still there, otherwise the end of the newest leg. */
  growing = $derived.by((): string | null => {
    if (!this.layout) return null;
    if (this.point && this.layout.nodes.has(this.point)) return this.point;
    const legs = [...this.layout.legs.values()];
    if (legs.length === 0) return this.store.doc ? findSource(this.store.doc) : null;
    return legs.reduce<LaidLeg | null>((a, b) => (a && a.leg.tag > b.leg.tag ? a : b), null)?.far ?? null;
  });
  size = $derived.by((): NominalSize => {
    const node = this.growing === null ? null : this.layout?.nodes.get(this.growing);
    return this.pickedSize ?? node?.legs[0]?.size ?? findExistingSize(node) ?? '3/4';
  });
  /** Ways out of the growing point that other legs take. */
  taken = $derived.by((): Axis[] => {
    const node = this.growing === null ? null : this.layout?.nodes.get(this.growing);
    if (!node) return [];
    const axes = node.legs.map((leg) => getAxisFrom(leg, node.id));
    return node.legs.length >= 3 ? [...AXES] : axes;
  });
  reading = $derived.by(() => (this.typed.trim() ? parseMeasure(this.typed, this.unit) : null));
  /** The run with the leg as typed so far; null while it is not a leg yet. */
  draft = $derived.by((): RunLayout | null => {
    const { doc } = this.store;
    if (!doc || this.selected || !this.axis || !this.reading?.ok) return null;
    const ids = [...(this.growing === null ? ['draftsource', 'draftanchor'] : []), ...DRAFT_IDS];
    const planned = planAddLeg(doc, this.#newLeg(this.axis), () => ids.shift() ?? newId());
    const applied = planned.ok ? applyOps(doc, planned.value.ops) : planned;
    return applied.ok ? layOutRun(applied.value, standardCatalogue, this.store.rules, NO_FACTS) : null;
  });

  constructor(store: EntryStore) {
    this.store = store;
  }

  /** Takes a direction; the same again puts it back. */
  pickAxis(axis: Axis): void {
    this.refusal = null;
    if (this.taken.includes(axis)) {
      const refused = this.#plan(axis);
      if (!refused.ok) this.refusal = refused.refusal;
      return;
    }
    this.axis = axis;
  }

  /** Looks at a leg, or grows from a point. */
  pick(subject: string): void {
    this.refusal = null;
    if (this.layout?.legs.has(subject)) {
      this.leg = subject;
      this.typed = '';
      return;
    }
    if (this.layout?.nodes.has(subject)) {
      this.leg = null;
      this.point = subject;
      if (this.axis && this.taken.includes(this.axis)) this.axis = null;
    }
  }

  /** Goes on from one point of the run to the next or the one before. */
  stepPoint(by: 1 | -1): void {
    const nodes = [...(this.layout?.nodes.keys() ?? [])];
    const at = nodes.indexOf(this.growing ?? '');
    const next = nodes[(at + by + nodes.length) % nodes.length];
    if (next) this.pick(next);
  }

  growOn(): void {
    this.leg = null;
    this.typed = '';
    this.refusal = null;
  }

  /** Enters what is typed: a leg, or the selected leg's new measure. */
  enter(): boolean {
    this.refusal = null;
    const result = this.selected ? this.#changeMeasure(this.selected.id) : this.#addLeg();
    if (!result.ok) {
      this.refusal = result.refusal;
      return false;
    }
    this.typed = '';
    return true;
  }

  close(node: string, terminal: Terminal | null): void {
    const { doc } = this.store;
    if (doc) this.#take(planCloseEnd(doc, node, terminal));
  }

  remove(leg: string): void {
    if (!this.layout) return;
    if (this.#take(planRemoveLegs(this.layout, leg))) this.growOn();
  }

  /** How many legs go with a leg when it is removed. */
  countBeyond(leg: string): number {
    return this.layout ? findLegsBeyond(this.layout, leg).length - 1 : 0;
  }

  resize(leg: string | null, size: NominalSize): void {
    const { doc } = this.store;
    this.pickedSize = null;
    if (doc) this.#take(accept(planResizeLegs(doc, leg, size)));
  }

  #newLeg(axis: Axis): NewLeg {
    const length = this.reading?.ok ? this.reading.value.length : 0;
    const { size, typed } = this;
    return { from: this.growing, axis, size, material: 'black-iron', length, typed: typed.trim() };
  }

  #plan(axis: Axis) {
    const { doc } = this.store;
    return doc
      ? planAddLeg(doc, this.#newLeg(axis), newId)
      : refuse({ code: 'run-unknown', run: '' } as const);
  }

  #addLeg(): Result<void, Refusal> {
    const measured = parseMeasure(this.typed, this.unit);
    if (!measured.ok) return measured;
    if (!this.axis) return refuse({ code: 'direction-missing' });
    const planned = this.#plan(this.axis);
    if (!planned.ok) return planned;
    const applied = this.store.apply(planned.value);
    if (!applied.ok) return applied;
    this.point = null;
    this.axis = null;
    this.pickedSize = null;
    return accept(undefined);
  }

  #changeMeasure(leg: string): Result<void, Refusal> {
    const { doc } = this.store;
    const measured = parseMeasure(this.typed, this.unit);
    if (!measured.ok || !doc) return measured.ok ? accept(undefined) : measured;
    const planned = planChangeMeasure(doc, leg, measured.value.length, this.typed.trim());
    return planned.ok ? this.store.apply(planned.value) : planned;
  }

  #take(planned: Result<PlannedChange, Refusal>): boolean {
    const result = planned.ok ? this.store.apply(planned.value) : planned;
    this.refusal = result.ok ? null : result.refusal;
    return result.ok;
  }
}

/** The size of what was found in place, where pipe is named by it. */
function findExistingSize(node: LaidNode | null | undefined): NominalSize | undefined {
  const terminal = node?.node.terminal;
  return terminal?.kind === 'existing' ? NOMINAL_SIZES.find((size) => size === terminal.end.size) : undefined;
}
