/** `npm run matrix`: what joins what, and every way to pipe a tee, as pages to read. */
import { writeFileSync } from 'node:fs';
import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { standardThreads, standardTubes } from '#core/catalogue/standard-threads.ts';
import { writeJointMatrix } from '#words/joint-matrix.ts';
import { writePlaceTable } from '#words/place-table.ts';
import { writeTransitionTable } from '#words/transition-table.ts';
import { sayMadeFrom } from './made-from.ts';
import { writeTrapTable } from '#words/trap-table.ts';

writeFileSync('docs/joint-matrix.md', writeJointMatrix(standardThreads, standardTubes, standardCatalogue));
writeFileSync('docs/where-it-may-run.md', writePlaceTable());
writeFileSync('docs/sediment-traps.md', writeTrapTable());
writeFileSync(
  'docs/transitions.md',
  `${writeTransitionTable(standardCatalogue)}${sayMadeFrom(standardCatalogue)}`,
);
