import { indexParts, type Catalogue } from '../catalogue/catalogue.ts';
import type { Part, PartLength } from '../catalogue/part.ts';
import type { TubeParts } from '../catalogue/tube-parts.ts';
import type { Length } from '../units/length.ts';
import type { OwnPart } from './run.ts';

const enter = (length: Length, { by }: OwnPart): PartLength => ({ standing: 'entered', length, by });

/** A part of the catalogue with the lengths this shop measured on its own. */
export const measurePart = (part: Part, own: OwnPart): Part => ({
  ...part,
  ports: part.ports.map((port) => {
    const [reach, depth] = [own.reaches[port.id], own.depths[port.id]];
    return {
      ...port,
      reach: reach === undefined ? port.reach : enter(reach, own),
      depth: depth === undefined || port.depth === null ? port.depth : enter(depth, own),
    };
  }),
});

/** Fittings for tube are made when asked for, and measured then. */
function measureTubeParts(tubes: TubeParts, own: ReadonlyMap<string, OwnPart>): TubeParts {
  const made = new Map<string, Part>();
  const measure = (part: Part | null): Part | null => {
    const measured = part && own.get(part.id);
    if (!part || !measured) return part;
    const known = made.get(part.id) ?? measurePart(part, measured);
    made.set(part.id, known);
    return known;
  };
  return {
    listThreads: tubes.listThreads,
    find: (...what) => measure(tubes.find(...what)),
    findAdapter: (...what) => measure(tubes.findAdapter(...what)),
    findManifold: (...what) => measure(tubes.findManifold(...what)),
    findById: (id) => measure(tubes.findById(id)),
  };
}

/** A catalogue in which the parts a shop has measured carry the measured lengths; itself where none was measured. */
export function withOwnParts(catalogue: Catalogue, ownParts: Readonly<Record<string, OwnPart>>): Catalogue {
  const own = new Map(Object.values(ownParts).map((part) => [part.of, part]));
  if (own.size === 0) return catalogue;
  const measure = (part: Part): Part => {
    const measured = own.get(part.id);
    return measured ? measurePart(part, measured) : part;
  };
  const [parts, counter] = [catalogue.parts.map(measure), catalogue.counter.map(measure)];
  return { ...catalogue, ...indexParts(parts, measureTubeParts(catalogue.tubes, own), counter) };
}
