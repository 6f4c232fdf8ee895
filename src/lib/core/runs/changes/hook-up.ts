/** What is looked at when an appliance is connected, in the order in which it is done: a list to tick, not yet the record. */
export const HOOK_UP_ITEMS = [
  'valve-within-reach',
  'connector-new',
  'connector-not-through',
  'gas-and-conversion',
  'second-wrench',
  'unused-capped',
  'leak-checked',
  'purged',
] as const;
export type HookUpItem = (typeof HOOK_UP_ITEMS)[number];

/** The items that concern only what hangs on a flexible connector. */
const OF_CONNECTORS: ReadonlySet<HookUpItem> = new Set(['connector-new', 'connector-not-through']);

/** What is looked at where an appliance is connected rigidly, or by a flexible connector. */
export const listHookUpItems = (hasConnector: boolean): readonly HookUpItem[] =>
  HOOK_UP_ITEMS.filter((item) => hasConnector || !OF_CONNECTORS.has(item));
