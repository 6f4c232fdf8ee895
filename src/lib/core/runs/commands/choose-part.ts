import type { BoughtKind } from '#core/catalogue';
import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import type { PlannedChange } from '#core/runs/changes';
import { findBendAt, findShape, listAdapterKinds } from '#core/runs/fittings';
import { isMaleAt, type RunDoc } from '#core/runs/document';
import { findLegsAt } from './leg-ways.ts';
import { setOp } from './make-op.ts';

export type ChoosePartRefusal =
  | { readonly code: 'node-unknown'; readonly node: string }
  /** The legs here call for other kinds. */
  | {
      readonly code: 'part-does-not-fit';
      readonly part: BoughtKind;
      readonly kinds: readonly BoughtKind[];
    }
  /** A bushing's male goes into a female port, never onto the end of a pipe. */
  | { readonly code: 'bushing-into-pipe'; readonly part: BoughtKind }
  /** A street elbow's or a plug's male end takes no pipe. */
  | { readonly code: 'male-end-takes-no-pipe'; readonly part: BoughtKind };

const isMaleKind = (kind: BoughtKind): boolean =>
  kind === 'street-90' || kind === 'street-45' || kind === 'plug';

/** The kinds of part that fit the legs at a node, the usual one first. */
export function findKindsThatFit(doc: RunDoc, node: string): readonly BoughtKind[] {
  const at = Object.hasOwn(doc.nodes, node) ? doc.nodes[node]! : null;
  const legs = findLegsAt(doc, node);
  if (!at || legs.length === 0) return [];
  const shape = findShape(at, legs);
  return [...listAdapterKinds(at, legs), ...(shape === 'open' || 'code' in shape ? [] : shape.kinds)];
}

/** No tube goes on through this point: there is nothing to bend. */
export interface NoBendHere {
  readonly code: 'no-bend-here';
  readonly node: string;
}

/** Plans to what radius (nm, to the centre line, and as typed) the tube is bent at a node; null: as the house bends it. */
export function planSetBend(
  doc: RunDoc,
  node: string,
  bend: { readonly radius: Length; readonly typed: string } | null,
): Result<PlannedChange, ChoosePartRefusal | NoBendHere> {
  const at = Object.hasOwn(doc.nodes, node) ? doc.nodes[node]! : null;
  if (!at) return refuse({ code: 'node-unknown', node });
  const legs = findLegsAt(doc, node);
  if (bend && !findBendAt({ ...at, part: { kind: 'auto' } }, legs))
    return refuse({ code: 'no-bend-here', node });
  const value = bend ? ({ kind: 'bend', ...bend } as const) : ({ kind: 'auto' } as const);
  return accept({
    label: { command: 'set-bend', leg: legs[0]?.tag ?? null, turn: null },
    ops: [setOp('nodes', at, 'part', value)],
  });
}

/** Plans which of the parts that fit stands at a node; null goes back to the usual one. Refuses one that does not fit. */
export function planChoosePart(
  doc: RunDoc,
  node: string,
  part: BoughtKind | null,
): Result<PlannedChange, ChoosePartRefusal> {
  const at = Object.hasOwn(doc.nodes, node) ? doc.nodes[node]! : null;
  if (!at) return refuse({ code: 'node-unknown', node });
  const legs = findLegsAt(doc, node);
  const kinds = findKindsThatFit(doc, node);
  if (part !== null && !kinds.includes(part)) {
    const hasMale = legs.some((leg) => isMaleAt(leg, node));
    if (!hasMale && (part === 'hex-bushing' || part === 'face-bushing'))
      return refuse({ code: 'bushing-into-pipe', part });
    if (!hasMale && isMaleKind(part)) return refuse({ code: 'male-end-takes-no-pipe', part });
    return refuse({ code: 'part-does-not-fit', part, kinds });
  }
  const value = part === null ? ({ kind: 'auto' } as const) : ({ kind: 'chosen', part } as const);
  const tag = legs[0]?.tag ?? null;
  return accept({
    label: { command: 'choose-part', leg: tag, turn: null },
    ops: [setOp('nodes', at, 'part', value)],
  });
}
