export {
  COMMAND_NAMES,
  type Change,
  type ChangeLabel,
  type ChangeRefusal,
  type CommandName,
  type Op,
  type PlannedChange,
  applyOps,
  applyTried,
  tryOps,
  invertOps,
} from './change.ts';
export type { HookUpEvent, RunEvent, Said } from './event.ts';
export { type AsCut, type Facts, NO_FACTS, type Tick, foldEvents } from './fold-events.ts';
export { HOOK_UP_ITEMS, type HookUpItem, listHookUpItems } from './hook-up.ts';
export { rewind } from './rewind.ts';
