import parse from 'joi-to-json';
import {
  jobFileSchema,
  JOB_FILE_VERSION,
  SHOP_PART_COLUMNS,
  SHEET_COLUMNS,
  SHEETS_TABLE_VERSION,
  SHOP_PARTS_TABLE_VERSION,
  type Column,
  runDocSchema,
} from '#core/formats';
import { RUN_SCHEMA } from '#core/runs/document';

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

/** A table (CSV, commas, semicolons or tabs; UTF-8; headings first, in any order), in the manner of table schemas: a field for each column. */
const makeFields = (columns: readonly Column[]): Json =>
  columns.map(({ name, says, isNeeded, isNumber, among }) => ({
    name,
    type: isNumber ? 'number' : 'string',
    description: says,
    constraints: { required: isNeeded, ...(among ? { enum: among } : {}) },
  }));

/** The published schema of a table of makers' sheets. */
export const makeSheetsTableSchema = (): Record<string, Json> => ({
  title: `A Porthole table of makers' sheets, version ${SHEETS_TABLE_VERSION}`,
  description:
    'A line for each size, and for each thread of an end fitting; the lines of one maker, way of joining and sheet are one sheet. What begins like a formula has an apostrophe before it.',
  fields: makeFields(SHEET_COLUMNS),
});

/** The published schema of a table of a shop's own parts. */
export const makePartsTableSchema = (): Record<string, Json> => ({
  title: `A Porthole table of a shop's own parts, version ${SHOP_PARTS_TABLE_VERSION}`,
  description: 'One part a line. What begins like a formula has an apostrophe before it.',
  fields: makeFields(SHOP_PART_COLUMNS),
});

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
