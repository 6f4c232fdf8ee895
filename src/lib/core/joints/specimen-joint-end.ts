import type { ThreadList } from '../catalogue/thread-list.ts';
import type { Specimen } from '../identify/specimen.ts';
import type { JointEnd } from './joint-end.ts';
import { makeThreadEnd } from './list-joint-ends.ts';

/**
 * A specimen as an end that can be joined: its thread where it was told apart for certain or likely and nothing else may be
 * meant but a sister thread that no reading parts from it, with the seat that was seen on it. Otherwise not known: never
 * taken for the likeliest.
 */
export function getSpecimenJointEnd({ end, readings }: Specimen, list: ThreadList): JointEnd {
  const thread = end ? list.findThread(end.thread) : null;
  if (!end || !thread || end.certainty === 'tie') return { kind: 'unknown' };
  const isSister = (id: string) => id === thread.sisterOf || list.findThread(id)?.sisterOf === thread.id;
  if (!end.orElse.every(isSister)) return { kind: 'unknown' };
  const seen = readings.map(({ observation }) => observation).findLast(({ kind }) => kind === 'seat');
  return makeThreadEnd(thread, { seat: seen?.kind === 'seat' ? seen.value : 'unknown' });
}
