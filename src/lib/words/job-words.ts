import type { Job } from '#core/jobs';
import type { Gas, Jurisdiction } from '#core/house-rules';
import type { LengthUnit } from '#core/units';

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

/** What a job says in a field of its form, as the field shows it. */
export function sayJobField(job: Job, field: string): string {
  switch (field) {
    case 'name':
      return job.name;
    case 'place':
      return job.place || 'no place';
    case 'units':
      return UNIT_NAMES[job.units];
    case 'gas':
      return GAS_NAMES[job.gas];
    case 'jurisdiction':
      return JURISDICTION_NAMES[job.jurisdiction];
    default:
      return job.edition || 'no edition of the code';
  }
}
