import { getPartTraits } from '#core/catalogue';
import type { RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/** What has a date on it (a hose, a cylinder's regulator) is put in with that date read: when it is over it is changed. */
export function checkPartsAreDated({ chains, catalogue, legs }: RunLayout): Finding[] {
  const picks = new Set([...chains.at.values(), ...chains.standing.values()].map(({ pick }) => pick));
  return [...picks].flatMap(({ leg, parts }) =>
    parts.flatMap(({ id, part: wanted, dated }): Finding[] => {
      const part = catalogue.findPartById(wanted);
      if (!part || dated !== '' || !getPartTraits(part.kind).isDated) return [];
      return [
        {
          code: 'part-undated',
          severity: 'ask',
          subject: id,
          mark: String(legs.get(leg)?.leg.tag ?? '?'),
          part,
        },
      ];
    }),
  );
}
