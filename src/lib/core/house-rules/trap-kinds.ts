import { MODEL_TRAP_KINDS, type ApplianceKind } from '#core/catalogue';
import type { HouseRule } from './house-rule.ts';

export type TrapKindsOption = 'model' | 'own-list';

/** Which kinds of appliance are on the list of those that get a sediment trap. */
export const trapKindsRule: HouseRule<'trap-kinds', TrapKindsOption> = {
  id: 'trap-kinds',
  topic: 'traps',
  options: ['model', 'own-list'],
  default: 'model',
  outrankedBy: ['local code', 'maker'],
  version: 1,
};

export type TrapKindsChoice =
  | { readonly option: 'model' }
  | { readonly option: 'own-list'; readonly kinds: readonly ApplianceKind[] };

/** The kinds on the list a choice stands for. */
export const getTrapKinds = (choice: TrapKindsChoice): readonly ApplianceKind[] =>
  choice.option === 'own-list' ? choice.kinds : MODEL_TRAP_KINDS;
