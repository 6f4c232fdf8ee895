import { sayUndone } from './closing.ts';
import type { BrokenReference, Fullness } from '#core/runs/document';
import type {
  AddLegRefusal,
  LengthFollows,
  UnknownLeg,
  BranchRefusal,
  NothingToBush,
  ChoosePartRefusal,
  NoBendHere,
  PartNotMeasured,
  MovesIntoItself,
  PutPartRefusal,
  TransitionRefusal,
  PassageRefusal,
  FishedRefusal,
  BearingRefusal,
  CoverRefusal,
  MeasureRefusal,
  NotAnEnd,
} from '#core/runs/commands';
import type { TableRefusal, WireRefusal } from '#core/formats';
import type { OffsetPart, OffsetRefusal } from '#core/allowances';
import type { MoveMarkRefusal } from '#core/tape';
import type { LengthRefusal, Length, LengthUnit, TorqueRefusal } from '#core/units';
import type { ReadingRefusal, SizeNameRefusal } from '#core/identify';
import { isPassedUpright } from '#core/permissions';
import { sayDay } from './days.ts';
import { sayExact, sayNumber, sayTaped, sayTyped } from './length-text.ts';
import { namePartKind } from './parts.ts';
import { SHEET_REFUSALS } from './makers.ts';
import { nameWay } from './ways.ts';
import { FULLNESS_NAMES, sayInputRefusal, sayWrongPlace } from './input-refusals.ts';

/** What the device itself may refuse, beside the core and the server. */
export type DeviceRefusal =
  | { readonly code: 'server-away' }
  | { readonly code: 'device-store-refused'; readonly unsafe: number }
  | { readonly code: 'work-set-aside'; readonly count: number }
  | { readonly code: 'run-full'; readonly of: Fullness['of']; readonly most: number }
  | {
      readonly code: 'stored-unreadable';
      readonly path: string;
      readonly rule: string;
      readonly limit: string | null;
    }
  | { readonly code: 'nobody-at-the-bench' }
  | { readonly code: 'direction-missing' }
  | { readonly code: 'offset-ways-missing' }
  | { readonly code: 'marking-empty' }
  | { readonly code: 'reason-missing'; readonly typed: string }
  | { readonly code: 'safe-unsaid'; readonly typed: string }
  | { readonly code: 'work-waiting'; readonly count: number }
  | { readonly code: 'reading-message-unreadable'; readonly path: string };

export type Refusal =
  | TableRefusal
  | ReadingRefusal
  | SizeNameRefusal
  | LengthRefusal
  | TorqueRefusal
  | AddLegRefusal
  | UnknownLeg
  | LengthFollows
  | BranchRefusal
  | ChoosePartRefusal
  | NoBendHere
  | PutPartRefusal
  | TransitionRefusal
  | PartNotMeasured
  | MovesIntoItself
  | MeasureRefusal
  | MoveMarkRefusal
  | NothingToBush
  | OffsetRefusal
  | NotAnEnd
  | CoverRefusal
  | BearingRefusal
  | FishedRefusal
  | PassageRefusal
  | BrokenReference
  | WireRefusal
  | DeviceRefusal;

/** A length as it was given; `most`: one that was worked out, and more is not to be had. */
type SayLength = (length: Length, is?: 'given' | 'most') => string;
type Sentences = {
  readonly [Code in Refusal['code']]: (refusal: Extract<Refusal, { code: Code }>, say: SayLength) => string;
};

const HOW_TO_WRITE = 'Write it like 3-7 1/4, 43 1/4, 3\' 7 1/4" or 1098 mm.';

