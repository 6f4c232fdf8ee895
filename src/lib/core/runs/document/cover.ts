import { FOOT, type Length } from '#core/units';

/** Nothing a fitter buries lies deeper, nm: ten feet. Deeper is a slip of the pen, or a shaft. Ours. */
export const MOST_COVER: Length = 10 * FOOT;
