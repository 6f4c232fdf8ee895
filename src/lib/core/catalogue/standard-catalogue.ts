import { CATALOGUE_VERSION } from './catalogue-version.ts';
import { makeCatalogue, type Catalogue } from './catalogue.ts';
import { burialTable } from './tables/burial.table.ts';
import { beadTable, openTimeTable } from './tables/fusion.table.ts';
import { bspMalleableTable } from './tables/bsp-malleable.table.ts';
import { bspTable } from './tables/bsp.table.ts';
import { bushingsPlugsTable } from './tables/bushings-plugs.table.ts';
import { counterTable } from './tables/counter.table.ts';
import { engagementTable } from './tables/engagement.table.ts';
import { malleable150ReducingTable } from './tables/malleable-150-reducing.table.ts';
import { malleable150Table } from './tables/malleable-150.table.ts';
import { nipplesTable } from './tables/nipples.table.ts';
import { nptTable } from './tables/npt.table.ts';
import { steelPipeTable } from './tables/steel-pipe.table.ts';
import { standardThreads, standardTubes } from './standard-threads.ts';
import { flareGeometryTable } from './tables/flare-geometry.table.ts';
import { socketDepthsTable } from './tables/socket-depths.table.ts';
import { tubeAdaptersTable } from './tables/tube-adapters.table.ts';
import { unionsTable } from './tables/unions.table.ts';

/** The published tables that a run is laid out with. Only this file and standard-threads.ts read tables. */
export const standardCatalogue: Catalogue = makeCatalogue(
  {
    version: CATALOGUE_VERSION,
    threads: nptTable,
    engagement: engagementTable,
    pipes: steelPipeTable,
    malleable: malleable150Table,
    reducing: malleable150ReducingTable,
    nipples: nipplesTable,
    unions: unionsTable,
    bushings: bushingsPlugsTable,
    britishThreads: bspTable,
    britishFittings: bspMalleableTable,
    counter: counterTable,
    ground: { covers: burialTable, beads: beadTable, openTimes: openTimeTable },
    tube: { adapters: tubeAdaptersTable, flares: flareGeometryTable, depths: socketDepthsTable },
  },
  standardThreads,
  standardTubes,
);
