import type { Severity } from '#core/outcome';
import type { Drop, Trap } from '../drop.ts';
import type { TrapFault, TrapFaultCode } from '../trap-finding.ts';

/** A drop in which something is meant for a trap. */
export interface TrappedDrop extends Drop {
  readonly trap: Trap;
}

/** A rule about the trap of a drop: what it finds, or null where it has nothing to say. */
export interface TrapRule<Code extends TrapFaultCode = TrapFaultCode> {
  readonly code: Code;
  readonly severity: Severity;
  find(drop: TrappedDrop): Extract<TrapFault, { code: Code }> | null;
}

/** A rule of whichever code. */
export type AnyTrapRule = { readonly [Code in TrapFaultCode]: TrapRule<Code> }[TrapFaultCode];

/** Keeps the code of a rule as a literal type. */
export const trapRule = <Code extends TrapFaultCode>(rule: TrapRule<Code>): TrapRule<Code> => rule;
