import type { Site } from './site.ts';
import type { RunLayout } from '#core/runs/layout';
import { listBondings } from '#core/supports';
import type { Finding } from './finding.ts';

/** Each stretch of metal that has tubing in it, or that plastic cuts off, is its own thing to bond; of the supplier's the supplier is asked. */
export function checkMetalIsBonded(layout: RunLayout, { jurisdiction }: Site): Finding[] {
  return listBondings(layout, jurisdiction).map(({ tubing, metal, side }): Finding => {
    const [laid] = tubing.length > 0 ? tubing : metal;
    const what = side === 'supplier' ? 'supplier' : tubing.length > 0 ? 'tubing' : 'cut-off';
    return { code: 'bond', severity: 'ask', subject: laid!.id, mark: String(laid!.leg.tag), what };
  });
}
