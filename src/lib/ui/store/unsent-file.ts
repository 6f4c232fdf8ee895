import { CATALOGUE_VERSION } from '#core/catalogue';
import { APP_VERSION, JOB_FILE_VERSION, type JobFile } from '#core/formats';
import { RULE_PACK_VERSION } from '#core/house-rules';
import { planCopyRun } from '#core/runs/commands';
import type { RunEvent } from '#core/runs/changes';
import type { Job } from '#core/jobs';
import { newRun, type RunDoc } from '#core/runs/document';

/** A run as this window has it, sent or not. */
export interface RunInHand {
  readonly job: Job | null;
  readonly name: string;
  readonly doc: RunDoc;
  readonly events: readonly RunEvent[];
  readonly by: string;
}

/**
 * A run as this window has it, as a job file like any other: made without a server, brought in anywhere, with all that was laid
 * out and recorded. Its history begins with it.
 */
export function makeUnsentFile(
  { job, name, doc, events, by }: RunInHand,
  newId: () => string,
  now: string,
): JobFile {
  const id = newId();
  const empty = newRun(id, doc.catalogueVersion, doc.ruleChoices);
  const { label, ops } = planCopyRun(doc, empty);
  const change = { id: newId(), base: 0, by, at: now, label, ops, revision: 1, atServer: now };
  return {
    porthole: 'job',
    version: JOB_FILE_VERSION,
    written: { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION },
    job: {
      id: newId(),
      createdAt: now,
      name: `${job?.name ?? 'Job'} (saved from a device)`.slice(0, 80),
      place: job?.place ?? '',
      units: job?.units ?? 'in',
      gas: job?.gas ?? 'natural',
      jurisdiction: job?.jurisdiction ?? 'us-model',
      edition: job?.edition ?? '',
      ruleChoices: job?.ruleChoices ?? {},
      people: [...new Set(job?.people.map((person) => person.name) ?? [])],
    },
    runs: [
      {
        id,
        name,
        revision: ops.length > 0 ? 1 : 0,
        createdAt: now,
        changedAt: now,
        doc: { ...doc, id },
        changes: ops.length > 0 ? [change] : [],
        events: events.map((event) => ({
          ...event,
          atServer: event.atServer ?? event.atDevice,
        })),
      },
    ],
    specimens: [],
    milestones: [],
  };
}
