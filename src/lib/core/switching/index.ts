export { type RunTally, compareFindings, listOtherSizes, tallyRun, trySwitch } from './compare-switch.ts';
export { SCOPES, type Scope, findScope } from './stretch.ts';
