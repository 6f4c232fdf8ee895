import type { ShutOffFault, TrapCode, TrapFinding, TeeVerdict } from '#core/traps';
import type { FloorPoint } from '#core/runs/document';
import type { LengthUnit } from '#core/units';
import { APPLIANCE_KIND_NAMES } from './appliances.ts';
import { PASSAGE_NAMES } from './ground-findings.ts';
import { sayTaped } from './length-text.ts';
import { ZONE_NAMES } from './places.ts';

/** The verdict on a drop, in a word or two. */
export const TRAP_NAMES: Readonly<Record<TrapCode, string>> = {
  works: 'works',
  missing: 'no trap',
  'built-in': 'built in',
  'not-required': 'none asked for',
  'kind-unknown': 'kind not said',
  'flow-unknown': 'way of the gas not known',
  'straight-through': 'does nothing',
  'upside-down': 'upside down',
  'level-nipple': 'nipple does not hang',
  'no-cap': 'open nipple',
  'plug-no-nipple': 'no nipple',
  'out-of-reach': 'out of reach',
  'no-shut-off': 'no shut-off before it',
  'shut-off-far': 'shut-off too far',
  'shut-off-unreached': 'shut-off out of reach',
  'shut-off-beyond': 'shut-off behind a wall or floor',
  'shut-off-asked': 'shut-off: how near?',
  'union-before-shut-off': 'union before the shut-off',
  'shut-off-after-trap': 'shut-off after it',
  'trap-after-connector': 'after the connector',
  'reduced-nipple': 'nipple too small',
  'too-short': 'too short',
  'no-room': 'no room under the cap',
  'turns-but-rises': 'turns, but rises',
  'supply-rises': 'supply rises into it',
  'ports-unclear': 'tee not clear',
  'nipple-not-measured': 'nipple not measured',
  'own-way': 'by our own way',
  'too-far': 'far from the inlet',
  'room-unknown': 'room not measured',
  'room-not-known': 'room not known',
};

const MEASURED = {
  nipple: 'the nipple',
  exposed: 'what shows of the nipple',
  pocket: 'the pocket, from the tee’s face to the cap’s bottom,',
} as const;

/** What is to be said of an appliance’s own shut-off. */
const SHUT_OFF_SENTENCES: {
  readonly [Code in ShutOffFault['code']]: (
    finding: Extract<ShutOffFault, { code: Code }>,
    unit: LengthUnit,
  ) => string;
} = {
  'no-shut-off': () =>
    'No shut-off of its own stands before it: nothing behind it could be opened safely. Put a valve in, within reach.',
  'shut-off-far': ({ length, most }, unit) =>
    `The nearest shut-off is ${sayTaped(length, unit)} of pipe away; the house says at most ${sayTaped(most, unit)}. Put one in nearer.`,
  'shut-off-unreached': ({ zone }) =>
    `The nearest shut-off is ${ZONE_NAMES[zone].where}: no hand gets at it. Put one in where it is reached.`,
  'shut-off-beyond': ({ passage }) =>
    `Between the nearest shut-off and the appliance the pipe passes ${PASSAGE_NAMES[passage].through}. Put one in on the appliance’s side.`,
  'shut-off-asked': ({ length, most }, unit) =>
    length === null
      ? 'How near its shut-off is does not follow from the measures: measure the legs between, or ask.'
      : most === null
        ? `Its shut-off is ${sayTaped(length, unit)} of pipe away. How near it has to be is for the local code to say: ask, and say it in the house rule.`
        : `Its shut-off is about ${sayTaped(length, unit)} of pipe away: ask.`,
};
export const sayShutOff = (fault: ShutOffFault, unit: LengthUnit): string =>
  (SHUT_OFF_SENTENCES[fault.code] as (fault: ShutOffFault, unit: LengthUnit) => string)(fault, unit);

