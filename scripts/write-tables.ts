/** `npm run matrix`: what joins what, and every way to pipe a tee, as pages to read. */
import { writeFileSync } from 'node:fs';
import { standardCatalogue, standardThreads, standardTubes } from '#core/catalogue';
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
