import type { Gas, Jurisdiction } from '../house-rules/jurisdictions.ts';
import type { RuleChoices } from '../house-rules/house-rules.ts';
import type { LengthUnit } from '../units/length.ts';

/** Someone who may be at the bench. */
export interface Person {
  readonly id: string;
  readonly name: string;
}

/** What is said once about a job and holds for all its runs. */
export interface JobDetails {
  readonly name: string;
  readonly place: string;
  readonly units: LengthUnit;
  readonly gas: Gas;
  readonly jurisdiction: Jurisdiction;
  /** Edition of the code the job is held to, as the fitter names it; empty while it is not known. */
  readonly edition: string;
}

/** A run as a job lists it. */
export interface RunHeading {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly changedAt: string;
}

export interface Job extends JobDetails {
  readonly id: string;
  readonly people: readonly Person[];
  /** The shop's house rules as they were when the job was opened: each new run takes a copy. */
  readonly ruleChoices: RuleChoices;
  readonly runs: readonly RunHeading[];
}
