import { type TubeJoin, makePlainEnd, getPeFigures } from '#core/catalogue';
import { type End, PE_SIZES, type PeSize } from '#core/ends';
import { getContraction, getTemperatures, getFusionLoss } from '#core/house-rules';
import { FOOT, onTapeOf, roundInches } from '#core/units';
import { DENSITIES, weighTube } from '../mass.ts';
import type { Craft, Settings } from '../craft.ts';
import { makeTubeCraft } from '../tube-craft.ts';
import { findTrenchBending } from './trench-bending.ts';
import { polyethyleneMaterials } from './polyethylene-materials.ts';

const getJoin = ({ material }: Pick<Settings, 'material'>): TubeJoin =>
  material === 'pe-fused' ? 'fusion' : 'stab';

/** Straight lengths of 40 ft, as is common for iron pipe sizes; approximate, the maker's list goes before it. */
const STICK = 40 * FOOT;

/** The least piece: a hand's breadth between two jaws, or two stab depths and room to push. Ours. */
const LEAST = roundInches(6);

/** Polyethylene gas pipe, in the ground only: pushed into stab fittings to a depth mark, or fused end to end. */
export const polyethylene: Craft = makeTubeCraft({
  system: 'polyethylene',
  materials: polyethyleneMaterials,
  fields: { material: ['pe-stabbed', 'pe-fused'], size: PE_SIZES, stock: ['coil', 'length'] },
  turnsBy: 'bend',
  isForGround: true,
  findBending: findTrenchBending,
  // It is snaked into the trench, marked at the fitting and cut there.
  getTrimming: () => 'any-end',
  getSlack: (_, developed, __, rules) => getContraction(developed, getTemperatures(rules.contraction)),
  findOutside: ({ size }) => getPeFigures(size as PeSize).outside,
  findMass: ({ size }) => {
    const { outside, wall } = getPeFigures(size as PeSize);
    return weighTube(outside, wall, DENSITIES.polyethylene);
  },
  getStock: () => STICK,
  getLeastPiece: (_, rules) => onTapeOf(rules, LEAST),
  readEnd,
  getJoin,
  getTubeEnd: (settings) => makePlainEnd(getJoin(settings), settings.size),
  getDepth: ({ material }, rules) => (material === 'pe-fused' ? getFusionLoss(rules) : null),
});

function readEnd(end: End): Settings | null {
  const isMelted = end.kind === 'fusion-face' || (end.kind === 'tube' && end.prepared === 'faced');
  const isPushed = end.kind === 'socket' && end.how === 'stab';
  if (!isMelted && !isPushed && end.kind !== 'tube') return null;
  const tube = end.kind === 'tube' ? end : end.takes;
  const size = tube.of === 'polyethylene' && PE_SIZES.find((each) => each === tube.name);
  if (!size) return null;
  return { system: 'polyethylene', material: isMelted ? 'pe-fused' : 'pe-stabbed', size, stock: 'coil' };
}
