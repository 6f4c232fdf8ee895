import { sayCount } from './counts.ts';
import { getEndSize, type End } from '#core/ends';
import type { Side } from '#core/catalogue';
import type {
  Chain,
  ChainCost,
  LetOff,
  NoTransition,
  Bearer,
  Movement,
  Wish,
  RefusedWay,
} from '#core/transitions';
import type { LengthUnit } from '#core/units';
import type { ReductionKind } from '#core/runs/commands';
import { getRuleTitle } from './house-rules.ts';
import { JOINT_WORDS } from './joints.ts';
import { sayExact } from './length-text.ts';
import { OTHER_GAS_NAMES } from './pair-verdicts.ts';
import { namePart } from './parts.ts';
import { nameFoundEnd } from './threads.ts';

export const MOVEMENT_NAMES: Readonly<Record<Movement, string>> = {
  turns: 'can be turned',
  slides: 'can be moved along, not turned',
  fixed: 'is fixed',
};

export const WISH_NAMES: Readonly<Record<Wish, string>> = {
  leaks: 'fewest leak points',
  parts: 'fewest parts',
  bore: 'widest bore',
  length: 'shortest',
  price: 'cheapest, by the shop’s own prices',
};

export const BEARER_NAMES: Readonly<Record<Bearer, string>> = {
  pipe: 'pipe, tube or a fitting',
  appliance: 'an appliance that stays',
  movable: 'an appliance that is moved in use',
  cylinder: 'a cylinder',
  flexible: 'a connector or hose',
};

export const SIDE_NAMES: Readonly<Record<Side, string>> = {
  appliance: 'appliance pressure',
  intermediate: 'between two regulators',
  cylinder: 'cylinder pressure',
};

/** Over the chain by a listed connector. */
export const USUAL_TO_APPLIANCE =
  'What is usually done at an appliance: a listed connector with an adapter at each end. It leaks in more places than rigid pipe, and lets the appliance settle, be cleaned behind and be changed.';

/** Why no chain is offered, and what to do instead. */
export function sayNoTransition(refusal: NoTransition): string {
  switch (refusal.code) {
    case 'nothing-needed':
      return `Nothing is needed: they make as they are (${JOINT_WORDS[refusal.joint.joint!].name.toLowerCase()}), and one of them can be turned or moved.`;
    case 'end-unknown':
      return 'One of the ends is not known. Find out what it is first: Identify says what to measure.';
    case 'never-for-gas':
      return `${nameFoundEnd(refusal.end)} is made for water or the like, never for gas: no adapter makes it a gas joint. Take it off, and put a part made for gas in its place.`;
    case 'another-gas':
      return refusal.otherGas
        ? `${nameFoundEnd(refusal.end)} is for ${OTHER_GAS_NAMES[refusal.otherGas]}: another gas is never adapted to fuel gas pipe. Stop, and find out what stands there.`
        : `${nameFoundEnd(refusal.end)} is for liquefied petroleum, and natural gas was said. An appliance set for one gas is not connected to the other before its maker’s kit is in and the plate is changed.`;
    case 'cylinder-is-high':
      return `${nameFoundEnd(refusal.end)} is on a cylinder and has the cylinder’s own pressure: without a regulator it reaches no appliance. Say that it is on cylinder pressure, and a regulator is looked for too.`;
    case 'two-connectors':
      return 'Both ends are on something flexible. One connector or hose at most, never two in a row: bring a rigid end nearer, or take a longer one.';
    case 'nothing-joins': {
      const names = refusal.rules.map((rule) => `“${getRuleTitle(rule)}”`).join(' and ');
      return NOTHING[refusal.unless ?? 'never'](names);
    }
  }
}

