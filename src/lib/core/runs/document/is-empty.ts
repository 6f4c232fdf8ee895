/** Tells whether a map has no entries without making a list of them: it is asked of thousands of legs at every edit. */
export function isEmpty(map: object): boolean {
  for (const key in map) return key === '';
  return true;
}
