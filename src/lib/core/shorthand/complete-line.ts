import type { LengthUnit } from '#core/units';
import { readLine } from './read-line.ts';
import { getWordsFor, type Expected } from './vocabulary.ts';

/** Words that can go on a line, and the character from which they stand in place of what is begun. */
export interface Completion {
  readonly from: number;
  readonly words: readonly string[];
}

/** What can stand at the end of a line as far as it is written: the words that begin as the last one does. */
export function completeLine(written: string, unit: LengthUnit): Completion {
  const from = written.length - (/[^\s,;]*$/.exec(written)?.[0].length ?? 0);
  const begun = written.slice(from).toLowerCase();
  const words = getWordsFor(findExpected(written.slice(0, from), unit));
  return { from, words: words.filter((word) => word.startsWith(begun) && word !== begun) };
}

function findExpected(before: string, unit: LengthUnit): readonly Expected[] {
  const read = readLine(before, 0, unit);
  if (read.ok) return read.next;
  return read.problem.refusal.code === 'word-missing' ? read.problem.refusal.expected : [];
}
