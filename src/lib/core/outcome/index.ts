export { getOrThrow } from './get-or-throw.ts';
export { type Json, isSameJson } from './json.ts';
export { mergeEdit, mergeSet } from './merge-edit.ts';
export { type Result, accept, refuse } from './result.ts';
export type { Severity } from './severity.ts';
