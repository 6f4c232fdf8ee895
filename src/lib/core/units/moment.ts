/** A moment is ISO 8601 in UTC to the millisecond, in a year that every calendar and database in use can hold. */
const SHAPE = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z$/;
const FIRST = Date.UTC(1970, 0, 1);
const LAST = Date.UTC(9999, 11, 31, 23, 59, 59, 999);

/** Whether a text names a moment that exists: no 30 February, no hour 25, no year before 1970. */
export function isMoment(text: string): boolean {
  if (!SHAPE.test(text)) return false;
  const time = Date.parse(text);
  return time >= FIRST && new Date(time).toISOString() === text;
}

/** Milliseconds since 1970 → moment. A clock that is set beyond what can be kept gives the nearest moment that can. */
export const toMoment = (milliseconds: number): string =>
  new Date(
    Number.isFinite(milliseconds) ? Math.min(Math.max(milliseconds, FIRST), LAST) : FIRST,
  ).toISOString();
