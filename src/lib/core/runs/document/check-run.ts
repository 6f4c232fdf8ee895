import type { SaidOf } from './said.ts';
import { centreOf, getSpecId, type Ref, type RunDoc } from './run.ts';

/** A reference in the document that leads nowhere. */
export interface BrokenReference {
  readonly code: 'run-reference-broken';
  readonly in: 'legs' | 'specs' | 'parts' | 'measures' | 'anchors' | 'picks' | 'passages' | SaidOf;
  readonly id: string;
  readonly missing: string;
}

/** What each may be said of. */
const SAID_OF_WHAT: Readonly<Record<SaidOf, readonly ('legs' | 'nodes' | 'parts')[]>> = {
  zones: ['legs'],
  covers: ['nodes'],
  bearings: ['legs'],
  prints: ['legs', 'nodes', 'parts'],
  fished: ['legs'],
};

/** Finds the first reference to a node or a part that is not there; null when the document hangs together. */
export function findBrokenReference(doc: RunDoc): BrokenReference | null {
  const isMissing = (ref: Pick<Ref, 'kind' | 'id'>) =>
    ref.kind === 'node' ? !Object.hasOwn(doc.nodes, ref.id) : !Object.hasOwn(doc.parts, ref.id);
  const broken = (
    place: BrokenReference['in'],
    id: string,
    refs: readonly Pick<Ref, 'kind' | 'id'>[],
  ): BrokenReference | null => {
    const missing = refs.find(isMissing);
    return missing === undefined
      ? null
      : { code: 'run-reference-broken', in: place, id, missing: missing.id };
  };
  for (const leg of Object.values(doc.legs)) {
    const found = broken('legs', leg.id, [centreOf(leg.from), centreOf(leg.to)]);
    if (found) return found;
    const spec = getSpecId(leg.id, leg.system);
    if (!Object.hasOwn(doc.specs, spec))
      return { code: 'run-reference-broken', in: 'legs', id: leg.id, missing: spec };
  }
  for (const collection of ['specs', 'parts', 'picks', 'passages'] as const) {
    for (const { id, leg } of Object.values(doc[collection])) {
      if (!Object.hasOwn(doc.legs, leg))
        return { code: 'run-reference-broken', in: collection, id, missing: leg };
    }
  }
  for (const [collection, things] of Object.entries(SAID_OF_WHAT) as [
    SaidOf,
    (typeof SAID_OF_WHAT)[SaidOf],
  ][])
    for (const id of Object.keys(doc[collection]))
      if (!things.some((thing) => Object.hasOwn(doc[thing], id)))
        return { code: 'run-reference-broken', in: collection, id, missing: id };
  for (const measure of Object.values(doc.measures)) {
    const found = broken('measures', measure.id, [measure.from, measure.to]);
    if (found) return found;
  }
  for (const anchor of Object.values(doc.anchors)) {
    const found = broken('anchors', anchor.id, [centreOf(anchor.node)]);
    if (found) return found;
  }
  return null;
}
