import { performance } from 'node:perf_hooks';
import { standardCatalogue } from '#core/catalogue';
import { readJobFile } from '#support/read-job-file.ts';
import { newRun } from '#core/runs/document';
import { makeWrittenRun, readShorthand, ALL_WORDS } from '#core/shorthand';
import { sayRefusal } from '#words/refusals.ts';
import { sayShorthandRefusal } from '#words/shorthand.ts';
import { damage } from '#support/damage.ts';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { layOut, makeIds } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';

/** Ten thousand damaged files and ten thousand texts of nonsense: each gets a sentence, none breaks anything. */
const SEED = 20_266;
const COUNT = 10_000;
const random = makeRandom(SEED);
const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
const isSentence = (text: string): boolean => /^[A-Z“0-9].*[.?]$/s.test(text);
const bad: string[] = [];

let began = performance.now();
let [read, refused] = [0, 0];
const texts = Array.from({ length: 20 }, (_, i) => JSON.stringify(makeRandomJobFile(SEED + i)));
for (let i = 0; i < COUNT; i++) {
  const text = damage(pick(texts), random);
  try {
    const file = readJobFile(text);
    if (file.ok) read++;
    else {
      refused++;
      if (!isSentence(sayRefusal(file.refusal))) bad.push(sayRefusal(file.refusal));
    }
  } catch (error) {
    bad.push(`crash: ${String(error)} at ${text.slice(0, 80)}`);
  }
}
console.log(
  `fuzz: seed ${SEED}, ${COUNT} files: ${read} still sound, ${refused} refused, ${Math.round(performance.now() - began)} ms`,
);

began = performance.now();
let problems = 0;
const signs = [
  '"',
  '\\',
  '\t',
  '#',
  '1/2',
  '48',
  '3-7',
  '%',
  '-',
  '1e9',
  '{',
  '½',
  '\u0000',
  '1:',
  '__proto__',
  '?',
];
for (let i = 0; i < COUNT; i++) {
  const words = Array.from({ length: 1 + Math.floor(random() * 25) }, () =>
    pick(random() < 0.65 ? ALL_WORDS : signs),
  );
  const text = words.map((word) => `${word}${pick([' ', ' ', ', ', '\n', ''])}`).join('');
  try {
    const { sentences, problems: wrong } = readShorthand(text, 'in');
    const made = makeWrittenRun(sentences, newRun('writtenrun', standardCatalogue.version, {}), makeIds());
    layOut(made.doc);
    for (const { refusal } of [...wrong, ...made.problems]) {
      problems++;
      if (!isSentence(sayShorthandRefusal(refusal))) bad.push(sayShorthandRefusal(refusal));
    }
  } catch (error) {
    bad.push(`crash: ${String(error)} at ${text.slice(0, 80)}`);
  }
}
console.log(
  `fuzz: ${COUNT} texts of shorthand, ${problems} sentences, ${Math.round(performance.now() - began)} ms`,
);
for (const each of bad.slice(0, 10)) console.log(`  not a sentence: ${each}`);
console.log(`  ${bad.length} crashes or answers that are no sentence (0 wanted)`);
if (bad.length > 0) process.exitCode = 1;
