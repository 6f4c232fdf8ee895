import type { ThreadFamily } from '#core/ends';

/** What a stamped or cast marking says of its thread: nothing is guessed from words that are not known. */
export interface Marking {
  readonly families: readonly ThreadFamily[];
  /** As pipe threads and metric threads are named; null when none is said. */
  readonly size: string | null;
}

/** Words of markings, the longer before the shorter that stands within it. */
const WORDS: readonly (readonly [RegExp, readonly ThreadFamily[]])[] = [
  [/\bNPTF\b/i, ['nptf']],
  [/\bNPSM\b/i, ['npsm']],
  [/\bNPT\b/i, ['npt']],
  [/\bBSPT\b/i, ['r', 'rc']],
  [/\bBSPP?\b/i, ['g', 'rp']],
  [/\bRc\b/, ['rc']],
  [/\bRp\b/, ['rp']],
  [/\bR(?=\s*\d|\b)/, ['r']],
  [/\bG(?=\s*\d|\b)/, ['g']],
  [/\b(JIC|37\s*°)/i, ['jic-37']],
  [/\b(SAE|45\s*°)/i, ['sae-45']],
  [/\b(GHT|NH|NHR)\b/i, ['garden-hose']],
  [/\b(POL|CGA|NGO)\b/i, ['cylinder']],
  [/\bM\d+\s*[x×]/i, ['metric']],
];

const SIZE = /(?:^|[^\d/-])(\d-\d\/\d{1,2}|\d\s\d\/\d{1,2}|\d\/\d{1,2}|[1-6])(?![\d/.])/;

/** Reads a marking as it stands on the part (`G 3/4 A`, `1/2 NPT`, `R 1`). */
export function readMarking(text: string): Marking {
  const families = WORDS.find(([word]) => word.test(text))?.[1] ?? [];
  const spaced = text.replace(/(?<=[A-Za-z])(?=\d)/g, ' ');
  const size = families.includes('metric') ? null : (SIZE.exec(spaced)?.[1]?.replace(/\s/, '-') ?? null);
  return { families, size };
}
