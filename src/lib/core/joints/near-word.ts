import { distance } from 'fastest-levenshtein';

const sortLetters = (word: string): string => [...word].sort().join('');

/** How many letters a word is off another; letters that only changed places are the likeliest slip of all, and one. */
const measureSlip = (word: string, other: string): number =>
  sortLetters(word) === sortLetters(other) ? 1 : distance(word, other);

/**
 * The one word of a list that was meant by one that is not in it, at most so many letters off; words under four letters are never guessed at, nor
 * is a first letter. Null where none is near, and where two of other meanings are as near: two spellings of one meaning are no doubt.
 */
export function findNearWord(
  word: string,
  known: Iterable<string>,
  mostOff: number,
  means: (each: string) => string = (each) => each,
): string | null {
  if (mostOff === 0) return null;
  const near = [...known]
    .filter((each) => !each.includes(' ') && each.length >= 4 && each[0] === word[0])
    .map((each) => ({ each, far: measureSlip(word, each) }))
    .filter(({ far }) => far <= mostOff)
    .toSorted((a, b) => a.far - b.far);
  const [first] = near;
  if (!first) return null;
  const isDoubtful = near.some(({ each, far }) => far === first.far && means(each) !== means(first.each));
  return isDoubtful ? null : first.each;
}
