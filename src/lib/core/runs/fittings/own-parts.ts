import {
  indexParts,
  type Catalogue,
  type Part,
  type PartLength,
  type TubeParts,
  toPart,
  withSheets,
  type ShopPart,
} from '#core/catalogue';
import type { Length } from '#core/units';
import type { OwnPart, RunDoc } from '#core/runs/document';

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
    bySheets: (sheets) => measureTubeParts(tubes.bySheets(sheets), own),
  };
}

/** A catalogue with parts of the shop's own among what is chosen to go between two ends; itself where there are none. */
export function withShopParts(catalogue: Catalogue, shopParts: readonly ShopPart[]): Catalogue {
  if (shopParts.length === 0) return catalogue;
  const counter = [...catalogue.counter, ...shopParts.map(toPart)];
  return { ...catalogue, ...indexParts(catalogue.parts, catalogue.tubes, counter) };
}

/**
 * A catalogue as a run has it: by the sheets of the makers whose parts it uses, with the shop's own parts that stand in it, and with the lengths of those
 * it has measured, which go before any sheet. Itself where there is nothing of it.
 */
export function withOwnParts(
  catalogue: Catalogue,
  { ownParts, shopParts, makers }: Pick<RunDoc, 'ownParts' | 'shopParts' | 'makers'>,
): Catalogue {
  const whole = withShopParts(withSheets(catalogue, makers), Object.values(shopParts));
  const own = new Map(Object.values(ownParts).map((part) => [part.of, part]));
  if (own.size === 0) return whole;
  const measure = (part: Part): Part => {
    const measured = own.get(part.id);
    return measured ? measurePart(part, measured) : part;
  };
  const [parts, counter] = [whole.parts.map(measure), whole.counter.map(measure)];
  return { ...whole, ...indexParts(parts, measureTubeParts(whole.tubes, own), counter) };
}
