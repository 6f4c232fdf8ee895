import type { CoverRow } from '../ground-tables.ts';

/** How deep gas pipe is asked to lie, inches or mm of ground over it. Typical of codes; the edition in force and the inspector go before it. */
export const burialTable: readonly CoverRow[] = [
  { jurisdiction: 'us-model', where: 'general', cover: 12, unit: 'in', source: 'US model fuel gas code', confidence: 'certain' },
  { jurisdiction: 'us-model', where: 'lamp-or-grill', cover: 8, unit: 'in', source: 'US model fuel gas code, not under slabs or traffic', confidence: 'likely' },
  { jurisdiction: 'us-model', where: 'damage-likely', cover: 18, unit: 'in', source: 'US model fuel gas code, or in a sleeve', confidence: 'likely' },
  { jurisdiction: 'us-model', where: 'service-line', cover: 12, unit: 'in', source: '49 CFR 192.361, private land', confidence: 'likely' },
  { jurisdiction: 'us-model', where: 'service-in-street', cover: 18, unit: 'in', source: '49 CFR 192.361, streets', confidence: 'likely' },
  { jurisdiction: 'us-model', where: 'main', cover: 24, unit: 'in', source: '49 CFR 192.327', confidence: 'certain' },
  { jurisdiction: 'canada', where: 'general', cover: 15, unit: 'in', source: 'Canadian code', confidence: 'likely' },
  { jurisdiction: 'canada', where: 'under-traffic', cover: 24, unit: 'in', source: 'Canadian code, commercial driveway or parking area', confidence: 'likely' },
  { jurisdiction: 'australia', where: 'general', cover: 300, unit: 'mm', source: 'Australian and New Zealand standard, check the area class', confidence: 'approximate' },
  { jurisdiction: 'australia', where: 'under-traffic', cover: 450, unit: 'mm', source: 'Australian and New Zealand standard, check the area class', confidence: 'approximate' },
  { jurisdiction: 'uk', where: 'general', cover: 375, unit: 'mm', source: 'British practice, garden, downstream of the meter; deeper under vehicles', confidence: 'approximate' },
]; // prettier-ignore
