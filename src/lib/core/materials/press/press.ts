import {
  findOnSheet,
  type TubeJoin,
  makePlainEnd,
  getCopperName,
  getCopperOutside,
  isCopperSize,
  STEEL_PRESS_SIZES,
} from '#core/catalogue';
import { type End, COPPER_SIZES, isNominal, NOMINAL_SIZES, type NominalSize } from '#core/ends';
import { getPressSpacing, STOCK_LENGTHS } from '#core/house-rules';
import type { Craft, Settings } from '../craft.ts';
import { findCopperMass } from '../copper/copper-mass.ts';
import { toKilogramsPerMetre } from '../mass.ts';
import { makeTubeCraft } from '../tube-craft.ts';
import { pressMaterials } from './press-materials.ts';

const getJoin = ({ material }: Pick<Settings, 'material'>): TubeJoin =>
  material === 'steel-pressed' ? 'press-steel' : 'press-copper';

/** Press fittings with a sealing ring, on black steel pipe and on hard copper: pushed in to a depth mark, pressed once. */
export const press: Craft = makeTubeCraft({
  system: 'press',
  materials: pressMaterials,
  fields: {
    material: ['steel-pressed', 'copper-pressed'],
    size: [...STEEL_PRESS_SIZES, ...COPPER_SIZES],
    stock: ['length'],
  },
  // Air-conditioning tube is pressed where a maker lists it, and is not offered.
  listSizes: (material) =>
    material === 'steel-pressed' ? STEEL_PRESS_SIZES : COPPER_SIZES.filter((size) => !size.endsWith(' ACR')),
  turnsBy: 'fitting',
  findBending: () => null,
  getTrimming: () => 'never',
  getSlack: () => 0,
  findOutside: ({ size }, { findPipe }) =>
    isCopperSize(size) ? getCopperOutside(size) : isNominal(size) ? (findPipe(size)?.outside ?? null) : null,
  findMass: (settings, catalogue) => {
    const { size } = settings;
    if (isCopperSize(size)) return findCopperMass(settings, catalogue);
    const pipe = isNominal(size) ? catalogue.findPipe(size) : null;
    return pipe && toKilogramsPerMetre(pipe.poundsPerFoot);
  },
  getStock: (rules) => STOCK_LENGTHS[rules['stock-length'].option],
  // What stands between two fittings, and what goes into both.
  getLeastPiece: (ends, rules, settings, { sheets }) =>
    ends.reduce(
      (sum, { joint }) => sum + (joint?.engagement ?? 0),
      findOnSheet(sheets, getJoin(settings), 'spacing', settings.size)?.value ?? getPressSpacing(rules),
    ),
  readEnd,
  getJoin,
  getTubeEnd: (settings) =>
    isCopperSize(settings.size)
      ? {
          kind: 'tube',
          of: 'copper',
          name: getCopperName(settings.size, 'length'),
          prepared: 'plain',
          temper: 'hard',
        }
      : makePlainEnd('press-steel', settings.size),
});

function readEnd(end: End): Settings | null {
  if (end.kind !== 'socket') return null;
  const settings = { system: 'press', stock: 'length' } as const;
  if (end.how === 'press') {
    const size = NOMINAL_SIZES.find((each) => end.takes.name === `${each} steel pipe`);
    return size ? { ...settings, material: 'steel-pressed', size: size satisfies NominalSize } : null;
  }
  if (end.how !== 'press-copper') return null;
  const size = COPPER_SIZES.find((each) => end.takes.name.replace(/ (coil|straight)$/, '') === each);
  return size ? { ...settings, material: 'copper-pressed', size } : null;
}
