import type { Length } from './length.ts';

/** Why a written length was not taken. `typed` is what was read, as it was typed. */
export type LengthRefusal =
  | { readonly code: 'length-empty' }
  | { readonly code: 'length-too-long'; readonly characters: number }
  | { readonly code: 'length-unreadable'; readonly typed: string; readonly word: string }
  | {
      readonly code: 'length-two-numbers';
      readonly typed: string;
      readonly first: string;
      readonly rest: string;
    }
  | { readonly code: 'length-fraction-not-under-one'; readonly typed: string; readonly fraction: string }
  | { readonly code: 'length-fraction-not-on-a-tape'; readonly typed: string; readonly denominator: number }
  | {
      readonly code: 'length-inches-not-under-twelve';
      readonly typed: string;
      readonly feet: number;
      readonly inches: string;
    }
  | { readonly code: 'length-decimal-comma'; readonly typed: string; readonly withPoint: string }
  | { readonly code: 'length-fraction-after-decimal'; readonly typed: string }
  | { readonly code: 'length-fraction-of-metric'; readonly typed: string }
  | { readonly code: 'length-decimal-feet-with-inches'; readonly typed: string }
  | { readonly code: 'length-zero'; readonly typed: string }
  | { readonly code: 'length-negative'; readonly typed: string }
  | {
      readonly code: 'length-absurd';
      readonly typed: string;
      readonly length: Length;
      readonly limit: Length;
    };
