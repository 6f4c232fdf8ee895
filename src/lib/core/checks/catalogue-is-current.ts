import type { Finding } from './finding.ts';
import type { RunLayout } from '#core/runs/layout';

/** The run was laid out with this catalogue; if not, it is said: figures do not change silently. */
export function checkCatalogueIsCurrent({ doc, catalogue }: RunLayout): Finding[] {
  if (doc.catalogueVersion === catalogue.version) return [];
  return [
    {
      code: 'catalogue-changed',
      severity: 'note',
      subject: doc.id,
      pinned: doc.catalogueVersion,
      now: catalogue.version,
    },
  ];
}
