import type { EngagementDoubt } from '#core/allowances';
import type { Finding, FindingCode } from '#core/checks';
import type { Severity } from '#core/outcome';
import { GROUND_SENTENCES } from './ground-findings.ts';
import { sayExact, sayLength, sayNumber, sayTaped } from './length-text.ts';
import type { LengthUnit } from '#core/units';
import { FULLNESS_NAMES } from './input-refusals.ts';
import { sayFittingRefusal } from './fitting-refusals.ts';
import { GAS_NAMES, sayInput } from './appliances.ts';
import { sayShutOff, sayTrap, TRAP_NAMES } from './traps.ts';
import { namePart, namePartKind } from './parts.ts';
import { DRIP_PITCH } from '#core/traps';
import { sayBy } from './people.ts';
import { sayPlace } from './places.ts';
import { sayMeasure } from './refs.ts';
import { TUBE_SENTENCES } from './tube-findings.ts';

export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  stop: 'Do not cut',
  ask: 'Ask first',
  note: 'Note',
};

/** In the place of a length that is not to be cut. */
export const DO_NOT_CUT = 'do not cut';

type Sentences = {
  readonly [Code in FindingCode]: (finding: Extract<Finding, { code: Code }>, unit: LengthUnit) => string;
};

const SENTENCES: Sentences = {
  place: sayPlace,
  ...TUBE_SENTENCES,
  ...GROUND_SENTENCES,
  'measure-missing': ({ mark }) => `Leg ${mark} has no measure. Measure it centre to centre.`,
  'measures-contradict': ({ measures, by }, unit) =>
    `${measures.length} measures contradict each other: ${measures.map((measure) => sayMeasure(measure, unit)).join('; ')}. The first is ${sayTaped(Math.abs(by), unit)} ${by > 0 ? 'longer' : 'shorter'} than the other${measures.length > 2 ? 's say' : ' says'}. Measure again and keep what is right; none of them is used until then.`,
  'measure-against-parts': ({ mark, measure, by }, unit) =>
    `Leg ${mark} was measured as ${sayMeasure(measure, unit)}, ${sayTaped(Math.abs(by), unit)} ${by > 0 ? 'longer' : 'shorter'} than what its parts come to. Strike the measure out, or change the parts.`,
  'measures-reversed': ({ mark, by }, unit) =>
    `The measures put the far end of leg ${mark} ${sayTaped(by, unit)} before its near end. Check which is the longer of the two running dimensions.`,
  'measure-not-read': ({ measure, why }, unit) =>
    why === 'not-in-line'
      ? `${capital(sayMeasure(measure, unit))}: these do not lie on one straight line of pipe any more. Take the measure from other points, say which square way it runs, or strike it out.`
      : `${capital(sayMeasure(measure, unit))}: the fitting has no such point, or its size there is not known. Measure from its centre or a face instead.`,
  'no-fitting': ({ marks, refusal }) => `Where legs ${marks.join(', ')} meet: ${sayFittingRefusal(refusal)}`,
  'pieces-collide': ({ mark, by }, unit) =>
    by === 0
      ? `Leg ${mark}: nothing is left to cut, the pipe ends would touch. Measure again or move one fitting.`
      : `Leg ${mark}: the fittings at its ends collide by ${sayTaped(by, unit, 'up')}. Move one of them at least that much.`,
  'nipple-fits': ({ mark, size, cut, nipple, off }, unit) =>
    `Leg ${mark}: ${sayTaped(cut, unit)} is too short to thread. Buy a ${size} nipple ${sayLength(nipple, 'in')}${off === 0 ? '' : `, ${sayTaped(Math.abs(off), unit)} ${off > 0 ? 'longer' : 'shorter'}: bought nipples vary by about as much`}.`,
  'too-short-to-thread': ({ mark, cut, needed, nearest, move }, unit) =>
    `Leg ${mark}: ${sayTaped(cut, unit)} is too short to thread (two threads and the vise’s grip need ${sayTaped(needed, unit, 'up')}), and no nipple is as long. ${nearest === null || move === null ? '' : `Make the leg ${sayTaped(Math.abs(move), unit)} ${move > 0 ? 'longer' : 'shorter'} for a nipple ${sayLength(nearest, 'in')}, or `}${nearest === null ? 'Make it' : 'make it'} ${sayTaped(needed - cut, unit, 'up')} longer to cut it from pipe.`,
  'engagement-not-measured': ({ size }) =>
    `No engagement of your own for ${size} has been entered. Measure made-up test pieces and enter it in House rules, or choose another school there. No cut is given until then.`,
  'engagement-doubted': ({ size, figure, doubt }, unit) =>
    `${size}: your own engagement is ${sayExact(figure, unit)}. ${sayEngagementDoubt(doubt, unit)} House rules, “engagement figure”, has it.`,
  'size-not-carried': ({ size }) => `The catalogue does not carry ${size}. Choose another size.`,
  'part-length-unknown': ({ part, marks }) =>
    `${capital(namePart(part))} (${nameLegs(marks)}): its length is fixed by no standard. Measure yours and enter it; ${part.join === null ? 'no cut is given over it until then' : 'until then tube that can be trimmed in place is cut long, and nothing else is cut over it'}.`,
  'part-length-typical': ({ part, marks, plusMinus }, unit) =>
    `${capital(namePart(part))} (${nameLegs(marks)}): the length is typical only (± ${sayTaped(plusMinus, unit, 'up')}). Measure yours before cutting.`,
  'part-placed-by-eye': ({ mark, part }) =>
    `The ${namePartKind(part)} in leg ${mark} stands where it was put by eye. Its place decides both cuts: measure it from one end when it matters.`,
  'choice-does-not-fit': ({ marks, part, stands }) =>
    `Where legs ${marks.join(', ')} meet, a ${namePartKind(part)} was chosen, which these legs do not fit any more; a ${namePartKind(stands)} stands there. Choose again.`,
  'legs-cross': ({ marks, apart }, unit) =>
    `Legs ${marks.join(' and ')} cross without meeting: their centre lines ${apart === 0 ? 'run through one another' : `come within ${sayTaped(apart, unit)}`}, so the pipes would touch. Check the measures, or lead one round.`,
  'clocking-points-elsewhere': ({ mark, wanted, now }) =>
    `A joint of leg ${mark} was clocked to ${wanted}°, and what goes on from it now leaves at ${now}°. Clock it again, or let it go back to the house rule.`,
  'turns-outside-window': ({ size, turns, window }) =>
    `${size}: the engagement chosen means ${sayNumber(turns, 1)} turns past hand-tight; the house goes by ${sayNumber(window.least, 2)} to ${sayNumber(window.most, 2)}. The house rules “engagement figure” and “how tight” decide.`,
  'longer-than-stock': ({ mark, stock, couplings }, unit) =>
    `Leg ${mark} is longer than a stock length (${sayTaped(stock, unit)}): ${couplings === 1 ? 'one coupling joins' : `${couplings} couplings join`} its pieces, whole lengths first. Put a coupling where you want it to have it elsewhere.`,
  'joint-does-not-make': ({ mark, verdict }) =>
    verdict.joint === null
      ? `Two ends meet at leg ${mark} that do not make. Open the joint to see why, and put a transition between.`
      : `Two ends meet at leg ${mark} that make, and the house rules forbid it. Open the joint to see which.`,
  'transition-does-not-fit': ({ mark }) =>
    `The transition chosen for leg ${mark} does not go together: choose another one.`,
  'transition-stale': ({ mark }) =>
    `The ends that the transition of leg ${mark} was chosen for have changed. Look whether it still goes there, or choose another one.`,
  'part-undated': ({ mark, part }) =>
    `${capital(namePart(part))} at leg ${mark} has a date on it, and nobody has written it down. Read it off: past it the part is changed, whatever it looks like.`,
  trap: ({ name, finding }, unit) =>
    `${capital(name)}: ${TRAP_NAMES[finding.code]}. ${sayTrap(finding, unit)}`,
  'no-source': () => 'The run has no source: which way the gas goes is not known. Say where it comes from.',
  'several-sources': ({ count }) =>
    `The run has ${count} sources: which way the gas goes is not known. Gas comes from one.`,
  'gas-goes-round': ({ marks }) =>
    `Legs ${marks.join(', ')} close a ring: the gas may go either way in them. Open the ring.`,
  'other-gas': ({ name, isFor, gas }) =>
    `${capital(name)} is set for ${GAS_NAMES[isFor]}, and the job is ${GAS_NAMES[gas]}. Do not connect it until it is converted by its maker’s kit and labelled.`,
  'input-basis-unknown': ({ name, input }) =>
    `${capital(name)}: ${sayInput(input)} is net or gross by the plate, some ten in the hundred apart. Say which.`,
  bond: ({ mark, what }) =>
    what === 'supplier'
      ? `Pipe of metal on the supplier’s side of the plastic (leg ${mark}): no clamp of yours goes on the supplier’s riser or meter. Ask the supplier how it is bonded.`
      : `${what === 'tubing' ? `Corrugated tubing (leg ${mark})` : `Pipe of metal that what insulates cuts off (from leg ${mark})`} is bonded to the electrode system, with a clamp of its own on rigid pipe: conductor, clamp, and how long it may be are the electrical code’s and the maker’s to say. Ask who does it; until then gas does not go on.`,
  'moves-on-rigid': ({ name, mark }) =>
    `${name} is moved in use, and leg ${mark} goes straight to it: rigid pipe and corrugated tubing crack. End the pipe at a shut-off and go on with a flexible connector that is listed for moving.`,
  'shut-off': ({ name, fault }, unit) => `${name}: ${sayShutOff(fault, unit)}`,
  'connector-used': ({ mark }) =>
    `Connector ${mark} was used before. A flexible connector is bent once: take a new one.`,
  'connector-elsewhere': ({ mark }) =>
    `Connector ${mark} does not end at an appliance. A flexible connector is the last thing before one, and never goes on.`,
  'connector-long': ({ mark, length, most }, unit) =>
    `Connector ${mark} is ${sayTaped(length, unit)} long; over ${sayLength(most, unit)} most codes forbid. Ask, or bring the pipe nearer.`,
  'drip-missing': ({ mark }, unit) =>
    `Liquid would stand at the low point at the end of leg ${mark}. Wet gas gets a drip there: a capped stub that hangs down, with pipe that falls to it, about ${sayLength(DRIP_PITCH[unit].fall, unit)} in ${sayLength(DRIP_PITCH[unit].over, unit)}; confirm with the supplier.`,
  'open-end': ({ mark }) => `Leg ${mark} ends open. Cap it before gas comes, even behind a shut valve.`,
  'loop-misses': ({ mark, by }, unit) =>
    `The loop closed by leg ${mark} misses by ${sayTaped(by, unit)}. Check the measures round it.`,
  'cut-for-no-place': ({ length, by }, unit) =>
    `A piece of ${sayTaped(length, unit)} was cut ${sayBy(by)} for a place that no longer exists. Keep it as stock?`,
  'run-nearly-full': ({ of, count, most }) =>
    `The run has ${count} ${FULLNESS_NAMES[of]} of the ${most} that one run holds. Go on in another run of the job before it is full.`,
  'catalogue-changed': ({ pinned, now }) =>
    `This run was laid out with catalogue ${pinned}; the figures shown are of ${now}. Compare the cuts before using an old sheet.`,
};

