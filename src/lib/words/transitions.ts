import type { End } from '#core/ends/end.ts';
import type { Chain, ChainCost, Movement, NoTransition, Wish } from '#core/transitions/find-transitions.ts';
import type { LengthUnit } from '#core/units/length.ts';
import { JOINT_WORDS } from './joints.ts';
import { sayExact } from './length-text.ts';
import { namePart } from './parts.ts';

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
};

/** Why no chain is offered, and what to do instead. */
export function sayNoTransition(refusal: NoTransition): string {
  switch (refusal.code) {
    case 'nothing-needed':
      return `Nothing is needed: they make as they are (${JOINT_WORDS[refusal.joint.joint!].name.toLowerCase()}), and one of them can be turned or moved.`;
    case 'end-unknown':
      return 'One of the ends is not known. Find out what it is first: Identify says what to measure.';
    case 'nothing-joins':
      return NOTHING[refusal.unless ?? 'never'];
  }
}

const NOTHING = {
  narrower:
    'Nothing in the catalogue joins them without being narrower than the smaller of the two. Let it be narrower only if the load is checked.',
  'not-fixed':
    'Nothing joins them while both are fixed: one joint at least must need no turning, and none that is sold here does. Free one of them, or put a union further along.',
  never:
    'No chain of parts that is sold joins them, whatever is put between: that is certain for this catalogue, not a search that gave up. Look at both ends again: another gas, a hose thread or a cylinder valve never joins gas pipe by adapters.',
} as const;

/** `3/4 black malleable coupling, then 3/4 × 1/2 hex bushing`: what is read out at the counter. */
export const nameChain = ({ links }: Chain): string =>
  links.map(({ chainPart }) => namePart(chainPart.part)).join(', then ');

/** What a chain comes to. */
export function sayCost({ leaks, parts, bore, unmeasured, length }: ChainCost, unit: LengthUnit): string {
  const long = unmeasured > 0 ? `${unmeasured === parts ? '' : `${sayExact(length, unit)} and `}${unmeasured === 1 ? 'one part' : `${unmeasured} parts`} to measure` : `${sayExact(length, unit)} from end to end`; // prettier-ignore
  return `${leaks} leak points, ${parts === 1 ? 'one part' : `${parts} parts`}, narrowest bore ${bore === 0 ? 'not known' : sayExact(bore, unit)}, ${long}`;
}

/** Why a chain stands where it does beside the best. */
export function sayWhyNot(chain: Chain, best: Chain): string {
  if (chain === best) return 'First: nothing that is sold leaks in fewer places.';
  const more = chain.cost.leaks - best.cost.leaks;
  const wider = chain.cost.bore > best.cost.bore;
  const leaks = more === 0 ? 'As many leak points as the first' : `${more === 1 ? 'One leak point' : `${more} leak points`} more than the first`; // prettier-ignore
  return `${leaks}${wider ? ', and wider inside' : ''}: other parts, where those are not at hand or one end is to come apart.`;
}

/** A chain this long leaks and restricts: said, never hidden. */
export const sayStack = ({ cost }: Chain): string =>
  cost.parts > 2 ? 'More than two adapters in a row: every one may leak and narrows the way. Look for another route first.' : ''; // prettier-ignore

/** What a strip shows, in words. */
export const sayStrip = (chain: Chain, from: End, to: End): string =>
  `${nameChain(chain)}, cut open between ${from.kind === 'tube' ? 'a tube' : 'one end'} and ${to.kind === 'tube' ? 'a tube' : 'the other'}; ${chain.cost.leaks} leak points.`;
