import { steelSupportsTable } from '#core/catalogue';
import type { MaterialTraits } from '../material-traits.ts';
import { supportsBySize } from '../support-figures.ts';

/** Steel that is screwed together. */
export const threadedMaterials = {
  'black-iron': {
    unit: 'in',
    ink: 'pipe',
    colour: 7,
    family: 'steel',
    findSupports: supportsBySize(steelSupportsTable),
    jacket: null,
    names: { whole: 'black iron', short: '', bought: 'black pipe' },
    writtenAs: ['black', 'iron', 'black-iron', 'bi'],
    readyInShop: '{size} die; {wrench}',
  },
  'steel-r': {
    unit: 'mm',
    ink: 'pipe-r',
    colour: 5,
    family: 'steel',
    findSupports: supportsBySize(steelSupportsTable),
    jacket: null,
    names: { whole: 'steel tube, R thread', short: 'R', bought: 'steel tube' },
    writtenAs: ['steel-r', 'steel', 'tube'],
    readyInShop: '{size} die; {wrench}',
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
