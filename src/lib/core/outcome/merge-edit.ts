import { isSameJson, type Json } from './json.ts';
import { accept, refuse, type Result } from './result.ts';

/** The fields of which two edits say different things. */
export interface EditClash<Fields> {
  readonly fields: readonly (keyof Fields & string)[];
}

/**
 * Puts an edit into what is kept by now. `was` is what the edit rests on, `wanted` what it makes of it: only fields in which the two differ are the
 * edit's business, so that two who change different fields both have their way, and the same edit sent again changes nothing. Refuses,
 * naming them, where fields were changed meanwhile to something else.
 */
export function mergeEdit<Fields extends object>(
  now: Fields,
  was: Fields,
  wanted: Fields,
): Result<Fields, EditClash<Fields>> {
  const isSame = (a: unknown, b: unknown): boolean =>
    a === b || (a !== undefined && b !== undefined && isSameJson(a as Json, b as Json));
  const names = [...new Set([...Object.keys(was), ...Object.keys(wanted)])] as (keyof Fields & string)[];
  const changed = names.filter((name) => !isSame(was[name], wanted[name]));
  const fields = changed.filter((name) => !isSame(now[name], was[name]) && !isSame(now[name], wanted[name]));
  if (fields.length > 0) return refuse({ fields });
  const merged = new Map<string, unknown>(Object.entries(now));
  for (const name of changed) {
    if (wanted[name] === undefined) merged.delete(name);
    else merged.set(name, wanted[name]);
  }
  return accept(Object.fromEntries(merged) as Fields);
}

/** Puts an edit into a set that is kept by now: what the edit added is added, what it took out is taken out, in the order of what is kept. */
export function mergeSet(
  now: readonly string[],
  was: readonly string[],
  wanted: readonly string[],
): readonly string[] {
  const out = new Set(was.filter((one) => !wanted.includes(one)));
  const added = wanted.filter((one) => !was.includes(one));
  return [...new Set([...now.filter((one) => !out.has(one)), ...added])];
}
