import { visit } from 'jsonc-parser';
import { checkHistory } from './check-history.ts';
import { findUnstorable } from './find-unstorable.ts';
import { accept, refuse, type Result } from '#core/outcome';
import { jobFileSchema, jobsFileSchema } from './job-file.schema.ts';
import { JOB_FILE_VERSION, type JobFile, type RunInFile } from './job-file.ts';
import type { FileRefusal } from './file-refusal.ts';
import { readRunDoc } from './read-run-doc.ts';
import { readWith } from './read-with.ts';

/** A job of a file as it can be brought in, or why it cannot. */
export type ReadJob =
  | { readonly ok: true; readonly value: JobFile }
  | { readonly ok: false; readonly name: string; readonly refusal: FileRefusal };

/**
 * Reads the text of a job file, or of a file of several jobs, job by job. Refuses a text that breaks off or is none of ours; a job that is damaged is
 * named with where, and the others are read.
 */
export function readJobs(text: string): Result<ReadJob[], FileRefusal> {
  const read = readJobsInTurn(text);
  return read.ok ? accept([...read.value.jobs]) : read;
}

/** The same, each job read when it is its turn and not held afterwards: a large file takes little more room than its largest job. */
export function readJobsInTurn(
  text: string,
): Result<{ readonly count: number; readonly jobs: Iterable<ReadJob> }, FileRefusal> {
  const parsed = parseText(text);
  if (!parsed.ok) return parsed;
  const unstorable = findUnstorable(parsed.value, text);
  if (unstorable) return refuse({ code: 'text-unstorable', path: unstorable.join('.') });
  const inputs = listInputs(parsed.value);
  return inputs.ok ? accept({ count: inputs.value.length, jobs: readEach([...inputs.value]) }) : inputs;
}

/** Text → value; where it is no JSON, the line and column. */
export function parseText(text: string): Result<unknown, FileRefusal> {
  try {
    return accept(JSON.parse(text.startsWith('\uFEFF') ? ` ${text.slice(1)}` : text));
  } catch (error) {
    const at = findDamage(text, String((error as Error).message));
    const before = text.slice(0, at).split('\n');
    return refuse({ code: 'file-not-json', line: before.length, column: before.at(-1)!.length + 1 });
  }
}

/**
 * Where a text stops being JSON, in characters; its end where that cannot be told. Most engines say it with what they refuse; to read a
 * large text once more for it takes long.
 */
function findDamage(text: string, said: string): number {
  const told = /at position (\d+)(?: \(line \d+ column \d+\))?$/.exec(said);
  if (told) return Number(told[1]);
  if (/end of JSON input$/.test(said)) return text.length;
  let first: number | null = null;
  try {
    visit(text, { onError: (_, offset) => (first ??= offset) }, { disallowComments: true });
  } catch {
    // Nested deeper than can be followed.
  }
  return first ?? text.length;
}

function listInputs(input: unknown): Result<readonly unknown[], FileRefusal> {
  if (typeof input !== 'object' || input === null || !('porthole' in input)) {
    return refuse({ code: 'file-not-ours' });
  }
  const { porthole, version } = input as { porthole: unknown; version?: unknown };
  if (porthole !== 'job' && porthole !== 'jobs') return refuse({ code: 'file-not-ours' });
  if (typeof version === 'number' && version > JOB_FILE_VERSION) {
    return refuse({ code: 'file-too-new', version, newest: JOB_FILE_VERSION });
  }
  if (porthole === 'job') return accept([input]);
  const several = readWith(jobsFileSchema, input);
  return several.ok ? accept(several.value.jobs) : several;
}

/** Each job by itself, and against those before it: what has an id of theirs is the one that is refused. */
function* readEach(inputs: unknown[]): Generator<ReadJob> {
  const taken = new TakenIds();
  for (let input = inputs.shift(); input !== undefined; input = inputs.shift()) {
    const read = readOne(input);
    const twice = read.ok ? (findTwice(read.value) ?? taken.take(read.value)) : null;
    const name = asText(asObject(asObject(input)['job'])['name']);
    if (read.ok && !twice) yield read;
    else yield { ok: false, name, refusal: twice ?? (read as { refusal: FileRefusal }).refusal };
  }
}

function readOne(input: unknown): Result<JobFile, FileRefusal> {
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
  return accept({ ...read.value, runs });
}

