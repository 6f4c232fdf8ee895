import type { RunEvent, Change } from '#core/runs/changes';
import type { JobDetails, JobMilestone, Versions } from '#core/jobs';
import type { RunDoc } from '#core/runs/document';
import type { RuleChoices } from '#core/house-rules';
import type { FileRefusal } from './file-refusal.ts';
import type { Specimen } from '#core/identify';

/** The version of the file's own shape; documents inside have theirs. */
export const JOB_FILE_VERSION = 3;

/** A job with everything that belongs to it, as it leaves Porthole and comes back the same. Moments are ISO 8601, UTC. */
export interface JobFile {
  readonly porthole: 'job';
  readonly version: typeof JOB_FILE_VERSION;
  /** What it was written with. */
  readonly written: Versions;
  readonly job: JobDetails & {
    readonly id: string;
    readonly createdAt: string;
    readonly ruleChoices: RuleChoices;
    readonly people: readonly string[];
  };
  readonly runs: readonly RunInFile[];
  readonly specimens: readonly SpecimenInFile[];
  /** When it was finished and opened again, the oldest first. */
  readonly milestones: readonly MilestoneInFile[];
}

export interface MilestoneInFile {
  readonly milestone: JobMilestone;
  readonly atServer: string;
}

export interface RunInFile {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly createdAt: string;
  readonly changedAt: string;
  readonly doc: RunDoc;
  /** Every change that led to it, the oldest first. */
  readonly changes: readonly ChangeInFile[];
  /** What happened at the bench, in order of arrival. */
  readonly events: readonly (RunEvent & { readonly atServer: string })[];
}

export type ChangeInFile = Change & { readonly revision: number; readonly atServer: string };

export interface SpecimenInFile {
  readonly specimen: Specimen;
  readonly atServer: string;
}

/** Several jobs in one file. */
export interface JobsFile {
  readonly porthole: 'jobs';
  readonly version: typeof JOB_FILE_VERSION;
  readonly jobs: readonly JobFile[];
}

/** What a file brought in came to, job by job. */
export type ImportOutcome =
  | {
      readonly id: string;
      readonly name: string;
      /** `copied`: a job of that id is here and differs, so this one came in beside it under ids of its own. */
      readonly outcome: 'imported' | 'already-here' | 'copied';
    }
  /** It is damaged: the others came in. */
  | { readonly outcome: 'refused'; readonly name: string; readonly refusal: FileRefusal };
