import {
  makeMalleableParts,
  makeReducingCouplings,
  makeReducingPart,
  type MalleableRow,
  type ReducingRow,
} from './malleable.ts';
import { listNippleLengths, type NippleRow } from './nipple.ts';
import { PART_KINDS, type Part, type PartKind } from './part.ts';
import { makePipe, type Pipe, type PipeRow } from './pipe.ts';
import type { Length } from '../units/length.ts';
import type { NominalSize } from './size.ts';
import { makeTaperThread, type EngagementRow, type NptRow, type TaperThread } from './thread.ts';

/** What the core knows about bought things. An argument everywhere: a test builds three fittings, a shop adds its own. */
export interface Catalogue {
  readonly version: string;
  /** Sizes in which both a pipe and its thread are known, smallest first. */
  readonly sizes: readonly NominalSize[];
  /** Null when the size is not carried. */
  findThread(size: NominalSize): TaperThread | null;
  findPipe(size: NominalSize): Pipe | null;
  /** The fitting of this kind with all openings of one size; null when none is carried. */
  findPart(kind: PartKind, size: NominalSize): Part | null;
  /** The fitting with openings of these sizes, in the order of its ports (elbow: either end first; tee: run, run, branch). */
  findSized(kind: PartKind, sizes: readonly NominalSize[]): Part | null;
  /** Lengths in which nipples of a size are bought, nm; empty where none are listed. */
  getNippleLengths(size: NominalSize): readonly Length[];
  readonly parts: readonly Part[];
}

export interface CatalogueTables {
  readonly version: string;
  readonly threads: readonly NptRow[];
  readonly engagement: readonly EngagementRow[];
  readonly pipes: readonly PipeRow[];
  readonly malleable: readonly MalleableRow[];
  readonly reducing: readonly ReducingRow[];
  readonly nipples: readonly NippleRow[];
}

/** Builds a catalogue from published rows. Sizes without both a thread row and an engagement row are not carried. */
export function makeCatalogue(tables: CatalogueTables): Catalogue {
  const engagement = new Map<string, EngagementRow>(tables.engagement.map((row) => [row.size, row]));
  const threads = new Map<NominalSize, TaperThread>();
  for (const row of tables.threads) {
    const made = engagement.get(row.size);
    if (made) threads.set(made.size, makeTaperThread(row, made));
  }
  const pipes = new Map(tables.pipes.map((row) => [row.size, makePipe(row)]));
  const equal = tables.malleable.flatMap(makeMalleableParts);
  const reducing = [
    ...tables.reducing.map(makeReducingPart),
    ...tables.malleable.flatMap((row) => makeReducingCouplings(row, tables.reducing)),
  ];
  const parts = [...equal, ...reducing];
  const nipples = new Map(tables.nipples.map((row) => [row.size, listNippleLengths(row)]));
  const bySizes = new Map(
    parts.map((part) => [
      getSizeKey(
        part.kind,
        part.ports.map(({ end }) => end.size),
      ),
      part,
    ]),
  );
  const partsByKind = new Map<PartKind, Map<NominalSize, Part>>(
    PART_KINDS.map((kind) => [kind, new Map<NominalSize, Part>()]),
  );
  for (const part of equal) partsByKind.get(part.kind)?.set(part.size, part);
  return {
    version: tables.version,
    sizes: [...threads.keys()].filter((size) => pipes.has(size)),
    findThread: (size) => threads.get(size) ?? null,
    findPipe: (size) => pipes.get(size) ?? null,
    findPart: (kind, size) => partsByKind.get(kind)?.get(size) ?? null,
    findSized: (kind, sizes) => bySizes.get(getSizeKey(kind, sizes)) ?? null,
    getNippleLengths: (size) => nipples.get(size) ?? [],
    parts,
  };
}

const getSizeKey = (kind: PartKind, sizes: readonly NominalSize[]): string => `${kind} ${sizes.join('x')}`;
