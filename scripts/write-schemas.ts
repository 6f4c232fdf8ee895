/** `npm run schemas`: writes the published schema of a job file, served by the app under /schemas/. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { makeJobFileSchema } from './make-json-schema.ts';

mkdirSync('static/schemas', { recursive: true });
const text = await format(JSON.stringify(makeJobFileSchema()), { parser: 'json', printWidth: 110 });
writeFileSync('static/schemas/porthole-job-2.schema.json', text);
