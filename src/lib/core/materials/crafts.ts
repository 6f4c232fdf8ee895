import { MATERIALS, SYSTEMS, type Material, type SystemId } from '../catalogue/pipe.ts';
import type { NominalSize } from '../ends/size.ts';
import type { Craft, MaterialTraits, Settings } from './craft.ts';
import { threadedSteel } from './threaded-steel/threaded-steel.ts';

/** Every craft there is: the one place that says which material systems a leg can be of. */
export const CRAFTS: Readonly<Record<SystemId, Craft>> = {
  'threaded-steel': threadedSteel,
};

export const getCraft = ({ system }: Pick<Settings, 'system'>): Craft => CRAFTS[system];

/** The settings of a leg of this material and size. */
export function makeSettings(material: Material, size: NominalSize): Settings {
  const system = SYSTEMS.find((each) => material in CRAFTS[each].materials);
  if (!system) throw new Error(`no craft works in ${material}`);
  return { system, material, size };
}

export const getTraits = (material: Material): MaterialTraits =>
  getCraft(makeSettings(material, '3/4')).materials[material]!;

/** What a run begins with where nothing is said. */
export const FIRST_MATERIAL: Material = MATERIALS[0];
