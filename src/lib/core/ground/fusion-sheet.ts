import { type BeadRow, type OpenTimeRow, getPeFigures, isPeSize } from '#core/catalogue';
import { rankSize, type PeSize } from '#core/ends';
import { getFusionLoss } from '#core/house-rules';
import { assemble, type RunLayout } from '#core/runs/layout';
import { INCH, type Length } from '#core/units';

/** What is set, what is cut off and what is looked at where pipe of a size is fused end to end. Lengths in nm. */
export interface FusionSheet {
  readonly size: PeSize;
  /** How many joints of it the run has, and their marks. */
  readonly joints: readonly string[];
  readonly outside: Length;
  readonly wall: Length;
  /** Facing and melt: a joint in all, and from each side. */
  readonly loss: Length;
  readonly perSide: Length;
  /** The face of the iron, degrees Fahrenheit. */
  readonly iron: {
    readonly least: number;
    readonly most: number;
    readonly target: number;
    readonly within: number;
    readonly isMakers: boolean;
  };
  /** The bead when heating ends, all round; null where no row says it. */
  readonly bead: { readonly least: number; readonly most: number } | null;
  /** At the most between iron out and ends together, s. */
  readonly openTime: OpenTimeRow | null;
  /** Under pressure until cool, s: the longest of 11 minutes an inch of wall, 90 s, and the maker's time, which is not known here. */
  readonly cooling: number;
  /** Before rough handling, burial or test, s. */
  readonly rest: number;
  /** Pressure between the ends, psi on the ring of the wall: what the gauge shows is this times the ring over the piston, and the drag. */
  readonly interface: {
    readonly least: number;
    readonly most: number;
    readonly target: number;
    readonly ring: number;
  };
}

const SECONDS_PER_INCH_OF_WALL = 11 * 60;
const LEAST_COOLING = 90;
const REST = 30 * 60;

/** The sheets of a run, a size each, the smallest first; empty where nothing is fused. */
export function listFusionSheets(layout: RunLayout): readonly FusionSheet[] {
  const bySize = new Map<PeSize, string[]>();
  for (const { kind, leg, id } of assemble(layout).joints) {
    const laid = leg === null ? undefined : layout.legs.get(leg)?.leg;
    if (kind !== 'pe-fusion' || !laid || !isPeSize(laid.size)) continue;
    bySize.set(laid.size, [...(bySize.get(laid.size) ?? []), id]);
  }
  return [...bySize]
    .sort(([a], [b]) => rankSize(a) - rankSize(b))
    .map(([size, joints]) => makeFusionSheet(layout, size, joints));
}

/** The sheet of one size. Source: ASTM F2620 and field tables; the maker's qualified procedure goes before every figure of it. */
export function makeFusionSheet(
  { catalogue, rules }: Pick<RunLayout, 'catalogue' | 'rules'>,
  size: PeSize,
  joints: readonly string[],
): FusionSheet {
  const { outside, wall, nominal, bore } = getPeFigures(size);
  const loss = getFusionLoss(rules);
  const inchesOfWall = wall / INCH;
  return {
    size,
    joints,
    outside,
    wall,
    loss,
    perSide: Math.round(loss / 2),
    iron: {
      least: 400,
      most: 450,
      target: 425,
      within: 10,
      isMakers: rules['iron-temperature'].option !== '425-plus-minus-10',
    },
    bead: findBead(catalogue.ground.beads, nominal),
    openTime: catalogue.ground.openTimes.find(({ upTo }) => inchesOfWall <= upTo) ?? null,
    cooling: Math.max(LEAST_COOLING, Math.ceil(inchesOfWall * SECONDS_PER_INCH_OF_WALL)),
    rest: REST,
    interface: {
      least: 60,
      most: 90,
      target: 75,
      ring: (Math.PI / 4) * ((outside / INCH) ** 2 - (bore / INCH) ** 2),
    },
  };
}

const findBead = (rows: readonly BeadRow[], size: BeadRow['upTo']): FusionSheet['bead'] =>
  rows.find(({ upTo }) => rankSize(size) <= rankSize(upTo)) ?? null;
