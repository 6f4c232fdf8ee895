/** What a leg passes through: each is a place of its own, that is gone through and not run in. */
export const PASSAGES = ['floor', 'wall', 'outer-wall', 'vehicle-floor'] as const;
export type PassageKind = (typeof PASSAGES)[number];

/** What keeps the edge of the hole from the pipe; `none`: somebody looked, and nothing does. */
export const GUARDS = ['sleeve', 'grommet', 'none'] as const;
export type Guard = (typeof GUARDS)[number];

/** Whether it is gone through upright: a floor is, a wall is not. */
export const isPassedUpright = (kind: PassageKind): boolean => kind === 'floor' || kind === 'vehicle-floor';
