import type { ClosedAs, Proof, Undone } from '#core/jobs';
import { sayCount } from './counts.ts';

/** How the tightness of what was made stands: as it is asked, and as it stands in the record. */
export const PROOF_WORDS: Readonly<Record<Proof, { readonly asked: string; readonly recorded: string }>> = {
  'recorded-elsewhere': {
    asked: 'It was tested, and the test is recorded elsewhere (on paper, with the inspector)',
    recorded: 'closed; its test is recorded elsewhere',
  },
  'not-proved': { asked: 'It was not proved', recorded: 'closed, not proved' },
};

/** What was left in one run: `2 stops, 1 piece not cut`. */
export const sayLeft = ({ stops, asks, unmeasured, uncut }: Undone): string =>
  [
    stops > 0 ? sayCount(stops, 'stop') : '',
    asks > 0 ? `${sayCount(asks, 'thing')} to ask` : '',
    unmeasured > 0 ? `${sayCount(unmeasured, 'leg')} not measured` : '',
    uncut > 0 ? `${sayCount(uncut, 'piece')} not cut` : '',
  ]
    .filter(Boolean)
    .join(', ');

/** The same of all runs: `Header: 2 stops; Tubing: 1 piece not cut`. */
export const sayUndone = (undone: readonly Undone[]): string =>
  undone.map((each) => `${each.name}: ${sayLeft(each)}`).join('; ');

/** How a job was closed, as the record says it. */
export function sayClosed({ proof, safe, undone }: ClosedAs): string {
  const left = undone.length === 0 ? '' : ` Not done then: ${sayUndone(undone)}.`;
  const { recorded } = PROOF_WORDS[proof];
  return `${recorded.charAt(0).toUpperCase()}${recorded.slice(1)}.${left}${safe ? ` Left so: ${safe}` : ''}`;
}
