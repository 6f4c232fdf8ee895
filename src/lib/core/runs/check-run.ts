import type { RunDoc } from './run.ts';

/** A reference in the document that leads nowhere. */
export interface BrokenReference {
  readonly code: 'run-reference-broken';
  readonly in: 'legs' | 'measures' | 'anchors';
  readonly id: string;
  readonly missing: string;
}

/** Finds the first reference to a node that is not there; null when the document hangs together. */
export function findBrokenReference(doc: RunDoc): BrokenReference | null {
  const isMissing = (node: string) => !Object.hasOwn(doc.nodes, node);
  const broken = (
    place: BrokenReference['in'],
    id: string,
    nodes: readonly string[],
  ): BrokenReference | null => {
    const missing = nodes.find(isMissing);
    return missing === undefined ? null : { code: 'run-reference-broken', in: place, id, missing };
  };
  for (const leg of Object.values(doc.legs)) {
    const found = broken('legs', leg.id, [leg.from, leg.to]);
    if (found) return found;
  }
  for (const measure of Object.values(doc.measures)) {
    const found = broken('measures', measure.id, [measure.from.node, measure.to.node]);
    if (found) return found;
  }
  for (const anchor of Object.values(doc.anchors)) {
    const found = broken('anchors', anchor.id, [anchor.node]);
    if (found) return found;
  }
  return null;
}
