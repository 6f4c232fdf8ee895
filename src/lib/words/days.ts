import { format } from 'date-fns/format';

/** A moment (ISO 8601) as a day a person reads, where the reader is. */
export const sayDay = (at: string): string => format(new Date(at), 'd MMMM yyyy');
