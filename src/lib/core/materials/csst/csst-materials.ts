import { tubingSupportsTable } from '#core/catalogue';
import type { MaterialTraits } from '../material-traits.ts';
import { supportsBySize } from '../support-figures.ts';

/** Corrugated stainless tubing, in one jacket or the other. */
export const csstMaterials = {
  csst: {
    unit: 'in',
    ink: 'corrugated',
    colour: 2,
    family: 'csst',
    findSupports: supportsBySize(tubingSupportsTable),
    jacket: 'yellow',
    names: { whole: 'CSST', short: 'CSST', bought: 'corrugated tubing' },
    writtenAs: ['csst', 'corrugated'],
    readyInShop:
      'sharp wheel cutter, cut in a valley; jacket back as the maker says, no score; two spanners at each end',
  },
  'csst-arc': {
    unit: 'in',
    ink: 'corrugated',
    colour: 8,
    family: 'csst',
    findSupports: supportsBySize(tubingSupportsTable),
    jacket: 'black',
    names: { whole: 'CSST, arc-resistant', short: 'CSST', bought: 'arc-resistant corrugated tubing' },
    writtenAs: ['csst-arc', 'csst-black'],
    readyInShop:
      'sharp wheel cutter, cut in a valley; jacket back as the maker says, no score; two spanners at each end',
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
