import type { NextStep, RunStanding } from '#core/checks';

/** What wants attention where a run is measured. */
export const sayMeasured = ({ legs, unmeasured }: RunStanding): string =>
  legs === 0 ? 'nothing yet' : unmeasured > 0 ? `${unmeasured} to measure` : 'all measured';

/** What wants attention where it is checked. */
export function sayChecked({ legs, stops, asks }: RunStanding): string {
  if (legs === 0) return 'nothing yet';
  if (stops > 0) return stops === 1 ? '1 stop' : `${stops} stops`;
  return asks > 0 ? `${asks} to ask` : 'no stops';
}

/** What wants attention where it is made. */
export function sayMade({ pieces, cut }: RunStanding): string {
  if (pieces === 0) return 'nothing yet';
  return cut < pieces ? `${pieces - cut} to cut` : 'all cut';
}

/** What comes next for a run, as one short sentence. */
export const NEXT_STEPS: Readonly<Record<NextStep, string>> = {
  'lay-out': 'Lay out its first leg',
  measure: 'Measure what is missing',
  settle: 'Settle what stops the cutting',
  ask: 'Find out what is asked',
  cut: 'Cut the pieces',
  'make-up': 'Make it up, then test it',
};
