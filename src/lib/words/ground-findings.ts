import type { CoverPlace } from '#core/catalogue';
import type { CoverWanted } from '#core/ground';
import type { Finding } from '#core/checks';
import type { Guard, PassageKind, PassageWant } from '#core/permissions';
import type { LengthUnit } from '#core/units';
import { sayDepth, sayExact, sayTaped } from './length-text.ts';
import { sayPeComparison } from './pipes.ts';
import { ZONE_NAMES } from './places.ts';

type GroundCode =
  | 'pe-goes-up'
  | 'pe-without-riser'
  | 'riser-bury-unread'
  | 'riser-too-short'
  | 'riser-head-low'
  | 'cover-unsaid'
  | 'cover-not-settled'
  | 'cover-too-little'
  | 'prints-differ'
  | 'print-not-as-laid'
  | 'print-unread'
  | 'pe-wall-thin'
  | 'bend-at-joint'
  | 'passage'
  | 'riser-inside'
  | 'tape-alone'
  | 'fished';

/** Where a line lies, as codes tell it apart. */
export const COVER_PLACE_NAMES: Readonly<Record<CoverPlace, string>> = {
  general: 'in general',
  'lamp-or-grill': 'a single line to a lamp or grill',
  'damage-likely': 'where damage is likely',
  'under-traffic': 'under a driveway or parking',
  'service-line': 'a service line on private land',
  'service-in-street': 'a service line in a street',
  main: 'a main',
};

/** `commonly 12 in (US model fuel gas code)`. */
export const sayUsualCover = ({ length, source }: CoverWanted, unit: LengthUnit): string =>
  `commonly ${sayDepth(length, unit)} (${source})`;

/** What is passed: in a list, and in a sentence. */
export const PASSAGE_NAMES: Readonly<
  Record<PassageKind, { readonly name: string; readonly through: string }>
> = {
  floor: { name: 'a floor', through: 'a floor' },
  wall: { name: 'a wall', through: 'a wall' },
  'outer-wall': { name: 'a building’s outer wall', through: 'a building’s outer wall' },
  'vehicle-floor': { name: 'a vehicle’s floor', through: 'a vehicle’s floor' },
};

/** What keeps an edge from the pipe. */
export const GUARD_NAMES: Readonly<Record<Guard, string>> = {
  sleeve: 'a sleeve',
  grommet: 'a grommet',
  none: 'nothing',
};

export const PASSAGE_WANT_NAMES: Readonly<Record<PassageWant, string>> = {
  'not-this-pipe': 'this pipe does not go through it. Change to steel before it',
  'above-grade': 'it is to be passed above the ground. Bring the line out of the ground first',
  'guard-missing': 'nothing keeps the edge from the pipe. Put in a sleeve or a grommet',
  'guard-unsaid': 'nobody said whether a sleeve or a grommet keeps the edge from it. Look, and say it',
  'shut-off':
    'no shut-off stands before it in this run, by which the building is closed. Put one in, or ask whether there is one upstream',
  'maker-and-code':
    'the maker’s sheet and the local code say whether and how. Ask; practitioners change to steel exactly there',
};

