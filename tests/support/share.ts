/**
 * So many rounds of a long property: a seeded share in every run of the tests, all of them under `npm run bench -- --only properties`.
 */
export const share = <Value>(whole: Value, part: Value): Value =>
  process.env['PORTHOLE_WHOLE'] ? whole : part;

/** Every so-many-th of a list, and all of it under the bench: for what holds of each by itself. */
export const shareOf = <Value>(all: readonly Value[], every: number): readonly Value[] =>
  process.env['PORTHOLE_WHOLE'] ? all : all.filter((_, i) => i % every === 0);
