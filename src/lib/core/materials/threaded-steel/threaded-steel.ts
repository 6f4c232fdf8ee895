import { MATERIALS } from '../../catalogue/pipe.ts';
import { NOMINAL_SIZES } from '../../ends/size.ts';
import { getTaperEnd } from '../../catalogue/taper-end.ts';
import { getFigureKey } from '../../house-rules/engagement-figure.ts';
import { STOCK_LENGTHS } from '../../house-rules/stock-length.ts';
import type { Craft } from '../craft.ts';
import { workOut, workOutBare } from './make-up.ts';
import { getPipeEnd, getThreadSystem, readPipeEnd } from './pipe-end.ts';
import { findNearest, findNipple, getThreadingNeed } from './threading-need.ts';

/** Black steel, screwed together by taper threads: American pipe (NPT) and British tube (R in Rp). */
export const threadedSteel: Craft = {
  system: 'threaded-steel',
  // In a DXF file white is black on paper.
  materials: {
    'black-iron': { unit: 'in', ink: 'pipe', colour: 7 },
    'steel-r': { unit: 'mm', ink: 'pipe-r', colour: 5 },
  },
  fields: { material: MATERIALS, size: NOMINAL_SIZES },
  turnsBy: 'fitting',
  getEnd: getPipeEnd,
  readEnd: readPipeEnd,
  goTogether: (a, b) => getThreadSystem(a) === getThreadSystem(b),
  findPart: (kind, settings, sizes, catalogue) => {
    const system = getThreadSystem(settings);
    const [first] = sizes;
    if (first === undefined) return null;
    return sizes.every((size) => size === first)
      ? catalogue.findPart(kind, first, system)
      : catalogue.findSized(kind, sizes, system);
  },
  listParts: (kind, settings, catalogue) =>
    catalogue.parts.flatMap((part) => {
      if (part.kind !== kind) return [];
      const ends = part.ports.map(({ end }) => getTaperEnd(end));
      return ends[0]?.system === getThreadSystem(settings)
        ? [{ part, sizes: ends.map(({ size }) => size) }]
        : [];
    }),
  isCarried: (settings, catalogue) => catalogue.findThread(settings.size, getThreadSystem(settings)) !== null,
  workOutBare,
  workOut,
  getFigureKey: (settings) => getFigureKey(settings.size, getThreadSystem(settings)),
  getStock: (rules) => STOCK_LENGTHS[rules['stock-length'].option],
  getLeastPiece: ([near, far], rules) => getThreadingNeed(near, far, rules),
  listBought: (settings, catalogue) => catalogue.getNippleLengths(settings.size, getThreadSystem(settings)),
  findBought: (cut, { size }, [near, far], rules, catalogue) =>
    findNipple(cut, size, near, far, rules, catalogue),
  findNearestBought: (cut, { size }, [near], rules, catalogue) =>
    findNearest(cut, size, near, rules, catalogue),
};
