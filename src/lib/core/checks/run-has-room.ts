import type { Finding } from './finding.ts';
import { findFullness } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';

/** From here on it is said that a run fills up: there is time to go on in another. */
const NEARLY = 0.9;

/** A run holds so many legs and no more; who comes near that is told in time. */
export function checkRunHasRoom({ doc }: RunLayout): Finding[] {
  const full = findFullness(doc, NEARLY);
  return full ? [{ code: 'run-nearly-full', severity: 'note', subject: doc.id, ...full }] : [];
}
