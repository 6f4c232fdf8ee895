import { getEndSize } from '../ends/end.ts';
import type { CutSheet } from '../cutting/cut-sheet.ts';
import type { LaidEnd, Piece } from '../runs/layout.ts';
import { formatLength, getTapeFormat } from '../units/format-length.ts';
import { toInches, toMillimetres, type Length } from '../units/length.ts';
import type { TapeGraduation } from '../units/tape.ts';

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
    'as cut (in)', 'cut by', 'ticked off by', 'trap of', 'run', 'revision', 'app', 'catalogue', 'house rules',
  ]; // prettier-ignore
  const rows = sheet.rows.map(({ piece, material, nipple, order, trapOf }) => [
    ...[String(order), piece.mark, piece.size, material, inch(piece.centreToCentre)],
    ...piece.ends.flatMap((end) => [nameEnd(end), inch(end.takeOff)]),
    ...writeCut(piece, graduation),
    inch(nipple),
    ...piece.ends.flatMap((end) => [
      inch(end.thread?.cutLength ?? null),
      String(end.thread?.threadsToCut ?? ''),
    ]),
    ...piece.ends.flatMap(writeTightness),
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
    inch(cut.exact),
    onTape,
    toMillimetres(cut.exact).toFixed(2),
    inch(cut.onTape.error),
    inch(cut.farEndOff),
  ];
}

const writeTightness = ({ joint }: LaidEnd): string[] =>
  joint?.tightness
    ? [joint.tightness.turnsPastHandTight.toFixed(2), joint.tightness.threadsShowing.toFixed(2)]
    : ['', ''];