/** Every refusal has its sentence: what was read, what is wrong, what to do. The compiler misses none. */
const SENTENCES: Sentences = {
  'length-empty': () => `No measure yet. ${HOW_TO_WRITE}`,
  'length-too-long': ({ characters }) =>
    `Read ${characters} characters, too many for one measure. ${HOW_TO_WRITE}`,
  'length-unreadable': ({ typed, word }) =>
    word === typed
      ? `Read “${typed}”, which is not a length in any way fitters write one. ${HOW_TO_WRITE}`
      : `Read “${typed}” and could not make sense of “${word}”. ${HOW_TO_WRITE}`,
  'length-two-numbers': ({ typed, first, rest }) =>
    `Read “${typed}” as two numbers, ${first} and ${rest}. Feet and inches? Write ${first}-${rest} or ${first}' ${rest}".`,
  'length-fraction-not-under-one': ({ typed, fraction }) =>
    `Read “${typed}”: the fraction ${fraction} is not under 1. Carry the whole inches over.`,
  'length-fraction-not-on-a-tape': ({ typed, denominator }) =>
    `Read “${typed}”: no tape is marked in ${denominator}ths. Use halves, quarters, 8ths, 16ths, 32nds or 64ths, or decimals.`,
  'length-inches-not-under-twelve': ({ typed, feet, inches }) =>
    `Read “${typed}” as ${feet} ft and ${inches} in; inches after feet stay under 12. Carry a foot over, or give inches alone.`,
  'length-decimal-comma': ({ typed, withPoint }) =>
    `Read “${typed}” with a comma, which could mean thousands or decimals. In an inch job write ${withPoint} with a point, or leave the comma out.`,
  'length-fraction-after-decimal': ({ typed }) =>
    `Read “${typed}” with a decimal and a fraction together. Use one or the other.`,
  'length-fraction-of-metric': ({ typed }) =>
    `Read “${typed}” as a fraction of a metric unit. Give millimetres with decimals, or inches.`,
  'length-decimal-feet-with-inches': ({ typed }) =>
    `Read “${typed}” as part-feet with inches after them. Give whole feet and inches, or decimal feet alone.`,
  'length-zero': ({ typed }) => `Read “${typed}” as no length at all. Give the distance you measured.`,
  'length-negative': ({ typed }) =>
    `Read “${typed}” as less than nothing. Give the distance without a minus; the direction says which way.`,
  'length-absurd': ({ typed, length, limit }, say) =>
    `Read “${typed}” as ${say(length)}; a leg over ${say(limit)} is taken for a slip. Check the unit.`,
  'leg-straight-back': ({ axis, mark }) =>
    `${capital(nameWay(axis))} goes straight back into leg ${mark}. Choose another direction.`,
  'leg-direction-taken': ({ axis, mark }) =>
    `Leg ${mark} already leaves this point ${nameWay(axis)}. Choose another direction or another point.`,
  'leg-existing-end-taken': ({ mark }) =>
    `Leg ${mark} is already made up in what was found or stands there, and it takes one pipe. Branch at another point.`,
  'leg-node-full': ({ legs }) =>
    `${legs} legs already meet at this point, and no gas fitting that goes here takes another. Branch at another point.`,
  'leg-begins-nowhere': () =>
    'The point this leg would grow from is not in the run. Pick a point of the drawing.',
  'leg-unknown': () => 'That leg is not in the run any more. Pick a leg of the list.',
  'mark-of-stock': () =>
    'This coupling stands where the length of the stock ends, so no measure moves it. Change the house rule “stock length”, or put a coupling of your own into the leg.',
  'mark-at-the-hook': () =>
    'The tape is hooked on this fitting, so it cannot be read there. Hook it on elsewhere, or read it at another fitting.',
  'mark-passes-hook': () =>
    'That lies on the other side of where the tape is hooked on. Hook it on elsewhere, or give a longer measure.',
  'mark-held': () =>
    'Other measures hold this mark where it is, and they would not agree. Strike one of them out first (Change leg, “Measures over this leg”).',
  'leg-length-follows': ({ mark }) =>
    `The length of leg ${mark} follows from its parts or its set and roll, so there is nothing to measure. Change those instead.`,
  'leg-not-parted': ({ mark }) =>
    `Leg ${mark} is an offset or fitting in fitting; only a straight piece of pipe is parted. Branch at one of its ends.`,
  'place-beyond-leg': ({ mark, length }, say) =>
    `Leg ${mark} is ${say(length)} long, and that place lies beyond it. Measure from the centre at its end to where the branch leaves.`,
  'leg-has-no-pipe': ({ mark }) =>
    `Leg ${mark} is fitting straight into fitting: there is no pipe to put a part in.`,
  'cover-nothing': ({ typed }) =>
    `Read “${typed}” as no cover at all: what lies in the ground has ground over it. Measure from the ground to the top of the pipe.`,
  'cover-too-deep': ({ length, most }, say) =>
    `Read ${say(length)} of ground: more than ${say(most)} is taken for a slip. Check the unit.`,
  'bearing-none': ({ degrees }) =>
    `Read ${degrees}. A bearing is whole degrees clockwise from north, 0 to 359.`,
  'fished-not-tubing': ({ mark }) =>
    `Leg ${mark} is not corrugated tubing: only that is fished, and only as its maker’s text has it. Say its supports instead.`,
  'fished-without-text': ({ missing }) =>
    missing === 'text'
      ? 'The maker’s own words are missing. Write what the sheet says of fished tubing, and where it stands.'
      : 'The reason is missing. Write why it cannot be reached here.',
  'passage-by-connector': ({ mark }) =>
    `Leg ${mark} is a flexible connector: it passes no wall, floor or ceiling. Bring the pipe through, and connect on the appliance’s side.`,
  'passage-at-no-wall': ({ kind, mark }) =>
    isPassedUpright(kind)
      ? `Leg ${mark} runs level: it passes no floor. Say the floor of a leg that goes up or down.`
      : `Leg ${mark} runs upright: it passes no wall. Say the wall of a level leg.`,
  'leg-moves-into-itself': ({ mark }) =>
    `That point lies beyond leg ${mark} itself. Pick a point of the rest of the run to hang it on.`,
  'node-unknown': () => 'That point is not in the run any more. Pick another.',
  'part-does-not-fit': ({ part, kinds }) =>
    `A ${namePartKind(part)} does not fit the legs at this point${kinds.length > 0 ? `; what does: ${kinds.map((kind) => namePartKind(kind)).join(', ')}` : ''}. Change the legs first.`,
  'no-bend-here': () => 'No tube goes on through this point: there is nothing to bend here.',
  'bushing-into-pipe': ({ part }) =>
    `A ${namePartKind(part)} goes with its male thread into a fitting's opening, never onto a pipe. Use a reducing coupling here, or let the smaller leg grow fitting in fitting out of the larger one.`,
  'male-end-takes-no-pipe': ({ part }) =>
    `The male end of a ${namePartKind(part)} takes no pipe: it goes straight into an opening. Make the leg fitting in fitting first, or put a coupling on the pipe.`,
  'part-has-no-port': () => 'That part has no such opening. Pick it again.',
  'measure-unknown': () => 'That measure is not in the run any more. Pick another.',
  'measure-of-nothing': () =>
    'Both ends of the measure are the same place. Pick another place for one of them.',
  'measure-not-in-line': () =>
    'These two do not lie on one straight line of pipe. Say which square way the measure runs, or pick others.',
  'nothing-to-bush': () =>
    'There is nothing to bush down here: the fitting is made as it is, or none comes near.',
  'plug-takes-no-pipe': () =>
    'A plug goes into the opening of a fitting and closes no pipe. Cap the pipe instead.',
  'offset-cannot-be': ({ part, length, within, most }, say) =>
    `Read ${OFFSET_NAMES[part]} ${say(length)}, but the ${OFFSET_NAMES[within]} leaves at most ${say(most, 'most')} for it. Measure both again.`,
  'offset-angle-not-made': ({ degrees }) =>
    `That run and travel make an angle of ${sayNumber(degrees, 1)}°; threaded elbows for an offset are made at 45°. Give the set instead, or swing two 90° elbows.`,
  'offset-set-missing': () => 'The set is still missing: how far does the pipe move to the side?',
  'offset-too-little-said': () =>
    'Give the set, and the roll if it moves both ways; or any two of set, roll, run and travel.',
  'node-is-not-an-end': () =>
    'Legs meet at that point, so there is nothing to close. Pick an end of the run.',
  'run-reference-broken': ({ in: where, id, missing }) =>
    `The run does not hang together: ${where} “${id}” names “${missing}”, which is not there. Nothing of it was kept.`,
  'input-invalid': sayInputRefusal,
  'stored-unreadable': ({ path, rule, limit }) =>
    `What is kept on the server cannot be shown: ${sayWrongPlace({ code: 'input-invalid', path, rule, limit })}. It has been left as it is. Take a backup and tell whoever looks after the server.`,
  'document-too-new': ({ schema, newest }) =>
    `This run was written by a newer Porthole (format ${schema}, this one reads up to ${newest}). Update, then open it again; it has been left as it is.`,
  'change-does-not-fit': ({ in: where, why }) =>
    `The edit does not fit the run as it stands (${where}: ${DOES_NOT_FIT[why]}). Nothing was changed.`,
  'body-too-large': ({ limit }) =>
    `That is more than ${Math.round(limit / 1024)} kB, the most that is taken at once. Nothing was kept.`,
  'body-not-json': () => 'What arrived is not JSON. Nothing was kept.',
  'body-too-nested': () =>
    'What arrived has lists within lists like nothing of Porthole’s. Nothing was kept; take another copy of it.',
  'text-unstorable': ({ path }) =>
    `The text at “${path}” holds a sign or a name that cannot be kept (a control character, half of a character, a name that programs keep for themselves). Write it anew; nothing of it was kept.`,
  'work-given-up': ({ why }) => GIVEN_UP[why],
  'origin-refused': () =>
    'The request came from another site, so it was refused. Open Porthole at its own address and try there.',
  'host-refused': ({ host }) =>
    `Porthole does not answer to the name “${host}”. Open it at the address printed when it started.`,
  'route-unknown': () => 'There is nothing at that address. Go back to your jobs.',
  'job-unknown': ({ job }) =>
    `There is no job with the id “${job}”. It may be on another server; go back to your jobs.`,
  'job-finished': ({ by, at }) =>
    `The job was finished on ${sayDay(at)} by ${by}: it can be read, printed and exported, not changed. To change it, open it again on the page of the job.`,
  'job-not-finished': ({ name }) => `The job “${name}” is not finished, so there is nothing to open again.`,
  'job-undone': ({ undone }) =>
    undone.length === 0
      ? 'Say whether what was made is proved before the job is closed.'
      : `What is not done in it is otherwise than it was told here: ${sayUndone(undone)}. Look again, and finish it then.`,
  'job-moving': () =>
    'While it was looked at, something in the job was changed. Look again, and finish it then.',
  'work-waiting': ({ count }) =>
    `${count === 1 ? 'One change' : `${count} changes`} made on this device ${count === 1 ? 'is' : 'are'} not on the server yet. Open the run and wait until it says so; then finish the job.`,
  'safe-unsaid': ({ typed }) =>
    `${typed ? `Read “${typed}”, which says too little. ` : ''}Say how the work was left safe: what is shut, capped, tagged. It stays in the record.`,
  'reason-missing': ({ typed }) =>
    typed
      ? `Read “${typed}”, which says too little. Say in a few words why the job is opened again; it stays in its record.`
      : 'No reason yet. Say in a few words why the job is opened again; it stays in its record.',
  'run-unknown': ({ run }) => `There is no run with the id “${run}” in this job. Go back to the job.`,
  'specimen-unknown': ({ specimen }) =>
    `There is no specimen with the id “${specimen}” in this job. Open the bench again and pick one there.`,
  'specimen-has-no-end': ({ name }) =>
    `The specimen “${name}” is not identified yet, so no run can begin at it. Measure on at the bench.`,
  'reading-impossible': ({ typed, least, most }) =>
    `Read “${typed}”, which no thread on gas work measures. It must be between ${sayExact(least, 'mm')} and ${sayExact(most, 'mm')} (${sayExact(most, 'in')}). Measure again.`,
  'reading-other-unit': ({ typed, read, meant, unit }) =>
    `Read “${typed}” as ${sayExact(read, unit)}, which no thread measures. Did you mean ${typed} ${unit === 'in' ? 'mm' : 'in'} (${sayExact(meant, unit)})? Write the unit after the number.`,
  'count-impossible': ({ typed }) =>
    `Read “${typed}” as a count of threads. Give a whole or half number from 2 to 60.`,
  'size-name-unreadable': ({ typed }) =>
    `Read “${typed}”, which names no size. Write it like 1/2, 1-1/4, -8, 0.625 in or 15 mm.`,
  'reading-message-unreadable': ({ path }) =>
    `An instrument sent something that is no reading${path ? ` (at “${path}”)` : ''}. Nothing was taken from it; type the reading instead.`,
  'marking-empty': () => 'Nothing is written. Copy the marking as it stands on the part.',
  'appliance-unknown': () =>
    'The run has no such appliance, and never had one. Open its drops again and tick it there.',
  'piece-unknown': ({ piece }) =>
    `The run has no piece “${piece}”. Open the cut sheet again and pick it there.`,
  'event-corrects-nothing': ({ corrects }) =>
    `There is no record “${corrects}” of this piece to correct. Open the cut sheet again.`,
  'changed-elsewhere': ({ of, name, fields }) =>
    `${of === 'job' ? `The job “${name}” was` : of === 'part' ? `The part “${name}” was` : of === 'sheet' ? `The sheet of ${name} was` : 'These house rules were'} changed on another device meanwhile (${fields.map((field) => CLASH_FIELDS[field] ?? field.replaceAll('-', ' ')).join(', ')}); yours was not put in. ${CLASH_WAYS[of]}`,
  'job-full': ({ most }) =>
    `This job has ${most} runs, as many as a job may have. Open another job for the next one.`,
  'id-taken': ({ id }) => `Something else already has the id “${id}”. Try again: a new id will be made.`,
  'change-id-reused': ({ id }) =>
    `The edit “${id}” was sent before with other contents. It was not applied a second time.`,
  'change-stale': ({ base, revision }) =>
    `The run was changed on the server meanwhile${revision > base ? ` (${revision - base} ${revision - base === 1 ? 'edit' : 'edits'})` : ''}. See what happened, then choose.`,
  'database-away': () =>
    'The server is up but its database does not answer. Your edits are kept on this device and sent when it is back.',
  'server-failed': ({ request }) =>
    `Something went wrong on the server (request ${request}). Your edits are kept on this device; try again.`,
  'transition-does-not-go': ({ mark }) =>
    `The parts of this transition do not go together at leg ${mark}: something there has changed. Look for parts again.`,
  'transition-unknown': () => 'The run has no such transition any more. Open the place where it stood again.',
  'shop-part-end-unlisted': ({ name, end }) =>
    `“${name}”: its end “${'size' in end ? end.size : end.kind}” is no thread or tube of the lists, so nobody could say what it joins. Pick the end it has from the list, or identify it first.`,
  'table-headings': ({ missing }) =>
    `The table lacks the ${missing.length === 1 ? 'column' : 'columns'} ${missing.map((each) => `“${each}”`).join(', ')}. Its first line has the headings; save a table once to see them all.`,
  'table-cell': ({ line, column, read }) =>
    `Line ${line}, column “${column}”: read “${read}”, which cannot be. Nothing of the table was taken; mend the line and bring it in again.`,
  'table-too-long': ({ lines, most }) =>
    `The table has ${lines} lines; ${most} are taken at the most. Nothing of it was taken; bring in only what you keep.`,
  'table-empty': () => 'The table has headings and no line under them. Nothing was taken from it.',
  ...SHEET_REFUSALS,
  'torque-unreadable': ({ typed }) =>
    `Read “${typed}”, which is no torque. Write it like 30 lb ft or 40 N m.`,
  'shop-parts-full': ({ most }) =>
    `The shop has ${most} parts of its own, which is all that are kept. Edit one that is retired instead of adding another.`,
  'shop-part-name-taken': ({ name }) =>
    `Another part of the shop is called “${name}”. Give this one a name of its own: it is read out at the counter.`,
  'server-away': () =>
    'The server does not answer. Your edits are kept on this device and sent when it is back.',
  'run-full': ({ of, most }) =>
    `The run has all the ${most} ${FULLNESS_NAMES[of]} that one run holds. Go on in another run of the job.`,
  'device-store-refused': ({ unsafe }) =>
    `This browser keeps nothing of Porthole just now (storage full, a private window, or blocked). ${
      unsafe === 0
        ? 'What is made here goes straight to the server: wait until it says so before you leave.'
        : `${unsafe === 1 ? 'What was made last is' : `The last ${unsafe} things made are`} in this window only until the server has ${unsafe === 1 ? 'it' : 'them'}: leave it open, or save ${unsafe === 1 ? 'it' : 'them'} to a file.`
    }`,
  'work-set-aside': ({ count }) =>
    `${count === 1 ? 'One change' : `${count} changes`} made on this device ${count === 1 ? 'rests' : 'rest'} on something this browser has lost, so ${count === 1 ? 'it is' : 'they are'} not in the run. Save ${count === 1 ? 'it' : 'them'} to a file if you need ${count === 1 ? 'it' : 'them'}, then drop ${count === 1 ? 'it' : 'them'}.`,
  'nobody-at-the-bench': () => 'Say who is at the bench first: the record carries the name.',
  'offset-ways-missing': () =>
    'Say which way the offset goes on, and to which side the set (and the roll) lie, square to it.',
  'direction-missing': () => 'Pick a direction first: which way does this leg go?',
  'file-not-json': ({ line, column }) =>
    `The file breaks off or is damaged at line ${line}, character ${column}. Nothing was brought in; take another copy of it.`,
  'file-not-ours': () =>
    'This file was not written by Porthole, or not as a job. Choose one that “Export” gave; nothing was brought in.',
  'file-too-new': ({ version, newest }) =>
    `The file is of version ${version}, this Porthole reads up to ${newest}. It can be looked at here; bring it in with a newer Porthole.`,
  'file-id-twice': ({ id, what }) =>
    `Among the ${what} of the file “${id}” is there twice or does not belong. Nothing of it was brought in; take another copy.`,
  'file-history-broken': ({ run, revision }) =>
    `The history of the run “${run}” does not lead to it (at revision ${revision}). Nothing of it was brought in; take another copy of the file.`,
  'file-run-damaged': ({ run, inside }) => `The run “${run}” of the file is damaged. ${sayRefusal(inside)}`,
};

