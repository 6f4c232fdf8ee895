import type { BoughtKind, Part, Material, Stock } from '#core/catalogue';
import type { Length } from '#core/units';
import type { LegSize } from '#core/ends';
import { accept } from '#core/outcome';
import {
  planBranchHere,
  type PartingPlace,
  planBushDown,
  planChoosePart,
  planSetBend,
  planCloseEnd,
  planMeasurePart,
  type PartMeasure,
  planPutPart,
  planTakeOutPart,
  type PartPlace,
  planRedirectLeg,
  planAddMeasure,
  planReferMeasure,
  planRemoveMeasure,
  findLegsBeyond,
  planRemoveLegs,
  planResizeLegs,
  planSayZone,
  planTakeOutLeg,
} from '#core/runs/commands';
import type { ZoneId } from '#core/permissions';
import type { InlineKind, LegGeometry, Measure, Terminal } from '#core/runs/document';
import { bench } from '../../store/bench.svelte.ts';
import { newId } from '../../store/new-id.ts';
import type { LegEntry } from './leg-entry.svelte.ts';

/** What can be done to a leg, a fitting, a part or a measure that is there: each does its command, or says why not. */
export class RunEditor {
  readonly #entry: LegEntry;

  constructor(entry: LegEntry) {
    this.#entry = entry;
  }

  get #doc() {
    return this.#entry.store.doc;
  }
  get #layout() {
    return this.#entry.layout;
  }

  close(node: string, terminal: Terminal | null): boolean {
    const doc = this.#doc;
    const done = doc !== null && this.#entry.take(planCloseEnd(doc, node, terminal));
    // What was closed stays in hand: it is looked at, or opened again.
    if (done) this.#entry.pick(node);
    return done;
  }

  /** How many legs go with a leg when it is removed. */
  countBeyond(leg: string): number {
    return this.#layout ? findLegsBeyond(this.#layout, leg).length - 1 : 0;
  }

  remove(leg: string): void {
    if (this.#layout && this.#entry.take(planRemoveLegs(this.#layout, leg))) this.#entry.growOn();
  }

  takeOut(leg: string): boolean {
    const done = this.#layout !== null && this.#entry.take(planTakeOutLeg(this.#layout, leg));
    if (done) this.#entry.growOn();
    return done;
  }

  resize(leg: string | null, size: LegSize): void {
    const doc = this.#doc;
    this.#entry.say({ says: 'size', size: null });
    if (doc) this.#entry.take(accept(planResizeLegs(doc, leg, { size })));
  }

  changeMaterial(leg: string, material: Material): void {
    const doc = this.#doc;
    if (doc) this.#entry.take(accept(planResizeLegs(doc, leg, { material })));
  }

  changeStock(leg: string, stock: Stock): void {
    const doc = this.#doc;
    if (doc) this.#entry.take(accept(planResizeLegs(doc, leg, { stock })));
  }

  /** Where a leg runs, or a leg with all that hangs on it; null: it is not said any more. */
  sayZone(leg: string, zone: ZoneId | null, withBeyond: boolean): boolean {
    const layout = this.#layout;
    if (!layout) return false;
    return this.#entry.take(planSayZone(layout.doc, withBeyond ? findLegsBeyond(layout, leg) : [leg], zone));
  }

  /** To what radius the tube is bent at a point; null: as the house bends it. */
  setBend(node: string, bend: { readonly radius: Length; readonly typed: string } | null): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planSetBend(doc, node, bend));
  }

  redirect(leg: string, geometry: LegGeometry): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planRedirectLeg(doc, leg, geometry));
  }

  /** Puts a fitting into a leg at a measured place, and goes on growing from it. */
  branchHere(leg: string, place: PartingPlace): boolean {
    if (!this.#layout) return false;
    const planned = planBranchHere(this.#layout, leg, place, null, newId);
    if (!this.#entry.take(planned) || !planned.ok) return false;
    const node = planned.value.ops.find((op) => op.op === 'insert' && op.in === 'nodes');
    if (node) this.#entry.pick(node.id);
    return true;
  }

  putPart(leg: string, kind: InlineKind, place: PartPlace): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planPutPart(doc, leg, kind, place, newId));
  }

  takeOutPart(part: string): boolean {
    const doc = this.#doc;
    const done = doc !== null && this.#entry.take(planTakeOutPart(doc, part));
    if (done) this.#entry.letGoOfPart();
    return done;
  }

  choosePart(node: string, kind: BoughtKind | null): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planChoosePart(doc, node, kind));
  }

  measurePart(part: Part, measured: PartMeasure | null, typed: string): boolean {
    const doc = this.#doc;
    if (!doc) return false;
    return this.#entry.take(planMeasurePart(doc, part, measured, { typed, by: bench.signature }, newId));
  }

  bushDown(node: string): boolean {
    const doc = this.#doc;
    const catalogue = this.#layout?.catalogue;
    return doc !== null && !!catalogue && this.#entry.take(planBushDown(doc, node, catalogue, newId));
  }

  addMeasure(measure: Omit<Measure, 'id' | 'instrument'>): boolean {
    const doc = this.#doc;
    return (
      doc !== null && this.#entry.take(planAddMeasure(doc, { ...measure, id: newId(), instrument: null }))
    );
  }

  referMeasure(id: string, said: Parameters<typeof planReferMeasure>[2]): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planReferMeasure(doc, id, said));
  }

  removeMeasure(id: string): boolean {
    const doc = this.#doc;
    return doc !== null && this.#entry.take(planRemoveMeasure(doc, id));
  }
}
