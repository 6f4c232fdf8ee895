import { quickBenchSchema, readWith } from '#core/formats';
import type { QuickBench } from '#core/cutting';

/** Reads what this device kept of Quick cut; null where it cannot be read: then it begins anew. */
export function readQuickBench(kept: string): QuickBench | null {
  try {
    const read = readWith<QuickBench>(quickBenchSchema, JSON.parse(kept));
    return read.ok ? read.value : null;
  } catch {
    return null;
  }
}