const SENTENCES: {
  readonly [Code in TrapCode]: (finding: Extract<TrapFinding, { code: Code }>, unit: LengthUnit) => string;
} = {
  works: () =>
    'The gas comes down into the run of the tee, turns and leaves by the branch; grit falls on into the nipple.',
  missing: () => 'It has no sediment trap. Build one in, or say in its plate that one is built into it.',
  'built-in': () => 'A trap is built into the appliance: none is added.',
  'not-required': ({ kind, by }) =>
    kind && by === 'trap-kinds'
      ? `The house asks for none at a ${APPLIANCE_KIND_NAMES[kind]}. Its maker’s sheet and the local code may.`
      : 'The house asks for none here. The maker’s sheet and the local code may.',
  'kind-unknown': ({ about }) =>
    about === 'kind'
      ? 'What kind of appliance it is decides whether it gets a trap. Say the kind.'
      : about === 'own-kind'
        ? 'It is a kind of your own: no list says whether it gets a trap. Ask its maker and the inspector.'
        : 'The shop has its own way of deciding where a trap is needed: go by it, and ask the inspector.',
  'flow-unknown': () =>
    'Which way the gas comes to it is not known: say where its source is, and open the ring.',
  'straight-through': ({ hangs, tolerated }) =>
    `Gas runs straight through the tee${hangs ? '; the nipple hangs, but nothing turns and nothing falls into it' : ', past a nipple at its side'}: it does nothing.${tolerated ? ' The house tolerates it where it stands.' : ''}`,
  'upside-down': () => 'The nipple points up: nothing falls into it.',
  'level-nipple': () =>
    'The nipple lies level or slants: grit does not stay in it. It must hang straight down.',
  'no-cap': () => 'The nipple is open at its end. Cap it: it is an open outlet.',
  'plug-no-nipple': () =>
    'The tee is closed without a nipple: there is no pocket for grit, too short by any rule. Put in a nipple and a cap.',
  ...SHUT_OFF_SENTENCES,
  'out-of-reach': ({ zone }) =>
    `It is ${ZONE_NAMES[zone].where}: its cap cannot be opened to empty it. Bring the drop to where a hand and a wrench get at it, or say where it really is.`,
  'union-before-shut-off': () =>
    'The union stands before the shut-off: opened, it lets gas out. The order is shut-off, union, tee, inlet.',
  'shut-off-after-trap': () => 'A shut-off stands after it: shut, the trap is still under gas.',
  'trap-after-connector': () =>
    'The flexible connector comes before it. A trap is rigid pipe: shut-off, tee, then the connector.',
  'reduced-nipple': ({ size, least }) =>
    `Its nipple is ${size}; it is at least ${least}, as the pipe that comes to it or the inlet.`,
  'too-short': ({ measured, has, least }, unit) =>
    `${MEASURED[measured].replace(/^t/, 'T')} is ${sayTaped(has, unit)} long, ${sayTaped(least - has, unit, 'up')} short of the ${sayTaped(least, unit)} the house asks for. The local code goes before it.`,
  'no-room': ({ has, needs }, unit) =>
    `${has <= 0 ? `The cap would stand ${sayTaped(-has, unit)} in the floor` : `Under the cap are ${sayTaped(has, unit)}`}; to unscrew it ${sayTaped(needs, unit, 'up')} are needed, ${sayTaped(needs - has, unit, 'up')} more.`,
  'turns-but-rises': () =>
    'Gas comes in at the side and leaves by the top: it turns, but is lifted with its grit. Ask the inspector, or lead it in from above.',
  'supply-rises': () =>
    'The supply rises into the tee. Lead it up, over and down, so that the gas falls into the trap; or ask.',
  'ports-unclear': () =>
    'What stands where its stub hangs is no tee that is made: finish the legs there, and its ports will say.',
  'nipple-not-measured': () => 'The length of its nipple is not known. Measure it, or say which is bought.',
  'own-way': ({ rule, name }) =>
    `The house has its own way here (“${name}”): ${rule === 'trap-nipple' ? 'hold the nipple' : 'look at it'} by that.`,
  'too-far': ({ length, most }, unit) =>
    `Between it and the inlet lie ${sayTaped(length, unit)} of pipe. As near as can be is right; over ${sayTaped(most, unit)} we ask.`,
  'room-unknown': () =>
    'How much room there is under the cap was not measured: measure from the inlet down to the floor.',
  'room-not-known': ({ over }) =>
    over === 'connector'
      ? 'How much room there is under the cap is not known: a flexible connector says nothing of heights. Measure from the end of the pipe, where the connector goes on, down to the floor.'
      : 'How much room there is under the cap is not known: measure the legs between the tee and the inlet.',
};

/** What is to be said of a trap: one sentence or two. */
export function sayTrap(finding: TrapFinding, unit: LengthUnit): string {
  const say = SENTENCES[finding.code] as (finding: TrapFinding, unit: LengthUnit) => string;
  return say(finding, unit);
}

/** What becomes of grit in a tee, by its ports. */
export const TEE_VERDICT_NAMES: Readonly<Record<TeeVerdict, string>> = {
  works: 'works',
  'turns-but-rises': 'turns but rises: ask',
  'straight-through': 'does nothing',
  'upside-down': 'upside down',
  'level-nipple': 'level nipple',
};

/** Whence a floor is measured, as a field asks for it. */
export const FLOOR_LABELS: Readonly<Record<FloorPoint, string>> = {
  inlet: 'from the inlet’s centre down to the floor',
  'pipe-end': 'from the pipe’s end, where the connector goes on, down to the floor',
};
