import type { Gas, Jurisdiction } from '#core/house-rules';

/** What a job says that its runs are held against. */
export interface Site {
  /** Null: no job says it. */
  readonly gas: Gas | null;
  readonly jurisdiction: Jurisdiction;
}

/** Where a run is in no job: everything that depends on one is asked. */
export const NO_SITE: Site = { gas: null, jurisdiction: 'ask' };