/** What is to be said of pipe in the ground, and of floors and walls that are passed. */
export const GROUND_SENTENCES: {
  readonly [Code in GroundCode]: (finding: Extract<Finding, { code: Code }>, unit: LengthUnit) => string;
} = {
  'pe-goes-up': ({ mark }) =>
    `Leg ${mark} is polyethylene and goes up or down: above the ground it is only inside a riser. Lay it level, and go up with steel pipe from its end: the riser stands there.`,
  'pe-without-riser': ({ mark }) =>
    `Polyethylene ends at leg ${mark} without a riser, and what follows is not buried. It leaves the ground only inside a riser: go straight up with steel from its end; or say that the steel is in the ground.`,
  'riser-bury-unread': ({ mark }) =>
    `Riser at leg ${mark}: how deep it may be buried stands on it and was not read. Read it, and enter it.`,
  'riser-too-short': ({ mark, cover, outside, bury }, unit) =>
    `Riser at leg ${mark} is too short: ${sayDepth(cover, unit)} of cover and ${sayTaped(outside, unit)} of pipe are ${sayDepth(cover + outside, unit)}, and it may be buried ${sayDepth(bury, unit)}. Take a longer riser, or lay the pipe less deep where the code allows it.`,
  'riser-head-low': ({ mark, below }, unit) =>
    `Riser at leg ${mark}: its head would be ${below === 0 ? 'level with' : `${sayDepth(below, unit)} under`} the ground. It stays above: take a longer riser.`,
  'cover-unsaid': ({ mark, points, wanted, usual }, unit) =>
    `Trench of leg ${mark}: the cover is not said at ${points === 1 ? 'one point' : `${points} points`}. Measure from the ground to the top of the pipe${wanted === null ? '' : `; the house wants ${sayDepth(wanted, unit)}`}${usual ? `; ${sayUsualCover(usual, unit)}` : '; ask the local code'}.`,
  'cover-not-settled': ({ mark, least, usual }, unit) =>
    `Trench of leg ${mark} has ${sayDepth(least, unit)} of cover at the least: ${usual ? `${sayUsualCover(usual, unit)}, more where damage is likely` : 'nothing here says how much is asked for'}. Ask the local code, and set the house rule “burial depth” for this run.`,
  'cover-too-little': ({ mark, least, wanted }, unit) =>
    `Leg ${mark} has ${sayDepth(least, unit)} of cover, and the house rule “burial depth” wants ${sayDepth(wanted, unit)}. Dig deeper, or change the rule where the local code lets you.`,
  'prints-differ': ({ mark, comparison }, unit) =>
    `Pipe ${mark} and what it goes into: ${sayPeComparison(comparison, unit)}`,
  'print-not-as-laid': ({ mark, others, size }) =>
    `The print line of pipe ${mark} says another ${others.join(' and another ')} than the leg was laid out with (${size}). Change the leg, or take other pipe: fittings are made for one size and one wall.`,
  'print-unread': ({ count }) =>
    `Polyethylene: ${count === 1 ? 'one print line was' : `${count} print lines were`} not read. Read pipe, fittings and risers before anything is cut: size, wall, resin and the gas mark must agree.`,
  'pe-wall-thin': ({ mark, wall, legal }, unit) =>
    `Pipe ${mark}: a wall of ${sayExact(wall, unit)} is under the least of the United States federal rules, ${sayExact(legal, unit)}. Ask whether it may be laid.`,
  'bend-at-joint': ({ mark, left, needed }, unit) =>
    `Piece ${mark}: a bend begins ${left <= 0 ? 'in' : `${sayTaped(left, unit)} from`} a joint, and ${sayTaped(needed, unit)} must lie straight beside it (ours; the maker’s larger one goes before it). Move the joint or the bend: no joint lies in a bend.`,
  'riser-inside': ({ mark, zone }) =>
    `Leg ${mark} comes straight from a riser and is said to run ${ZONE_NAMES[zone].where}. A riser stands outdoors: come up outside, and pass the outer wall above the ground.`,
  'tape-alone': ({ mark }) =>
    `Trench of leg ${mark}: the house lays warning tape and no tracer wire. Tape alone is found by no locator: only where the local code says so. Ask, or lay wire.`,
  passage: ({ mark, passage, wants }) =>
    `Leg ${mark} passes ${PASSAGE_NAMES[passage].through}: ${PASSAGE_WANT_NAMES[wants]}.`,
  fished: ({ mark, text, reason }) =>
    `Leg ${mark} was fished and is held by nothing, because ${reason.replace(/[.]$/, '')}. Its maker’s words: “${text}”. Show them to the inspector.`,
};
