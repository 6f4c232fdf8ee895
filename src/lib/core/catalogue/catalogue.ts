import type { Length } from '#core/units';
import { makeBspParts, type BspMalleableRow } from './bsp-malleable.ts';
import {
  makeBushings,
  makeMalleableParts,
  makePlug,
  makeReducingCouplings,
  makeReducingPart,
  makeUnion,
  makeValve,
  type BushingRow,
  type MalleableRow,
  type ReducingRow,
  type UnionRow,
} from './malleable.ts';
import type { GroundTables } from './ground-tables.ts';
import { makeEndRegistry, type EndRegistry } from './end-registry.ts';
import { listTubeEnds } from './list-ends.ts';
import { makeCounterParts, type CounterRow } from './counter-parts.ts';
import { listNippleLengths, type NippleRow } from './nipple.ts';
import type { BoughtKind } from './part-kinds.ts';
import type { Part } from './part.ts';
import { getTaperEnd, type TaperFamily } from './taper-end.ts';
import type { BspRow } from './pipe-threads.ts';
import { makePipe, type Pipe, type PipeRow } from './pipe.ts';
import { NO_SHEETS, type Sheets } from './maker-sheet.ts';
import type { ThreadList } from './thread-list.ts';
import type { TubeTables } from './joins/depths.ts';
import { makeTubeParts, type TubeParts } from './tube-parts.ts';
import type { TubeList } from './tubes.ts';
import type { NominalSize } from '#core/ends';
import {
  makeBritishThread,
  makeTaperThread,
  type EngagementRow,
  type NptRow,
  type TaperThread,
} from './thread.ts';

/**
 * What the core knows about bought things. An argument everywhere: a test builds three fittings, a shop adds its own.
 * Where no family is named the American one (NPT) is meant.
 */
export interface Catalogue {
  readonly version: string;
  /** Sizes in which both a pipe and its NPT thread are known, smallest first. */
  readonly sizes: readonly NominalSize[];
  /** Null when the size is not carried. */
  findThread(size: NominalSize, family?: TaperFamily): TaperThread | null;
  findPipe(size: NominalSize): Pipe | null;
  readonly pipes: readonly Pipe[];
  /** The fitting of this kind with all openings of one size; null when none is carried. */
  findPart(kind: BoughtKind, size: NominalSize, family?: TaperFamily): Part | null;
  /** The fitting with openings of these sizes, in the order of its ports (elbow: either end first; tee: run, run, branch). */
  findSized(kind: BoughtKind, sizes: readonly NominalSize[], family?: TaperFamily): Part | null;
  /** Lengths in which nipples of a size are bought, nm; empty where none are listed. */
  getNippleLengths(size: NominalSize, family?: TaperFamily): readonly Length[];
  readonly parts: readonly Part[];
  /** What is chosen to go between two ends, and stands nowhere by itself; no part of `parts`. */
  readonly counter: readonly Part[];
  /** Fittings made for tube, which are no part of `parts`: they are made when they are asked for. */
  readonly tubes: TubeParts;
  /** The makers’ sheets that are gone by; where they say nothing, what is published of all makers holds. */
  readonly sheets: Sheets;
  /** Any part by its id; null where it is none of these. */
  findPartById(id: string): Part | null;
  /** Figures of ends, whatever they are of. */
  readonly ends: EndRegistry;
  /** What is published of pipe in the ground. */
  readonly ground: GroundTables;
  /** Published rows of tube, for what its ends do not say: walls. */
  readonly tubeRows: TubeList;
}

export interface CatalogueTables {
  readonly version: string;
  readonly threads: readonly NptRow[];
  readonly engagement: readonly EngagementRow[];
  readonly pipes: readonly PipeRow[];
  readonly malleable: readonly MalleableRow[];
  readonly reducing: readonly ReducingRow[];
  readonly nipples: readonly NippleRow[];
  readonly unions: readonly UnionRow[];
  readonly bushings: readonly BushingRow[];
  readonly britishThreads: readonly BspRow[];
  readonly britishFittings: readonly BspMalleableRow[];
  readonly tube: TubeTables;
  readonly counter: readonly CounterRow[];
  readonly ground: GroundTables;
}

