import type { SheetSays } from '#core/catalogue';
import { isSameJson, type Json } from '#core/outcome';

/** Whether a sheet says the same as one that a run goes by, and is of the same maker. */
export const isSameSheet = (a: SheetSays, b: SheetSays | null): boolean =>
  b !== null &&
  (['maker', 'join', 'source', 'rows'] as const).every((field) =>
    isSameJson(a[field] as unknown as Json, b[field] as unknown as Json),
  );
