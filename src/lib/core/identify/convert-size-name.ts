import { accept, refuse, type Result } from '#core/outcome';
import { type ThreadList, type TubeList, readFraction } from '#core/catalogue';
import { INCH, inches, MILLIMETRE, type Length } from '#core/units';
import { findNearestHoles, getInchHoles, type FittedHole } from './tube-fit.ts';

/** Ways in which the trade names a size, each for its own things. */
export const NAMINGS = [
  'pipe-nominal', 'copper-nominal', 'tube-outside', 'dash-tube', 'dash-pipe', 'metric-outside', 'pe-ips', 'pe-cts',
] as const; // prettier-ignore
export type Naming = (typeof NAMINGS)[number];

/** What a name means in one way of naming. */
export interface SizeMeaning {
  readonly naming: Naming;
  /** As that naming writes it. */
  readonly name: string;
  /** What a caliper reads over the outside, nm; null where the naming has no such size. */
  readonly outside: Length | null;
  /** For tube: the inch holes nearest, and whether a flare block grips it. */
  readonly holes: readonly FittedHole[];
}

/** A size as it was written. */
export type SizeName =
  | { readonly kind: 'dash'; readonly sixteenths: number }
  | { readonly kind: 'inches'; readonly written: string; readonly value: Length }
  | { readonly kind: 'millimetres'; readonly value: Length };

export interface SizeNameRefusal {
  readonly code: 'size-name-unreadable';
  readonly typed: string;
}

/** Reads `-8`, `1/2`, `1-1/4`, `0.625 in`, `15 mm`. Refuses what names no size. */
export function parseSizeName(typed: string): Result<SizeName, SizeNameRefusal> {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/[″"”]|\binch(es)?\b|\bin\b/g, '')
    .trim();
  const dash = /^(?:-|dash\s*-?)(\d{1,2})$/.exec(text);
  if (dash) {
    const sixteenths = Number(dash[1]);
    return sixteenths > 0
      ? accept({ kind: 'dash', sixteenths })
      : refuse({ code: 'size-name-unreadable', typed });
  }
  const metric = /^(\d{1,3}(?:[.,]\d+)?)\s*mm$/.exec(text);
  if (metric)
    return readPositive(Number(metric[1]!.replace(',', '.')) * MILLIMETRE, typed, 'millimetres', '');
  const decimal = /^\d{0,2}[.,]\d+$/.exec(text);
  if (decimal) return readPositive(inches(Number(text.replace(',', '.'))), typed, 'inches', text);
  const fraction = /^(?:(\d)[-\s])?(\d{1,2})\/(\d{1,2})$|^(\d)$/.exec(text);
  if (!fraction || Number(fraction[3]) === 0) return refuse({ code: 'size-name-unreadable', typed });
  const written = text.replace(/\s/, '-');
  return readPositive(inches(readFraction(written)), typed, 'inches', written);
}

function readPositive(
  value: Length,
  typed: string,
  kind: 'inches' | 'millimetres',
  written: string,
): Result<SizeName, SizeNameRefusal> {
  if (!(value > 0)) return refuse({ code: 'size-name-unreadable', typed });
  return accept(kind === 'inches' ? { kind, written, value } : { kind, value: Math.round(value) });
}

/**
 * What a written size means in each way of naming. Pipe and IPS by an old bore; copper K and L by nominal (outside is
 * 1/8 in more); ACR, flare and metric by outside; dash in sixteenths of the named size. Pipe has no -10.
 */
export function convertSizeName(size: SizeName, threads: ThreadList, tubes: TubeList): SizeMeaning[] {
  const holes = getInchHoles(tubes);
  const tube = (naming: Naming, name: string, outside: Length): SizeMeaning => ({
    naming,
    name,
    outside,
    holes: findNearestHoles(outside, holes),
  });
  const pipe = (naming: Naming, name: string, written: string): SizeMeaning => ({
    naming,
    name,
    outside: threads.taper.find((row) => row.size === written)?.outside ?? null,
    holes: [],
  });
  if (size.kind === 'millimetres')
    return [tube('metric-outside', `${size.value / MILLIMETRE} mm`, size.value)];
  if (size.kind === 'dash') {
    const name = `-${size.sixteenths}`;
    const value = (size.sixteenths * INCH) / 16;
    return [tube('dash-tube', name, value), pipe('dash-pipe', name, writeFraction(size.sixteenths))];
  }
  const { written, value } = size;
  const pe = (system: 'IPS' | 'CTS'): SizeMeaning => {
    const row = tubes.polyethylene.find((each) => each.system === system && each.size === written);
    const outside = row ? inches(row.outside) : null;
    return {
      naming: system === 'IPS' ? 'pe-ips' : 'pe-cts',
      name: `${written} ${system}`,
      outside,
      holes: [],
    };
  };
  const nominal = tubes.copper.find((row) => row.type === 'L' && row.name === written);
  return [
    pipe('pipe-nominal', `${written} pipe`, written),
    nominal
      ? tube('copper-nominal', `${written} copper, K or L`, inches(nominal.outside))
      : { naming: 'copper-nominal', name: `${written} copper, K or L`, outside: null, holes: [] },
    tube('tube-outside', `${written} tube`, value),
    pe('IPS'),
    pe('CTS'),
  ];
}

/** Sixteenths as a reduced fraction: 20 → `1-1/4`. */
export function writeFraction(sixteenths: number): string {
  const whole = Math.floor(sixteenths / 16);
  let [top, bottom] = [sixteenths % 16, 16];
  if (top === 0) return String(whole);
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return whole > 0 ? `${whole}-${top}/${bottom}` : `${top}/${bottom}`;
}
