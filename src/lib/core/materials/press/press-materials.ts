import type { MaterialTraits } from '../material-traits.ts';
import { findCopperSupports } from '../copper/copper-supports.ts';
import { findSteelSupports } from '../threaded-steel/steel-supports.ts';

/** What is pressed. */
export const pressMaterials = {
  'steel-pressed': {
    unit: 'in',
    ink: 'pressed',
    colour: 4,
    family: 'pressed-steel',
    findSupports: findSteelSupports,
    jacket: null,
    names: { whole: 'steel, pressed', short: 'pressed', bought: 'steel pipe for pressing' },
    writtenAs: ['steel-pressed', 'press', 'pressed'],
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
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
