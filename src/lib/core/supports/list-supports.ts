import { getZoneOf, getLegVector, hasPipe } from '#core/runs/document';
import type { Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { type Jurisdiction, getSupportEnd } from '#core/house-rules';
import { getTapeUnit, type Length } from '#core/units';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { placeSupports } from './place-supports.ts';
import { findSpacing, type SupportSpacing } from './support-spacing.ts';

/** The supports of a leg; lengths in nm. */
export interface LegSupports {
  readonly laid: LaidLeg;
  readonly isUpright: boolean;
  /** Null where no row says it. */
  readonly spacing: SupportSpacing | null;
  /** From the near end; null where the spacing or the length of the leg is not known. */
  readonly at: readonly Length[] | null;
  /** Fished, and held by nothing, as its maker's own text has it. */
  readonly isFished: boolean;
}

/** Steeper than this a leg is upright. */
const UPRIGHT = Math.SQRT1_2;

/** The supports of every leg of pipe that is not bedded in the ground, in walking order. At every floor: as if a floor were where the leg ends. */
export function listSupports(layout: RunLayout, jurisdiction: Jurisdiction): readonly LegSupports[] {
  const { legs, doc, rules } = layout;
  const end = getSupportEnd(rules);
  return [...legs.values()].flatMap((laid): LegSupports[] => {
    const zone = getZoneOf(layout, laid.leg);
    if (!hasPipe(laid.leg) || zone === 'buried' || zone === 'under-slab') return [];
    const spacing = findSpacing(laid.leg.material, laid.leg.size, jurisdiction, getTapeUnit(rules));
    const isUpright = Math.abs(getLegVector(laid.leg).z) > UPRIGHT;
    const most = spacing && (isUpright ? spacing.upright : spacing.level);
    const length = laid.centreToCentre;
    const isFished = Object.hasOwn(doc.fished, laid.id);
    if (isFished) return [{ laid, isUpright, spacing, at: [], isFished }];
    const at =
      most === null || length === null ? null : placeSupports(length, most === 'floor' ? length : most, end);
    return [{ laid, isUpright, spacing, at, isFished }];
  });
}

/** Supports of one pipe, as they are bought: clips where it is clipped, in a vehicle. */
export interface SupportTotal {
  readonly size: LegSize;
  readonly material: Material;
  readonly isClip: boolean;
  readonly count: number;
}

/** How many supports of each pipe a run wants, as far as that is known, in walking order. */
export function countSupports(layout: RunLayout, jurisdiction: Jurisdiction): readonly SupportTotal[] {
  const totals = new Map<string, SupportTotal>();
  for (const { laid, at } of listSupports(layout, jurisdiction)) {
    if (!at || at.length === 0) continue;
    const { size, material } = laid.leg;
    const isClip = jurisdiction === 'uk-vehicle' || layout.doc.zones[laid.id]?.zone === 'vehicle';
    const key = `${size} ${material} ${isClip}`;
    totals.set(key, { size, material, isClip, count: (totals.get(key)?.count ?? 0) + at.length });
  }
  return [...totals.values()];
}
