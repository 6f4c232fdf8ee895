import type { BspRow, NpsmRow } from './pipe-threads.ts';
import type { Flare37Row, FlareRow, LookAlikeRow } from './small-threads.ts';
import { listBsp, listFlare37, listFlare45, listLookAlike, listNpsm, listNpt } from './list-threads.ts';
import type { ListedThread } from './listed-thread.ts';
import { inches, type Length } from '#core/units';
import { NOMINAL_SIZES, type NominalSize } from '#core/ends';
import type { NptRow } from './thread.ts';

/** Every thread that may be met, male and female. An argument everywhere, like the catalogue. */
export interface ThreadList {
  readonly version: string;
  readonly threads: readonly ListedThread[];
  /** The figures of the quarter-inch check, nominal sizes only. */
  readonly taper: readonly TaperFigures[];
  /** Null when no thread has this id. */
  findThread(id: string): ListedThread | null;
}

/** What a rule reads on an American taper thread, nm. */
export interface TaperFigures {
  readonly size: NominalSize;
  /** Of the pipe, which the last threads of a male show. */
  readonly outside: Length;
  /** Crest to crest at the mouth of a female: E1 - 0.8 p. */
  readonly bore: Length;
}

export interface ThreadTables {
  readonly version: string;
  readonly npt: readonly NptRow[];
  readonly npsm: readonly NpsmRow[];
  readonly bsp: readonly BspRow[];
  readonly flare45: readonly FlareRow[];
  readonly flare37: readonly Flare37Row[];
  readonly lookAlikes: readonly LookAlikeRow[];
}

/** Builds the list from published rows. An olive nut is cut to G: it takes the crests of the G thread it is sister to. */
export function makeThreadList(tables: ThreadTables): ThreadList {
  const threads = [
    ...tables.npt.flatMap(listNpt),
    ...tables.npsm.flatMap(listNpsm),
    ...tables.bsp.flatMap(listBsp),
    ...tables.flare45.flatMap(listFlare45),
    ...tables.flare37.flatMap(listFlare37),
    ...tables.lookAlikes.flatMap(listLookAlike),
  ];
  const byId = new Map(threads.map((thread) => [thread.id, thread]));
  for (const sister of threads) {
    const crest = sister.sisterOf && byId.get(sister.sisterOf)?.crest;
    if (crest) byId.set(sister.id, { ...sister, crest });
  }
  return {
    version: tables.version,
    threads: [...byId.values()],
    taper: tables.npt.flatMap(getTaperFigures),
    findThread: (id) => byId.get(id) ?? null,
  };
}

function getTaperFigures({ size, D, E1, n }: NptRow): TaperFigures[] {
  const nominal = NOMINAL_SIZES.find((each) => each === size);
  return nominal ? [{ size: nominal, outside: inches(D), bore: inches(E1 - 0.8 / n) }] : [];
}
