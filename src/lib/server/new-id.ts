import { randomBytes } from 'node:crypto';

/** A fresh id of the kind clients make: a letter, then letters and digits. */
export const newId = (): string => `s${randomBytes(12).toString('hex')}`;
