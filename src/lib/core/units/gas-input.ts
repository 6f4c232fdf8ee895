import { accept, refuse, type Result } from '#core/outcome';

/** Units in which the input of an appliance is printed. */
export const INPUT_UNITS = ['Btu/h', 'kW', 'MJ/h', 'g/h'] as const;
export type InputUnit = (typeof INPUT_UNITS)[number];

/** Whether an input counts the heat of the steam in the flue (gross) or not (net): some ten in the hundred apart. */
export const INPUT_BASES = ['gross', 'net'] as const;
export type InputBasis = (typeof INPUT_BASES)[number];

/** The input of an appliance, in the unit it is printed in. `basis` null: not said on the plate, or not looked for yet. */
export interface GasInput {
  readonly amount: number;
  readonly unit: InputUnit;
  readonly basis: InputBasis | null;
  readonly typed: string;
}

/** Units of the pressure at an inlet. */
export const PRESSURE_UNITS = ['in wc', 'mbar', 'kPa'] as const;
export type PressureUnit = (typeof PRESSURE_UNITS)[number];

export type GasInputRefusal =
  | { readonly code: 'input-not-read'; readonly read: string }
  /** A figure without its unit could be one of four things. */
  | { readonly code: 'input-without-unit'; readonly read: string }
  | {
      readonly code: 'input-out-of-range';
      readonly amount: number;
      readonly unit: InputUnit;
      readonly least: number;
      readonly most: number;
    };

const SPELLINGS: readonly (readonly [pattern: RegExp, unit: InputUnit, times: number])[] = [
  [/^mbtu(?:\/h|h)?$|^mbh$/, 'Btu/h', 1000],
  [/^k(?:btu(?:\/h|\/hr|h)?)?$/, 'Btu/h', 1000],
  [/^btu(?:\/h|\/hr|h|s)?$/, 'Btu/h', 1],
  [/^kw$/, 'kW', 1],
  [/^w$/, 'kW', 0.001],
  [/^mj(?:\/h)?$/, 'MJ/h', 1],
  [/^g(?:\/h)?$/, 'g/h', 1],
  [/^kg\/h$/, 'g/h', 1000],
];

/** What an appliance of one house or shop can burn, in each unit, bounds of ours against a slip: outside it a figure was misread, or is in another unit. */
export const INPUT_RANGE: Readonly<Record<InputUnit, readonly [least: number, most: number]>> = {
  'Btu/h': [500, 10_000_000],
  kW: [0.15, 3000],
  'MJ/h': [0.5, 10_500],
  'g/h': [10, 250_000],
};

/**
 * Reads an input as it is printed: `80,000 Btu/h`, `80 kBtu/h`, `24 kW net`, `26 MJ/h`, `450 g/h`. Refuses what is no figure, a figure
 * without a unit, and one no appliance has. Whether kilowatts are net or gross is kept as said, never guessed.
 */
export function parseGasInput(typed: string): Result<GasInput, GasInputRefusal> {
  const text = typed.trim().toLowerCase();
  const match = /^(\d{1,3}(?:[, ]\d{3})+|\d+)(\.\d+)?(e\d+)?\s*([a-z/]*)\s*(?:\(?(net|gross|nett)\)?)?$/.exec(
    text,
  );
  if (!match) return refuse({ code: 'input-not-read', read: typed.trim() });
  const [, whole, fraction = '', power = '', word, said] = match;
  if (!word) return refuse({ code: 'input-without-unit', read: typed.trim() });
  const spelling = SPELLINGS.find(([pattern]) => pattern.test(word));
  if (!spelling) return refuse({ code: 'input-not-read', read: typed.trim() });
  const [, unit, times] = spelling;
  const amount = Number((Number(`${whole!.replace(/[, ]/g, '')}${fraction}${power}`) * times).toPrecision(9));
  const [least, most] = INPUT_RANGE[unit];
  if (!(amount >= least && amount <= most))
    return refuse({ code: 'input-out-of-range', amount, unit, least, most });
  const basis = said === undefined ? null : said === 'gross' ? 'gross' : 'net';
  return accept({ amount, unit, basis, typed: typed.trim() });
}

/** Whether it must be asked if an input is net or gross: British and metric plates print either, American ones gross. */
export const isBasisAsked = ({ unit, basis }: GasInput): boolean => unit === 'kW' && basis === null;
