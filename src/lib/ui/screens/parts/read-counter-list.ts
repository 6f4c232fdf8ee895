import { counterListSchema, type CounterLine, readWith } from '#core/formats';

/** Reads the list this device has kept; what cannot be read of it is let go. */
export function readCounterList(text: string | null): readonly CounterLine[] {
  try {
    const read = readWith<CounterLine[]>(counterListSchema, JSON.parse(text ?? '[]'));
    return read.ok ? read.value : [];
  } catch {
    return [];
  }
}
