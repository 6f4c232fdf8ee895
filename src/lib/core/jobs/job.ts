import type { Gas, Jurisdiction, RuleChoices } from '#core/house-rules';
import type { LengthUnit } from '#core/units';

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

/** What of a run was not done when its job was finished: how many of each. */
export interface Undone {
  readonly run: string;
  readonly name: string;
  readonly stops: number;
  readonly asks: number;
  readonly unmeasured: number;
  readonly uncut: number;
}

/** How the tightness of what was made stands, as whoever finishes a job says it: no test is recorded here yet. */
export const PROOFS = ['recorded-elsewhere', 'not-proved'] as const;
export type Proof = (typeof PROOFS)[number];

/** With what a job was closed. */
export interface ClosedAs {
  readonly proof: Proof;
  /** How it was left safe; empty where nothing was left undone or unproved. */
  readonly safe: string;
  /** Of each run in which anything was left, in the order of the job. */
  readonly undone: readonly Undone[];
}

/** Whether a job may be closed so without saying how it was left safe. */
export const isDone = ({ proof, undone }: Pick<ClosedAs, 'proof' | 'undone'>): boolean =>
  proof === 'recorded-elsewhere' && undone.length === 0;

/** A job was finished, or opened again: who, when, and for a job opened again why. Moments are ISO 8601, UTC. */
export interface JobMilestone {
  readonly id: string;
  readonly kind: 'finished' | 'reopened';
  readonly by: string;
  /** Empty where a job was finished. */
  readonly reason: string;
  readonly at: string;
  /** How it was closed; null where it was opened again, where nothing was in it, and where nobody was asked yet (before this was kept). */
  readonly closed: ClosedAs | null;
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
