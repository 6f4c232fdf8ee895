import { THREADED_MATERIALS, type BoughtKind, getTaperEnd } from '#core/catalogue';
import { isNominal, NOMINAL_SIZES, type NominalSize } from '#core/ends';
import { getFigureKey, STOCK_LENGTHS } from '#core/house-rules';
import type { Craft } from '../craft.ts';
import { toKilogramsPerMetre } from '../mass.ts';
import { workOut, workOutBare } from './make-up.ts';
import { getNominal, getPipeEnd, getThreadSystem, readPipeEnd } from './pipe-end.ts';
import { findNearest, findNipple, getThreadingNeed } from './threading-need.ts';
import { threadedMaterials } from './threaded-steel-materials.ts';

const KINDS: readonly BoughtKind[] = [
  'coupling', 'union', 'valve', 'elbow-90', 'elbow-45', 'street-90', 'street-45', 'tee', 'hex-bushing', 'face-bushing', 'plug', 'cap',
]; // prettier-ignore

/** Black steel, screwed together by taper threads: American pipe (NPT) and British tube (R in Rp). */
export const threadedSteel: Craft = {
  system: 'threaded-steel',
  // In a DXF file white is black on paper.
  materials: threadedMaterials,
  fields: { material: THREADED_MATERIALS, size: NOMINAL_SIZES, stock: ['length'] },
  listSizes: () => NOMINAL_SIZES,
  screws: true,
  turnsBy: 'fitting',
  listKinds: () => KINDS,
  findJoin: () => null,
  findBending: () => null,
  getTrimming: () => 'never',
  getSlack: () => 0,
  listThreads: () => [],
  findAdapter: () => null,
  isForGround: false,
  listAdapterKinds: () => [],
  findManifold: () => null,
  findMass: ({ size }, { findPipe }) => {
    const pipe = isNominal(size) ? findPipe(size) : null;
    return pipe && toKilogramsPerMetre(pipe.poundsPerFoot);
  },
  findOutside: (settings, catalogue) => catalogue.findPipe(getNominal(settings))?.outside ?? null,
  getEnd: getPipeEnd,
  readEnd: readPipeEnd,
  goTogether: (a, b) => getThreadSystem(a) === getThreadSystem(b),
  findPart: (kind, settings, sizes, catalogue) => {
    const system = getThreadSystem(settings);
    const [first] = sizes;
    if (first === undefined || !sizes.every(isNominal)) return null;
    return sizes.every((size) => size === first)
      ? catalogue.findPart(kind, first as NominalSize, system)
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
  isCarried: (settings, catalogue) =>
    catalogue.findThread(getNominal(settings), getThreadSystem(settings)) !== null,
  workOutBare,
  workOut,
  getFigureKey: (settings) => getFigureKey(getNominal(settings), getThreadSystem(settings)),
  getStock: (rules) => STOCK_LENGTHS[rules['stock-length'].option],
  getLeastPiece: ([near, far], rules) => getThreadingNeed(near, far, rules),
  listBought: (settings, catalogue) =>
    catalogue.getNippleLengths(getNominal(settings), getThreadSystem(settings)),
  findBought: (cut, settings, [near, far], rules, catalogue) =>
    findNipple(cut, getNominal(settings), near, far, rules, catalogue),
  findNearestBought: (cut, settings, [near], rules, catalogue) =>
    findNearest(cut, getNominal(settings), near, rules, catalogue),
};
