import type { LegField, LegFigures, RunDifference } from '#core/runs/reading';
import type { LengthUnit } from '#core/units';
import { sayTaped } from './length-text.ts';
import { MATERIAL_NAMES, nameFitting } from './parts.ts';
import { nameWay } from './ways.ts';

export const LEG_FIELD_NAMES: Readonly<Record<LegField, string>> = {
  way: 'goes',
  size: 'size',
  material: 'material',
  centreToCentre: 'centres',
  cuts: 'cut',
  far: 'far end',
};

/** One figure of a leg as it is said. */
export function sayLegField(field: LegField, figures: LegFigures, unit: LengthUnit): string {
  if (field === 'way') return nameWay(figures.way);
  if (field === 'size') return figures.size;
  if (field === 'material') return MATERIAL_NAMES[figures.material];
  if (field === 'far') return nameFitting(figures.far);
  const say = (length: number | null) => (length === null ? 'not known' : sayTaped(length, unit));
  if (field === 'centreToCentre') return say(figures.centreToCentre);
  return figures.cuts.length === 0 ? 'no pipe' : figures.cuts.map(say).join(', ');
}

const count = (many: number, what: string): string => `${many} ${what}${many === 1 ? '' : 's'}`;

/** What a change comes to, counted: `7 joints, 2 cuts`. */
export function countDifference({ joints, cuts }: Pick<RunDifference, 'joints' | 'cuts'>): string {
  const said = [...(joints > 0 ? [count(joints, 'joint')] : []), ...(cuts > 0 ? [count(cuts, 'cut')] : [])];
  return said.join(', ') || 'no joint and no cut';
}
