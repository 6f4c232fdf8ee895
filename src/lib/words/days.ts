const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
const MINUTE = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const AGO = new Intl.RelativeTimeFormat('en', { numeric: 'always' });

/** A moment (ISO 8601) as a day a person reads, where the reader is; what is no moment stands as it was written. */
export const sayDay = (at: string): string =>
  Number.isNaN(Date.parse(at)) ? `“${at}”` : DAY.format(new Date(at));

/** The same in short, with the minute. */
export const sayMoment = (at: string): string =>
  Number.isNaN(Date.parse(at)) ? `“${at}”` : MINUTE.format(new Date(at));

/** Longest first: a unit and how many milliseconds it has. */
const UNITS: readonly (readonly [Intl.RelativeTimeFormatUnit, number])[] = [
  ['year', 365 * 86_400_000],
  ['month', 30 * 86_400_000],
  ['day', 86_400_000],
  ['hour', 3_600_000],
  ['minute', 60_000],
];

/** How long ago a moment (ISO 8601) was at another (milliseconds since 1970), in the greatest unit of which a whole one has passed. */
export function sayAgo(at: string, now: number): string {
  const passed = now - Date.parse(at);
  if (Number.isNaN(passed)) return `“${at}”`;
  const found = UNITS.find(([, length]) => passed >= length);
  return found ? AGO.format(-Math.floor(passed / found[1]), found[0]) : 'less than a minute ago';
}
