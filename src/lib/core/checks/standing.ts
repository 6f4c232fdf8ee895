import type { Finding } from './finding.ts';
import { getPieces, type RunLayout } from '#core/runs/layout';

/** How far a run has come, counted. */
export interface RunStanding {
  readonly legs: number;
  /** Legs whose length is not known: never measured, or measured in ways that differ. */
  readonly unmeasured: number;
  /** Findings after which nothing may be cut, and those for which something must be found out first. */
  readonly stops: number;
  readonly asks: number;
  /** Pieces of pipe; those of them that are cut, and those whose length to cut is not known. */
  readonly pieces: number;
  readonly cut: number;
  readonly unknown: number;
}

/** What is to be done next, in the order of the work: nothing is cut over a stop or a question. */
export type NextStep = 'lay-out' | 'measure' | 'settle' | 'ask' | 'cut' | 'make-up';

/**
 * Counts how far a run has come, from its layout and what the checks found. A piece is cut when it is ticked off or its own length was
 * said, whatever is asked of it now. Refuses nothing: a run without legs has come nowhere.
 */
export function getStanding(layout: RunLayout, findings: readonly Finding[]): RunStanding {
  let [unmeasured, pieces, cut, unknown] = [0, 0, 0, 0];
  for (const { leg, centreToCentre } of layout.legs.values())
    if (centreToCentre === null && leg.geometry.kind !== 'connector') unmeasured++;
  for (const piece of getPieces(layout)) {
    pieces++;
    if (piece.ticked || piece.asCut) cut++;
    else if (!piece.cut) unknown++;
  }
  let [stops, asks] = [0, 0];
  for (const { severity } of findings) {
    if (severity === 'stop') stops++;
    if (severity === 'ask') asks++;
  }
  return { legs: layout.legs.size, unmeasured, stops, asks, pieces, cut, unknown };
}

/** What a run that stands so needs next. */
export function findNextStep({ legs, unmeasured, stops, asks, pieces, cut }: RunStanding): NextStep {
  if (legs === 0) return 'lay-out';
  if (unmeasured > 0) return 'measure';
  if (stops > 0) return 'settle';
  if (asks > 0) return 'ask';
  return cut < pieces ? 'cut' : 'make-up';
}
