import { getTurnOfTube, type AboutTube } from '#core/bending';
import { getEndSize } from '#core/ends';
import type { CutSheet, TubeSheet } from '#core/cutting';
import type { LaidEnd } from '#core/runs/measuring';
import type { Piece } from '#core/runs/pieces';
import {
  formatLength,
  getTapeFormat,
  toInches,
  toMillimetres,
  type Length,
  type TapeGraduation,
} from '#core/units';

/** What the file says of itself, in every row: sheets carry the versions they were made with. */
export interface SheetVersions {
  readonly app: string;
  readonly catalogue: string;
  readonly rulePack: string;
  readonly run: string;
  readonly revision: number;
}

/**
 * The cut sheet as a table, headings first, units in the headings. Decimals with a point; a length that is not
 * known is empty. Whoever writes the file quotes it by RFC 4180.
 */
export function makeCutSheetTable(
  sheet: CutSheet,
  graduation: TapeGraduation,
  versions: SheetVersions,
): string[][] {
  const tail = [versions.run, versions.revision, versions.app, versions.catalogue, versions.rulePack].map(
    String,
  );
  const headings = [
    'order', 'mark', 'size', 'material', 'centre-to-centre (in)',
    'fitting A', 'allowance A (in)', 'fitting B', 'allowance B (in)',
    'cut exact (in)', 'cut on the tape', 'cut (mm)', 'rounding (in)', 'end of the line off (in)', 'nipple to buy (in)',
    'thread A (in)', 'threads A (count)', 'thread B (in)', 'threads B (count)',
    'turns past hand-tight A', 'threads showing A', 'turns past hand-tight B', 'threads showing B',
    'legs', 'developed (in)', 'slack in the cut (in)', 'to trim in place in the cut (in)', 'goes in A (in)', 'goes in B (in)',
    'bend marks on the tape', 'bend angles (degrees)', 'tube turned before each (degrees, seen from end A)',
    'as cut (in)', 'cut by', 'ticked off by', 'trap of', 'run', 'revision', 'app', 'catalogue', 'house rules',
  ]; // prettier-ignore
  const rows = sheet.rows.map(({ piece, material, nipple, order, trapOf, tube, isMarked }) => [
    ...[String(order), piece.mark, piece.size, material, inch(piece.centreToCentre)],
    ...piece.ends.flatMap((end) => [nameEnd(end), inch(end.takeOff)]),
    ...writeCut(piece, graduation),
    inch(nipple),
    ...piece.ends.flatMap((end) => [
      inch(end.thread?.cutLength ?? null),
      String(end.thread?.threadsToCut ?? ''),
    ]),
    ...piece.ends.flatMap(writeTightness),
    ...writeTube(piece),
    ...writeBends(isMarked ? tube : null, graduation),
    ...[inch(piece.asCut?.length ?? null), piece.asCut?.by ?? '', piece.ticked?.by ?? '', trapOf ?? ''],
    ...tail,
  ]);
  return [headings, ...rows];
}

const inch = (length: Length | null): string =>
  length === null ? '' : String(Number(toInches(length).toFixed(5)));

const nameEnd = ({ joint }: LaidEnd): string =>
  joint
    ? `${joint.part.kind} ${joint.part.ports
        .map(({ end }) => getEndSize(end))
        .filter((size, i, all) => new Set(all).size > 1 || i === 0)
        .join('x')}${joint.port.id === 'branch' ? ' branch' : ''}`
    : 'open';

function writeCut({ cut }: Piece, graduation: TapeGraduation): string[] {
  if (!cut) return ['', '', '', '', ''];
  const onTape = formatLength(cut.onTape.length, getTapeFormat(graduation));
  return [
    inch(cut.whole),
    onTape,
    toMillimetres(cut.whole).toFixed(2),
    inch(cut.onTape.error),
    inch(cut.farEndOff),
  ];
}

/** What a tube goes through, and what is cut longer; empty for straight pipe. */
function writeTube({ path, developed, cut, ends }: Piece): string[] {
  if (!path) return ['', '', '', '', '', ''];
  return [
    String(path.legs.length),
    inch(developed && Math.round(developed.length)),
    inch(cut?.slack ?? null),
    inch(cut?.trim ?? null),
    ...ends.map(({ joint, thread }) => inch(thread ? null : (joint?.engagement ?? null))),
  ];
}

/** The bends of a tube that are marked, each separated by a semicolon. */
const writeBends = (tube: TubeSheet | null, graduation: TapeGraduation): string[] => {
  const format = getTapeFormat(graduation);
  const bends = tube?.bends ?? [];
  return [
    bends.map(({ mark }) => formatLength(mark, format)).join('; '),
    bends.map(({ degrees }) => degrees).join('; '),
    bends.map(({ rotation }) => writeTurn(getTurnOfTube(rotation))).join('; '),
  ];
};

const writeTurn = ({ degrees, sense }: AboutTube): string =>
  sense === null ? String(degrees) : `${degrees} ${sense}`;

const writeTightness = ({ joint }: LaidEnd): string[] =>
  joint?.tightness
    ? [joint.tightness.turnsPastHandTight.toFixed(2), joint.tightness.threadsShowing.toFixed(2)]
    : ['', ''];
