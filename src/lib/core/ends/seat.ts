/** What an end may have to seal against. `deburr` is a broken edge, not a seat; `other` a bullet nose, a 24° cone, a soft ring. Angles are half angles. */
export const SEATS = ['none', 'deburr', '30', '37', '45', 'washer', 'other'] as const;
export type Seat = (typeof SEATS)[number];
