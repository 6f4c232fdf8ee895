import type { PolyethyleneRow, TubeList } from '#core/catalogue';
import { inches, type Length } from '#core/units';
import { isMarkedGas, RESINS, type PrintLine } from './print-line.ts';

/** Something to be said about a print line. Lengths in nm. */
export type PrintLineFinding =
  | { readonly code: 'pe-size-not-said' }
  | { readonly code: 'pe-size-unknown'; readonly size: string; readonly system: 'CTS' | 'IPS' }
  | { readonly code: 'pe-resin-unknown'; readonly resin: string }
  | { readonly code: 'pe-not-marked-gas' }
  | {
      readonly code: 'pe-wall-not-as-sdr';
      readonly wall: Length;
      readonly sdr: number;
      readonly asSdr: Length;
    }
  | { readonly code: 'pe-wall-below-legal'; readonly wall: Length; readonly legal: Length }
  | { readonly code: 'pe-wall-not-known' }
  | { readonly code: 'pe-words-unknown'; readonly words: readonly string[] };

/** Walls this close are the same wall, and outsides this close the same outside: 0.004 in. */
export const PE_CLOSE: Length = inches(0.004);

const findRows = ({ polyethylene }: TubeList, { size, system }: PrintLine): readonly PolyethyleneRow[] =>
  polyethylene.filter((row) => row.size === size && row.system === system);

/** Outside diameter by size and system, nm; null when either is not said or not listed. */
export function findOutside(line: PrintLine, tubes: TubeList): Length | null {
  const [row] = findRows(tubes, line);
  return row ? inches(row.outside) : null;
}

/** The wall as printed, or as the SDR gives it (minimum wall = outside / SDR), nm; null when neither is said. */
export function findWall(line: PrintLine, tubes: TubeList): Length | null {
  if (line.wall !== null) return line.wall;
  const outside = findOutside(line, tubes);
  return outside === null || line.sdr === null ? null : Math.round(outside / line.sdr);
}

/** Checks a print line against the tables: wall against SDR within 0.004 in, the legal minimum (49 CFR 192.121), what is not said. */
export function checkPrintLine(line: PrintLine, tubes: TubeList): PrintLineFinding[] {
  const findings: PrintLineFinding[] = [];
  const rows = findRows(tubes, line);
  const outside = findOutside(line, tubes);
  const wall = findWall(line, tubes);
  if (line.size === null || line.system === null) findings.push({ code: 'pe-size-not-said' });
  else if (outside === null) {
    findings.push({ code: 'pe-size-unknown', size: line.size, system: line.system });
  }
  if (outside !== null && line.wall !== null && line.sdr !== null) {
    const asSdr = Math.round(outside / line.sdr);
    // A label may be rounded: 11.1 and 11.4 are both sold as 11, so any listed wall of that label will do.
    const walls = [
      asSdr,
      ...rows.filter((row) => row.soldAs.includes(line.sdr!)).map((row) => inches(row.minWall)),
    ];
    if (walls.every((each) => Math.abs(each - line.wall!) > PE_CLOSE)) {
      findings.push({ code: 'pe-wall-not-as-sdr', wall: line.wall, sdr: line.sdr, asSdr });
    }
  }
  const legal = rows.find((row) => row.legalWall !== null)?.legalWall ?? null;
  if (wall === null) findings.push({ code: 'pe-wall-not-known' });
  else if (legal !== null && wall < inches(legal) - inches(0.0005)) {
    findings.push({ code: 'pe-wall-below-legal', wall, legal: inches(legal) });
  }
  if (line.resin !== null && !(line.resin in RESINS)) {
    findings.push({ code: 'pe-resin-unknown', resin: line.resin });
  }
  if (!isMarkedGas(line)) findings.push({ code: 'pe-not-marked-gas' });
  if (line.unknown.length > 0) findings.push({ code: 'pe-words-unknown', words: line.unknown });
  return findings;
}

/** Two pipes, or a pipe and a riser or coupling: do they match, or which number differs? */
export type PeComparison =
  | { readonly verdict: 'match' }
  /** Sizes match, and the resins differ or one of them was not read. */
  | { readonly verdict: 'resins'; readonly a: string | null; readonly b: string | null }
  /** Sizes match, and one of them is not marked for gas. */
  | { readonly verdict: 'not-gas'; readonly which: readonly ('a' | 'b')[] }
  | { readonly verdict: 'not-known'; readonly missing: readonly ('outside' | 'wall')[] }
  | {
      readonly verdict: 'differ';
      readonly by: readonly { readonly what: 'outside' | 'wall'; readonly a: Length; readonly b: Length }[];
    };

/**
 * Outside and wall decide, each within 0.004 in; the SDR label alone is not enough. What is not marked for gas never matches, and
 * different resins are joined only by a procedure qualified for both.
 */
export function comparePe(a: PrintLine, b: PrintLine, tubes: TubeList): PeComparison {
  const sides = [
    { what: 'outside' as const, a: findOutside(a, tubes), b: findOutside(b, tubes) },
    { what: 'wall' as const, a: findWall(a, tubes), b: findWall(b, tubes) },
  ];
  const by = sides.flatMap((side) =>
    side.a !== null && side.b !== null && Math.abs(side.a - side.b) > PE_CLOSE
      ? [{ what: side.what, a: side.a, b: side.b }]
      : [],
  );
  if (by.length > 0) return { verdict: 'differ', by };
  const missing = sides.filter((side) => side.a === null || side.b === null).map(({ what }) => what);
  if (missing.length > 0) return { verdict: 'not-known', missing };
  const which = (['a', 'b'] as const).filter((side) => !isMarkedGas(side === 'a' ? a : b));
  if (which.length > 0) return { verdict: 'not-gas', which };
  const isOneResin = a.resin !== null && a.resin === b.resin;
  return isOneResin ? { verdict: 'match' } : { verdict: 'resins', a: a.resin, b: b.resin };
}
