import { UNKNOWN_END, type End, type Seat } from '#core/ends';
import type { ThreadList } from '#core/catalogue';
import type { Specimen, SpecimenEnd } from '#core/identify';

/**
 * A specimen as an end that can be joined: its thread where it was told apart for certain or likely and nothing else may be meant but
 * a sister thread that no reading parts from it, with the seat that was seen on it. Otherwise an end between several: never taken
 * for the likeliest.
 */
export function getSpecimenEnd({ end, readings }: Specimen, list: ThreadList): End {
  if (!end) return UNKNOWN_END;
  const seen = readings.map(({ observation }) => observation).findLast(({ kind }) => kind === 'seat');
  const isSister = (id: string) =>
    list.findThread(id)?.sisterOf === end.thread || list.findThread(end.thread)?.sisterOf === id;
  return makeFoundEnd(
    end.certainty !== 'tie' && end.orElse.every(isSister) ? { ...end, orElse: [] } : end,
    seen?.kind === 'seat' ? seen.value : 'unknown',
  );
}

/** What was found, as an end; between several threads where it was not told apart. */
export function makeFoundEnd(found: SpecimenEnd, seat: Seat | 'unknown'): End {
  const { thread, family, size, gender, certainty, orElse } = found;
  if (certainty === 'tie' || orElse.length > 0)
    return {
      kind: 'unknown',
      among: [thread, ...orElse],
      certainty: certainty === 'tie' ? 'tie' : 'likely',
    };
  return { kind: 'thread', family, size, gender, hand: null, seat, metal: 'black-iron' };
}
