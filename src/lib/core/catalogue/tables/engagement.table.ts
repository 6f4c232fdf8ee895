import type { EngagementRow } from '../thread.ts';

/**
 * Normal engagement of taper pipe threads (shop table) and the thread to cut, inches and turns.
 * `cutThread` and `threadsToCut`: length of the threaded portion and approximate number of threads of the
 * fuel gas codes; null where the codes give none (the full standard thread L4 is then cut).
 * Engagement is likely, the code's threads are certain.
 */
export const engagementTable: readonly EngagementRow[] = [
  { size: '1/8', normal: 0.25, cutThread: null, threadsToCut: null, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '1/4', normal: 0.375, cutThread: null, threadsToCut: null, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '3/8', normal: 0.375, cutThread: null, threadsToCut: null, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '1/2', normal: 0.5, cutThread: 0.75, threadsToCut: 10, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '3/4', normal: 0.5625, cutThread: 0.75, threadsToCut: 10, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '1', normal: 0.6875, cutThread: 0.875, threadsToCut: 10, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '1-1/4', normal: 0.6875, cutThread: 1.0, threadsToCut: 11, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '1-1/2', normal: 0.6875, cutThread: 1.0, threadsToCut: 11, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '2', normal: 0.75, cutThread: 1.0, threadsToCut: 11, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '2-1/2', normal: 0.9375, cutThread: 1.5, threadsToCut: 12, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '3', normal: 1.0, cutThread: 1.5, threadsToCut: 12, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '3-1/2', normal: 1.0625, cutThread: null, threadsToCut: null, source: 'shop table of normal engagement', confidence: 'likely' },
  { size: '4', normal: 1.125, cutThread: 1.625, threadsToCut: 13, source: 'shop table of normal engagement', confidence: 'likely' },
];
