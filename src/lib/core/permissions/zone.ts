/**
 * Where a leg runs. What was not said is not among them: it is asked. A duct and a chimney are there to be refused.
 */
export const ZONES = [
  'indoors', 'concealed', 'chase', 'under-slab', 'outdoors', 'buried', 'vehicle', 'wet', 'vibration', 'duct',
] as const; // prettier-ignore
export type ZoneId = (typeof ZONES)[number];
