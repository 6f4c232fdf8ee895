/**
 * Where a leg runs. What was not said is not among them: it is asked. A duct and a chimney are there to be refused. A cavity is run in
 * lengthwise; what goes across it passes a wall.
 */
export const ZONES = [
  'indoors', 'concealed', 'chase', 'cavity', 'under-slab', 'outdoors', 'buried', 'vehicle', 'wet', 'vibration', 'duct',
] as const; // prettier-ignore
export type ZoneId = (typeof ZONES)[number];

/** Places in which nothing is reached without breaking something up: a place behind a door or a panel that opens is none of them. */
const OUT_OF_REACH: ReadonlySet<ZoneId> = new Set([
  'concealed',
  'chase',
  'cavity',
  'under-slab',
  'buried',
  'duct',
]);
/** Whether no hand gets at what stands in a place. */
export const isOutOfReach = (zone: ZoneId): boolean => OUT_OF_REACH.has(zone);

/** Places inside a building, where what comes out of the ground has not come up yet. */
const INSIDE: ReadonlySet<ZoneId> = new Set([
  'indoors',
  'concealed',
  'chase',
  'cavity',
  'under-slab',
  'duct',
  'vehicle',
]);
/** Whether a place is inside a building or a vehicle. */
export const isInside = (zone: ZoneId): boolean => INSIDE.has(zone);