/** `leg 4`, `legs 1, 4`: in their order. */
const nameLegs = (marks: readonly string[]): string => {
  const inOrder = marks.toSorted((a, b) => Number(a) - Number(b));
  return marks.length === 1 ? `leg ${marks[0]}` : `legs ${inOrder.join(', ')}`;
};

/** What is wrong with an engagement of the shop's own, and what to do. */
export const sayEngagementDoubt = (doubt: EngagementDoubt, unit: LengthUnit): string =>
  doubt.code === 'over-thread'
    ? `That is more than the whole thread (${sayExact(doubt.most, unit)}): no fitting takes it. Measure again.`
    : `That is the thread cut, not how far it goes in (about ${sayTaped(doubt.usual, unit)}). Make up a test piece and measure.`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The sentence of a finding, lengths in the job's unit. */
export function sayFinding(finding: Finding, unit: LengthUnit): string {
  const say = SENTENCES[finding.code] as (finding: Finding, unit: LengthUnit) => string;
  return say(finding, unit);
}

/** The same where there is only the one piece: it is spoken of without the number of a leg. */
export const sayOfOnePiece = (finding: Finding, unit: LengthUnit): string =>
  capital(
    sayFinding(finding, unit)
      .replace(/^Leg \S+: /, '')
      .replace(/^Leg \S+ /, 'the piece ')
      .replace(/ \(legs? [^)]*\)| (?:in|at|of) leg \d+\b/g, ''),
  );
