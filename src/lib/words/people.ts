/** The signature of what was done while nobody had said who is at the bench. */
export const NOT_NAMED = 'not named';

/** Who did something, as the end of a sentence: `by Ada Quill`. */
export const sayBy = (name: string): string =>
  `by ${name === '' || name === NOT_NAMED ? 'somebody not named' : name}`;
