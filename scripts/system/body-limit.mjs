/**
 * What the adapter lets through, above the limit of core/formats/limits.ts: that one refuses with a sentence, this
 * one cuts off what does not even say its length.
 */
export const BODY_LIMIT = '33M';
