import type { FittingRefusal } from '#core/runs/infer-fitting.ts';
import { AXIS_NAMES, PART_KIND_NAMES, sayOpenings } from './parts.ts';
import type { NominalSize } from '#core/catalogue/size.ts';
import type { PartKind } from '#core/catalogue/part.ts';
import { nameThread } from './threads.ts';

/** Why no fitting stands where legs meet, and what to do. */
export function sayFittingRefusal(refusal: FittingRefusal): string {
  switch (refusal.code) {
    case 'fitting-size-not-made':
      return `The catalogue has no ${refusal.size} ${PART_KIND_NAMES[refusal.part]}. Choose another size, or measure the part you have.`;
    case 'fitting-unequal-sizes':
      return `No ${sayOpenings(refusal.part, refusal.sizes)} is made. ${sayNearest(refusal.part, refusal.sizes, refusal.nearest)}`;
    case 'existing-end-not-told-apart':
      return `The run begins at what may be ${nameThread(refusal.end)} or something that looks like it. Measure on at the bench until it is told apart; no cut is given until then.`;
    case 'existing-end-takes-no-pipe':
      return `The run begins at ${nameThread(refusal.end)}, in which ${refusal.size} pipe with its NPT thread does not make up. A transition must stand between; no cut is given for this leg.`;
    case 'fitting-legs-overlap':
      return `Two legs leave this point the same way (${AXIS_NAMES[refusal.axis]}), one on top of the other. Remove one of them.`;
    case 'fitting-directions-not-made':
      return `No threaded gas fitting has openings ${refusal.axes.map((axis) => AXIS_NAMES[axis]).join(', ')}. Two in line and one square to them is a tee; move the other leg along the run.`;
  }
}

/** The nearest fitting that is made, and the bushings that would make it do. */
function sayNearest(
  part: PartKind,
  wanted: readonly NominalSize[],
  nearest: readonly NominalSize[] | null,
): string {
  if (!nearest) return 'Change a size; no cut is given over an unknown fitting.';
  const bushings = nearest.flatMap((size, i) => (size === wanted[i] ? [] : [`${size} × ${wanted[i]!}`]));
  return `Nearest is ${sayOpenings(part, nearest)}, which would do with a ${bushings.join(' and a ')} bushing. Change a size, or ask for the part; no cut is given until then.`;
}
