import type { HookUpItem } from '#core/runs/changes';

/** What is looked at when an appliance is connected. */
export const HOOK_UP_NAMES: Readonly<Record<HookUpItem, string>> = {
  'valve-within-reach': 'The shut-off is within reach, in the same room',
  'connector-new': 'The connector is new, and of the right kind and size',
  'connector-not-through': 'The connector goes through no wall, floor, ceiling or housing',
  'gas-and-conversion': 'The appliance is set for this gas, or converted by its maker’s kit and labelled',
  'second-wrench': 'A second wrench held the inlet',
  'unused-capped': 'Every outlet that is not used is capped',
  'leak-checked': 'Every joint was looked at with leak fluid',
  purged: 'The line was purged, outside or ventilated, with a detector',
};
