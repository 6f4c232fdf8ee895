import {
  COPPER_SIZES,
  NOMINAL_SIZES,
  PE_SIZES,
  type LegSize,
  type NominalSize,
  type Gender,
} from '#core/ends';
import { isAdapterKind, type AdapterKind, type BoughtKind, PART_KINDS } from './part-kinds.ts';
import { TUBE_JOINS, type TubeJoin } from './part.ts';
import type { TaperEnd, TaperFamily } from './taper-end.ts';
import { CSST_SIZES, STEEL_PRESS_SIZES } from './tube-sizes.ts';

/* Ids of fittings for tube: what they are, spelt out, so that a part is found again from its id alone. */

export type ManifoldOpening = LegSize | TaperEnd;

/** A size as part ids have it. Several sizes are put together by x. */
export const toSlug = (size: LegSize): string => size.replaceAll(/[/ ]/g, '-').replaceAll('.', '_');
const SLUGS: ReadonlyMap<string, LegSize> = new Map(
  [...COPPER_SIZES, ...STEEL_PRESS_SIZES, ...CSST_SIZES, ...PE_SIZES].map((size) => [toSlug(size), size]),
);

/** An opening of a manifold as part ids have it. */
export const toOpeningSlug = (opening: ManifoldOpening): string =>
  typeof opening === 'string' ? toSlug(opening) : `${opening.system}-${toSlug(opening.size)}`;

/** What the id of a fitting for tube says; its openings in the order of its ports. */
export interface TubePartId {
  readonly join: TubeJoin;
  readonly kind: BoughtKind;
  readonly openings: readonly ManifoldOpening[];
  /** The thread of what brings tube to one. */
  readonly thread: { readonly kind: AdapterKind; readonly end: TaperEnd } | null;
}

/** Reads the id of a fitting for tube; null for what is none. Whether such a fitting is sold is not looked at. */
export function readTubePartId(id: string): TubePartId | null {
  const [, join, kind, named, thread] = id.split('/') as [string, TubeJoin, BoughtKind, string?, string?];
  if (!TUBE_JOINS.includes(join) || !PART_KINDS.includes(kind) || named === undefined) return null;
  const openings = named.split('x').map(readOpening);
  if (openings.includes(null)) return null;
  const known = { join, kind, openings: openings as ManifoldOpening[] };
  if (!isAdapterKind(kind)) return { ...known, thread: null };
  const [, on, gender] = /^(.+)-(male|female)$/.exec(thread ?? '') ?? [];
  const taper = on === undefined ? null : readOpening(on);
  if (taper === null || typeof taper === 'string' || openings.length !== 1) return null;
  return { ...known, thread: { kind, end: { ...taper, gender: gender as Gender } } };
}

/** `3-4`, `1-2-ACR`: a size; `NPT-3-4`: a female thread of it. Null for what is neither. */
function readOpening(slug: string): ManifoldOpening | null {
  const [, system, size] = /^(NPT|R)-(.+)$/.exec(slug) ?? [];
  if (size === undefined) return SLUGS.get(slug) ?? null;
  const nominal = NOMINAL_SLUGS.get(size);
  return nominal ? { system: system as TaperFamily, size: nominal, gender: 'female' } : null;
}

const NOMINAL_SLUGS: ReadonlyMap<string, NominalSize> = new Map(
  NOMINAL_SIZES.map((size) => [toSlug(size), size]),
);
