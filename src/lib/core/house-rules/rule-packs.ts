import type { LengthUnit } from '../units/length.ts';
import type { Jurisdiction } from './jurisdictions.ts';
import type { RuleChoices } from './house-rules.ts';

/** British and Australian rules know no sediment trap: none is asked for unless the shop turns it on. */
const NO_TRAPS: RuleChoices = { 'trap-needed': { option: 'none' } };

/**
 * What the place of a job says before the shop does: where a local code settles what fitters elsewhere differ on. A default to
 * begin with; the edition in force is asked for and goes before it. Typical values: confirm locally.
 */
export const RULE_PACKS: Readonly<Record<Jurisdiction, RuleChoices>> = {
  'us-model': { compression: { option: 'forbidden' }, 'soft-solder': { option: 'brazing' } },
  canada: { compression: { option: 'forbidden' }, 'soft-solder': { option: 'brazing' } },
  uk: { ...NO_TRAPS, compression: { option: 'accessible' }, 'soft-solder': { option: 'capillary' } },
  australia: { ...NO_TRAPS, 'soft-solder': { option: 'brazing' } },
  'uk-vehicle': {
    ...NO_TRAPS,
    compression: { option: 'copper-olives' },
    'soft-solder': { option: 'capillary' },
  },
  ask: {},
};

/** The choices a job begins with: a metric tape has no sixteenths, and the place of the job has its say. */
export const getOpeningChoices = (unit: LengthUnit, jurisdiction: Jurisdiction): RuleChoices => ({
  ...(unit === 'mm' ? { 'tape-rounding': { option: '1 mm' }, 'stock-length': { option: '6 m' } } : {}),
  ...RULE_PACKS[jurisdiction],
});
