import { type End, endOfKinds, isNominal, NOMINAL_SIZES } from '#core/ends';
import {
  fields,
  flag,
  ID,
  length,
  LIMITS,
  nameLine,
  oneOf,
  orNull,
  pair,
  pattern,
  textOrNone,
  whole,
  type Shape,
  type TypeOf,
} from '#core/shapes';
import type { EndRegistry } from './end-registry.ts';
import { getPartTraits, getPortWay, SHOP_PART_KINDS } from './part-kinds.ts';
import type { Part, PartLength } from './part.ts';

export const SHOP_PART_MATERIALS = [
  'black-malleable',
  'steel',
  'brass',
  'copper',
  'polyethylene',
  'as-found',
] as const satisfies readonly Part['material'][];

const SHOP_PART_END: Shape<End> = endOfKinds('thread', 'tube', 'socket', 'flange', 'fusion-face');

/** A part of the shop's own between two ends. */
export const SHOP_PART = fields({
  id: pattern(ID),
  /** As the shop calls it, and as it is read out at the counter. */
  name: nameLine(LIMITS.name),
  kind: oneOf(SHOP_PART_KINDS),
  material: oneOf(SHOP_PART_MATERIALS),
  /** Gas comes in at the first where that matters. */
  ends: pair(SHOP_PART_END),
  /** Over all, nm; null while not measured. */
  length: orNull(length),
  /** In hundredths of whatever the shop reckons in; null while not said. */
  price: orNull(whole(0, LIMITS.price)),
  note: textOrNone(LIMITS.reason),
  /** No longer bought: it joins no search, and stands where it stands. */
  retired: flag,
});
export type ShopPart = TypeOf<typeof SHOP_PART>;

const OWN = 'own/';
/** The id of a shop's own part among parts. */
export const getShopPartId = (id: string): string => `${OWN}${id}`;
/** The shop's part an id of a part names; null where it is of the catalogue. */
export const readShopPartId = (id: string): string | null =>
  id.startsWith(OWN) ? id.slice(OWN.length) : null;

/** Made once for each: parts that stand in a layout are told apart by identity. */
const made = new WeakMap<ShopPart, Part>();

/** A shop's part as a part of the catalogue. From its middle to an end it is half as long; what was not measured is asked. */
export function toPart(shopPart: ShopPart): Part {
  const before = made.get(shopPart);
  if (before) return before;
  const { id, kind, material, ends, length } = shopPart;
  const half = (part: number): PartLength =>
    length === null ? { standing: 'unknown' } : { standing: 'entered', length: part, by: 'the shop' };
  const reaches = [half(Math.floor((length ?? 0) / 2)), half(Math.ceil((length ?? 0) / 2))];
  // Its openings are where those of its kind are: an adapter's tube first.
  const names = kind === 'adapter' ? ['tube', 'thread'] : ['a', 'b'];
  const size = ends.map((end) => (end.kind === 'thread' ? end.size : '')).find(isNominal) ?? NOMINAL_SIZES[2];
  const cone = { kind: 'union-half', size, half: 'cone' } as const;
  const part: Part = {
    id: getShopPartId(id),
    kind,
    size,
    material,
    join: null,
    ports: ends.map((end, i) => ({
      id: names[i]!,
      way: getPortWay(kind, names[i]!),
      end,
      reach: reaches[i]!,
      depth: null,
    })),
    seats: getPartTraits(kind).hasSeat ? [[cone, { ...cone, half: 'socket' }]] : [],
    outside: null,
  };
  made.set(shopPart, part);
  return part;
}

/** Why a shop's part is not taken. */
export type ShopPartRefusal =
  /** Its end is no listed thread, or no tube of the lists. */
  | { readonly code: 'shop-part-end-unlisted'; readonly name: string; readonly end: End }
  /** Another part of the shop is called so. */
  | { readonly code: 'shop-part-name-taken'; readonly name: string };

/** Whether any list has an end. */
export const isListedEnd = (end: End, ends: EndRegistry): boolean => ends.figure(end).kind !== 'unknown';

const fold = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

/** The names of parts that are bought, each with whose it is: so that a name is looked up, and not compared with all. */
export class ShopPartNames {
  readonly #ids = new Map<string, Set<string>>();

  constructor(parts: Iterable<ShopPart>) {
    for (const part of parts) this.put(part);
  }

  put({ id, name, retired }: ShopPart): void {
    if (retired) return;
    const key = fold(name);
    this.#ids.set(key, (this.#ids.get(key) ?? new Set()).add(id));
  }

  /** Whether another part that is bought is called so. */
  isTaken({ id, name, retired }: ShopPart): boolean {
    const ids = retired ? undefined : this.#ids.get(fold(name));
    return ids !== undefined && (ids.size > 1 || !ids.has(id));
  }
}

/** What keeps a part from being taken beside others: an end that is in no list, a name that another has. Null when it may be taken. */
export function refuseShopPart(
  part: ShopPart,
  names: ShopPartNames,
  isListed: (end: End) => boolean,
): ShopPartRefusal | null {
  const end = part.ends.find((each) => !isListed(each));
  if (end) return { code: 'shop-part-end-unlisted', name: part.name, end };
  return names.isTaken(part) ? { code: 'shop-part-name-taken', name: part.name } : null;
}
