import type { LengthUnit } from '#core/units';
import type { Jurisdiction } from './jurisdictions.ts';
import type { RuleChoices } from './house-rules.ts';
import { NIPPLE_TOLERANCES, nipplesRule } from './nipples.ts';

/** The model codes of the United States say how near a shut-off is; elsewhere it is asked. */
const ASKED = { option: 'ask' } as const;

/** British and Australian rules know no sediment trap: none is asked for unless the shop turns it on. Gas is sold free of what eats copper. */
const OUTSIDE_NORTH_AMERICA: RuleChoices = {
  'trap-needed': { option: 'none' },
  'corrosive-gas': { option: 'under-limit' },
  'shut-off-reach': ASKED,
};
const NORTH_AMERICA: RuleChoices = {
  compression: { option: 'forbidden' },
  'soft-solder': { option: 'brazing' },
};

/**
 * What the place of a job says before the shop does: where a local code settles what fitters elsewhere differ on. A default to
 * begin with; the edition in force is asked for and goes before it. Typical values: confirm locally. Where the place is not known yet the
 * strictest of them all stand.
 */
export const RULE_PACKS: Readonly<Record<Jurisdiction, RuleChoices>> = {
  'us-model': NORTH_AMERICA,
  canada: { ...NORTH_AMERICA, 'shut-off-reach': ASKED, 'trap-nipple': { option: 'three-inch' } },
  uk: {
    ...OUTSIDE_NORTH_AMERICA,
    compression: { option: 'accessible' },
    'soft-solder': { option: 'capillary' },
  },
  australia: { ...OUTSIDE_NORTH_AMERICA, 'soft-solder': { option: 'brazing' } },
  'uk-vehicle': {
    ...OUTSIDE_NORTH_AMERICA,
    compression: { option: 'copper-olives' },
    'soft-solder': { option: 'capillary' },
  },
  ask: { ...NORTH_AMERICA, 'shut-off-reach': ASKED },
};

/** What whoever measures in millimetres begins with: a metric tape has no sixteenths. */
export const METRIC_CHOICES: RuleChoices = {
  'tape-rounding': { option: '1 mm' },
  'stock-length': { option: '6 m' },
  nipples: { option: nipplesRule.default, tolerance: NIPPLE_TOLERANCES.mm },
};

/** The choices a job begins with, by its unit; the place of the job has its say. */
export const getOpeningChoices = (unit: LengthUnit, jurisdiction: Jurisdiction): RuleChoices => ({
  ...(unit === 'mm' ? METRIC_CHOICES : {}),
  ...RULE_PACKS[jurisdiction],
});
