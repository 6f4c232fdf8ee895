import type { LegSize } from '#core/ends';
import { JOINS } from './joins/joins.ts';
import type { BoughtKind } from './part-kinds.ts';
import type { TubeJoin } from './part.ts';
import { CSST_SIZES, getFirstSize, getPeFigures, isPeSize, STEEL_PRESS_SIZES } from './tube-sizes.ts';

/*
 * Which sizes meet in one fitting. No standard says what is stocked: these are the steps that are usual, ours and approximate; what is not
 * among them is not offered as sold (a shop adds its own parts).
 */

/** Sizes in the order of a counter, one step apart; those between two count half. By the first name of each outside. */
const LADDERS: readonly (readonly (LegSize | readonly LegSize[])[])[] = [
  [['1/8 ACR', '3/16 ACR'], ['1/4 ACR', '5/16 ACR'], '3/8 ACR', '1/2 ACR', '5/8 ACR', '3/4 ACR', '7/8 ACR', '1-1/8 ACR', '1-1/4 L', '1-1/2 L', '2 L'],
  ['6 mm', '8 mm', '10 mm', '12 mm', ['15 mm', '16 mm'], '22 mm', '28 mm', '35 mm', '42 mm', '54 mm'],
  CSST_SIZES,
  STEEL_PRESS_SIZES,
]; // prettier-ignore

/** The wall each size of polyethylene is sold in everywhere: fittings that reduce are made from one of these to another. */
const COMMON_WALLS: ReadonlySet<LegSize> = new Set([
  '1/2 CTS SDR 7', '3/4 CTS SDR 9.7', '1 CTS SDR 11.4', '1-1/4 CTS SDR 11.4', '1/2 IPS SDR 9.3', '3/4 IPS SDR 11', '1 IPS SDR 11',
  '1-1/4 IPS SDR 11', '1-1/2 IPS SDR 11', '2 IPS SDR 11',
]); // prettier-ignore
const PE_LADDER = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'] as const;

/** Whether a fitting of a kind that takes these sizes is sold. Equal ones are: what is made in a size at all is no matter of this. */
export function isSoldTogether(join: TubeJoin, kind: BoughtKind, sizes: readonly LegSize[]): boolean {
  if (new Set(sizes).size === 1) return true;
  const most = JOINS[join].steps[kind];
  if (most === undefined) return false;
  const steps = sizes.every(isPeSize) ? findPeSteps(join, sizes) : findSteps(sizes);
  return steps !== null && steps <= most;
}

/** How many steps lie between the largest and the smallest; null where they are of no one ladder. */
function findSteps(sizes: readonly LegSize[]): number | null {
  const firsts = sizes.map(getFirstSize);
  for (const ladder of LADDERS) {
    const places = firsts.map((size) => {
      const at = ladder.findIndex((step) => (typeof step === 'string' ? step === size : step.includes(size)));
      const step = ladder[at];
      return step === undefined ? null : at + (typeof step !== 'string' && step[1] === size ? 0.5 : 0);
    });
    if (places.every((each) => each !== null)) return Math.max(...places) - Math.min(...places);
  }
  return null;
}

/** Of polyethylene: from one common wall to another; melted ones of one ratio and one system only. */
function findPeSteps(join: TubeJoin, sizes: readonly LegSize[]): number | null {
  const figures = sizes.filter(isPeSize).map(getPeFigures);
  const isAlike = new Set(figures.map(({ system, sdr }) => `${system} ${sdr}`)).size === 1;
  if (!sizes.every((size) => COMMON_WALLS.has(size)) || (JOINS[join].isOfOneRatio && !isAlike)) return null;
  const places = figures.map(({ nominal }) => (PE_LADDER as readonly string[]).indexOf(nominal));
  return places.includes(-1) ? null : Math.max(...places) - Math.min(...places);
}
