import type { Material } from '../catalogue/pipe.ts';
import { isNominal, rankSize, type LegSize } from '../ends/size.ts';
import { getCraftOf } from './crafts.ts';
import type { Settings } from './craft.ts';

/** Metric copper by the nominal size it takes the place of. Rough: by bore, as counters do. */
const METRIC: readonly (readonly [metric: LegSize, nominal: LegSize])[] = [
  ['6 mm', '1/8'], ['8 mm', '1/4'], ['10 mm', '3/8'], ['15 mm', '1/2'], ['22 mm', '3/4'], ['28 mm', '1'], ['35 mm', '1-1/4'],
  ['42 mm', '1-1/2'], ['54 mm', '2'],
]; // prettier-ignore

/** The size of another material that a leg has when it is made of that: of the same name where there is one, else of about the same bore. */
export function findLikeSize({ size }: Settings, material: Material): LegSize {
  const sizes = getCraftOf(material).listSizes(material);
  const nominal = toNominal(size);
  const metric = METRIC.find(([, each]) => each === nominal)?.[0];
  const named: readonly (string | undefined)[] = isMetric(material)
    ? [size, metric, nominal, `${nominal} ACR`]
    : [size, nominal, `${nominal} ACR`, `${nominal} L`, metric];
  const found = named.find((each): each is LegSize => sizes.includes(each as LegSize));
  if (found) return found;
  const rank = rankSize(nominal);
  return (
    sizes.find((each) => isNominal(each) && rankSize(each) >= rank) ??
    sizes.at(rank < rankSize('1/2') ? 0 : -1)!
  );
}

const isMetric = (material: Material): boolean => getCraftOf(material).materials[material]!.unit === 'mm';

/** The nominal size that a size goes by: its own, that of its name without its kind, or what metric tube takes the place of. */
const toNominal = (size: LegSize): LegSize =>
  isNominal(size)
    ? size
    : (METRIC.find(([metric]) => metric === size)?.[1] ?? (size.split(' ')[0] as LegSize));
