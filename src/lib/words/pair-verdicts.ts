import type { OtherGas, FiguredEnd } from '#core/catalogue';
import type { FlangeDrilling, Metal, SocketKind, Temper, TubeKind, Seat } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import {
  findNutSide,
  isForbidden,
  type HouseCondition,
  type JudgedJoint,
  type PairRuleId,
  type Cause,
  type Condition,
  type NutSide,
  type PairVerdictKind,
  type PairVerdict,
} from '#core/joints';
import { sayNumber } from './length-text.ts';

/** The verdicts, as they are said loudest first. */
export const VERDICT_NAMES: Readonly<Record<PairVerdictKind, string>> = {
  makes: 'Makes',
  'makes-only-if': 'Makes only if …',
  'never-seals': 'Looks like it makes, and never seals',
  'does-not-start': 'Does not start',
  ask: 'Stop and ask',
};

export const CONDITION_WORDS: Readonly<Record<Condition, string>> = {
  sealant: 'gas-rated sealant is on the male',
  'real-30-seat': 'there is a real 30° seat on both, not the edge that deburring leaves',
  'both-45': 'both cones are 45°: hold a gauge to them',
  'both-37': 'both cones are 37°: hold a gauge to them',
  'new-washer': 'there is a new flat washer or O-ring between, of a kind listed for the gas',
  'washer-or-cone': 'there is a flat face with a new washer, or a cone on both',
  'sleeve-on-tube': 'the right sleeve is on a tube of its size, and the local rule allows compression on gas',
  'olive-on-tube': 'a new olive is on a tube of its size, and the local rule allows compression on gas',
  'double-flared': 'the tube is double-flared for it',
  'cutting-ring': 'the cutting ring and tube are of this series, and the maker lists it for gas',
  'clean-contact': 'the contact is clean; hand-tight and a touch more',
  'valve-seal-listed': 'it is the outlet listed for this gas and its seal is there',
  'flare-the-tube': 'the tube is flared for it, with the nut put on first',
  'facing-and-heat':
    'both ends are faced and melted by a qualified operator, by a procedure qualified for both resins',
  'stiffener-and-depth': 'its stiffener is in, the end is chamfered and the depth mark meets the lip',
  'press-tool-listed':
    'the tube’s end is bare, clean and deburred, and it is the gas-listed coupling pressed with its own tool',
  'makers-own-fitting': 'tubing and fitting are of one maker and one series',
  'same-maker': 'both halves are of one maker and the seats are clean',
  'galvanised-allowed': 'the local rule and the house allow galvanised metal on gas',
  'listed-for-gas':
    'the maker lists it for gas: as a rule it is a hydraulic or machine part, not for gas tube',
  'new-connector':
    'the connector is new, no longer than its listing allows, in one room with its appliance, and has a shut-off valve before it',
  'listed-gasket':
    'a new gasket listed for the gas lies between, and the bolts are drawn up crosswise in steps',
  'solder-qualified':
    'both are cleaned bright and heated by somebody competent, and the local rule allows soft solder on gas',
  'braze-qualified':
    'both are cleaned bright and brazed by somebody competent, with the filler the local rule names',
  'loose-nut':
    'the nut is a loose one, put over the tube first, and there is a body to screw it on (the nut of a hose or a swivel is its own)',
  'soft-tube': 'the tube is soft: hard-drawn copper splits when it is flared',
};

