import { makeCatalogue, type Catalogue } from './catalogue.ts';
import { engagementTable } from './tables/engagement.table.ts';
import { malleable150Table } from './tables/malleable-150.table.ts';
import { nptTable } from './tables/npt.table.ts';
import { steelPipeTable } from './tables/steel-pipe.table.ts';

/** Raised whenever a published figure in the tables changes; each run pins the version it was laid out with. */
export const CATALOGUE_VERSION = '2026.1';

/** The published tables as a catalogue. The only file that reads them. */
export const standardCatalogue: Catalogue = makeCatalogue({
  version: CATALOGUE_VERSION,
  threads: nptTable,
  engagement: engagementTable,
  pipes: steelPipeTable,
  malleable: malleable150Table,
});