const OFFSET_NAMES: Readonly<Record<OffsetPart, string>> = {
  set: 'set',
  roll: 'roll',
  run: 'run',
  travel: 'travel',
};
/** By the job's unit; where nobody said which that is, in both. */
const makeSay = (unit: LengthUnit | null): SayLength => {
  const sayIn = (length: Length, own: LengthUnit, is: 'given' | 'most') =>
    is === 'most' ? sayTaped(length, own, 'down') : sayTyped(length, own);
  return (length, is = 'given') =>
    unit === null ? `${sayIn(length, 'in', is)} (${sayIn(length, 'mm', is)})` : sayIn(length, unit, is);
};

/** Fields of jobs and parts as their forms call them; house rules by their names. */
const CLASH_FIELDS: Readonly<Partial<Record<string, string>>> = {
  units: 'measured in',
  edition: 'edition of the code',
  kind: 'what it is',
  material: 'made of',
  length: 'length over all',
  rows: 'what it says',
  join: 'what it is of',
  source: 'which sheet',
};
/** Where what stands there now is seen, and how yours is put in all the same. */
const CLASH_WAYS = {
  job: 'Look at what stands there now, and save again if yours is the right one.',
  part: 'Close this to see what stands there now, or keep yours again if it is the right one.',
  sheet: 'Close this to see what stands there now, or keep yours again if it is the right one.',
  rules: 'What stands there now is shown. Choose again if yours is the right one.',
} as const;

const GIVEN_UP = {
  stopped: 'It was stopped, as asked. Nothing was changed.',
  'too-heavy':
    'This is more than the server takes on at once, so it was given up; nothing was changed. Try it in smaller parts.',
  'too-busy': 'The server is busy with other large files. Nothing was changed; try again in a minute.',
  'too-slow':
    'It came too slowly to be waited for, so it was given up; nothing was changed. Try again where the connection is better.',
} as const;

const DOES_NOT_FIT = {
  'already-there': 'what it adds is already there',
  'not-there': 'what it changes is not there',
  'other-value': 'what it changes has another value now',
} as const;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The sentence of a refusal; its lengths by the unit of the job, where that is known. */
export function sayRefusal(refusal: Refusal, unit: LengthUnit | null = null): string {
  const sentence = SENTENCES[refusal.code] as (refusal: Refusal, say: SayLength) => string;
  return sentence(refusal, makeSay(unit));
}

/** Whether something that came over the wire is a refusal this version knows. */
export const isKnownRefusal = (value: unknown): value is Refusal =>
  typeof value === 'object' &&
  value !== null &&
  'code' in value &&
  typeof value.code === 'string' &&
  Object.hasOwn(SENTENCES, value.code);