export const CAUSE_WORDS: Readonly<Record<Cause, string>> = {
  'end-unknown': 'One of the ends is not known. Identify it first: nobody can say that it is fine.',
  'both-male': 'Both are male. A coupling goes between.',
  'both-female': 'Both are female. A nipple goes between.',
  'opposite-hand': 'One is left-handed and the other right-handed: they turn away from each other.',
  'too-large': 'The male is too large: it does not go in a turn.',
  'too-small': 'It is too small: it slides in and nothing holds it.',
  'sixty-in-fifty-five':
    'An American thread of 60° and a British one of 55°. The flanks never meet, whatever goes on them. A made adapter from one to the other is wanted.',
  'straight-in-taper':
    'A straight thread in a bore made for a taper: it touches at one turn and seals nowhere.',
  'taper-in-straight': 'A taper in a straight thread that only pulls: it binds, and the seat never meets.',
  'no-seat': 'One of them has nothing to seal on.',
  'deburr-edge': 'What looks like a seat is the edge that deburring left. It does not seal.',
  'nothing-between': 'Nothing lies between the faces: no washer, no cone.',
  'cones-differ': 'The cones are not the same: they touch on a line and nowhere else.',
  'other-seat': 'The thread is the same, the seats are not: the nut runs on sweetly and nothing seals.',
  'other-thread': 'Two threads that are not one: they jam, strip or drop through.',
  'bore-not-for-sealing':
    'A G bore is not held to the limits a taper needs to wedge in it; that bore is called Rp. It may never seal.',
  'not-for-gas': 'Made for water. It must never carry gas.',
  'seal-missing': 'The part that seals is not there.',
  'tube-too-small': 'The tube is smaller than what it is put into. It goes in, and nothing grips it.',
  'tube-too-large': 'The tube is larger than what it is to go into.',
  'needs-nut': 'A plain tube does not screw. A fitting for tube goes between.',
  'walls-differ': 'The walls are not the same: the numbers on the print lines must coincide.',
  'not-weldable': 'Two plain ends that do not melt together. A coupling goes between.',
  'other-size': 'Two sizes of one kind. A reducer goes between.',
  'other-kind-of-tube': 'Made for another kind of tube.',
  'same-half': 'Two like halves of a union.',
  'nothing-enters': 'Neither has anything to go into.',
  'other-gas': 'It is made for another gas: never adapt it to fuel gas, whatever screws together.',
  'hard-tube': 'Hard-drawn copper splits when it is flared. Soft tube only.',
  'two-nuts':
    'The flared tube has its nut on already, and the other is a nut too: two nuts draw nothing together. A flare union goes between.',
  'no-tight-thread':
    'Both are parallel: the thread only pulls, and ISO 228 promises no tight joint on it. G seals on a washer, Rp on an R male.',
  'seal-not-told':
    'Threads like this seal in more than one way. Look which this one has: a cone, an olive, a contact or a washer, and ask its maker.',
};

const HOUSE_CONDITION_WORDS: Readonly<Record<Exclude<HouseCondition, 'own-way'>, string>> = {
  'existing-work': 'it stands already: nothing new is added to it',
  'copper-olive': 'its ring is copper',
  accessible: 'it stays where it can be seen and reached',
};

/** The verdict with what the house adds to it: what it forbids is said before all else. */
export const sayVerdict = (judged: JudgedJoint): string =>
  isForbidden(judged) ? 'Makes, and the house rule forbids it' : VERDICT_NAMES[judged.verdict];

/** Everything that must be so, the house's conditions too; the sealant is said with the joint. */
export const listConditions = (judged: JudgedJoint, rules: HouseRules): string[] => [
  ...judged.conditions.filter((each) => each !== 'sealant').map((each) => CONDITION_WORDS[each]),
  ...judged.house.flatMap(({ rule, condition }) => {
    if (condition === null) return [];
    const choice = rules[rule];
    if (condition !== 'own-way') return [HOUSE_CONDITION_WORDS[condition]];
    return [`it keeps to the way of the house: ${'name' in choice ? choice.name : choice.option}`];
  }),
];

const NUT_WORDS: Readonly<Record<NutSide, string>> = {
  female: 'The nut is that of the female side.',
  tube: 'The nut is on the tube, put there before it was flared.',
  fitting: 'The nut is the fitting’s own.',
  half: 'The nut is on one half of the union.',
  loose: 'The nut is loose: it goes over the tube first, and a body is still wanted to screw it on.',
};
/** Which side brings the nut; empty where there is none. */
export function sayNut(found: Pick<PairVerdict, 'joint' | 'rule'>): string {
  const side = findNutSide(found);
  return side === null ? '' : NUT_WORDS[side];
}

/** What each rule is about, for the table of rules. */
export const PAIR_RULE_NAMES: Readonly<Record<PairRuleId, string>> = {
  'unknown-end': 'an end that is not known',
  'same-gender': 'two males or two females',
  'opposite-hand': 'a left-hand and a right-hand thread',
  'npt-pair': 'NPT in NPT of its size',
  'nptf-pair': 'NPTF in NPTF of its size',
  'npt-with-nptf': 'NPT with NPTF of its size',
  'npsm-swivel': 'NPT, NPTF or NPSM male in an NPSM swivel of its size',
  'bspt-pair': 'R in Rc or Rp of its size',
  'g-pair': 'G in G of its size',
  'r-in-g': 'R in G of its size',
  'american-british': 'an American pipe thread with a British one',
  'other-pipe-size': 'two sizes of one system of pipe thread',
  'straight-in-taper': 'a straight male in a bore made for a taper',
  'taper-in-straight': 'a taper male in another straight thread',
  'flare-45-pair': '45° flares and connectors of one thread',
  'flare-37-pair': '37° flares of one thread',
  'own-seal': 'nut and body of one family with a sealing part of its own',
  'not-for-gas': 'hose and faucet threads with their own kind',
  'other-seat': 'one thread, two ways to seal',
  'other-straight': 'two straight threads that are not one',
  'nut-on-tube': 'a nut and the tube it goes over',
  'flared-tube': 'a flared tube and a flare fitting',
  'tube-in-thread': 'a plain tube and any other thread',
  'pe-fusion': 'polyethylene and polyethylene',
  'plain-tubes': 'two other plain tubes',
  'tube-in-socket': 'a tube in a socket for tube',
  'union-halves': 'two halves of unions',
  'flange-pair': 'two flanges',
  strangers: 'ends of which neither goes into the other',
};

