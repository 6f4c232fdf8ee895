import { END } from '#core/ends';
import { toJoi } from './to-joi.ts';

/** An end, as documents hold it: what it is called, never its figures. */
export const endSchema = toJoi(END);
