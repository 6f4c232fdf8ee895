import type { Material } from '#core/catalogue';
import { copperMaterials } from './copper/copper-materials.ts';
import { csstMaterials } from './csst/csst-materials.ts';
import type { MaterialTraits } from './material-traits.ts';
import { polyethyleneMaterials } from './polyethylene/polyethylene-materials.ts';
import { pressMaterials } from './press/press-materials.ts';
import { threadedMaterials } from './threaded-steel/threaded-steel-materials.ts';

/** Every material there is, from the folder of its system. */
export const MATERIAL_TRAITS: Readonly<Record<Material, MaterialTraits>> = {
  ...threadedMaterials,
  ...csstMaterials,
  ...copperMaterials,
  ...pressMaterials,
  ...polyethyleneMaterials,
};

/** What there is to say of a material. */
export const getMaterialTraits = (material: Material): MaterialTraits => MATERIAL_TRAITS[material];
