import type { MaterialTraits } from '../material-traits.ts';
import { findSteelSupports } from './steel-supports.ts';

/** Steel that is screwed together. */
export const threadedMaterials = {
  'black-iron': {
    unit: 'in',
    ink: 'pipe',
    colour: 7,
    family: 'steel',
    findSupports: findSteelSupports,
    jacket: null,
    names: { whole: 'black iron', short: '', bought: 'black pipe' },
    writtenAs: ['black', 'iron', 'black-iron', 'bi'],
  },
  'steel-r': {
    unit: 'mm',
    ink: 'pipe-r',
    colour: 5,
    family: 'steel',
    findSupports: findSteelSupports,
    jacket: null,
    names: { whole: 'steel tube, R thread', short: 'R', bought: 'steel tube' },
    writtenAs: ['steel-r', 'steel', 'tube'],
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
