import type { Material, Stock } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { findLikeSize, getCraft, getCraftOf, makeSettings } from '#core/materials';
import type { Op, PlannedChange } from '#core/runs/changes';
import { getSpecId, type Leg, type RunDoc, getLegs } from '#core/runs/document';
import { insertOp, partLeg, setOp } from './make-op.ts';

/** Another size, material or stock; a size with a material is one of that material. */
export type OtherSettings =
  | { readonly size: LegSize }
  | { readonly material: Material; readonly size?: LegSize }
  | { readonly stock: Stock };

/**
 * Plans a size, a material or a stock for one leg, or for every leg of the run (`legs` null). Legs that are so already are left, and so are legs
 * of a material that has no such size or stock. Into another system of material a leg goes with the settings it had there before; without any with
 * the size that comes nearest. Those of the old system stay with it.
 */
export function planResizeLegs(doc: RunDoc, legs: string | null, to: OtherSettings): PlannedChange {
  const chosen = [...getLegs(doc).values()].filter(({ id }) => legs === null || id === legs);
  const ops = chosen.flatMap((leg) => ('material' in to ? planMaterial(doc, leg, to) : planSetting(leg, to)));
  const tag = legs === null ? null : (chosen[0]?.tag ?? null);
  return { label: { command: 'resize-legs', leg: tag, turn: null }, ops };
}

/** Plans another material for a leg, a stretch or a branch: one change. Going back to the one before brings its settings back as they were. */
export function planSwitchLegs(doc: RunDoc, legs: readonly string[], material: Material): PlannedChange {
  const chosen = legs.flatMap((id) => getLegs(doc).get(id) ?? []);
  const ops = chosen.flatMap((leg) => planMaterial(doc, leg, { material }));
  const tag = chosen.length === 1 ? chosen[0]!.tag : null;
  return { label: { command: 'switch-legs', leg: tag, turn: null }, ops };
}

function planSetting(leg: Leg, to: Exclude<OtherSettings, { material: Material }>): Op[] {
  const craft = getCraft(leg);
  const { spec } = partLeg(leg);
  if ('size' in to)
    return spec.size === to.size || !craft.listSizes(leg.material).includes(to.size)
      ? []
      : [setOp('specs', spec, 'size', to.size)];
  return spec.stock === to.stock || !craft.fields.stock.includes(to.stock)
    ? []
    : [setOp('specs', spec, 'stock', to.stock)];
}

function planMaterial(
  doc: RunDoc,
  leg: Leg,
  { material, size }: Extract<OtherSettings, { material: Material }>,
): Op[] {
  const { system, listSizes } = getCraftOf(material);
  const { entry } = partLeg(leg);
  const before = doc.specs[getSpecId(leg.id, system)];
  const sizes = listSizes(material);
  const wanted = size !== undefined && sizes.includes(size) ? size : undefined;
  if (!before) {
    const settings = makeSettings(material, wanted ?? findLikeSize(leg, material));
    return [
      setOp('legs', entry, 'system', system),
      insertOp('specs', { id: getSpecId(leg.id, system), leg: leg.id, ...settings } as { id: string }),
    ];
  }
  const fits = wanted ?? (sizes.includes(before.size) ? before.size : findLikeSize(before, material));
  return [
    ...(leg.system === system ? [] : [setOp('legs', entry, 'system', system)]),
    ...(before.material === material ? [] : [setOp('specs', before, 'material', material)]),
    ...(before.size === fits ? [] : [setOp('specs', before, 'size', fits)]),
  ];
}
