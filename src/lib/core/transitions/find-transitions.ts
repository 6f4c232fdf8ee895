import { isOfCylinder, type OtherGas } from '#core/catalogue';
import { type End, FAMILY_TRAITS } from '#core/ends';
import type { PlainRuleId } from '#core/house-rules';
import type { JudgedJoint } from '#core/joints';
import { MOST, type Chain } from './chain.ts';
import { isPipeToAppliance, mayBend, type TransitionQuestion } from './question.ts';
import { closes, Search } from './search.ts';
import type { TransitionIndex } from './transition-index.ts';

/** What a question would have to be let off for something to join. */
export const LET_OFFS = [
  'narrower',
  'not-fixed',
  'elsewhere',
  'house',
  'not-insulated',
  'flexible',
  'regulator',
] as const;
export type LetOff = (typeof LET_OFFS)[number];

export type NoTransition =
  /** They make as they are, and one of them can be turned or moved: nothing is needed. */
  | { readonly code: 'nothing-needed'; readonly joint: JudgedJoint }
  | { readonly code: 'end-unknown' }
  /** Made for water, or for something else that is no gas. */
  | { readonly code: 'never-for-gas'; readonly end: End }
  /** Made for another gas (null: for liquefied petroleum, where natural gas was said). */
  | { readonly code: 'another-gas'; readonly end: End; readonly otherGas: OtherGas | null }
  /** A cylinder's own connection, said to be on a lower side of pressure. */
  | { readonly code: 'cylinder-is-high'; readonly end: End }
  /** Both are on something flexible: one connector or hose at most. */
  | { readonly code: 'two-connectors' }
  /** No chain of parts of this catalogue joins them; with what it would have to be let off, null where nothing helps, and the house's rules in the way. */
  | {
      readonly code: 'nothing-joins';
      readonly unless: LetOff | null;
      readonly rules: readonly PlainRuleId[];
    };

/**
 * `usual`: between pipe and an appliance what is usually done, a listed connector with its two adapters: one of the chains, or beside a refusal that
 * says that nothing is needed; null where there is none, or it is no such question.
 */
export type TransitionAnswer = { readonly usual: Chain | null } & (
  | { readonly ok: true; readonly chains: readonly Chain[] }
  | { readonly ok: false; readonly refusal: NoTransition }
);

/**
 * The chains of parts that join two ends, best first, each of another sort: fewest leak points, then fewest parts, then the widest narrowest bore,
 * then the shortest, then the cheapest; or what was wished for first. Exact over the whole catalogue: the least number of leak points is found first
 * (Dijkstra over ends), then every chain within `SLACK` of it is gone through, led by what is left to the far end at the least, and of each sort the
 * best is kept. Refuses by name what is no matter of parts.
 */
export function findTransitions(index: TransitionIndex, question: TransitionQuestion): TransitionAnswer {
  const refused = refuse(index, question);
  if (refused)
    return {
      ok: false,
      refusal: refused,
      usual: refused.code === 'nothing-needed' ? findUsual(index, question) : null,
    };
  const chains = search(index, question);
  const usual = findUsual(index, question);
  if (chains.length === 0 && !usual) return { ok: false, refusal: explain(index, question), usual: null };
  if (!usual) return { ok: true, chains, usual: null };
  const before = chains.find((chain) => isSameChain(chain, usual));
  return {
    ok: true,
    chains: before ? chains : [...chains.slice(0, MOST - 1), usual],
    usual: before ?? usual,
  };
}

/** The best chain by a listed connector between pipe and an appliance; null where the question is another, and where there is none. */
function findUsual(index: TransitionIndex, question: TransitionQuestion): Chain | null {
  if (!isPipeToAppliance(question)) return null;
  const [usual] = new Search(index, question, true).run();
  return usual ?? null;
}

const isSameChain = (a: Chain, b: Chain): boolean =>
  a.links.length === b.links.length &&
  a.links.every(({ chainPart }, i) => chainPart === b.links[i]!.chainPart);