/** Why, in one sentence or two: the cause, and how far it goes in all the same. */
export function sayCause({ cause, turns, otherGas }: PairVerdict): string {
  if (cause === null) return '';
  const gas = otherGas
    ? ` One of them is a connection for ${OTHER_GAS_NAMES[otherGas]}: never adapt it.`
    : '';
  const goesIn =
    turns === null
      ? ''
      : turns < 1
        ? ' It may start all the same: real parts vary by a turn and more.'
        : ` It goes in about ${sayNumber(turns, 0)} ${Math.round(turns) === 1 ? 'turn' : 'turns'} and binds.`;
  return `${CAUSE_WORDS[cause]}${goesIn}${gas}`;
}

/** Gases that are not fuel gas of a building, as they are said. */
export const OTHER_GAS_NAMES: Readonly<Record<OtherGas, string>> = {
  acetylene: 'acetylene',
  hydrogen: 'hydrogen or high-pressure methane',
  oxygen: 'oxygen',
};

/** What can be put together, by one word each. */
export const END_KIND_NAMES: Readonly<Record<FiguredEnd['kind'] | 'specimen', string>> = {
  thread: 'a thread',
  tube: 'a plain tube',
  socket: 'a socket for tube',
  flange: 'a flange',
  'union-half': 'half a union',
  specimen: 'a specimen',
  unknown: 'not known',
};

export const METAL_NAMES: Readonly<Record<Metal, string>> = {
  'black-iron': 'black iron',
  galvanised: 'galvanised',
  brass: 'brass',
  steel: 'steel',
};

const SEAT_WORDS: Readonly<Record<Seat | 'unknown', string>> = {
  none: 'no seat',
  deburr: 'a deburred edge',
  '30': '30° seat',
  '37': '37° cone',
  '45': '45° cone',
  washer: 'flat for a washer',
  other: 'its own seal',
  unknown: 'seat not looked at',
};
export const saySeat = (seat: Seat | 'unknown'): string => SEAT_WORDS[seat];

export const TEMPER_NAMES: Readonly<Record<Temper, string>> = {
  soft: 'soft (coil)',
  hard: 'hard-drawn (straight)',
  unknown: 'not known',
};

const TUBES: Readonly<Record<TubeKind, string>> = {
  copper: 'copper tube',
  polyethylene: 'polyethylene',
  csst: '',
  steel: '',
};
const SOCKETS: Readonly<Record<SocketKind, string>> = {
  stab: 'stab coupling for',
  press: 'press coupling for',
  'press-copper': 'press fitting for',
  'compression-body': 'compression fitting for',
  capillary: 'capillary fitting for',
  brazed: 'brazing socket for',
  'csst-fitting': 'end fitting for',
};

export const DRILLING_NAMES: Readonly<Record<FlangeDrilling, string>> = {
  'class-150': 'class 150',
  'pn-16': 'PN 16',
};

/** An end by its name: `1/2-14 NPT male, 30° seat`. */
export function sayEnd(end: FiguredEnd): string {
  switch (end.kind) {
    case 'thread': {
      const { thread, seat, metal } = end;
      const isPlain = seat === 'none' && (thread.crest.slope !== 0 || thread.family === 'rp');
      return [
        `${thread.designation} ${thread.gender}${thread.hand === 'left' ? ', left-hand' : ''}`,
        ...(isPlain ? [] : [saySeat(seat)]),
        ...(metal === 'galvanised' ? ['galvanised'] : []),
      ].join(', ');
    }
    case 'tube':
      return [end.temper === 'unknown' || end.temper === null ? '' : end.temper, end.name, TUBES[end.tube]]
        .filter(Boolean)
        .join(' ');
    case 'socket':
      return [SOCKETS[end.socket], end.name, TUBES[end.of]].filter(Boolean).join(' ');
    case 'flange':
      return `${end.size} flange, ${DRILLING_NAMES[end.drilling]}`;
    case 'union-half':
      return `${end.size} union, ${end.half === 'cone' ? 'half with the cone and nut' : 'half with the socket'}`;
    case 'unknown':
      return 'not known';
  }
}
