/** `npm run matrix`: what joins what, as a page to read. */
import { writeFileSync } from 'node:fs';
import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { standardThreads, standardTubes } from '#core/catalogue/standard-threads.ts';
import { writeJointMatrix } from '#words/joint-matrix.ts';

writeFileSync('docs/joint-matrix.md', writeJointMatrix(standardThreads, standardTubes, standardCatalogue));
