import { findOnSheet, makePlainEnd, CSST_SIZES } from '#core/catalogue';
import { type End, rankSize } from '#core/ends';
import { getSlack } from '#core/house-rules';
import { inches, onTapeOf, roundInches } from '#core/units';
import type { Craft, Settings } from '../craft.ts';
import { makeTubeCraft } from '../tube-craft.ts';
import { CSST_RADII } from './csst-radii.ts';
import { csstMaterials } from './csst-materials.ts';

/** A coil has no length a way is joined at: no joint may lie between its two end fittings. */
const COIL = inches(12 * 1000);

/** The least piece between two end fittings: both are put on by hand, a hand's breadth apart. Ours. */
const LEAST = roundInches(4);

/** Corrugated stainless tubing: from coil, in one piece from end fitting to end fitting, the maker's own. */
export const csst: Craft = makeTubeCraft({
  system: 'csst',
  materials: csstMaterials,
  fields: { material: ['csst', 'csst-arc'], size: CSST_SIZES, stock: ['coil'] },
  turnsBy: 'bend',
  // The maker’s sheet goes before what is met of all makers.
  findBending: ({ size }, _, { sheets }) => {
    const radii = CSST_RADII.find((row) => row.size === size);
    if (!radii) return null;
    const least = findOnSheet(sheets, 'csst', 'leastRadius', size)?.value ?? inches(radii.least);
    const usual = findOnSheet(sheets, 'csst', 'radius', size)?.value ?? inches(radii.recommended);
    const recommended = Math.max(usual, least);
    return {
      usual: recommended,
      isTypical: false,
      recommended,
      least,
      between: 0,
      beforeJoint: 0,
    };
  },
  // Cut long, laid, marked at the fitting and trimmed there.
  getTrimming: () => 'any-end',
  getSlack: (_, developed, isStraight, rules) => getSlack(rules, developed, isStraight),
  findOutside: ({ size }, { ends }) => {
    const tube = ends.figure(makePlainEnd('csst', size));
    return tube.kind === 'tube' ? inches(tube.outside / 25.4) : null;
  },
  // No table has it: makers differ.
  findMass: () => null,
  getStock: () => COIL,
  getLeastPiece: (_, rules) => onTapeOf(rules, LEAST),
  readEnd,
  getJoin: () => 'csst',
  getTubeEnd: ({ size }) => makePlainEnd('csst', size),
});

function readEnd(end: End): Settings | null {
  const tube =
    end.kind === 'tube' ? end : end.kind === 'socket' && end.how === 'csst-fitting' ? end.takes : null;
  const size = tube?.of === 'csst' && CSST_SIZES.find((each) => tube.name.split(/[ ,]/)[0] === each);
  return size && rankSize(size) >= 0 ? { system: 'csst', material: 'csst', size, stock: 'coil' } : null;
}