const NOTHING: Readonly<Record<LetOff | 'never', (rules: string) => string>> = {
  narrower: () =>
    'Nothing in the catalogue joins them without being narrower than the smaller of the two. Let it be narrower only if the load is checked.',
  'not-fixed': () =>
    'Nothing joins them while both are fixed: one joint at least must need no turning, and none that is sold here does. Free one of them, or put a union further along.',
  elsewhere: () =>
    'Nothing joins them in this place: what would, may not be there. Bring both ends to where it can be reached, or run one of them through in one piece.',
  house: (rules) =>
    `What would join them is forbidden here${rules ? ` by the house rule ${rules}` : ''}. It is changed there, with a reason, where local code allows it; else join them in another material.`,
  'not-insulated': () =>
    'Something joins them, but nothing that stops a current between them is sold for these ends. Go over to pipe thread on one side: a dielectric union is made for that.',
  flexible: () =>
    'Only a flexible connector or a hose would join them, and that never goes between two rigid pipes. Pipe the gap, or bring it to the appliance.',
  regulator: () =>
    'Something joins them, but nothing between lowers the pressure: a regulator for these ends is not in the catalogue. Ask its maker’s list; without one nothing may be connected.',
  never: () =>
    'No chain of parts that is sold joins them, whatever is put between: that is certain for this catalogue, not a search that gave up. Look at both ends again, or add the part you know to the shop’s own.',
};

/** `3/4 black malleable coupling, then 3/4 × 1/2 hex bushing`: what is read out at the counter; the shop's own parts as it calls them. */
export const nameChain = ({ links }: Chain, ownNames: ReadonlyMap<string, string> = NO_NAMES): string =>
  links.map(({ chainPart: { part } }) => ownNames.get(part.id) ?? namePart(part)).join(', then ');
const NO_NAMES: ReadonlyMap<string, string> = new Map();

/** What a chain comes to. */
export function sayCost(
  { leaks, parts, bore, unmeasured, length, unpriced, price }: ChainCost,
  unit: LengthUnit,
): string {
  const long =
    unmeasured > 0
      ? `${unmeasured === parts ? '' : `${sayExact(length, unit)} and `}${unmeasured === 1 ? 'one part' : `${unmeasured} parts`} to measure`
      : `${sayExact(length, unit)} from end to end`;
  const costs =
    unpriced === parts
      ? ''
      : `, ${(price / 100).toFixed(2)} by the shop’s prices${unpriced > 0 ? ' for what has one' : ''}`;
  return `${sayCount(leaks, 'leak point')}, ${parts === 1 ? 'one part' : sayCount(parts, 'part')}, narrowest bore ${bore === 0 ? 'not known' : sayExact(bore, unit)}, ${long}${costs}`;
}

/** Why a chain stands where it does beside the best. */
export function sayWhyNot(chain: Chain, best: Chain, wish: Wish): string {
  if (chain === best)
    return wish === 'leaks'
      ? 'First: nothing that is sold leaks in fewer places.'
      : `First by what was asked: ${WISH_NAMES[wish]}.`;
  const more = chain.cost.leaks - best.cost.leaks;
  const wider = chain.cost.bore > best.cost.bore;
  const leaks =
    more < 0
      ? 'Fewer leak points than the first'
      : more === 0
        ? 'As many leak points as the first'
        : `${more === 1 ? 'One leak point' : `${more} leak points`} more than the first`;
  return `${leaks}${wider ? ', and wider inside' : ''}: other parts, where those are not at hand or one end is to come apart.`;
}

/** A chain this long leaks and restricts: said, never hidden. */
export const sayStack = ({ cost }: Chain): string =>
  cost.parts > 2
    ? 'More than two adapters in a row: every one may leak and narrows the way. Look for another route first.'
    : '';

/** What a strip shows, in words. */
export const sayStrip = (chain: Chain, from: End, to: End): string =>
  `${nameChain(chain)}, cut open between ${from.kind === 'tube' ? 'a tube' : 'one end'} and ${to.kind === 'tube' ? 'a tube' : 'the other'}; ${chain.cost.leaks} leak points.`;

/** What is asked for and not offered: why, and what instead. */
export const REFUSED_WAY_WORDS: Readonly<
  Record<RefusedWay, { readonly name: string; readonly why: string; readonly instead: string }>
