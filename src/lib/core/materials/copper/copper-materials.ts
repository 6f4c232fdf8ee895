import type { MaterialTraits } from '../material-traits.ts';
import { findCopperSupports } from './copper-supports.ts';

/** Copper tube, by how it is joined. */
export const copperMaterials = {
  'copper-flared': {
    unit: 'in',
    ink: 'copper',
    colour: 30,
    family: 'copper',
    findSupports: findCopperSupports,
    jacket: null,
    names: { whole: 'copper, flared', short: 'flared', bought: 'copper tube' },
    writtenAs: ['copper', 'copper-flared', 'flared', 'cu'],
    readyInShop:
      'wheel cutter; flare block with the hole for {both}, no other; nut on first, facing the end; two spanners',
  },
  'copper-compression': {
    unit: 'mm',
    ink: 'copper',
    colour: 32,
    family: 'copper',
    findSupports: findCopperSupports,
    jacket: null,
    names: { whole: 'copper, compression', short: 'with olives', bought: 'copper tube' },
    writtenAs: ['copper-compression', 'compression', 'olives'],
    readyInShop:
      'wheel cutter, square and deburred; nut, then olive; no score where the olive sits; two spanners',
  },
  'copper-capillary': {
    unit: 'mm',
    ink: 'copper',
    colour: 34,
    family: 'copper',
    findSupports: findCopperSupports,
    jacket: null,
    names: { whole: 'copper, soldered', short: 'soldered', bought: 'copper tube' },
    writtenAs: ['copper-soldered', 'soldered', 'copper-capillary', 'capillary'],
    readyInShop: 'wheel cutter, square; both clean, flux, heat mat',
  },
  'copper-brazed': {
    unit: 'in',
    ink: 'copper',
    colour: 36,
    family: 'copper',
    findSupports: findCopperSupports,
    jacket: null,
    names: { whole: 'copper, brazed', short: 'brazed', bought: 'copper tube' },
    writtenAs: ['copper-brazed', 'brazed'],
    readyInShop: 'wheel cutter, square; both clean, brazing rod, heat mat',
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
