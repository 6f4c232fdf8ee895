import type { SizeTotal } from '#core/cutting/cut-sheet.ts';
import type { LengthUnit } from '#core/units/length.ts';
import { sayCount } from './counts.ts';
import { sayExact } from './length-text.ts';

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
  const saw = kerf > 0 ? `, and ${sayExact(kerf, unit)} of saw kerf` : '';
  const bought =
    stockAtLeast === null
      ? ', from a coil'
      : `; no fewer than ${sayCount(stockAtLeast, 'length')}${threads > 0 ? ` of ${stock}` : ''}`;
  return `in ${sayCount(known, 'piece')}, ${work}${saw}${bought}`;
}
