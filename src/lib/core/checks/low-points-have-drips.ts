import { findDripless } from '#core/traps';
import type { RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/** Where the house says that the gas is wet, every low point has a drip, and pipe falls toward it. A drip is no sediment trap. */
export function checkLowPointsHaveDrips(layout: RunLayout): Finding[] {
  if (layout.rules.drips.option !== 'wet-gas') return [];
  return findDripless(layout).map(({ id, legs }) => ({
    code: 'drip-missing',
    severity: 'ask',
    subject: id,
    mark: String(legs[0]!.tag),
  }));
}
