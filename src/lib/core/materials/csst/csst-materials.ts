import type { MaterialTraits } from '../material-traits.ts';
import { findTubingSupports } from './csst-supports.ts';

/** Corrugated stainless tubing, in one jacket or the other. */
export const csstMaterials = {
  csst: {
    unit: 'in',
    ink: 'corrugated',
    colour: 2,
    family: 'csst',
    findSupports: findTubingSupports,
    jacket: 'yellow',
    names: { whole: 'CSST', short: 'CSST', bought: 'corrugated tubing' },
    writtenAs: ['csst', 'corrugated'],
  },
  'csst-arc': {
    unit: 'in',
    ink: 'corrugated',
    colour: 8,
    family: 'csst',
    findSupports: findTubingSupports,
    jacket: 'black',
    names: { whole: 'CSST, arc-resistant', short: 'CSST', bought: 'arc-resistant corrugated tubing' },
    writtenAs: ['csst-arc', 'csst-black'],
  },
} as const satisfies Readonly<Record<string, MaterialTraits>>;
