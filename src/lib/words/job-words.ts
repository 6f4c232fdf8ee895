import type { Gas, Jurisdiction } from '#core/house-rules/jurisdictions.ts';
import type { LengthUnit } from '#core/units/length.ts';

export const GAS_NAMES: Readonly<Record<Gas, string>> = { natural: 'Natural gas', lp: 'LP gas (propane)' };

export const UNIT_NAMES: Readonly<Record<LengthUnit, string>> = { in: 'Feet and inches', mm: 'Millimetres' };

export const JURISDICTION_NAMES: Readonly<Record<Jurisdiction, string>> = {
  'us-model': 'United States, model fuel gas code',
  canada: 'Canada',
  uk: 'United Kingdom',
  australia: 'Australia',
  'uk-vehicle': 'United Kingdom, vehicles',
  ask: 'Not known yet: ask before work begins',
};
