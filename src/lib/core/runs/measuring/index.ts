export type { LaidEnd } from './laid-end.ts';
export { type EndReader, getEndId, makeEndReader } from './read-end.ts';
export { type StationParts, findRefOffset, listInlineOpenings, listOpenings } from './read-ref.ts';
export { readAdditions } from './solve-by-stations.ts';
export type { SolveContext } from './solve-context.ts';
export { solveLengths } from './solve-lengths.ts';
export type { SolvedLengths, UnreadReason } from './solved-lengths.ts';