> = {
  'straight-in-taper': {
    name: 'A straight thread in a taper one',
    why: 'they touch along one turn at the most, and sealant does not bridge the rest',
    instead: 'a part with the right thread on either side',
  },
  'sixty-in-fifty-five': {
    name: 'American thread in British',
    why: 'flanks of 60° in 55°, and at most sizes another pitch: it binds early and leaks along the thread',
    instead: 'a made American-to-British adapter, one body with a thread of each',
  },
  'cones-differ': {
    name: 'A 37° cone on a 45° one',
    why: 'they meet along one line, which copper does not stand',
    instead: 'both ends of 45°: the nut and the flare made anew',
  },
  'push-fit': {
    name: 'Push-fit',
    why: 'its ring is made for water and lets go in a fire',
    instead: 'a flare, a brazed joint, or a press fitting listed for gas',
  },
  conduit: {
    name: 'A conduit coupling or a thread protector',
    why: 'its thread is straight and its iron is not tested for gas',
    instead: 'a malleable coupling, class 150',
  },
  galvanised: {
    name: 'Galvanised fittings',
    why: 'the house keeps them out of new gas work: zinc can flake and lodge in a valve',
    instead: 'black malleable',
  },
  'soft-solder': {
    name: 'Soft solder',
    why: 'the house or the pack does not have it on gas: it runs in a fire',
    instead: 'brazing, a flare, or a press fitting listed for gas',
  },
  compression: {
    name: 'A compression fitting',
    why: 'the house or the pack does not have it on gas',
    instead: 'a flare, or brazing',
  },
  concealed: {
    name: 'A union or a bushing in a wall or a floor',
    why: 'what can work loose, or cracks over a thin wall, stays where it can be reached',
    instead: 'one piece through, a reducing fitting, or an access panel',
  },
  ammonia: {
    name: 'Brass in the air of a stable or a cold store',
    why: 'ammonia cracks it',
    instead: 'black malleable and steel, with ground joints of iron',
  },
  'hose-barb': {
    name: 'A hose on a barb with a clip',
    why: 'a barb holds water hose, not gas: it slips off and its hose is listed for nothing',
    instead: 'a hose or connector that comes with its own ends, listed for the gas',
  },
};

/** Why it is reduced so, where a chain reduces. */
export function sayReduction({ links }: Chain): string {
  const kinds = new Set(links.map(({ chainPart }) => chainPart.part.kind));
  if (kinds.has('hex-bushing'))
    return 'Bushing: where the fitting is there already, room is short, for a repair or an odd size, or the outside size must stay. Its male goes into a fitting, never into a pipe.';
  const reduces = links.some(
    ({ chainPart: { part } }) =>
      part.kind === 'coupling' && part.ports.some(({ end }) => getEndSize(end) !== part.size),
  );
  return reduces
    ? 'Reducing fitting: for a straight run, permanent and visible work, with the fewest joints.'
    : '';
}

/** Ways of going over to a smaller pipe: what each is, and when it is taken. */
export const REDUCTION_WORDS: Readonly<
  Record<ReductionKind, { readonly name: string; readonly when: string }>
> = {
  fitting: {
    name: 'a reducing fitting',
    when: 'The usual one: permanent work in sight, with the fewest joints.',
  },
  bushing: {
    name: 'a bushing in the larger opening',
    when: 'Where the fitting is there already, room is short, for a repair or an odd size; never in a wall or floor.',
  },
  reducer: {
    name: 'a nipple and a reducing coupling',
    when: 'Where no reducing fitting and no bushing is to be had: one joint more, and longer.',
  },
};

/** What is said beside a chain with a regulator or something flexible in it; empty where there is none. */
export function sayChainCaution({ links }: Chain): string {
  const traits = links.map(({ chainPart }) => chainPart.traits);
  const said = [
    traits.some(({ lowers }) => lowers)
      ? 'The regulator: for this gas and this outlet pressure, its vent clear and looking down, its date read; set and tested by whoever is licensed for it.'
      : '',
    traits.some(({ isFlexible }) => isFlexible)
      ? 'What is flexible: new, its date read, one only, in sight, never through a wall, a floor or a housing.'
      : '',
  ];
  return said.filter((each) => each !== '').join(' ');
}
