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

/** What is said of a job, of whatever else stands beside it. */
export const pickDetails = ({ name, place, units, gas, jurisdiction, edition }: JobDetails): JobDetails => ({
  name,
  place,
  units,
  gas,
  jurisdiction,
  edition,
});

/** A run as a job lists it. */
export interface RunHeading {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly changedAt: string;
}

/** With what something was worked out: versions of the app, the catalogue and the house rules. */
export interface Versions {
  readonly app: string;
  readonly catalogue: string;
  readonly rulePack: string;
}

/** A job was finished, or opened again: who, when, and for a job opened again why. Moments are ISO 8601, UTC. */
export interface JobMilestone {
  readonly id: string;
  readonly kind: 'finished' | 'reopened';
  readonly by: string;
  /** Empty where a job was finished. */
  readonly reason: string;
  readonly at: string;
  /** What it was finished under: a finished job keeps it. */
  readonly written: Versions;
}

/** The milestone that holds a job finished; null while it is open. A finished job is read, printed and exported, not changed. */
export const findFinish = ({
  milestones,
}: {
  readonly milestones: readonly JobMilestone[];
}): JobMilestone | null => {
  const last = milestones.at(-1);
  return last?.kind === 'finished' ? last : null;
};

export interface Job extends JobDetails {
  readonly id: string;
  /** When it was opened: ISO 8601, UTC. */
  readonly createdAt: string;
  readonly people: readonly Person[];
  /** The shop's house rules as they were when the job was opened: each new run takes a copy. */
  readonly ruleChoices: RuleChoices;
  /** The oldest first: so many as are told at a time. */
  readonly runs: readonly RunHeading[];
  /** How many it has. */
  readonly runCount: number;
  /** The oldest first. */
  readonly milestones: readonly JobMilestone[];
}
