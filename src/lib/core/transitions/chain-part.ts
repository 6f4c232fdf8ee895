import {
  readTaperEnd,
  type Catalogue,
  type Part,
  type Port,
  findReach,
  getPressureSides,
  getPartTraits,
  type PartTraits,
  type Side,
  toPart,
  type ShopPart,
  getCopperOutside,
  getPeFigures,
  isCopperSize,
  isPeSize,
  findCopperRow,
  getCopperWall,
  type Material,
  type PartKind,
  getPartKind,
} from '#core/catalogue';
import { type End, isNominal, type LegSize } from '#core/ends';
import { CRAFTS } from '#core/materials';
import type { Length } from '#core/units';

/** A part that can stand in a chain: two openings in one line. */
export interface ChainPart {
  readonly part: Part;
  readonly ports: readonly [Port, Port];
  /** Its narrowest bore, nm; null where it is not known. */
  readonly bore: Length | null;
  /** From end to end, nm; null where it was not measured. */
  readonly length: Length | null;
  /** Whether its bore is no matter: gas is under the pressure of a cylinder in it, or it is what lowers that. */
  readonly isAnyBore: boolean;
  /** Joints that seal inside it. */
  readonly seats: number;
  readonly traits: PartTraits;
  /** The side of pressure each opening is on; null where it may be on any. */
  readonly sides: readonly [Side | null, Side | null];
  /** In hundredths of whatever the shop reckons in; null where it has not said. */
  readonly price: number | null;
  /** What kind of thing it is, for telling chains apart that are really different. */
  readonly sort: string;
}

/** Whether parts of a kind go between two ends. */
const goesBetween = (kind: PartKind): boolean =>
  kind !== 'existing' && kind !== 'appliance' && getPartKind(kind).goesBetween;

/** Every part of a catalogue that can stand in a chain, and of the shop's own those that are still bought. */
export function listChainParts(
  catalogue: Catalogue,
  shopParts: readonly ShopPart[] = [],
): readonly ChainPart[] {
  const screwed = [
    ...catalogue.parts.filter(({ kind }) => goesBetween(kind)),
    ...catalogue.counter.filter(({ kind, join }) => goesBetween(kind) || join !== null),
  ];
  const all = [...screwed, ...listTubeParts(catalogue)];
  const unique = new Map(all.map((part) => [part.id, part]));
  const own = shopParts.flatMap((each): ChainPart[] => {
    const made = each.retired ? null : makeChainPart(toPart(each), catalogue);
    return made ? [{ ...made, price: each.price }] : [];
  });
  return [...[...unique.values()].flatMap((part) => makeChainPart(part, catalogue) ?? []), ...own];
}

/** A part as it stands in a chain; null for what has not two openings in one line. */
export function makeChainPart(part: Part, catalogue: Catalogue): ChainPart | null {
  const [a, b, ...more] = part.ports;
  if (!a || !b || more.length > 0) return null;
  if (a.way.x * b.way.x + a.way.y * b.way.y + a.way.z * b.way.z > -1 + 1e-6) return null;
  const bores = [a, b].map(({ end }) => findBore(end, catalogue));
  const reaches = [findReach(a), findReach(b)];
  const traits = getPartTraits(part.kind);
  const sides = getPressureSides(part) as ChainPart['sides'];
  return {
    part,
    ports: [a, b],
    bore: bores.includes(null) ? null : Math.min(...(bores as Length[])),
    length: reaches.includes(null) ? null : reaches[0]! + reaches[1]!,
    isAnyBore: traits.lowers !== null || sides.includes('cylinder'),
    seats: part.seats.length,
    traits,
    sides,
    price: null,
    sort: getSort(part),
  };
}

/** What kind of thing a part is. A tail with a 30° seat is a nipple with a seat turned on it: no other way of going between two ends. */
function getSort({ kind, join, ports }: Part): string {
  const isNipple = kind === 'tail' && ports.every(({ end }) => readTaperEnd(end)?.gender === 'male');
  return isNipple ? 'nipple' : `${kind} ${join ?? ''}`.trim();
}

/** What is sold for every tube: couplings, and what brings it to a pipe thread. */
function listTubeParts(catalogue: Catalogue): Part[] {
  return Object.values(CRAFTS).flatMap((craft) => {
    if (craft.screws) return [];
    return (Object.keys(craft.materials) as Material[]).flatMap((material) => {
      const sizes = craft.listSizes(material);
      return sizes.flatMap((size) => listPartsOf(material, size, sizes, catalogue));
    });
  });
}

function listPartsOf(
  material: Material,
  size: LegSize,
  sizes: readonly LegSize[],
  catalogue: Catalogue,
): Part[] {
  const craft = Object.values(CRAFTS).find(({ materials }) => material in materials)!;
  const settings = { system: craft.system, material, size, stock: craft.fields.stock[0] as 'coil' };
  const kinds = craft.listKinds(settings);
  const others = sizes.filter((each) => each !== size).map((each) => [size, each]);
  const find = (kind: 'coupling' | 'reducing-set', wanted: readonly LegSize[][]): Part[] =>
    kinds.includes(kind)
      ? wanted.flatMap((each) => craft.findPart(kind, settings, each, catalogue) ?? [])
      : [];
  const couplings = [...find('coupling', [[size], ...others]), ...find('reducing-set', others)];
  const adapters = craft
    .listAdapterKinds(settings)
    .flatMap((kind) =>
      craft
        .listThreads(settings, catalogue)
        .flatMap((thread) =>
          (['male', 'female'] as const).flatMap(
            (gender) => craft.findAdapter(kind, settings, { ...thread, gender }, catalogue) ?? [],
          ),
        ),
    );
  return [...couplings, ...adapters];
}

/** How wide gas passes through an end, nm: the bore of the pipe or tube it is for. Null where that is not told by its name. */
export function findBore(end: End, catalogue: Catalogue): Length | null {
  switch (end.kind) {
    case 'thread': {
      if (isNominal(end.size)) return catalogue.findPipe(end.size)?.bore ?? null;
      const tube = /^(\d+(?:-\d+\/\d+|\/\d+)?)( mm)? tube\b/.exec(end.size);
      if (tube) return findTubeBore(`${tube[1]}${tube[2] ?? ' ACR'}`, catalogue);
      const pipe = /^G (\d+(?:\/\d+)?) LH/.exec(end.size)?.[1];
      return pipe !== undefined && isNominal(pipe) ? (catalogue.findPipe(pipe)?.bore ?? null) : null;
    }
    case 'tube':
      return findTubeBore(end.name, catalogue);
    case 'socket':
    case 'fusion-face':
      return findTubeBore(end.takes.name, catalogue);
    case 'flange':
    case 'union-half':
      return catalogue.findPipe(end.size)?.bore ?? null;
    case 'unknown':
      return null;
  }
}

function findTubeBore(name: string, catalogue: Catalogue): Length | null {
  const size = name.replace(/ (?:coil|straight)$/, '') as LegSize;
  if (isPeSize(size)) return getPeFigures(size).bore;
  if (isCopperSize(size)) {
    // Of a flare the tube in it is meant: air-conditioning tube from a coil, which is what is flared.
    const row = findCopperRow(catalogue.tubeRows, name) ?? findCopperRow(catalogue.tubeRows, `${name} coil`);
    return row && getCopperOutside(size) - 2 * getCopperWall(row);
  }
  const nominal = name.split(/[ ,]/)[0]!;
  return isNominal(nominal) ? (catalogue.findPipe(nominal)?.bore ?? null) : null;
}
