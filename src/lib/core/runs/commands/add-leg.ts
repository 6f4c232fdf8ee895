import type { Material } from '../../catalogue/pipe.ts';
import type { NominalSize } from '../../catalogue/size.ts';
import { getOpposite, type Axis } from '../../geometry/axis.ts';
import { accept, refuse, type Result } from '../../outcome/result.ts';
import type { Length } from '../../units/length.ts';
import { generateKeyBetween } from 'fractional-indexing';
import type { Json, Op, PlannedChange } from '../change.ts';
import { getAxisFrom } from '../infer-fitting.ts';
import { findSource, type Leg, type Measure, type RunDoc, type RunNode } from '../run.ts';
import type { NewId } from './new-ids.ts';

export interface NewLeg {
  /** The node it grows from; null for the first leg of a run, which brings its source with it. */
  readonly from: string | null;
  readonly axis: Axis;
  readonly size: NominalSize;
  readonly material: Material;
  /** Centre-to-centre, nm, and as typed. */
  readonly length: Length;
  readonly typed: string;
}

export type AddLegRefusal =
  | { readonly code: 'leg-straight-back'; readonly axis: Axis; readonly mark: string }
  | { readonly code: 'leg-direction-taken'; readonly axis: Axis; readonly mark: string }
  | { readonly code: 'leg-existing-end-taken'; readonly mark: string }
  | { readonly code: 'leg-node-full'; readonly legs: number }
  | { readonly code: 'leg-begins-nowhere'; readonly node: string | null };

/**
 * Plans a new leg out of a node, with its measure and its far end. Refuses a way that another leg already takes:
 * back along the only leg there is straight back into itself. A cap on the node gives way to the leg.
 */
export function planAddLeg(doc: RunDoc, leg: NewLeg, newId: NewId): Result<PlannedChange, AddLegRefusal> {
  const refusal = checkDirection(doc, leg);
  if (refusal) return refuse(refusal);
  const ops: Op[] = [];
  let from = leg.from;
  if (from === null) {
    from = newId();
    const anchor = newId();
    ops.push(insert('nodes', from, { id: from, part: { kind: 'auto' }, terminal: { kind: 'open' } }));
    ops.push(insert('anchors', anchor, { id: anchor, node: from, role: 'source' }));
  } else if (doc.nodes[from]!.terminal?.kind === 'cap') {
    ops.push({ op: 'set', in: 'nodes', id: from, field: 'terminal', old: { kind: 'cap' }, value: null });
  }
  const [to, id, measure] = [newId(), newId(), newId()];
  const tag = 1 + Math.max(0, ...Object.values(doc.legs).map((other) => other.tag));
  ops.push(insert('nodes', to, { id: to, part: { kind: 'auto' }, terminal: null }));
  ops.push(insert('legs', id, makeLeg(id, from, to, tag, findRank(doc, from), leg)));
  ops.push(insert('measures', measure, makeMeasure(measure, from, to, leg)));
  return accept({ label: { command: 'add-leg', leg: tag, turn: null }, ops });
}

function checkDirection(doc: RunDoc, leg: NewLeg): AddLegRefusal | null {
  if (leg.from === null) {
    return Object.keys(doc.legs).length === 0 && findSource(doc) === null
      ? null
      : { code: 'leg-begins-nowhere', node: null };
  }
  if (!Object.hasOwn(doc.nodes, leg.from)) return { code: 'leg-begins-nowhere', node: leg.from };
  const here = Object.values(doc.legs).filter((other) => other.from === leg.from || other.to === leg.from);
  const taken = here.find((other) => getAxisFrom(other, leg.from!) === leg.axis);
  if (taken) {
    const arrives = taken.to === leg.from && getOpposite(taken.geometry.axis) === leg.axis;
    const code = arrives ? 'leg-straight-back' : 'leg-direction-taken';
    return { code, axis: leg.axis, mark: String(taken.tag) };
  }
  const [first] = here;
  if (first && doc.nodes[leg.from]!.terminal?.kind === 'existing') {
    return { code: 'leg-existing-end-taken', mark: String(first.tag) };
  }
  return here.length >= 3 ? { code: 'leg-node-full', legs: here.length } : null;
}

function findRank(doc: RunDoc, from: string): string {
  const ranks = Object.values(doc.legs)
    .filter((leg) => leg.from === from)
    .map((leg) => leg.rank);
  return generateKeyBetween(ranks.sort().at(-1) ?? null, null);
}

function makeLeg(id: string, from: string, to: string, tag: number, rank: string, leg: NewLeg): Leg {
  const { axis, size, material } = leg;
  return { id, from, to, geometry: { kind: 'axis', axis }, size, material, specs: {}, inline: {}, rank, tag };
}

function makeMeasure(id: string, from: string, to: string, leg: NewLeg): Measure {
  return {
    id,
    from: { kind: 'node', node: from, at: 'centre' },
    to: { kind: 'node', node: to, at: 'centre' },
    value: leg.length,
    typed: leg.typed,
    instrument: null,
  };
}

/** Documents are JSON by construction; their types say more than Json can. */
const insert = (collection: Op['in'], id: string, value: RunNode | Leg | Measure | object): Op => ({
  op: 'insert',
  in: collection,
  id,
  value: value as unknown as Json,
});
