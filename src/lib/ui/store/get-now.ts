import { toMoment } from '#core/units';

/** This moment by the device's clock, as ISO 8601 in UTC; a clock set beyond what can be kept gives the nearest that can. */
export const getNow = (): string => toMoment(Date.now());
