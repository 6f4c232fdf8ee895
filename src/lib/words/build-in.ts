import type { BuildRefusal, PutRightRefusal, TrapShape, WorkReport } from '#core/build-in';
import type { Jurisdiction } from '#core/house-rules';
import type { LengthUnit } from '#core/units';
import { inUnit } from './rule-words.ts';
import { sayFinding } from './findings.ts';
import { sayLength, sayTaped, sayTyped } from './length-text.ts';
import { TRAP_NAMES } from './traps.ts';

/** How a trap is built in, by how the drop ends. */
export const SHAPE_WORDS: Readonly<Record<TrapShape['kind'], string>> = {
  'side-inlet': 'The tee takes the place of the elbow; nipple and cap hang below it.',
  'inlet-looks-up':
    'The pipe goes to the side, comes down into the tee, and back over the inlet, which stays where it is.',
  'level-supply':
    'The pipe turns down into the tee, goes on level from its branch, and up again to the inlet where it is.',
  'supply-from-below': 'The riser goes on up, over, and comes down into the tee at the height of the inlet.',
};

/** What closes the last joint. */
export const CLOSING_WORDS: Readonly<Record<WorkReport['closedBy'], string>> = {
  union: 'The union that is there closes it: nothing between two made joints can be turned.',
  'new-union': 'A new union closes it: nothing between two made joints can be turned.',
  connector: 'The nuts of the connector close it.',
  nothing: 'It is closed from its end: the last fitting is screwed on there.',
};

const TRAP_SOURCES: Readonly<Record<Jurisdiction, string>> = {
  'us-model':
    'Model fuel-gas codes of the United States ask for one by kind of appliance, {3 in|75 mm} of nipple in many texts; the local edition decides.',
  canada:
    'The Canadian installation code asks for one, at least {3 in|75 mm} of nipple; the province decides.',
  uk: 'British rules ask for none.',
  australia: 'Australian and New Zealand rules ask for none.',
  'uk-vehicle': 'British rules for vehicles ask for none.',
  ask: 'Where the job is was not said: ask whose rules hold.',
};

/** Where a rule about traps comes from, by the place of a job. */
export const sayTrapSource = (jurisdiction: Jurisdiction, unit: LengthUnit): string =>
  inUnit(TRAP_SOURCES[jurisdiction], unit);

/** Why a trap cannot be built in or put right: what is in the way, by how much, what would fit. */
export function sayBuildRefusal(refusal: BuildRefusal | PutRightRefusal, unit: LengthUnit): string {
  switch (refusal.code) {
    case 'leg-unknown':
      return 'No appliance ends here any more. Look at the run again.';
    case 'trap-flow-unknown':
      return 'Which way the gas comes to it is not known: say where the source is, and open any ring.';
    case 'trap-inlet-looks-down':
      return `Leg ${refusal.mark} rises straight into an inlet that looks down: there is no place for gas to fall before it. Bring the supply in from above or from the side.`;
    case 'trap-on-tube':
      return `Leg ${refusal.mark} is tube: nothing hangs from tubing, and no valve either. End the tube on something rigid and fixed, lay the last of the drop in pipe, and build the trap in there.`;
    case 'trap-leg-not-square':
      return `Leg ${refusal.mark} is no pipe that goes square: make the last of the drop level or upright first, then build the trap in.`;
    case 'trap-node-full':
      return `What stands at the end of leg ${refusal.mark} has no opening left for the nipple. Take what branches off there elsewhere.`;
    case 'trap-there':
      return `A trap is here already (${TRAP_NAMES[refusal.verdict]}): it is put right, not built in a second time.`;
    case 'trap-built-in':
      return 'A trap is built into this appliance: none is added.';
    case 'trap-nipple-wrong':
      return `Read ${sayTyped(refusal.length, unit)}. The nipple of a trap is ${sayLength(refusal.least, unit)} to ${sayLength(refusal.most, unit)} long.`;
    case 'trap-leg-not-measured':
      return `Leg ${refusal.mark} has no length yet: measure it, then it shows whether there is room.`;
    case 'trap-no-length':
      return Number.isFinite(refusal.by)
        ? `Leg ${refusal.mark} is ${sayTaped(refusal.by, unit, 'up')} too short for what has to stand in it. Make it longer, or put the shut-off and the union elsewhere by hand.`
        : `No leg of this drop takes a shut-off and a union. Lay out a longer one.`;
    case 'trap-no-room':
      return `Under the cap would be ${refusal.has < 0 ? 'nothing' : sayTaped(refusal.has, unit)}; ${sayTaped(refusal.needs, unit, 'up')} are needed to unscrew it: ${sayTaped(refusal.by, unit, 'up')} short. Raise the inlet or the drop by that${refusal.fits === null ? '' : `; a nipple of ${sayLength(refusal.fits, 'in')} would fit, where the code allows one so short`}.`;
    case 'trap-crosses':
      return `It would run into the pipe of leg ${refusal.marks.join(' and leg ')}. Take another side, or lead that leg round.`;
    case 'trap-tee-not-made':
      return `No fitting is made for ${refusal.sizes.join(', ')} together here. Give the drop another size, or bush it down first.`;
    case 'trap-measured-otherwise':
      return `The drop is measured from points that this would move by ${sayTaped(refusal.by, unit)}. Measure its legs from centre to centre first.`;
    case 'trap-stopped':
      return `It would not pass the checks of this run: ${sayFinding(refusal.finding, unit)}`;
    case 'trap-still-wrong':
      return `It would still not be right: ${TRAP_NAMES[refusal.verdict]}. Settle that first.`;
    case 'trap-missing':
      return 'There is no trap here to put right: build one in.';
    case 'trap-right':
      return `Nothing here can be put right by moving parts (${TRAP_NAMES[refusal.verdict]}).`;
  }
}
