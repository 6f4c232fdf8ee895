import { makeSettings } from '#core/materials';
import { generateKeyBetween } from 'fractional-indexing';
import type { Material, Stock } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import { applyOps, type Op, type PlannedChange } from '#core/runs/changes';
import {
  centreOf,
  findSource,
  type Leg,
  type LegGeometry,
  type Measure,
  type Ref,
  type RefPoint,
  type RunDoc,
  type RunNode,
  type Terminal,
  getLegsByNode,
  idsOf,
  findStraightLine,
} from '#core/runs/document';
import { checkWay, findLegsAt, type WayRefusal } from './leg-ways.ts';
import { insertLeg, insertOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/** A measure as it is said of a new leg: to its far end, from where it begins or from any other reference. */
export interface NewMeasure {
  /** nm, and as typed. */
  readonly value: Length;
  readonly typed: string;
  /** Null: the centre of what the leg grows from. */
  readonly from: Ref | null;
  readonly to: { readonly at: RefPoint; readonly gap: Length };
}

export interface NewLeg {
  /** The node it grows from; null for the first leg of a run, which brings its source with it. */
  readonly from: string | null;
  readonly geometry: LegGeometry;
  readonly size: LegSize;
  readonly material: Material;
  /** What it is taken from; where nothing is said, what the material usually comes in. */
  readonly stock?: Stock;
  /** Null where the length follows from the geometry. */
  readonly measure: NewMeasure | null;
  /** What closes its far end at once. */
  readonly terminal: Terminal | null;
}

export type AddLegRefusal =
  | WayRefusal
  | { readonly code: 'leg-begins-nowhere'; readonly node: string | null }
  /** Taken from something that does not lie on one straight line with the new leg. */
  | { readonly code: 'measure-not-in-line' };

/** A measure from centre to centre. */
export const centreToCentre = (value: Length, typed: string): NewMeasure => ({
  value,
  typed,
  from: null,
  to: { at: 'centre', gap: 0 },
});

/**
 * Plans a new leg out of a node, with its measure and its far end. Refuses a way that another leg already takes:
 * back along the only leg there is straight back into itself. A cap or plug on the node gives way to the leg.
 */
export function planAddLeg(doc: RunDoc, leg: NewLeg, newId: NewId): Result<PlannedChange, AddLegRefusal> {
  const begins = checkBeginning(doc, leg.from);
  if (begins) return refuse(begins);
  const ops: Op[] = [];
  const from = leg.from ?? newId();
  if (leg.from === null) {
    ops.push(insertOp('nodes', makeNode(from, { kind: 'open' })));
    ops.push(insertOp('anchors', { id: newId(), node: from, role: 'source' } as { id: string }));
  }
  const [to, id] = [newId(), newId()];
  const made: Leg = {
    id,
    from,
    to,
    geometry: leg.geometry,
    ...makeSettings(leg.material, leg.size, leg.stock),
    inline: {},
    rank: findRank(doc, from),
    tag: findNextTag(doc),
  };
  const refusal = leg.from === null ? null : checkWay(doc, made, from, findLegsAt(doc, from));
  if (refusal) return refuse(refusal);
  const node = leg.from === null ? null : doc.nodes[from]!;
  if (node && (node.terminal?.kind === 'cap' || node.terminal?.kind === 'plug')) {
    ops.push(setOp('nodes', node, 'terminal', null));
  }
  ops.push(insertOp('nodes', makeNode(to, leg.terminal)), ...insertLeg(made));
  if (leg.measure) {
    if (!isInLine(doc, ops, leg.measure, to)) return refuse({ code: 'measure-not-in-line' });
    ops.push(insertOp('measures', makeMeasure(newId(), from, to, leg.measure)));
  }
  return accept({ label: { command: 'add-leg', leg: made.tag, turn: null }, ops });
}

/** A measure from a datum must lie on one straight line of pipe with the far end of the new leg. */
function isInLine(doc: RunDoc, ops: readonly Op[], { from }: NewMeasure, to: string): boolean {
  if (!from) return true;
  const grown = applyOps(doc, ops);
  return grown.ok && findStraightLine(grown.value, getLegsByNode(grown.value), from, centreOf(to)) !== null;
}

function checkBeginning(doc: RunDoc, from: string | null): AddLegRefusal | null {
  if (from === null) {
    const isEmpty = Object.keys(doc.legs).length === 0 && findSource(doc) === null;
    return isEmpty ? null : { code: 'leg-begins-nowhere', node: null };
  }
  return Object.hasOwn(doc.nodes, from) ? null : { code: 'leg-begins-nowhere', node: from };
}

/** A node whose fitting follows from its legs. */
export const makeNode = (id: string, terminal: Terminal | null): RunNode => ({
  id,
  part: { kind: 'auto' },
  terminal,
});

/** A measure to the far end of a leg as it was said, nm. */
export const makeMeasure = (id: string, from: string, to: string, said: NewMeasure): Measure => ({
  id,
  from: said.from ?? centreOf(from),
  to: { kind: 'node', id: to, ...said.to },
  along: null,
  value: said.value,
  typed: said.typed,
  instrument: null,
});

/** The number chalked on the next leg: never one that was given before. */
export function findNextTag({ legs }: RunDoc): number {
  let most = 0;
  for (const id of idsOf(legs)) most = Math.max(most, legs[id]!.tag);
  return most + 1;
}

/** The rank after every leg that leaves a node. */
export function findRank(doc: RunDoc, from: string): string {
  const ranks = findLegsAt(doc, from)
    .filter((leg) => leg.from === from)
    .map((leg) => leg.rank);
  return generateKeyBetween(ranks.sort().at(-1) ?? null, null);
}
