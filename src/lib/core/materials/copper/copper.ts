import { type TubeJoin, type Material, getCopperName, getCopperOutside } from '#core/catalogue';
import { type End, type SocketKind, type Temper, COPPER_SIZES, type CopperSize } from '#core/ends';
import { FOOT, type Length } from '#core/units';
import type { Craft, Settings } from '../craft.ts';
import { makeTubeCraft } from '../tube-craft.ts';
import { findCopperMass } from './copper-mass.ts';
import { findCopperBending } from './copper-bending.ts';
import { copperMaterials } from './copper-materials.ts';

/** How each is joined. */
const JOINS: Readonly<Partial<Record<Material, TubeJoin>>> = {
  'copper-flared': 'flare',
  'copper-compression': 'compression',
  'copper-capillary': 'capillary',
  'copper-brazed': 'brazed',
};
const MATERIALS = Object.keys(JOINS) as Material[];
const getJoin = ({ material }: Pick<Settings, 'material'>): TubeJoin => JOINS[material]!;

/** What is bought in a coil is soft; straight lengths are hard but for ends that were made soft. */
const TEMPERS: Readonly<Record<Settings['stock'], Temper>> = {
  coil: 'soft',
  annealed: 'soft',
  length: 'hard',
};

const LONGEST_COIL: Length = 100 * FOOT;

/** Copper tube: bent, and joined by flares, olives, solder or brazing. */
export const copper: Craft = makeTubeCraft({
  system: 'copper',
  materials: copperMaterials,
  fields: { material: MATERIALS, size: COPPER_SIZES, stock: ['coil', 'length', 'annealed'] },
  turnsBy: 'bend',
  findBending: findCopperBending,
  // Its last end is marked and trimmed in place while the tube can still be drawn aside: only soft tube can.
  getTrimming: ({ stock }) => (stock === 'coil' ? 'last-end' : 'never'),
  getSlack: () => 0,
  findOutside: ({ size }) => getCopperOutside(size as CopperSize),
  findMass: findCopperMass,
  getStock: () => LONGEST_COIL,
  getLeastPiece: (_, __, settings) => 2 * getCopperOutside(settings.size as CopperSize),
  readEnd,
  getJoin,
  getTubeEnd: ({ material, size, stock }) => ({
    kind: 'tube',
    of: 'copper',
    name: getCopperName(size as CopperSize, stock),
    prepared: material === 'copper-flared' ? 'flared' : 'plain',
    temper: TEMPERS[stock],
  }),
});

const SOCKETS: Readonly<Partial<Record<SocketKind, Material>>> = {
  'compression-body': 'copper-compression',
  capillary: 'copper-capillary',
  brazed: 'copper-brazed',
};

function readEnd(end: End): Settings | null {
  const tube = end.kind === 'tube' ? end : end.kind === 'socket' ? end.takes : null;
  if (tube?.of !== 'copper') return null;
  const material =
    end.kind === 'tube'
      ? end.prepared === 'flared'
        ? 'copper-flared'
        : null
      : end.kind === 'socket'
        ? SOCKETS[end.how]
        : null;
  const size = COPPER_SIZES.find(
    (each) => tube.name === each || tube.name.replace(/ (coil|straight)$/, '') === each,
  );
  if (!material || !size) return null;
  return {
    system: 'copper',
    material,
    size,
    stock: end.kind === 'tube' && end.temper === 'hard' ? 'length' : 'coil',
  };
}
