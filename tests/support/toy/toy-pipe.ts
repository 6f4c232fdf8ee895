import {
  makePlainEnd,
  steelSupportsTable,
  type Material,
  type SystemId,
  type TubeJoin,
} from '#core/catalogue';
import type { Craft, MaterialTraits, Settings } from '#core/materials';
import { FOOT, inches } from '#core/units';
import { supportsBySize } from '../../../src/lib/core/materials/support-figures.ts';
import { makeTubeCraft } from '../../../src/lib/core/materials/tube-craft.ts';

/** Ids of things that are in no list. */
export const TOY = {
  system: 'toy-cranked' as SystemId,
  material: 'toy-pipe' as Material,
  join: 'toy-ring' as TubeJoin,
} as const;

const traits = {
  unit: 'in',
  ink: 'pressed',
  colour: 91,
  family: 'pressed-steel',
  findSupports: supportsBySize(steelSupportsTable),
  jacket: null,
  names: { whole: 'steel, cranked', short: 'cranked', bought: 'steel pipe for cranking' },
  writtenAs: ['cranked'],
  readyInShop: '{size} crank, oiled',
} as const satisfies MaterialTraits;

/** What there is to say of its one material. */
export const toyMaterials = { [TOY.material]: traits };

/** A system that nobody sells: pipe that goes into rings. Its folder would hold this. */
export const toyPipe: Craft = makeTubeCraft({
  system: TOY.system,
  materials: toyMaterials,
  fields: { material: [TOY.material], size: ['1/2', '3/4', '1'], stock: ['length'] },
  turnsBy: 'fitting',
  findBending: () => null,
  getTrimming: () => 'never',
  getSlack: () => 0,
  findOutside: ({ size }, { findPipe }) => findPipe(size as '3/4')?.outside ?? null,
  findMass: () => null,
  getStock: () => 10 * FOOT,
  getLeastPiece: () => inches(2),
  readEnd: (): Settings | null => null,
  getJoin: () => TOY.join,
  getTubeEnd: ({ size }) => makePlainEnd(TOY.join, size),
});
