/** Gives the value that must be there; its absence is a bug, thrown with the key in it. */
export function getOrThrow<Key, Value>(
  map: { get(key: Key): Value | undefined },
  key: Key,
  what: string,
): Value {
  const value = map.get(key);
  if (value === undefined) throw new Error(`no ${what} with id ${String(key)}`);
  return value;
}
