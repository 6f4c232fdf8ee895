import type { SheetRefusal, ShopPartRefusal } from '#core/catalogue';
import type { Change, RunEvent, ChangeRefusal } from '#core/runs/changes';
import type { Job, RunHeading, Undone } from '#core/jobs';
import type { RunDoc } from '#core/runs/document';
import type { RunStanding } from '#core/checks';
import type { Thumbnail } from '#core/drawing';
import type { DocumentRefusal } from './read-run-doc.ts';
import type { FileRefusal } from './file-refusal.ts';
import type { InputRefusal } from './read-with.ts';

/** A change the server has accepted, without its operations: the revision it made, and when. */
export interface KeptChange extends Omit<Change, 'ops'> {
  readonly revision: number;
  readonly atServer: string;
}

/** What the server may refuse over its borders. */
export type WireRefusal =
  | InputRefusal
  | DocumentRefusal
  | ChangeRefusal
  | FileRefusal
  | { readonly code: 'body-too-large'; readonly limit: number }
  | { readonly code: 'body-not-json' }
  /** More lists within lists, or more of them, than any of our texts has. */
  | { readonly code: 'body-too-nested' }
  /** Work that was not done: stopped by who asked, too much for a thread, too much waits already, or what it is about came too slowly. */
  | { readonly code: 'work-given-up'; readonly why: 'stopped' | 'too-heavy' | 'too-busy' | 'too-slow' }
  | { readonly code: 'origin-refused' }
  | { readonly code: 'host-refused'; readonly host: string }
  | { readonly code: 'route-unknown' }
  | { readonly code: 'job-unknown'; readonly job: string }
  | { readonly code: 'job-finished'; readonly by: string; readonly at: string }
  | { readonly code: 'job-not-finished'; readonly name: string }
  /** What is not done in it is otherwise than whoever finishes it was told: look again. */
  | { readonly code: 'job-undone'; readonly undone: readonly Undone[] }
  /** Something in it was changed while it was looked at. */
  | { readonly code: 'job-moving' }
  /** It has as many runs as a job may. */
  | { readonly code: 'job-full'; readonly most: number }
  | { readonly code: 'run-unknown'; readonly run: string }
  | { readonly code: 'specimen-unknown'; readonly specimen: string }
  | { readonly code: 'specimen-has-no-end'; readonly name: string }
  | { readonly code: 'piece-unknown'; readonly piece: string }
  | { readonly code: 'appliance-unknown'; readonly node: string }
  | { readonly code: 'event-corrects-nothing'; readonly corrects: string }
  | { readonly code: 'id-taken'; readonly id: string }
  | ShopPartRefusal
  | { readonly code: 'shop-parts-full'; readonly most: number }
  | SheetRefusal
  | { readonly code: 'sheet-named-twice'; readonly maker: string; readonly source: string }
  | { readonly code: 'sheets-full'; readonly most: number }
  /** An edit rests on what was changed meanwhile: these fields, of a job, of house rules, of a part or of a maker’s sheet (by its name). */
  | {
      readonly code: 'changed-elsewhere';
      readonly of: 'job' | 'rules' | 'part' | 'sheet';
      readonly name: string;
      readonly fields: readonly string[];
    }
  | { readonly code: 'change-id-reused'; readonly id: string }
  | {
      readonly code: 'change-stale';
      readonly base: number;
      readonly revision: number;
      /** The newest of what happened in between, the oldest of them first. */
      readonly since: readonly KeptChange[];
    }
  | { readonly code: 'database-away' }
  | { readonly code: 'server-failed'; readonly request: string };

/** A run as the server holds it. */
export interface RunAnswer {
  readonly job: Job;
  readonly run: { readonly id: string; readonly name: string; readonly revision: number };
  readonly doc: RunDoc;
  readonly events: readonly RunEvent[];
}

/** How far a run has come, at a revision, and its line in small. */
export interface StandingAnswer {
  readonly revision: number;
  readonly standing: RunStanding;
  readonly thumbnail: Thumbnail;
}

/** What is not done in a job, before it is finished. */
export interface UndoneAnswer {
  /** Of each run in which anything is left, in the order of the job. */
  readonly undone: readonly Undone[];
  /** Nothing was laid out in it: there is nothing to prove. */
  readonly isEmpty: boolean;
}

/** A page of the list of jobs. `next` is the job after which the next page begins; null on the last. */
export interface JobsPage {
  readonly jobs: readonly Job[];
  readonly next: string | null;
}

/** A page of the runs of a job, the oldest first. `next` is the run after which the next page begins; null on the last. */
export interface RunsPage {
  readonly runs: readonly RunHeading[];
  readonly next: string | null;
}

export interface ChangeAnswer {
  readonly revision: number;
  readonly atServer: string;
}
