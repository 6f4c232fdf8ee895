import type { PartKind } from '#core/catalogue';
import type { Length } from '#core/units';
import type { LaidNode } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { findLegOfPart, type Ref, type RefPoint } from '#core/runs/document';

/** A reference as one would name it at the wall: `face of the tee at leg 3`. */
export interface NamedRef {
  readonly at: RefPoint;
  readonly gap: Length;
  readonly part: PartKind | 'open' | 'none' | 'source' | 'bend';
  /** The number of the leg that arrives there, or in which the part stands; null where the run begins: none arrives there. */
  readonly mark: string | null;
}

/** What stands at a node, by one word. */
export const getKindAt = ({ fitting, legs }: LaidNode, isSource: boolean): NamedRef['part'] => {
  if (fitting.kind === 'part') return fitting.part.kind;
  if (fitting.kind === 'bend') return 'bend';
  return fitting.kind === 'none' ? 'none' : isSource && legs.length < 2 ? 'source' : 'open';
};

/** The number of the leg that comes to a node from the source; null at the node where the run begins. */
export function findArriving({ legs }: RunLayout, { id, legs: own }: LaidNode): number | null {
  const [first] = own;
  return first && legs.get(first.id)?.far === id ? first.tag : null;
}

/** Names what a measure refers to. */
export function nameRef(layout: RunLayout, ref: Ref): NamedRef {
  const { at, gap } = ref;
  if (ref.kind === 'inline') {
    const leg = findLegOfPart(layout.doc, ref.id);
    return { at, gap, part: leg?.inline[ref.id]?.part ?? 'none', mark: String(leg?.tag ?? '?') };
  }
  const node = layout.nodes.get(ref.id);
  if (!node) return { at, gap, part: 'none', mark: '?' };
  const isSource = Object.values(layout.doc.anchors).some((anchor) => anchor.node === ref.id);
  const arriving = findArriving(layout, node);
  return { at, gap, part: getKindAt(node, isSource), mark: arriving === null ? null : String(arriving) };
}
