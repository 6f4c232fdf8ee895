/** Kinds of appliance that are told apart where a sediment trap is asked for. */
export const APPLIANCE_KINDS = [
  'furnace', 'boiler', 'water-heater', 'unit-heater', 'heater', 'kiln', 'oven', 'generator', 'range', 'dryer', 'fireplace',
  'gas-light', 'grill',
] as const; // prettier-ignore
export type ApplianceKind = (typeof APPLIANCE_KINDS)[number];

/**
 * The kinds at which the model fuel-gas codes of North America ask for a sediment trap: what burns behind an automatic valve. Commonly
 * exempt are ranges, clothes dryers, gas lights, decorative and vented fireplaces and outdoor grills. Confirm with the local code.
 */
export const MODEL_TRAP_KINDS: readonly ApplianceKind[] = [
  'furnace', 'boiler', 'water-heater', 'unit-heater', 'heater', 'kiln', 'oven', 'generator',
]; // prettier-ignore
