import { LIMITS, text, type TypeOf } from '#core/shapes';
import { entry, saidKind } from './record-kind.ts';

const shape = entry({
  /** The maker's words, and where they stand. */
  text: text(LIMITS.reason),
  reason: text(LIMITS.reason),
});

/** A leg of tubing that was fished, under its own id: held by nothing, as its maker's own text has it. */
export type Fished = TypeOf<typeof shape>;

export const FISHED = saidKind<Fished>(shape, 12_000, 'legs');
