import type { SizeTotal } from '#core/cutting';
import type { LengthUnit } from '#core/units';
import { sayCount } from './counts.ts';
import { sayTaped } from './length-text.ts';

/**
 * What is said of the pipe of one size beside its length on the tape: `in 3 pieces, 6 threads to cut, and 0.4 in of saw kerf; no fewer
 * than 1 length of 21 ft`. Null while no cut of it is known: then there is no length either. `stock`: how long pipe with threads is bought.
 */
export function sayPipeTotal(
  { pieces, unknown, threads, bends, kerf, stockAtLeast }: SizeTotal,
  unit: LengthUnit,
  stock: string,
): string | null {
  const known = pieces - unknown;
  if (known === 0) return null;
  const work = threads > 0 ? `${sayCount(threads, 'thread')} to cut` : sayCount(bends, 'bend');
  const saw = kerf > 0 ? `, and ${sayTaped(kerf, unit)} of saw kerf` : '';
  const bought =
    stockAtLeast === null
      ? ', from a coil'
      : `; no fewer than ${sayCount(stockAtLeast, 'length')}${threads > 0 ? ` of ${stock}` : ''}`;
  return `in ${sayCount(known, 'piece')}, ${work}${saw}${bought}`;
}

/** What is said of those pieces whose cut is not known, after the sum or in its place; empty where every cut is known. */
export function sayUnknownCuts({ pieces, unknown }: Pick<SizeTotal, 'pieces' | 'unknown'>): string {
  if (unknown === 0) return '';
  return unknown === pieces
    ? `${sayCount(pieces, 'piece')}, no cut known yet`
    : `${sayCount(unknown, 'piece')} more, not known and not in it`;
}
