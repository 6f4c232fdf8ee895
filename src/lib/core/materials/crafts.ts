import { MATERIALS, type Material, type Stock, type SystemId } from '#core/catalogue';
import type { End, LegSize } from '#core/ends';
import type { Craft, Settings } from './craft.ts';
import { copper } from './copper/copper.ts';
import { csst } from './csst/csst.ts';
import { polyethylene } from './polyethylene/polyethylene.ts';
import { press } from './press/press.ts';
import { threadedSteel } from './threaded-steel/threaded-steel.ts';

/** Every craft there is: the one place that says which material systems a leg can be of. */
export const CRAFTS: Readonly<Record<SystemId, Craft>> = {
  'threaded-steel': threadedSteel,
  csst,
  copper,
  press,
  polyethylene,
};

/** The craft of a leg, or of anything with its settings. */
export const getCraft = ({ system }: Pick<Settings, 'system'>): Craft => CRAFTS[system];

/** The craft that works in a material. */
export function getCraftOf(material: Material): Craft {
  const craft = Object.values(CRAFTS).find(({ materials }) => material in materials);
  if (!craft) throw new Error(`no craft works in ${material}`);
  return craft;
}

/** The settings of a leg of this material and size, from the stock it usually comes in where none is said. */
export function makeSettings(material: Material, size: LegSize, stock?: Stock): Settings {
  const { system, fields } = getCraftOf(material);
  return { system, material, size, stock: stock ?? (fields.stock[0] as Stock) };
}

/** Whether two are made of the very same. */
export const areAlike = (a: Settings, b: Settings): boolean =>
  a.system === b.system && a.material === b.material && a.size === b.size && a.stock === b.stock;

/** What a run begins with where nothing is said. */
export const FIRST_MATERIAL: Material = MATERIALS[0];

/** The settings of the pipe that ends so, or that such an end takes, in whichever system; null where no craft knows it. */
export function readSettings(end: End): Settings | null {
  for (const craft of Object.values(CRAFTS)) {
    const settings = craft.readEnd(end);
    if (settings) return settings;
  }
  return null;
}
