import type { LengthUnit } from '#core/units';
import { readLine } from './read-line.ts';
import type { Sentence, ShorthandProblem } from './sentence.ts';

/** Lines and characters of the longest text that is read. */
export const MOST_LINES = 5_000;
export const MOST_CHARACTERS = 400_000;

export interface Shorthand {
  readonly sentences: readonly Sentence[];
  /** The unit of figures that have none: the job's, unless the text says its own. */
  readonly unit: LengthUnit;
  /** One for each line that cannot be read, in order. */
  readonly problems: readonly ShorthandProblem[];
}

/** Reads a whole text, line by line; a line that cannot be read is told of, the others are read all the same. */
export function readShorthand(text: string, jobUnit: LengthUnit): Shorthand {
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > MOST_LINES || text.length > MOST_CHARACTERS) {
    const refusal = { code: 'too-much-text', lines: lines.length, most: MOST_LINES } as const;
    return { sentences: [], unit: jobUnit, problems: [{ line: 0, from: 0, to: 0, refusal }] };
  }
  const sentences: Sentence[] = [];
  const problems: ShorthandProblem[] = [];
  let unit = jobUnit;
  for (const [number, line] of lines.entries()) {
    const read = readLine(line, number, unit);
    if (!read.ok) problems.push(read.problem);
    else if (read.sentence) {
      sentences.push(read.sentence);
      if (read.sentence.kind === 'units') ({ unit } = read.sentence);
    }
  }
  return { sentences, unit, problems };
}
