import Joi from 'joi';
import {
  changeSchema,
  type FilePart,
  eventSchema,
  filePartSchema,
  idSchema,
  momentSchema,
  revisionSchema as revision,
  type ChangeInFile,
  type ImportOutcome,
  milestoneSchema,
  readRunDoc,
  readWith,
  ruleChoicesSchema,
  type RunAnswer,
  type RunsPage,
  type StandingAnswer,
  type UndoneAnswer,
  textSchema as anyText,
} from '#core/formats';
import { LIMITS } from '#core/shapes';
import { type RuleChoices, GASES, JURISDICTIONS } from '#core/house-rules';
import { accept, refuse, type Result } from '#core/outcome';
import type { Job } from '#core/jobs';
import { isKnownRefusal, type Refusal } from '#words/refusals.ts';

const text = (longest: number) => anyText(longest).allow('');

const runHeadings = Joi.array()
  .items(Joi.object({ id: idSchema, name: text(LIMITS.name), revision, changedAt: momentSchema }))
  .required();

const jobSchema: Joi.ObjectSchema<Job> = Joi.object<Job>({
  id: idSchema,
  createdAt: momentSchema,
  name: text(LIMITS.name),
  place: text(LIMITS.place),
  units: Joi.string().valid('in', 'mm').required(),
  gas: Joi.string()
    .valid(...GASES)
    .required(),
  jurisdiction: Joi.string()
    .valid(...JURISDICTIONS)
    .required(),
  edition: text(LIMITS.edition),
  people: Joi.array()
    .items(Joi.object({ id: idSchema, name: text(LIMITS.name) }))
    .required(),
  ruleChoices: ruleChoicesSchema,
  runs: runHeadings,
  runCount: Joi.number().integer().min(0).required(),
  milestones: Joi.array().items(milestoneSchema.optional()).required(),
});

const runAnswerSchema: Joi.ObjectSchema<RunAnswer> = Joi.object<RunAnswer>({
  job: jobSchema.required(),
  run: Joi.object({ id: idSchema, name: text(LIMITS.name), revision }).required(),
  doc: Joi.object().unknown().required(),
  events: Joi.array().items(eventSchema.optional()).required(),
});

/** Reads a run as the server answers it; the document may be of any version this app knows. */
export function readRunAnswer(value: unknown): Result<RunAnswer, Refusal> {
  const answer = readStored(runAnswerSchema, value);
  if (!answer.ok) return answer;
  const doc = readRunDoc(answer.value.doc);
  return doc.ok ? accept({ ...answer.value, doc: doc.value }) : refuse(asStored(doc.refusal));
}

/** What the server holds and this version cannot read is its own kind of refusal: nobody here can correct it by typing. */
function readStored<Value>(schema: Joi.Schema<Value>, value: unknown): Result<Value, Refusal> {
  const read = readWith(schema, value);
  return read.ok ? read : refuse(asStored(read.refusal));
}

const asStored = (refusal: Refusal): Refusal =>
  refusal.code === 'input-invalid'
    ? { code: 'stored-unreadable', path: refusal.path, rule: refusal.rule, limit: refusal.limit }
    : refusal;

/** Reads a job as the server answers it. */
export const readJobAnswer = (value: unknown): Result<Job, Refusal> =>
  readStored(jobSchema.required(), value);

const count = Joi.number().integer().min(0).required();
const side = Joi.number().integer().required();
const standingSchema = Joi.object<StandingAnswer>({
  revision,
  standing: Joi.object({
    legs: count,
    unmeasured: count,
    stops: count,
    asks: count,
    pieces: count,
    cut: count,
    unknown: count,
  }).required(),
  thumbnail: Joi.object({
    width: side.min(1),
    height: side.min(1),
    path: Joi.string()
      .allow('')
      .pattern(/^[ML\d -]*$/)
      .required(),
    source: Joi.array().ordered(side, side).length(2).allow(null).required(),
  }).required(),
}).required();

/** Reads how far a run has come. */
export const readStandingAnswer = (value: unknown): Result<StandingAnswer, Refusal> =>
  readStored(standingSchema, value);

const undoneSchema = Joi.object<UndoneAnswer>({
  undone: Joi.array()
    .items(
      Joi.object({
        run: idSchema,
        name: Joi.string().required(),
        stops: count,
        asks: count,
        unmeasured: count,
        uncut: count,
      }),
    )
    .required(),
  isEmpty: Joi.boolean().required(),
}).required();

/** Reads what is not done in a job. */
export const readUndoneAnswer = (value: unknown): Result<UndoneAnswer, Refusal> =>
  readStored(undoneSchema, value);

/** Reads the house rules of the shop. */
export const readRuleChoices = (value: unknown): Result<RuleChoices, Refusal> =>
  readWith(ruleChoicesSchema as Joi.ObjectSchema<RuleChoices>, value);

const jobsPageSchema = Joi.object<{ jobs: unknown[]; next: string | null }>({
  jobs: Joi.array().required(),
  next: idSchema.allow(null),
}).required();

/** Reads a page of jobs as the server answers it. One that cannot be read is told by why, and the others are shown. */
export function readJobsAnswer(
  value: unknown,
): Result<{ jobs: Job[]; next: string | null; unread: Refusal[] }, Refusal> {
  const page = readStored(jobsPageSchema, value);
  if (!page.ok) return page;
  const [jobs, unread]: [Job[], Refusal[]] = [[], []];
  for (const each of page.value.jobs) {
    const job = readJobAnswer(each);
    if (job.ok) jobs.push(job.value);
    else unread.push(job.refusal);
  }
  return accept({ jobs, next: page.value.next, unread });
}

const runsPageSchema = Joi.object<RunsPage>({ runs: runHeadings, next: idSchema.allow(null) }).required();

/** Reads a page of the runs of a job. */
export const readRunsAnswer = (value: unknown): Result<RunsPage, Refusal> =>
  readStored(runsPageSchema, value);

const filePartsSchema = Joi.array().items(filePartSchema.optional()).required() as Joi.ArraySchema<
  FilePart[]
>;

/** Reads in which files all jobs go out. */
export const readFileParts = (value: unknown): Result<FilePart[], Refusal> =>
  readStored(filePartsSchema, value);

const historySchema = Joi.array()
  .items(changeSchema.append({ revision, atServer: momentSchema }).optional())
  .required() as Joi.ArraySchema<ChangeInFile[]>;

/** Reads the changes of a run. */
export const readHistoryAnswer = (value: unknown): Result<ChangeInFile[], Refusal> =>
  readStored(historySchema, value);

const outcomesSchema = Joi.array<ImportOutcome[]>()
  .items(
    Joi.object({
      id: idSchema,
      name: text(LIMITS.name),
      outcome: Joi.string().valid('imported', 'already-here', 'copied').required(),
    }),
    Joi.object({
      name: text(200),
      outcome: Joi.string().valid('refused').required(),
      refusal: Joi.object()
        .unknown()
        .custom((refusal: unknown, helpers) =>
          isKnownRefusal(refusal) ? refusal : helpers.error('any.invalid'),
        )
        .required(),
    }),
  )
  .required();

/** Reads what became of the jobs of a file. */
export const readImportAnswer = (value: unknown): Result<ImportOutcome[], Refusal> =>
  readWith(outcomesSchema, value);

/** Reads a run this device has kept. A store can be damaged like any other file. */
export function readKeptDoc(value: unknown): ReturnType<typeof readRunDoc> {
  return readRunDoc(value);
}
