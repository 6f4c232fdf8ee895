import type { Material } from '#core/catalogue';
import { isNominal, NOMINAL_SIZES, type LegSize, type NominalSize } from '#core/ends';
import { getCraftOf } from './crafts.ts';
import type { Settings } from './craft.ts';

/** Metric copper by the nominal size it takes the place of. Rough: by bore, as counters do. */
const METRIC: readonly (readonly [metric: LegSize, nominal: NominalSize])[] = [
  ['6 mm', '1/8'], ['8 mm', '1/4'], ['10 mm', '3/8'], ['15 mm', '1/2'], ['22 mm', '3/4'], ['28 mm', '1'], ['35 mm', '1-1/4'],
  ['42 mm', '1-1/2'], ['54 mm', '2'], ['12 mm', '3/8'], ['16 mm', '1/2'],
]; // prettier-ignore

/**
 * The size of another material that a leg has when it is made of that: of the same name where there is one, else of about the same bore; where the
 * other is not made so large the largest below, where it is not made so small the smallest above.
 */
export function findLikeSize({ size }: Settings, material: Material): LegSize {
  const sizes = getCraftOf(material).listSizes(material);
  const nominal = toNominal(size);
  const rank = NOMINAL_SIZES.indexOf(nominal);
  const smaller = NOMINAL_SIZES.slice(0, rank).reverse();
  const others =
    rank > NOMINAL_SIZES.indexOf('1/2')
      ? [...smaller, ...NOMINAL_SIZES.slice(rank)]
      : [...NOMINAL_SIZES.slice(rank), ...smaller];
  for (const each of [nominal, ...others]) {
    const found = listNames(each === nominal ? size : each, each, material).find((name): name is LegSize =>
      sizes.includes(name as LegSize),
    );
    if (found) return found;
  }
  return sizes[0]!;
}

/** What a size may be called in a material, the first choice first. */
function listNames(size: LegSize, nominal: NominalSize, material: Material): readonly (string | undefined)[] {
  const metric = METRIC.find(([, each]) => each === nominal)?.[0];
  const inch = [nominal, `${nominal} ACR`, `${nominal} L`, `${nominal} IPS SDR 11`];
  return isMetric(material) ? [size, metric, ...inch] : [size, ...inch, metric];
}

const isMetric = (material: Material): boolean => getCraftOf(material).materials[material]!.unit === 'mm';

/** Sizes of copper between two of pipe, by outside or by name: by bore they take the place of the smaller. */
const BETWEEN: Readonly<Record<string, NominalSize>> = {
  '3/16': '1/8',
  '5/16': '1/4',
  '5/8': '1/2',
  '7/8': '3/4',
  '1-1/8': '1',
};

/** The nominal size that a size goes by: its own, that of its name without its kind, or what metric tube takes the place of. */
function toNominal(size: LegSize): NominalSize {
  if (isNominal(size)) return size;
  const metric = METRIC.find(([each]) => each === size)?.[1];
  const named = size.split(' ')[0]!;
  return metric ?? (isNominal(named) ? named : (BETWEEN[named] ?? NOMINAL_SIZES[0]));
}
