import type { ApplianceKind } from '#core/catalogue';
import type { Gas } from '#core/house-rules';
import type { Plate } from '#core/runs/document';
import type { ConnectorTotal } from '#core/cutting';
import type { LengthUnit, GasInput, GasInputRefusal } from '#core/units';
import { sayLength } from './length-text.ts';
import { nameFoundEnd } from './threads.ts';

export const APPLIANCE_KIND_NAMES: Readonly<Record<ApplianceKind, string>> = {
  furnace: 'furnace',
  boiler: 'boiler',
  'water-heater': 'water heater',
  'unit-heater': 'unit heater',
  heater: 'space heater',
  kiln: 'kiln',
  oven: 'oven',
  generator: 'generator',
  range: 'range',
  dryer: 'clothes dryer',
  fireplace: 'fireplace',
  'gas-light': 'gas light',
  grill: 'outdoor grill',
};

export const GAS_NAMES: Readonly<Record<Gas, string>> = { natural: 'natural gas', lp: 'LP gas (propane)' };

/** What kind of appliance it is; null while that is not known. */
export const nameKind = ({ what, ownKind }: Pick<Plate, 'what' | 'ownKind'>): string | null =>
  what === null ? null : what === 'own' ? ownKind : APPLIANCE_KIND_NAMES[what];

/** A flexible connector to buy: how long, and both its ends. */
export const sayConnector = (
  { length, ends }: Pick<ConnectorTotal, 'length' | 'ends'>,
  unit: LengthUnit,
): string =>
  `flexible connector${length === null ? '' : ` ${sayLength(length, unit)}`}, ${ends.map(nameFoundEnd).join(' and ')}, new`;

/** An input as it was typed, with what was answered of it since. */
export const sayInput = ({ typed, basis }: GasInput): string =>
  basis === null || typed.toLowerCase().includes(basis) ? typed : `${typed} ${basis}`;

/** What was read of an input, what is wrong with it, what to do. */
export function sayGasInputRefusal(refusal: GasInputRefusal): string {
  switch (refusal.code) {
    case 'input-not-read':
      return `Read “${refusal.read}”, which is no input. Write a figure and its unit: 80,000 Btu/h, 24 kW net, 26 MJ/h or 450 g/h.`;
    case 'input-without-unit':
      return `Read “${refusal.read}” without a unit. Add the one on the plate: Btu/h, kW, MJ/h or g/h.`;
    case 'input-out-of-range':
      return `Read ${refusal.amount.toLocaleString('en-US')} ${refusal.unit}; no such appliance takes ${refusal.amount < refusal.least ? 'less than' : 'more than'} ${(refusal.amount < refusal.least ? refusal.least : refusal.most).toLocaleString('en-US')} ${refusal.unit}. Look at the figure and its unit on the plate again.`;
  }
}