/**
 * A file of an older version in the shape of this one: before version 2 no job was finished; before version 3 nobody was asked what was not
 * done (an answer that is absent is read as none).
 */
function carryUp(input: unknown): unknown {
  const version = (input as { version?: unknown } | null)?.version;
  if (version === 1) return { milestones: [], ...(input as object), version: JOB_FILE_VERSION };
  return version === 2 ? { ...(input as object), version: JOB_FILE_VERSION } : input;
}

type RefusedId = Extract<FileRefusal, { code: 'file-id-twice' }>;

const KINDS: readonly (readonly [string, (file: JobFile) => string[]])[] = [
  ['jobs', ({ job }) => [job.id]],
  ['runs', ({ runs }) => runs.map(({ id }) => id)],
  ['changes', ({ runs }) => runs.flatMap(({ changes }) => changes.map(({ id }) => id))],
  ['events', ({ runs }) => runs.flatMap(({ events }) => events.map(({ id }) => id))],
  ['specimens', ({ specimens }) => specimens.map(({ specimen }) => specimen.id)],
  ['milestones', ({ milestones }) => milestones.map(({ milestone }) => milestone.id)],
];

/** The ids of the jobs of a file so far, kind by kind. */
class TakenIds {
  readonly #taken = KINDS.map(() => new Set<string>());

  /** Takes the ids of one more job; gives the first that a job before it has, and then takes none. */
  take(file: JobFile): RefusedId | null {
    for (const [i, [what, list]] of KINDS.entries()) {
      const id = list(file).find((each) => this.#taken[i]!.has(each));
      if (id !== undefined) return { code: 'file-id-twice', id, what };
    }
    for (const [i, [, list]] of KINDS.entries()) for (const id of list(file)) this.#taken[i]!.add(id);
    return null;
  }
}

/** The first id that stands for two things of one kind within a job. */
function findTwice(file: JobFile): RefusedId | null {
  for (const [what, list] of KINDS) {
    const seen = new Set<string>();
    for (const id of list(file)) {
      if (seen.has(id)) return { code: 'file-id-twice', id, what };
      seen.add(id);
    }
  }
  for (const run of file.runs) {
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

/**
 * The same job under other ids (`newId` of the old one): its own, those of its runs, changes, events, specimens and milestones, and what names one of
 * them where a specimen or an event is named. Ids of what is in a run are that run's and stay, whatever they are.
 */
export function giveNewIds(file: JobFile, newId: (old: string) => string): JobFile {
  const specimens = new Set(file.specimens.map(({ specimen }) => specimen.id));
  const turn = <Value>(value: Value): Value => turnSpecimens(value, specimens, newId) as Value;
  return {
    ...file,
    job: { ...file.job, id: newId(file.job.id) },
    runs: file.runs.map((run) => giveRunNewIds(run, turn, newId)),
    specimens: file.specimens.map((each) => ({
      ...each,
      specimen: { ...each.specimen, id: newId(each.specimen.id) },
    })),
    milestones: file.milestones.map((each) => ({
      ...each,
      milestone: { ...each.milestone, id: newId(each.milestone.id) },
    })),
  };
}

function giveRunNewIds(
  run: RunInFile,
  turn: <Value>(value: Value) => Value,
  newId: (old: string) => string,
): RunInFile {
  const id = newId(run.id);
  return {
    ...run,
    id,
    doc: { ...turn(run.doc), id },
    changes: run.changes.map((change) => ({ ...change, id: newId(change.id), ops: turn(change.ops) })),
    events: run.events.map((event) => ({
      ...event,
      id: newId(event.id),
      ...(event.corrects === null ? {} : { corrects: newId(event.corrects) }),
    })) as RunInFile['events'],
  };
}

/** What a run ends at in place names a specimen of the job: the one thing in a document that is the job's. */
function turnSpecimens(value: unknown, own: ReadonlySet<string>, newId: (old: string) => string): unknown {
  if (Array.isArray(value)) return value.map((each) => turnSpecimens(each, own, newId));
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([key, each]): [string, unknown] => [
    key,
    key === 'specimen' && typeof each === 'string' && own.has(each)
      ? newId(each)
      : turnSpecimens(each, own, newId),
  ]);
  return Object.fromEntries(entries);
}
