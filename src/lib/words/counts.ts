/** A count with its noun: `1 bend`, `2 bends`, `no bends`. */
export const sayCount = (count: number, one: string, many = `${one}s`): string =>
  `${count === 0 ? 'no' : count} ${count === 1 ? one : many}`;
