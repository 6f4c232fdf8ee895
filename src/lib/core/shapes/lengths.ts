import { INCH, LONGEST_MEASURE } from '#core/units';
import { whole } from './shape.ts';

/** A measure of a run, nm: from one to the longest there may be. */
export const length = whole(1, LONGEST_MEASURE);

/** A measure that may be nothing, nm. */
export const lengthOrNone = whole(0, LONGEST_MEASURE);

/** A length of a part or a setting, nm: nothing to two feet. */
export const short = whole(0, 24 * INCH);

/** To the centre line of a tube, nm: from an eighth of an inch to what a large coil lies in. */
export const bendRadius = whole(INCH / 8, 120 * INCH);
