import { CATALOGUE_VERSION } from './catalogue-version.ts';
import { bspTable } from './tables/bsp.table.ts';
import { copperTable } from './tables/copper.table.ts';
import { csstTable } from './tables/csst.table.ts';
import { flare37Table } from './tables/flare-37.table.ts';
import { flare45Table } from './tables/flare-45.table.ts';
import { lookAlikesTable } from './tables/look-alikes.table.ts';
import { npsmTable } from './tables/npsm.table.ts';
import { nptTable } from './tables/npt.table.ts';
import { polyethyleneTable } from './tables/polyethylene.table.ts';
import { makeThreadList, type ThreadList } from './thread-list.ts';
import type { TubeList } from './tubes.ts';

/** The published threads: what identifying needs, without fittings. */
export const standardThreads: ThreadList = makeThreadList({
  version: CATALOGUE_VERSION,
  npt: nptTable,
  npsm: npsmTable,
  bsp: bspTable,
  flare45: flare45Table,
  flare37: flare37Table,
  lookAlikes: lookAlikesTable,
});

export const standardTubes: TubeList = {
  copper: copperTable,
  csst: csstTable,
  polyethylene: polyethyleneTable,
};
