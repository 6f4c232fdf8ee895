import { INCH, inches, millimetres, type Length } from '#core/units';
import type { BspMalleableRow } from './bsp-malleable.ts';
import type { Provenance } from './confidence.ts';
import type { TaperFamily } from './taper-end.ts';
import type { BspRow } from './pipe-threads.ts';
import type { NominalSize, ThreadSize } from '#core/ends';

/** A published row of the national pipe taper thread, inches and threads an inch (see npt.table.ts for the letters). */
export interface NptRow extends Provenance {
  readonly size: ThreadSize;
  readonly D: number;
  readonly n: number;
  readonly E0: number;
  readonly E1: number;
  readonly L1: number;
  readonly L2: number;
  readonly E2: number;
  readonly V: number;
  readonly L4: number;
  readonly L5: number;
  readonly K0: number;
}

/** A published row of the shop table of normal engagement and of the thread to cut, inches. */
export interface EngagementRow extends Provenance {
  readonly size: NominalSize;
  readonly normal: number;
  readonly cutThread: number | null;
  readonly threadsToCut: number | null;
}

/** Where the length of thread to cut is from, in every row that has one. */
const CUT_THREAD_SOURCE: Provenance = { source: 'fuel gas code, threads to be cut', confidence: 'certain' };

/** What a die leaves of unfinished thread beyond the useful one, in pitches: about. */
const RUN_OUT = 2;

/** A taper pipe thread of one size, lengths in nm. */
export interface TaperThread {
  readonly family: TaperFamily;
  readonly size: NominalSize;
  readonly threadsPerInch: number;
  /** Over the crests where they are complete: of NPT the outside of the pipe, of R not (the tube is a little larger). */
  readonly major: Length;
  /** Over the crests at the pipe's end. */
  readonly smallEnd: Length;
  /** L1: how far it goes in by hand. */
  readonly handTight: Length;
  /** The whole standard thread, from the pipe end to the last scratch: L4, of R the useful thread and its run-out. */
  readonly fullLength: Length;
  /** Engagement of the shop table, wrench-tight. */
  readonly normalEngagement: Length;
  /** The length of thread to cut, and about how many threads that is. */
  readonly cutLength: Length;
  /** The same to the last scratch: what is counted as showing is counted to there. The code's lengths go to it already. */
  readonly cutToScratch: Length;
  readonly threadsToCut: number;
  readonly threadSource: Provenance;
  readonly engagementSource: Provenance;
  /** The code's table, or the thread standard where that gives none and the full thread is cut. */
  readonly cutLengthSource: Provenance;
}

/** Joins the two published rows of a size into one thread; lengths become exact nm. */
export function makeTaperThread(npt: NptRow, engagement: EngagementRow): TaperThread {
  const threadSource = { source: npt.source, confidence: npt.confidence };
  return {
    family: 'NPT',
    size: engagement.size,
    threadsPerInch: npt.n,
    major: inches(npt.D),
    smallEnd: inches(npt.D - npt.L4 / 16),
    handTight: inches(npt.L1),
    fullLength: inches(npt.L4),
    normalEngagement: inches(engagement.normal),
    cutLength: inches(engagement.cutThread ?? npt.L4),
    cutToScratch: inches(engagement.cutThread ?? npt.L4),
    threadsToCut: engagement.threadsToCut ?? Math.round(npt.L4 * npt.n),
    threadSource,
    engagementSource: { source: engagement.source, confidence: engagement.confidence },
    cutLengthSource: engagement.cutThread === null ? threadSource : CUT_THREAD_SOURCE,
  };
}

/**
 * The British taper thread R of one size as it makes up in malleable Rp fittings; lengths become exact nm. Hand-tight is
 * the gauge length and the thread to cut is the useful length of ISO 7-1, beyond which the die leaves about two pitches of
 * run-out; engagement is that of the fittings' own table.
 * Null for a size that has no taper thread.
 */
export function makeBritishThread(row: BspRow, fitting: BspMalleableRow): TaperThread | null {
  const { gaugeLength, usefulThread, n, major } = row;
  if (gaugeLength === null || usefulThread === null) return null;
  const threadSource = { source: 'ISO 7-1', confidence: row.confidence };
  const toScratch = millimetres(usefulThread) + Math.round((RUN_OUT * INCH) / n);
  return {
    family: 'R',
    size: fitting.size,
    threadsPerInch: n,
    major: millimetres(major),
    smallEnd: millimetres(major - gaugeLength / 16),
    handTight: millimetres(gaugeLength),
    fullLength: toScratch,
    normalEngagement: millimetres(fitting.engagement),
    cutLength: millimetres(usefulThread),
    cutToScratch: toScratch,
    threadsToCut: Math.round((millimetres(usefulThread) / INCH) * n),
    threadSource,
    engagementSource: { source: fitting.source, confidence: fitting.confidence },
    cutLengthSource: threadSource,
  };
}
