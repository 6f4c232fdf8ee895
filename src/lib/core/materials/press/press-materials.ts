import { steelSupportsTable } from '#core/catalogue';
import type { MaterialTraits } from '../material-traits.ts';
import { findCopperSupports } from '../copper/copper-supports.ts';
import { supportsBySize } from '../support-figures.ts';

/** What is pressed. */
export const pressMaterials = {
  'steel-pressed': {
    unit: 'in',
    ink: 'pressed',
    colour: 4,
    family: 'pressed-steel',
    findSupports: supportsBySize(steelSupportsTable),
    jacket: null,
    names: { whole: 'steel, pressed', short: 'pressed', bought: 'steel pipe for pressing' },
    writtenAs: ['steel-pressed', 'press', 'pressed'],
    readyInShop: '{size} jaw, listed for gas; square, deburred, paint and scale off, depth mark',
  },
  'copper-pressed': {
    unit: 'in',
    ink: 'pressed',
    colour: 6,
    family: 'copper',
    findSupports: findCopperSupports,
    jacket: null,
    names: { whole: 'copper, pressed', short: 'pressed', bought: 'copper tube for pressing' },
    writtenAs: ['copper-pressed', 'copper-press'],
    readyInShop: 'jaw for {both}, listed for gas; square, deburred, depth mark',
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
