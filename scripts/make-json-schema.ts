import parse from 'joi-to-json';
import { jobFileSchema } from '#core/formats/job-file.schema.ts';
import { JOB_FILE_VERSION } from '#core/formats/job-file.ts';
import { RUN_SCHEMA } from '#core/runs/run.ts';
import { runDocSchema } from '#core/formats/run-doc.schema.ts';

type Json = unknown;

/** The published schema of a job file (JSON Schema), made from the schemas that read one. Several jobs: `{ porthole: 'jobs', version, jobs: [job] }`. */
export function makeJobFileSchema(): Record<string, Json> {
  const job = tidy(parse(jobFileSchema, 'json')) as {
    properties: { runs: { items: { properties: Record<string, Json> } } };
  };
  job.properties.runs.items.properties['doc'] = tidy(parse(runDocSchema, 'json'));
  return {
    $schema: 'http://json-schema.org/draft-07/schema#',
    title: `A Porthole job file, version ${JOB_FILE_VERSION}`,
    description: `Lengths are whole nanometres. A run document (runs[].doc) is of version ${RUN_SCHEMA}; legs, points and measures stand under their ids. Older documents are carried up when read.`,
    ...job,
  };
}

/** Takes out what the converter writes as Joi's own: patterns as keys, flags behind a pattern, and “or nothing” as nothing but. */
function tidy(value: Json): Json {
  if (Array.isArray(value)) return value.map(tidy);
  if (typeof value !== 'object' || value === null) return value;
  if ('anyOf' in value && 'type' in value && value.type === 'null' && Array.isArray(value.anyOf)) {
    const { type, anyOf, ...rest } = value;
    return tidy({ ...rest, anyOf: [...(anyOf as Json[]), { type }] });
  }
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key]) => !key.startsWith('/^'))
      .map(([key, each]) => [
        key,
        key === 'pattern' && typeof each === 'string' ? each.replace(/\/u$/, '') : tidy(each),
      ]),
  );
}
