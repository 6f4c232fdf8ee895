/** Gives a fresh id at each call; the caller brings the randomness. */
export type NewId = () => string;
