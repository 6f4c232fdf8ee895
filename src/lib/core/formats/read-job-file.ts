import { parse, type ParseError } from 'jsonc-parser';
import { checkHistory } from './check-history.ts';
import { findUnstorable } from './find-unstorable.ts';
import { accept, refuse, type Result } from '../outcome/result.ts';
import { jobFileSchema, jobsFileSchema } from './job-file.schema.ts';
import { JOB_FILE_VERSION, type JobFile, type RunInFile } from './job-file.ts';
import { readRunDoc, type DocumentRefusal } from './read-run-doc.ts';
import { readWith } from './read-with.ts';

export type FileRefusal =
  | DocumentRefusal
  | { readonly code: 'file-not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'file-not-ours' }
  | { readonly code: 'file-too-new'; readonly version: number; readonly newest: number }
  | { readonly code: 'file-id-twice'; readonly id: string; readonly what: string }
  | { readonly code: 'file-run-damaged'; readonly run: string; readonly inside: DocumentRefusal }
  | { readonly code: 'file-history-broken'; readonly run: string; readonly revision: number }
  | { readonly code: 'text-unstorable'; readonly path: string };

/** Reads the text of a job file, or of a file of several jobs. Refuses with where the text breaks off or is damaged. */
export function readJobFile(text: string): Result<JobFile[], FileRefusal> {
  const parsed = parseText(text);
  if (!parsed.ok) return parsed;
  const unstorable = findUnstorable(parsed.value, text);
  if (unstorable) return refuse({ code: 'text-unstorable', path: unstorable.join('.') });
  return readJobs(parsed.value);
}

/** Text → value; where it is no JSON, the line and column. */
export function parseText(text: string): Result<unknown, FileRefusal> {
  try {
    return accept(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch {
    const at = findDamage(text);
    const before = text.slice(0, at).split('\n');
    return refuse({ code: 'file-not-json', line: before.length, column: before.at(-1)!.length + 1 });
  }
}

/** Where a text stops being JSON, in characters; its end where that cannot be told. */
function findDamage(text: string): number {
  const errors: ParseError[] = [];
  try {
    parse(text, errors, { disallowComments: true });
  } catch {
    // Nested deeper than can be followed.
  }
  return errors[0]?.offset ?? text.length;
}

function readJobs(input: unknown): Result<JobFile[], FileRefusal> {
  if (typeof input !== 'object' || input === null || !('porthole' in input)) {
    return refuse({ code: 'file-not-ours' });
  }
  const { porthole, version } = input as { porthole: unknown; version?: unknown };
  if (porthole !== 'job' && porthole !== 'jobs') return refuse({ code: 'file-not-ours' });
  if (typeof version === 'number' && version > JOB_FILE_VERSION) {
    return refuse({ code: 'file-too-new', version, newest: JOB_FILE_VERSION });
  }
  if (porthole === 'job') return readAll([input]);
  const several = readWith(jobsFileSchema, input);
  return several.ok ? readAll(several.value.jobs) : several;
}

function readAll(inputs: readonly unknown[]): Result<JobFile[], FileRefusal> {
  const files: JobFile[] = [];
  for (const input of inputs) {
    const { version } = input as { version?: unknown };
    if (typeof version === 'number' && version > JOB_FILE_VERSION) {
      return refuse({ code: 'file-too-new', version, newest: JOB_FILE_VERSION });
    }
    const read = readWith(jobFileSchema, carryUp(input));
    if (!read.ok) return read;
    const runs: RunInFile[] = [];
    for (const run of read.value.runs) {
      const doc = readRunDoc(run.doc);
      if (!doc.ok) {
        return doc.refusal.code === 'document-too-new'
          ? doc
          : refuse({ code: 'file-run-damaged', run: run.name, inside: doc.refusal });
      }
      const broken = checkHistory(doc.value, run.revision, run.changes);
      if (broken) return refuse({ code: 'file-history-broken', run: run.name, revision: broken.revision });
      runs.push({ ...run, doc: doc.value });
    }
    files.push({ ...read.value, runs });
  }
  const twice = findTwice(files);
  return twice ? refuse(twice) : accept(files);
}

/** A file of an older version in the shape of this one: before version 2 no job was finished. */
const carryUp = (input: unknown): unknown =>
  (input as { version?: unknown } | null)?.version === 1
    ? { milestones: [], ...(input as object), version: JOB_FILE_VERSION }
    : input;

/** The first id that stands for two things of one kind. */
function findTwice(files: readonly JobFile[]): FileRefusal | null {
  const kinds: readonly [string, (file: JobFile) => string[]][] = [
    ['jobs', ({ job }) => [job.id]],
    ['runs', ({ runs }) => runs.map(({ id }) => id)],
    ['changes', ({ runs }) => runs.flatMap(({ changes }) => changes.map(({ id }) => id))],
    ['events', ({ runs }) => runs.flatMap(({ events }) => events.map(({ id }) => id))],
    ['specimens', ({ specimens }) => specimens.map(({ specimen }) => specimen.id)],
    ['milestones', ({ milestones }) => milestones.map(({ milestone }) => milestone.id)],
  ];
  for (const [what, list] of kinds) {
    const seen = new Set<string>();
    for (const id of files.flatMap(list)) {
      if (seen.has(id)) return { code: 'file-id-twice', id, what };
      seen.add(id);
    }
  }
  for (const { runs } of files) {
    for (const run of runs) {
      const seen = new Set<number>();
      for (const { revision } of run.changes) {
        if (seen.has(revision) || revision > run.revision) {
          return { code: 'file-id-twice', id: String(revision), what: `revisions of ${run.name}` };
        }
        seen.add(revision);
      }
      if (run.doc.id !== run.id)
        return { code: 'file-id-twice', id: run.doc.id, what: `documents of ${run.name}` };
    }
  }
  return null;
}

/** What can be told of a file without understanding all of it: a newer one can be looked at, no more. */
export interface FileSummary {
  readonly app: string;
  readonly isNewer: boolean;
  readonly jobs: readonly {
    readonly name: string;
    readonly runs: readonly { readonly name: string; readonly legs: number }[];
  }[];
}

/** What is in a file, to be looked at before it is brought in; null for what is no job file at all. */
export function summariseFile(input: unknown): FileSummary | null {
  const file = asObject(input);
  if (file['porthole'] !== 'job' && file['porthole'] !== 'jobs') return null;
  const jobs = file['porthole'] === 'job' ? [file] : asList(file['jobs']).map(asObject);
  const versions = [file, ...jobs].map(({ version }) => Number(version));
  return {
    app: asText(asObject((jobs[0] ?? {})['written'])['app']),
    isNewer: versions.some((version) => version > JOB_FILE_VERSION),
    jobs: jobs.map((job) => ({
      name: asText(asObject(job['job'])['name']),
      runs: asList(job['runs']).map((run) => ({
        name: asText(asObject(run)['name']),
        legs: Object.keys(asObject(asObject(asObject(run)['doc'])['legs'])).length,
      })),
    })),
  };
}

const asObject = (value: unknown): Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Record<string, unknown>)
    : {};
const asList = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);
const asText = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 200) : '?');

/** The same job under other ids (`newId` of the old one): whatever names one of its own things names the new one. */
export function giveNewIds(file: JobFile, newId: (old: string) => string): JobFile {
  const ids = new Map<string, string>();
  const own = [
    file.job.id,
    ...file.runs.flatMap(({ id, changes, events }) => [
      id,
      ...[...changes, ...events].map((each) => each.id),
    ]),
    ...file.specimens.map(({ specimen }) => specimen.id),
    ...file.milestones.map(({ milestone }) => milestone.id),
  ];
  for (const id of own) ids.set(id, newId(id));
  const turn = (value: unknown): unknown => {
    if (typeof value === 'string') return ids.get(value) ?? value;
    if (Array.isArray(value)) return value.map(turn);
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, turn(each)]));
  };
  return turn(file) as JobFile;
}
