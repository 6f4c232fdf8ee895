import type { ShopPart } from '#core/catalogue';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** The text of a table of parts, as it goes to the thread that reads it. */
export interface PartsTableAsked {
  readonly text: string;
}
/** What was read; null where what was asked could not be understood. */
export type PartsTableTold = Result<ShopPart[], Refusal> | null;
