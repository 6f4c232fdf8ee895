export { completeLine } from './complete-line.ts';
export { makeWrittenRun } from './make-written-run.ts';
export { MOST_CHARACTERS, readShorthand } from './read-shorthand.ts';
export type { ShorthandProblem, ShorthandRefusal } from './sentence.ts';
export { ALL_WORDS, type Expected, getWordsFor } from './vocabulary.ts';
export { writeShorthand } from './write-shorthand.ts';
