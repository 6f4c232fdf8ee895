/** `npm run schemas`: writes the published schemas of a job file and of the tables of parts and makers' sheets, served by the app under /schemas/. */
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { JOB_FILE_VERSION, SHEETS_TABLE_VERSION, SHOP_PARTS_TABLE_VERSION } from '#core/formats';
import { makeJobFileSchema, makePartsTableSchema, makeSheetsTableSchema } from './make-json-schema.ts';

mkdirSync('static/schemas', { recursive: true });
const files = Object.entries({
  [`static/schemas/porthole-job-${JOB_FILE_VERSION}.schema.json`]: makeJobFileSchema(),
  [`static/schemas/porthole-makers-${SHEETS_TABLE_VERSION}.schema.json`]: makeSheetsTableSchema(),
  [`static/schemas/porthole-parts-${SHOP_PARTS_TABLE_VERSION}.schema.json`]: makePartsTableSchema(),
});
for (const [file, schema] of files) writeFileSync(file, JSON.stringify(schema));
execFileSync('npx', ['oxfmt', ...files.map(([file]) => file)]);
