import type { MaterialTraits } from '../material-traits.ts';

/** Plastic for the ground, by how it is joined. */
export const polyethyleneMaterials = {
  'pe-stabbed': {
    unit: 'in',
    ink: 'plastic',
    colour: 52,
    family: 'polyethylene',
    // It lies in the ground, bedded.
    findSupports: () => null,
    jacket: null,
    names: { whole: 'polyethylene, stabbed', short: 'stabbed', bought: 'polyethylene gas pipe' },
    writtenAs: ['pe', 'pe-stabbed', 'stabbed', 'poly'],
    readyInShop:
      'pipe shears, square; chamfer tool of the fitting’s maker; depth mark; clean cloth; fittings stay in their bags',
  },
  'pe-fused': {
    unit: 'in',
    ink: 'plastic',
    colour: 54,
    family: 'polyethylene',
    // It lies in the ground, bedded.
    findSupports: () => null,
    jacket: null,
    names: { whole: 'polyethylene, fused', short: 'fused', bought: 'polyethylene gas pipe' },
    writtenAs: ['pe-fused', 'fused'],
    readyInShop:
      'fusion jig and facer with the inserts for {insert}; iron thermometer; clean dry cloths; spare length for a joint cut out',
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
