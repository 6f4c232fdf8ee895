/** A JSON value, as it stands in a document. */
export type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

/** Are two JSON values the same, whatever the order of their keys? */
export function isSameJson(a: Json | undefined, b: Json | undefined): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [a as Record<string, Json>, b as Record<string, Json>];
  const keys = Object.keys(left);
  return (
    keys.length === Object.keys(right).length &&
    keys.every((key) => Object.hasOwn(right, key) && isSameJson(left[key], right[key]))
  );
}
