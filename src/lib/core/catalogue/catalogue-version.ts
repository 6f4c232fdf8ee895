/** Raised whenever a published figure in the tables changes; each run pins the version it was laid out with. */
export const CATALOGUE_VERSION = '2026.4';
