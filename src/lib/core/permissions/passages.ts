import type { PipeFamily } from '#core/materials';
import type { Jurisdiction } from '#core/house-rules';
import { ask, allowed, allowedIf, forbidden, type PermitRuling } from './permission.ts';
import { strictest } from './permissions.ts';
import type { Guard, PassageKind } from './passage.ts';
import { getPipeFamily, type BodyPlaced } from './placed.ts';

/** What a passage still asks for, the worst first. */
export const PASSAGE_WANTS = [
  'not-this-pipe', 'above-grade', 'guard-missing', 'guard-unsaid', 'shut-off', 'maker-and-code',
] as const; // prettier-ignore
export type PassageWant = (typeof PASSAGE_WANTS)[number];

/** What is asked of a passage. */
export interface PassageQuestion {
  readonly what: BodyPlaced | 'connector';
  readonly kind: PassageKind;
  readonly jurisdiction: Jurisdiction;
}

type Answer = (question: PassageQuestion) => PermitRuling;

const sleeved: Answer = () => allowedIf('sleeve-or-grommet');
/** Into a building: above the ground, in a sleeve, with a shut-off by which the building is closed. */
const intoBuilding: Answer = () => allowedIf('sleeve-or-grommet', 'above-grade', 'building-shut-off');
/** Steel indoors: in a sleeve by the packs that ask for one; those of North America do not inside a building. */
const steelIndoors: Answer = ({ jurisdiction }) =>
  jurisdiction === 'us-model' || jurisdiction === 'canada' ? allowed : allowedIf('sleeve-or-grommet');
const onlyInTheGround: Answer = () => forbidden('only-in-the-ground');
const asMakerSays: Answer = () => ask('maker-and-code');
const inAVehicle: Answer = ({ jurisdiction }) =>
  jurisdiction === 'uk-vehicle'
    ? allowedIf('sleeve-or-grommet', 'clips-and-grommets')
    : ask('maker-and-code');

/** Material by what is passed: typical practice; practitioners change to steel exactly there. */
const ANSWERS: Readonly<Record<PipeFamily, Readonly<Record<PassageKind, Answer>>>> = {
  steel: { floor: steelIndoors, wall: steelIndoors, 'outer-wall': intoBuilding, 'vehicle-floor': inAVehicle },
  'pressed-steel': { floor: sleeved, wall: sleeved, 'outer-wall': intoBuilding, 'vehicle-floor': asMakerSays },
  csst: { floor: sleeved, wall: sleeved, 'outer-wall': asMakerSays, 'vehicle-floor': asMakerSays },
  copper: { floor: sleeved, wall: sleeved, 'outer-wall': intoBuilding, 'vehicle-floor': inAVehicle },
  polyethylene: { floor: onlyInTheGround, wall: onlyInTheGround, 'outer-wall': onlyInTheGround, 'vehicle-floor': onlyInTheGround },
}; // prettier-ignore

/** Whether a pipe may pass a floor or a wall, and what must be so. The edition in force, the maker's sheet and the inspector go before it. */
export const mayPass = (question: PassageQuestion): PermitRuling =>
  strictest(question, (asked) =>
    asked.what === 'connector'
      ? forbidden('flexible-in-sight')
      : ANSWERS[getPipeFamily(asked.what)][asked.kind](asked),
  );

/** How a passage is. */
export interface PassageState {
  readonly guard: Guard | null;
  /** Whether the leg was said to lie in the ground. */
  readonly isBuried: boolean;
  /** Whether a valve stands before it, so that the building can be closed; null where which way the gas goes is not known. */
  readonly hasShutOff: boolean | null;
}

/** What a passage still asks for: the conditions of its answer that are not met. */
export function findWants(
  ruling: PermitRuling,
  { guard, isBuried, hasShutOff }: PassageState,
): PassageWant[] {
  if (ruling.permit === 'forbidden') return ['not-this-pipe'];
  const wants: PassageWant[] = ruling.permit === 'ask' ? ['maker-and-code'] : [];
  const { conditions } = ruling;
  if (conditions.includes('above-grade') && isBuried) wants.push('above-grade');
  if (conditions.includes('sleeve-or-grommet') && guard === 'none') wants.push('guard-missing');
  if (conditions.includes('sleeve-or-grommet') && guard === null) wants.push('guard-unsaid');
  if (conditions.includes('building-shut-off') && hasShutOff !== true) wants.push('shut-off');
  return wants;
}
