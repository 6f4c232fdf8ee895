import type { ApplianceKind } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { PassageKind, ZoneId } from '#core/permissions';
import type { TeePort } from './tee-use.ts';
import type { Length } from '#core/units';

/** What is wrong with the shut-off of an appliance, or must be asked of it (nm). */
export type ShutOffFault =
  | { readonly code: 'no-shut-off' }
  | { readonly code: 'shut-off-far'; readonly length: Length; readonly most: Length }
  | { readonly code: 'shut-off-unreached'; readonly zone: ZoneId }
  | { readonly code: 'shut-off-beyond'; readonly passage: PassageKind }
  /** How near it has to be, or how near it is, is not known; `length` null where it is the latter. */
  | { readonly code: 'shut-off-asked'; readonly length: Length | null; readonly most: Length | null };

/** What is wrong with a trap, or must be asked of it, with the figures that show it (nm). */
export type TrapFault =
  /** In and out both on the run: nothing turns, nothing falls. `hangs`: whether its nipple hangs down all the same. */
  | { readonly code: 'straight-through'; readonly hangs: boolean; readonly tolerated: boolean }
  | { readonly code: 'upside-down' }
  | { readonly code: 'level-nipple' }
  | { readonly code: 'no-cap' }
  | { readonly code: 'plug-no-nipple' }
  | { readonly code: 'out-of-reach'; readonly zone: ZoneId }
  | ShutOffFault
  | { readonly code: 'union-before-shut-off' }
  | { readonly code: 'shut-off-after-trap' }
  | { readonly code: 'trap-after-connector' }
  | { readonly code: 'reduced-nipple'; readonly size: LegSize; readonly least: LegSize }
  | {
      readonly code: 'too-short';
      readonly measured: 'nipple' | 'exposed' | 'pocket';
      readonly has: Length;
      readonly least: Length;
    }
  | { readonly code: 'no-room'; readonly has: Length; readonly needs: Length }
  | { readonly code: 'missing' }
  | { readonly code: 'turns-but-rises' }
  | { readonly code: 'supply-rises'; readonly port: TeePort }
  | { readonly code: 'ports-unclear' }
  | { readonly code: 'flow-unknown' }
  | { readonly code: 'nipple-not-measured' }
  | { readonly code: 'own-way'; readonly rule: 'trap-nipple' | 'straight-trap'; readonly name: string }
  | { readonly code: 'too-far'; readonly length: Length; readonly most: Length }
  | { readonly code: 'room-unknown' }
  /** What it rests on is not known: over a connector, or a leg without its length. */
  | { readonly code: 'room-not-known'; readonly over: 'connector' | 'leg' };

/** What is said where nothing is wrong, or nothing is asked for. */
export type TrapState =
  | { readonly code: 'works' }
  | { readonly code: 'built-in' }
  | {
      readonly code: 'not-required';
      readonly by: 'trap-needed' | 'trap-kinds';
      readonly kind: ApplianceKind | null;
    }
  | { readonly code: 'kind-unknown'; readonly about: 'kind' | 'own-kind' | 'own-way' };

export type TrapFinding = TrapFault | TrapState;
export type TrapCode = TrapFinding['code'];
export type TrapFaultCode = TrapFault['code'];
