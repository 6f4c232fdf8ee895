import type { RunDoc } from '#core/runs/document';
import { carryUpDocument, carryUpOps } from './carry-up.ts';
import type { JobFile } from './job-file.ts';

/** A job as older versions stored it, in the form of the present one: its documents, their histories, its records. */
export const carryUpJobFile = (file: JobFile): JobFile => ({
  ...file,
  runs: file.runs.map((run) => ({
    ...run,
    doc: carryUpDocument(run.doc as unknown as Readonly<Record<string, unknown>>) as unknown as RunDoc,
    changes: run.changes.map((change) => ({ ...change, ops: carryUpOps(change.ops) })),
  })),
});