function refuse(index: TransitionIndex, question: TransitionQuestion): NoTransition | null {
  const { from, to, moves, sides, gas, bearers } = question;
  const ends = [from, to];
  if (ends.some(({ kind }) => kind === 'unknown')) return { code: 'end-unknown' };
  for (const [i, end] of ends.entries()) {
    if (end.kind === 'thread' && FAMILY_TRAITS[end.family].gasUse === 'never')
      return { code: 'never-for-gas', end };
    const otherGas = index.findOtherGas(end);
    if (otherGas) return { code: 'another-gas', end, otherGas };
    if (!isOfCylinder(end)) continue;
    if (gas === 'natural') return { code: 'another-gas', end, otherGas: null };
    if (sides[i] !== 'cylinder') return { code: 'cylinder-is-high', end };
  }
  if (bearers.every((each) => each === 'flexible')) return { code: 'two-connectors' };
  if (sides[0] !== sides[1] || question.insulates) return null;
  const joint = index.join(from, to);
  if (!joint) return null;
  const canBeMade = moves.includes('turns') || closes(joint.joint!, moves.includes('slides'));
  return canBeMade ? { code: 'nothing-needed', joint } : null;
}

/**
 * Leak points at the least from any end to one: the same search, from the far end backward once for all. The function gives 0 where nothing is needed
 * between (the two make, and one side may turn), Infinity where nothing joins: of that it is certain for the catalogue of the index.
 */
export function measureLeaksTo(
  index: TransitionIndex,
  question: Omit<TransitionQuestion, 'from'>,
): (from: End) => number {
  const search = new Search(index, { ...question, from: question.to });
  search.prepare();
  return (from) => {
    const refused = refuse(index, { ...question, from });
    if (refused) return refused.code === 'nothing-needed' ? 0 : Infinity;
    return search.measureFrom(from);
  };
}

/** Nothing joins: with what it would have to be let off. */
function explain(index: TransitionIndex, question: TransitionQuestion): NoTransition {
  const joins = (by: TransitionIndex, more: Partial<TransitionQuestion>): boolean =>
    search(by, { ...question, ...more }).length > 0;
  const { leastBore, moves, insulates, sides } = question;
  const nothing = (unless: LetOff | null, rules: readonly PlainRuleId[] = []): NoTransition => ({
    code: 'nothing-joins',
    unless,
    rules,
  });
  if (leastBore !== null && joins(index, { leastBore: null })) return nothing('narrower');
  if (!moves.includes('turns') && joins(index, { moves: ['turns', 'turns'] })) return nothing('not-fixed');
  if (index.hasPlace && joins(index.without('place'), {})) return nothing('elsewhere');
  const [best] = search(index.without('house'), question);
  if (best) return nothing('house', listForbidden(index, question, best));
  if (insulates && joins(index, { insulates: false })) return nothing('not-insulated');
  if (!mayBend(question) && joins(index, { bearers: ['pipe', 'appliance'] })) return nothing('flexible');
  if (sides[0] !== sides[1] && joins(index, { sides: [sides[0], sides[0]] })) return nothing('regulator');
  return nothing(null);
}

/** Rules of the house that forbid a chain. */
function listForbidden(
  index: TransitionIndex,
  { from, to }: TransitionQuestion,
  { links }: Chain,
): readonly PlainRuleId[] {
  const ends = [from, ...links.flatMap(({ inner, outer }) => [inner, outer]), to];
  const joints = Array.from({ length: links.length + 1 }, (_, i) =>
    index.judge(ends[2 * i]!, ends[2 * i + 1]!),
  );
  const rules = joints.flatMap(({ house }) =>
    house.flatMap(({ rule, ruling }) => (ruling === 'forbids' ? [rule] : [])),
  );
  return [...new Set(rules)];
}

function search(index: TransitionIndex, question: TransitionQuestion): readonly Chain[] {
  return new Search(index, question).run();
}
