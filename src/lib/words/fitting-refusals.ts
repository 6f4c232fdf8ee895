import type { PartKind } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { FittingRefusal } from '#core/runs/fittings';
import { sayNumber } from './length-text.ts';
import { namePartKind, sayOpenings } from './parts.ts';
import { nameFoundEnd } from './threads.ts';
import { nameWay } from './ways.ts';

/** Why no fitting stands where legs meet, and what to do. */
export function sayFittingRefusal(refusal: FittingRefusal): string {
  switch (refusal.code) {
    case 'fitting-size-not-made':
      return `The catalogue has no ${refusal.size} ${namePartKind(refusal.part)}. Choose another size, or measure the part you have.`;
    case 'fitting-unequal-sizes':
      return `No ${sayOpenings(refusal.part, refusal.sizes)} is made. ${sayNearest(refusal.part, refusal.sizes, refusal.nearest)}`;
    case 'existing-end-not-told-apart':
      return `The run begins at what may be ${nameFoundEnd(refusal.end)} or something that looks like it. Measure on at the bench until it is told apart; no cut is given until then.`;
    case 'existing-end-takes-no-pipe':
      return `The run begins at ${nameFoundEnd(refusal.end)}, in which ${refusal.size} pipe with its thread does not make up. A transition must stand between; no cut is given for this leg.`;
    case 'inlet-not-told-apart':
      return `The appliance’s inlet is ${nameFoundEnd(refusal.end)}. Identify it first: until then no cut is given for this leg.`;
    case 'inlet-takes-no-pipe':
      return `The appliance’s inlet is ${nameFoundEnd(refusal.end)}, in which ${refusal.size} pipe with its thread does not make up. A transition must stand between; no cut is given for this leg.`;
    case 'fitting-legs-overlap':
      return `Two legs leave this point the same way (${nameWay(refusal.axis)}), one on top of the other. Remove one of them.`;
    case 'fitting-directions-not-made':
      return `No threaded gas fitting has openings ${refusal.axes.map(nameWay).join(', ')}. Two in line and one square to them is a tee; move the other leg along the run.`;
    case 'fitting-angle-not-made':
      return `No threaded gas fitting turns by ${sayNumber(refusal.degrees, 1)}°: elbows are made at 90° and 45°. Swing two 90° elbows against each other, or use a material that bends.`;
    case 'fitting-threads-differ':
      return 'An NPT thread and an R thread meet here. They start together in some sizes and never seal: a transition made for it must stand between; no cut is given.';
    case 'transition-needed':
      return `A transition is needed between ${nameFoundEnd(refusal.ends[0])} and ${nameFoundEnd(refusal.ends[1])}: no one part that is sold brings them together. Change one of them, or put a piece of pipe between; no cut is given until then.`;
    case 'fitting-undecided':
      return 'A male end looks out of a fitting here. Say what comes next: the way the run goes on (a street elbow), a smaller pipe straight on (a bushing), or a plug.';
    case 'fitting-male-not-made':
      return refusal.legs > 2
        ? 'No fitting of the catalogue has a male end and two openings beside it. Put a nipple between, or branch at the next fitting.'
        : 'Straight on from a male end there is only a bushing, which reduces. For the same size put a nipple there instead of fitting in fitting.';
    case 'male-meets-male':
      return `The ${namePartKind(refusal.part)} is male here, and so is the end that meets it. Put a coupling between, or a fitting with an opening straight onto it.`;
  }
}

/** The nearest fitting that is made, and the bushings that would make it do. */
function sayNearest(part: PartKind, wanted: readonly LegSize[], nearest: readonly LegSize[] | null): string {
  if (!nearest) return 'Change a size; no cut is given over an unknown fitting.';
  const bushings = nearest.flatMap((size, i) => (size === wanted[i] ? [] : [`${size} × ${wanted[i]!}`]));
  return `Nearest is ${sayOpenings(part, nearest)}, which would do with a ${bushings.join(' and a ')} bushing. Change a size, bush it down, or ask for the part; no cut is given until then.`;
}
