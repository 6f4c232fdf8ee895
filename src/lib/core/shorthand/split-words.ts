/** A word of a line, or a text in quotation marks, with its place in the line (characters from its beginning). */
export interface Word {
  readonly kind: 'word' | 'text';
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/**
 * Splits a line: blanks part words, so do commas but for one between two figures; `#` begins a remark. A text stands in
 * double quotation marks, with a backslash before a quotation mark or backslash inside; a mark right after a figure is inches.
 */
export function splitWords(line: string): Word[] {
  const words: Word[] = [];
  const pattern = /"((?:[^"\\]|\\.)*)"?|#.*|(?:[^\s,;#]|,(?=\d)(?<=\d,))+/gy;
  let at = 0;
  while (at < line.length) {
    if (/[\s,;]/.test(line[at]!)) {
      at++;
      continue;
    }
    pattern.lastIndex = at;
    const found = pattern.exec(line);
    if (!found) {
      at++;
      continue;
    }
    const to = at + found[0].length;
    if (found[0].startsWith('"')) {
      words.push({ kind: 'text', text: found[1]!.replace(/\\(.)/g, '$1'), from: at, to });
    } else if (!found[0].startsWith('#')) words.push({ kind: 'word', text: found[0], from: at, to });
    at = to;
  }
  return words;
}

/** A text as it is written between quotation marks. */
export const quote = (text: string): string => `"${text.replace(/[\\"]/g, '\\$&').replace(/\s/g, ' ')}"`;
