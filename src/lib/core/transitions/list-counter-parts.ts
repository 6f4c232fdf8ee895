import { type Craft, type Settings, CRAFTS } from '#core/materials';
import {
  findReach,
  type Catalogue,
  type Material,
  type Part,
  toPart,
  type ShopPart,
  PART_KINDS,
  getPartKind,
} from '#core/catalogue';
import { getEndSize } from '#core/ends';
import { getEndFigure, readCounterSize } from './counter-words.ts';
import { listChainParts } from './chain-part.ts';

/** Kinds of fitting for tube that are asked for by one size, beside what goes between two ends. */
const OF_ONE_SIZE = PART_KINDS.filter((kind) => getPartKind(kind).isOfOneSize);

/** Catalogue → its parts: a list of thousands, put together once. */
const known = new WeakMap<Catalogue, readonly Part[]>();

/** Everything that may be asked for at a counter: parts of the catalogue, what is made for tube, and the shop's own that is still bought. */
export function listCounterParts(catalogue: Catalogue, shopParts: readonly ShopPart[] = []): readonly Part[] {
  const own = shopParts.filter(({ retired }) => !retired).map(toPart);
  const before = known.get(catalogue);
  if (before) return own.length === 0 ? before : [...before, ...own];
  const all = [
    ...catalogue.parts,
    ...catalogue.counter,
    ...listChainParts(catalogue).map(({ part }) => part),
    ...listTubeFittings(catalogue),
  ];
  // What is the same in all that can be seen of it is one, under whatever names it is listed: 8 mm flares are made by 5/16 fittings.
  const byLook = new Map<string, Part>();
  for (const part of all) {
    const look = describe(part);
    const before = byLook.get(look);
    // Its larger end is named first.
    if (!before || rankFirst(part) > rankFirst(before)) byLook.set(look, part);
  }
  const parts = [...byLook.values()];
  known.set(catalogue, parts);
  return own.length === 0 ? parts : [...parts, ...own];
}

const describe = ({ kind, join, material, ports }: Part): string =>
  JSON.stringify([
    kind,
    join,
    material,
    kind === 'nipple' ? ports.map(findReach) : null,
    inOneOrder(
      kind,
      ports.map(({ end }) => JSON.stringify(end)),
    ),
  ]);

const rankFirst = ({ ports }: Part): number => readCounterSize(getEndFigure(getEndSize(ports[0]!.end)));

/** A coupling has no first end. */
const inOneOrder = (kind: Part['kind'], ends: readonly string[]): readonly string[] =>
  kind === 'coupling' || kind === 'nipple' ? ends.toSorted() : ends;

function listTubeFittings(catalogue: Catalogue): Part[] {
  return Object.values(CRAFTS).flatMap((craft) => {
    if (craft.screws) return [];
    return (Object.keys(craft.materials) as Material[]).flatMap((material) =>
      craft.listSizes(material).flatMap((size) => {
        const settings = { system: craft.system, material, size, stock: craft.fields.stock[0] as 'coil' };
        const kinds = craft.listKinds(settings);
        return [
          ...OF_ONE_SIZE.flatMap((kind) =>
            kinds.includes(kind) ? (craft.findPart(kind, settings, [size], catalogue) ?? []) : [],
          ),
          ...listRisers(craft, settings, catalogue),
        ];
      }),
    );
  });
}

/** Risers turn up out of the ground: they go between no two ends in one line, and are asked for all the same. */
function listRisers(craft: Craft, settings: Settings, catalogue: Catalogue): Part[] {
  if (!craft.listAdapterKinds(settings).includes('riser')) return [];
  return craft
    .listThreads(settings, catalogue)
    .flatMap(
      (thread) => craft.findAdapter('riser', settings, { ...thread, gender: 'male' }, catalogue) ?? [],
    );
}