/** Builds a catalogue from published rows, and from what is known of ends. Sizes without both a thread row and an engagement row are not carried. */
export function makeCatalogue(tables: CatalogueTables, threadList: ThreadList, tubes: TubeList): Catalogue {
  const threads = { NPT: listAmericanThreads(tables), R: listBritishThreads(tables) };
  const pipes = new Map(tables.pipes.map((row) => [row.size, makePipe(row)]));
  const nipples = new Map(tables.nipples.map((row) => [row.size, listNippleLengths(row)]));
  return {
    version: tables.version,
    sizes: [...threads.NPT.keys()].filter((size) => pipes.has(size)),
    findThread: (size, family = 'NPT') => threads[family].get(size) ?? null,
    pipes: [...pipes.values()],
    findPipe: (size) => pipes.get(size) ?? null,
    getNippleLengths: (size, family = 'NPT') => (family === 'NPT' ? (nipples.get(size) ?? []) : []),
    ground: tables.ground,
    sheets: NO_SHEETS,
    tubeRows: tubes,
    ends: makeEndRegistry(threadList, listTubeEnds(tubes, pipes.values())),
    ...indexParts(
      listParts(tables),
      makeTubeParts(tables.tube),
      makeCounterParts(tables.nipples, tables.counter),
    ),
  };
}

/** A catalogue as the makers’ sheets say that are gone by; itself where there are none. */
export const withSheets = (catalogue: Catalogue, sheets: Sheets): Catalogue =>
  Object.keys(sheets).length === 0
    ? catalogue
    : {
        ...catalogue,
        sheets,
        ...indexParts(catalogue.parts, catalogue.tubes.bySheets(sheets), catalogue.counter),
      };

/** Finds parts quickly: by kind and one size for most, by all sizes for the rest. */
export function indexParts(
  parts: readonly Part[],
  tubes: TubeParts,
  counter: readonly Part[],
): Pick<Catalogue, 'findPart' | 'findSized' | 'parts' | 'tubes' | 'counter' | 'findPartById'> {
  const equal = {
    NPT: new Map<string, Map<NominalSize, Part>>(),
    R: new Map<string, Map<NominalSize, Part>>(),
  };
  const sized = new Map<string, Part>();
  for (const part of parts) {
    const ends = part.ports.map(({ end }) => getTaperEnd(end));
    const sizes = ends.map(({ size }) => size);
    const family = ends[0]!.system;
    sized.set(getSizeKey(family, part.kind, sizes), part);
    if (new Set(sizes).size > 1) continue;
    const ofKind = equal[family].get(part.kind) ?? new Map<NominalSize, Part>();
    equal[family].set(part.kind, ofKind.set(ends[0]!.size, part));
  }
  const byId = new Map([...parts, ...counter].map((part) => [part.id, part]));
  return {
    parts,
    tubes,
    counter,
    findPartById: (id) => byId.get(id) ?? tubes.findById(id),
    findPart: (kind, size, family = 'NPT') => equal[family].get(kind)?.get(size) ?? null,
    findSized: (kind, sizes, family = 'NPT') => sized.get(getSizeKey(family, kind, sizes)) ?? null,
  };
}

function listParts(tables: CatalogueTables): Part[] {
  return [
    ...tables.malleable.flatMap(makeMalleableParts),
    ...tables.reducing.map((row) => makeReducingPart(row, tables.malleable)),
    ...tables.malleable.flatMap((row) => makeReducingCouplings(row, tables.reducing)),
    ...tables.unions.map(makeUnion),
    ...tables.malleable.map(({ size }) => makeValve(size)),
    ...tables.bushings.flatMap(makeBushings),
    ...tables.bushings.map(makePlug),
    ...tables.britishFittings.flatMap(makeBspParts),
  ];
}

function listAmericanThreads(tables: CatalogueTables): Map<NominalSize, TaperThread> {
  const engagement = new Map<string, EngagementRow>(tables.engagement.map((row) => [row.size, row]));
  return new Map(
    tables.threads.flatMap((row) => {
      const made = engagement.get(row.size);
      return made ? [[made.size, makeTaperThread(row, made)] as const] : [];
    }),
  );
}

function listBritishThreads(tables: CatalogueTables): Map<NominalSize, TaperThread> {
  return new Map(
    tables.britishFittings.flatMap((fitting) => {
      const row = tables.britishThreads.find(({ size }) => size === fitting.size);
      const thread = row && makeBritishThread(row, fitting);
      return thread ? [[fitting.size, thread] as const] : [];
    }),
  );
}

const getSizeKey = (family: TaperFamily, kind: string, sizes: readonly NominalSize[]): string =>
  `${family} ${kind} ${sizes.join('x')}`;
