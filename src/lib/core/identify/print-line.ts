import { inches, type Length } from '#core/units';

/** What the line printed along polyethylene pipe says. What it does not say is null; words not known are kept. */
export interface PrintLine {
  readonly text: string;
  readonly size: string | null;
  readonly system: 'CTS' | 'IPS' | null;
  readonly sdr: number | null;
  /** nm */
  readonly wall: Length | null;
  readonly resin: string | null;
  readonly density: 'medium' | 'high' | null;
  readonly standard: string | null;
  readonly date: string | null;
  readonly saysGas: boolean;
  /** It says that it is not for gas, or for water only. */
  readonly forbidsGas: boolean;
  /** Kept and shown, never guessed at. */
  readonly unknown: readonly string[];
}

/** Resins met in gas pipe and their density. */
export const RESINS: Readonly<Record<string, 'medium' | 'high'>> = {
  PE2406: 'medium',
  PE2708: 'medium',
  PE3408: 'high',
  PE3608: 'high',
  PE4710: 'high',
};

interface Token {
  readonly pattern: RegExp;
  readonly read: (match: RegExpExecArray) => Partial<PrintLine>;
}

const TOKENS: readonly Token[] = [
  {
    pattern: /\b(\d+-\d\/\d|\d\s\d\/\d|\d\/\d|\d)\s*(?:"|″|IN\b\.?)?\s*(CTS|IPS)\b/i,
    read: ([, size, system]) => ({
      size: size!.replace(/\s/, '-'),
      system: system!.toUpperCase() as 'CTS' | 'IPS',
    }),
  },
  { pattern: /\b(?:SDR|DR)[\s:-]*(\d+(?:\.\d+)?)\b/i, read: ([, sdr]) => ({ sdr: Number(sdr) }) },
  {
    pattern:
      /(?:\b(?:MIN\.?\s*)?WALL[\s:]*)(0?\.\d+)(?:\s*(?:"|″|IN\b\.?))?|(?<![\d.])(0?\.\d+)\s*(?:"|″|IN\b\.?)?\s*(?:MIN\.?\s*)?WALL\b/i,
    read: ([, after, before]) => ({ wall: inches(Number(after ?? before)) }),
  },
  {
    pattern: /\bPE\s*-?(\d{4})\b/i,
    read: ([, code]) => ({ resin: `PE${code}`, density: RESINS[`PE${code}`] ?? null }),
  },
  {
    pattern: /\b(?:ASTM\s*)?(D\s?2513|F\s?2945)\b(?:-\d+\w?)?/i,
    read: ([, code]) => ({ standard: `ASTM ${code!.replace(/\s/, '').toUpperCase()}` }),
  },
  {
    pattern: /\b(?:NOT\s+FOR\s+(?:FUEL\s+)?GAS|(?:POTABLE|DRINKING)\s+WATER|WATER\s+ONLY)\b/i,
    read: () => ({ forbidsGas: true }),
  },
  { pattern: /\bGAS\b/i, read: () => ({ saysGas: true }) },
  {
    pattern:
      /\b(\d{1,2}\s?(?:JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC)\s?\d{2,4}|\d{1,2}\/\d{1,2}\/\d{2,4}|\d{4}-\d{2}-\d{2})\b/i,
    read: ([, date]) => ({ date: date!.toUpperCase() }),
  },
];

/** Words that say nothing about the pipe and are no puzzle either. */
const FILLERS = new Set(['PE', 'PIPE', 'MDPE', 'HDPE', 'ASTM', 'IN', 'WALL', 'MIN']);

/** Whether the line says that the pipe is for gas: by the word or by a standard of gas pipe, and nothing on it says it is not. */
export const isMarkedGas = ({ saysGas, standard, forbidsGas }: PrintLine): boolean =>
  !forbidsGas && (saysGas || standard !== null);

/** Reads a print line in any order of its parts. It refuses nothing: what it cannot read stays in `unknown`. */
export function parsePrintLine(text: string): PrintLine {
  let rest = ` ${text.trim()} `;
  let said: Partial<PrintLine> = {};
  for (const { pattern, read } of TOKENS) {
    const match = pattern.exec(rest);
    if (!match) continue;
    said = { ...said, ...read(match) };
    rest = rest.replace(pattern, ' | ');
  }
  const unknown = rest
    .split(/[\s|,;]+/)
    .filter((word) => /[\p{L}\d]/u.test(word) && !FILLERS.has(word.toUpperCase()));
  return {
    text: text.trim(),
    size: null,
    system: null,
    sdr: null,
    wall: null,
    resin: null,
    density: null,
    standard: null,
    date: null,
    saysGas: false,
    forbidsGas: false,
    ...said,
    unknown,
  };
}
