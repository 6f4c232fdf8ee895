import type { RankedThread, Verdict } from '#core/identify';
import { FAMILY_TRAITS } from '#core/ends';
import { OTHER_GAS_NAMES } from './pair-verdicts.ts';
import { nameThread } from './threads.ts';

/** The verdict's first word, which stands beside its colour. */
export const VERDICT_WORDS: Readonly<Record<Verdict['kind'], string>> = {
  empty: 'Empty bench',
  open: 'Not yet',
  certain: 'Certain',
  likely: 'Likely',
  tie: 'Cannot be told apart yet',
  none: 'None of these',
};

/** What is known, in a sentence. */
export function sayVerdict(verdict: Verdict): string {
  switch (verdict.kind) {
    case 'empty':
      return 'Nothing measured yet. Begin with the question shown; any other can be answered first.';
    case 'open':
      return `About ${verdict.remaining} threads still agree with what was measured.`;
    case 'certain':
    case 'likely':
      return nameWithSisters(verdict.found);
    case 'tie':
      return `${verdict.among.map(nameBriefly).join(', or ')}: cannot be told apart with what was measured.`;
    case 'none':
      return `No listed thread agrees. Nearest is ${nameThread(verdict.nearest.thread)}. Do not force a part on it: measure again, or ask for the maker’s sheet.`;
  }
}

/** A thread and its sisters, for a list. */
const nameBriefly = ({ thread, sisters }: RankedThread): string =>
  [thread, ...sisters].map(nameThread).join(' or ');

/** A thread with what no reading parts from it. */
export function nameWithSisters({ thread, sisters }: RankedThread): string {
  const others = sisters.map(nameThread);
  return others.length === 0
    ? nameThread(thread)
    : `${nameThread(thread)} (or ${others.join(', ')}: only the marking tells)`;
}

/** What must be said of a thread before anyone puts gas through it; null where there is nothing. */
export function sayGasUse({ thread }: RankedThread): string | null {
  if (thread.otherGas) return `For ${OTHER_GAS_NAMES[thread.otherGas]}: never adapt it to fuel gas.`;
  switch (FAMILY_TRAITS[thread.family].gasUse) {
    case 'never':
      return 'Never for gas.';
    case 'listed':
      return 'Made for gas only where its maker and the code list it; the same thread serves water, air and machines. Ask.';
    case 'look-alike':
      return 'A look-alike: it goes on gas parts and is not made for them. Stop and ask.';
    case 'gas':
      return null;
  }
}

/** Nobody tried which way it tightens: what it was taken for, and what it is otherwise. */
export const sayTakenAsRight = (ifLeft: readonly RankedThread[]): string =>
  `Taken as right-hand: nobody has tried it. If it tightens to the left it is ${ifLeft.map(nameBriefly).join(', or ')}. Try it before anything is joined.`;
