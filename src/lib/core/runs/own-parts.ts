import { indexParts, type Catalogue } from '../catalogue/catalogue.ts';
import type { Part } from '../catalogue/part.ts';
import type { OwnPart } from './run.ts';

/** A part of the catalogue with the lengths this shop measured on its own. */
export const measurePart = (part: Part, own: OwnPart): Part => ({
  ...part,
  ports: part.ports.map((port) => {
    const length = own.reaches[port.id];
    return length === undefined
      ? port
      : { ...port, reach: { standing: 'entered', length, by: own.by } as const };
  }),
});

/** A catalogue in which the parts a shop has measured carry the measured lengths; itself where none was measured. */
export function withOwnParts(catalogue: Catalogue, ownParts: Readonly<Record<string, OwnPart>>): Catalogue {
  const own = new Map(Object.values(ownParts).map((part) => [part.of, part]));
  if (own.size === 0) return catalogue;
  const parts = catalogue.parts.map((part) => {
    const measured = own.get(part.id);
    return measured ? measurePart(part, measured) : part;
  });
  return { ...catalogue, ...indexParts(parts) };
}
