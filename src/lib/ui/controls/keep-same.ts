/**
 * Gives the objects of a list back as they were where nothing in them changed, so that a screen redraws only the lines that
 * did. Compares field by field; `key` tells which old object a new one is held against.
 */
export function makeKeeper<Item extends object>(
  key: (item: Item) => string,
): (items: readonly Item[]) => Item[] {
  let kept = new Map<string, Item>();
  return (items) => {
    const next = new Map<string, Item>();
    const list = items.map((item) => {
      const name = key(item);
      const before = kept.get(name);
      const same = before && isSame(before, item) ? before : item;
      next.set(name, same);
      return same;
    });
    kept = next;
    return list;
  };
}

function isSame(a: object, b: object): boolean {
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>];
  for (const field in right) if (!isSameValue(left[field], right[field])) return false;
  return true;
}

/** Lists of plain values, and small objects in them, are compared by what is in them. */
function isSameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) && Array.isArray(b) && a.length !== b.length) return false;
  return isSame(a, b) && Object.keys(a).length === Object.keys(b).length;
}
