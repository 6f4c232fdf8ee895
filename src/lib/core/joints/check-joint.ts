import type { FiguredEnd, OtherGas } from '#core/catalogue';
import { makePair, type Pair } from './pair.ts';
import { PAIR_RULES, type PairRuleId } from './pair-rules/pair-rules.ts';
import type { Ruling } from './pair-verdict.ts';

/** What becomes of two ends, and which rule says so. */
export interface PairVerdict extends Ruling {
  readonly rule: PairRuleId;
  /** The other gas one of them is made for; null where there is none. */
  readonly otherGas: OtherGas | null;
}

/**
 * What becomes of two ends. Whichever is given first; which of two threads is the male one does matter. Every pair has its
 * rule: none is passed over as fine. Source: domain rules of each file in `pair-rules/`.
 */
export function checkJoint(a: FiguredEnd, b: FiguredEnd): PairVerdict {
  const [decided] = findRulings(a, b);
  if (!decided) throw new Error(`no rule for ${JSON.stringify([a, b])}`);
  return decided;
}

/** The answers of all rules that have the pair for their business; there is one. */
export function findRulings(a: FiguredEnd, b: FiguredEnd): PairVerdict[] {
  const pair = makePair(a, b);
  return PAIR_RULES.flatMap(({ id, decide }) => {
    const ruling = decide(pair);
    return ruling ? [withGas(withMaterials({ rule: id, otherGas: null, ...ruling }, pair), pair)] : [];
  });
}

/** A connection made for another gas is never part of fuel gas pipe, whatever screws into it: where it starts, that is worst. */
function withGas(found: PairVerdict, pair: Pair): PairVerdict {
  const threads =
    pair.kind === 'threads' ? [pair.male, pair.female] : pair.kind === 'tube-thread' ? [pair.thread] : [];
  const otherGas = threads.map(({ thread }) => thread.otherGas).find((gas) => gas !== null) ?? null;
  if (!otherGas) return found;
  if (found.verdict === 'does-not-start' || found.verdict === 'ask') return { ...found, otherGas };
  return { ...found, otherGas, verdict: 'never-seals', joint: null, conditions: [], cause: 'other-gas' };
}

/** Galvanised metal makes where the house and the local rule allow it on gas: a condition of every threaded joint. */
function withMaterials(found: PairVerdict, pair: Pair): PairVerdict {
  const isGalvanised =
    pair.kind === 'threads' && [pair.male, pair.female].some(({ metal }) => metal === 'galvanised');
  if (!isGalvanised || found.joint === null) return found;
  return { ...found, verdict: 'makes-only-if', conditions: [...found.conditions, 'galvanised-allowed'] };
}
