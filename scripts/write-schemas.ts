/** `npm run schemas`: writes the published schemas of a job file and of a table of parts, served by the app under /schemas/. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { JOB_FILE_VERSION } from '#core/formats/job-file.ts';
import { SHOP_PARTS_TABLE_VERSION } from '#core/formats/shop-parts-csv.ts';
import { makeJobFileSchema, makePartsTableSchema } from './make-json-schema.ts';

mkdirSync('static/schemas', { recursive: true });
const text = await format(JSON.stringify(makeJobFileSchema()), { parser: 'json', printWidth: 110 });
writeFileSync(`static/schemas/porthole-job-${JOB_FILE_VERSION}.schema.json`, text);
const table = await format(JSON.stringify(makePartsTableSchema()), { parser: 'json', printWidth: 110 });
writeFileSync(`static/schemas/porthole-parts-${SHOP_PARTS_TABLE_VERSION}.schema.json`, table);
