import { format } from 'date-fns/format';

/** A moment (ISO 8601) as a day a person reads, where the reader is; what is no moment stands as it was written. */
export const sayDay = (at: string): string =>
  Number.isNaN(Date.parse(at)) ? `“${at}”` : format(new Date(at), 'd MMMM yyyy');
