import { expect } from 'chai';
import { share } from '#support/share.ts';
import { makeRandom } from '#support/random-run.ts';
import { readShorthand } from './read-shorthand.ts';
import { ALL_WORDS, getWordsFor } from './vocabulary.ts';

const SEED = 14_008;

/** Insertions, deletions and changes of letters from one word to another, by the book. */
function editsBetween(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (const [i, letter] of [...a].entries())
    row = row.reduce<number[]>(
      (next, up, k) => [
        ...next,
        k === 0 ? i + 1 : Math.min(up + 1, next[k - 1]! + 1, row[k - 1]! + (letter === b[k - 1] ? 0 : 1)),
      ],
      [],
    );
  return row.at(-1)!;
}

it(`a word that is not known is answered with the nearest that may stand there, of two as near with the first (seed ${SEED})`, () => {
  const random = makeRandom(SEED);
  const pick = <Value>(values: readonly Value[] | string): Value =>
    values[Math.floor(random() * values.length)] as Value;
  let [told, ties] = [0, 0];
  for (let i = 0; i < share(1500, 150); i++) {
    const word = pick<string>(ALL_WORDS);
    const at = Math.floor(random() * word.length);
    const wrong = `${word.slice(0, at)}${pick<string>('abcdefghijklmnopqrstuvwxyz')}${word.slice(at + (random() < 0.5 ? 1 : 0))}`;
    for (const line of [`${wrong} 48`, `up 48 of 3/4, ${wrong}`, `up 48 of 3/4 ${wrong}`])
      for (const { refusal } of readShorthand(line, 'in').problems) {
        if (
          refusal.code !== 'word-unknown' ||
          refusal.read.toLowerCase() !== wrong ||
          wrong.length < 3 ||
          /\d/.test(wrong)
        )
          continue;
        const words = [...getWordsFor(refusal.expected), ...ALL_WORDS];
        const far = words.map((known) => editsBetween(wrong, known));
        const least = Math.min(...far);
        const nearest = least < Math.ceil(wrong.length / 3) + 1 ? words[far.indexOf(least)]! : null;
        expect(refusal.nearest, line).to.equal(nearest);
        told++;
        if (new Set(words.filter((_, k) => far[k] === least)).size > 1) ties++;
      }
  }
  expect(told).to.be.greaterThan(share(1000, 100));
  expect(ties).to.be.greaterThan(share(100, 10));
});
