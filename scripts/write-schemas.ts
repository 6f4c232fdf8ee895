/** `npm run schemas`: writes the published schema of a job file, served by the app under /schemas/. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { JOB_FILE_VERSION } from '#core/formats/job-file.ts';
import { makeJobFileSchema } from './make-json-schema.ts';

mkdirSync('static/schemas', { recursive: true });
const text = await format(JSON.stringify(makeJobFileSchema()), { parser: 'json', printWidth: 110 });
writeFileSync(`static/schemas/porthole-job-${JOB_FILE_VERSION}.schema.json`, text);
