/** A moment (ISO 8601) as a day a person reads, where the reader is. */
export const sayDay = (at: string): string =>
  new Intl.DateTimeFormat('en', { dateStyle: 'long' }).format(new Date(at));
