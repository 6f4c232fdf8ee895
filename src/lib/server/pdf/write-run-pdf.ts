import { BOUGHT_PIPE, namePart, namePort, namePartKind } from '#words/parts.ts';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { listDrops, judgeDrop } from '#core/traps';
import { sayTrap, TRAP_NAMES } from '#words/traps.ts';
import { makeCutSheet, type CutSheetRow } from '#core/cutting';
import { drawSheet } from '#core/drawing';
import { APP_VERSION } from '#core/formats';
import { RULE_PACK_VERSION, type Jurisdiction } from '#core/house-rules';
import type { Finding } from '#core/checks';
import type { RunLayout } from '#core/runs/layout';
import {
  formatLength,
  getTapeFormat,
  toInches,
  toMillimetres,
  type Length,
  type LengthUnit,
} from '#core/units';
import { sayPipeTotal, sayUnknownCuts } from '#words/pipe-totals.ts';
import { CAUTIONS, JOB_CAUTION } from '#words/cautions.ts';
import { sayFinding, DO_NOT_CUT } from '#words/findings.ts';
import { sayTubeSheet, sayTubeWay } from '#words/tube.ts';
import { sayLength, sayNumber } from '#words/length-text.ts';
import { sayConnector } from '#words/appliances.ts';
import { listPlaceLines } from '#words/place-lines.ts';
import { drawOnPage } from './draw-on-page.ts';
import { unpackFont } from './unpack-font.ts';

export type Paper = 'A4' | 'LETTER';

/** What the paper says of the run. */
export interface PrintedRun {
  readonly job: string;
  readonly place: string;
  readonly run: string;
  readonly revision: number;
  readonly layout: RunLayout;
  readonly findings: readonly Finding[];
  readonly unit: LengthUnit;
  readonly jurisdiction: Jurisdiction;
}

const MARGIN = 42;
const FOOT_ROOM = 34;
const DRAWING_HEIGHT = 265;
const { resolve } = createRequire(import.meta.url);
const unpack = (weight: 400 | 600): Uint8Array =>
  unpackFont(readFileSync(resolve(`@fontsource/barlow/files/barlow-latin-${weight}-normal.woff`)));
/** Unpacked once for all that is printed. */
let fonts: { readonly plain: Uint8Array; readonly bold: Uint8Array } | null = null;

/** Columns of the cut sheet, points from the left margin on A4's width; Letter is wider and lets the last grow. */
const COLUMNS = [
  { title: 'order', at: 0, width: 34 },
  { title: 'mark', at: 34, width: 36 },
  { title: 'size', at: 70, width: 40 },
  { title: 'cut', at: 110, width: 92 },
  { title: 'centres', at: 202, width: 92 },
  { title: 'end A', at: 294, width: 108 },
  { title: 'end B', at: 402, width: 108 },
] as const;
const ROW = 17;

/** Drawing and cut sheet as a PDF; grey throughout, no row split, every page with its number, the run and the versions. */
export function writeRunPdf(printed: PrintedRun, paper: Paper, now: Date): Promise<Uint8Array> {
  const { job, run, revision, layout, unit } = printed;
  const doc = new PDFDocument({
    size: paper,
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: MARGIN },
    bufferPages: true,
    info: { Title: `${job}: ${run}, revision ${revision}`, Creator: `Porthole ${APP_VERSION}` },
  });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<Uint8Array>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  fonts ??= { plain: unpack(400), bold: unpack(600) };
  doc.registerFont('plain', fonts.plain).registerFont('bold', fonts.bold);
  const width = doc.page.width - 2 * MARGIN;
  doc.font('bold').fontSize(18).text(job, MARGIN, MARGIN, { width });
  doc
    .font('plain')
    .fontSize(11)
    .text(`${printed.place ? `${printed.place}. ` : ''}${run}, revision ${revision}. Drawing not to scale.`);
  const sheet = drawSheet(layout, unit, { width: width * 1.4, height: DRAWING_HEIGHT * 1.4 });
  if (sheet) {
    const top = doc.y + 8;
    drawOnPage(doc, sheet, { x: MARGIN, y: top, width, height: DRAWING_HEIGHT });
    // Lettering moved the pen.
    doc.y = top + DRAWING_HEIGHT + 12;
  }
  writeTable(doc, printed);
  writeBends(doc, printed);
  writeTotals(doc, printed);
  const notes = printed.findings.map((finding) => sayFinding(finding, unit));
  writeLines(
    doc,
    'Drops',
    listDrops(layout).map((drop) => {
      const { finding } = judgeDrop(drop).headline;
      return `${drop.appliance.name}: ${TRAP_NAMES[finding.code]}. ${sayTrap(finding, unit)}`;
    }),
  );
  for (const { title, lines } of listPlaceLines(layout, printed.jurisdiction, unit))
    writeLines(doc, title, lines);
  writeLines(doc, 'Findings', notes);
  writeLines(doc, 'Caution', [JOB_CAUTION.says, CAUTIONS.threads, CAUTIONS.openEnd]);
  writeFeet(doc, printed, now);
  doc.end();
  return done;
}

/** Turns the page when what comes next would not stand on this one. */
function keepTogether(doc: PDFKit.PDFDocument, height: number): boolean {
  if (doc.y + height <= doc.page.height - MARGIN - FOOT_ROOM) return false;
  doc.addPage();
  doc.y = MARGIN;
  return true;
}

function writeHeadings(doc: PDFKit.PDFDocument): void {
  const y = doc.y;
  doc.font('bold').fontSize(9.5).fillColor('#111111');
  for (const { title, at, width } of COLUMNS) doc.text(title, MARGIN + at, y, { width, lineBreak: false });
  doc
    .moveTo(MARGIN, y + 13)
    .lineTo(doc.page.width - MARGIN, y + 13)
    .lineWidth(1)
    .stroke('#111111');
  doc.y = y + ROW;
}

function writeTable(doc: PDFKit.PDFDocument, { layout, unit }: PrintedRun): void {
  const sheet = makeCutSheet(layout);
  keepTogether(doc, 4 * ROW);
  doc.font('bold').fontSize(13).fillColor('#111111').text('Cut sheet', MARGIN);
  doc.moveDown(0.3);
  if (sheet.rows.length === 0) {
    doc.font('plain').fontSize(10).text('Nothing to cut yet.');
    return;
  }
  writeHeadings(doc);
  const format = getTapeFormat(layout.rules['tape-rounding'].option);
  for (const row of sheet.rows) {
    if (keepTogether(doc, ROW)) writeHeadings(doc);
    const y = doc.y;
    const { piece } = row;
    const length = piece.cut ? formatLength(piece.cut.onTape.length, format) : 'not known';
    const cut = row.forbidden ? `${DO_NOT_CUT} (${length})` : length;
    const cells = [
      String(row.order),
      piece.mark,
      piece.size,
      row.nipple === null ? cut : `nipple ${sayLength(row.nipple, 'in')}`,
      piece.centreToCentre === null ? '' : sayLength(piece.centreToCentre, unit),
      ...piece.ends.map((_, i) => nameEnd(row, i, unit)),
    ];
    for (const [i, { at, width }] of COLUMNS.entries()) {
      doc.font(i === 3 ? 'bold' : 'plain').fontSize(i === 3 ? 11 : 9.5);
      doc.text(cells[i] ?? '', MARGIN + at, y, { width: width - 6, height: ROW, ellipsis: true });
    }
    doc
      .moveTo(MARGIN, y + 14)
      .lineTo(doc.page.width - MARGIN, y + 14)
      .lineWidth(0.4)
      .stroke('#9a9a9a');
    doc.y = y + ROW;
  }
}

function nameEnd({ piece }: CutSheetRow, i: number, unit: LengthUnit): string {
  const end = piece.ends[i];
  if (!end?.joint) return 'open end';
  const { part, port } = end.joint;
  const takeOff = end.takeOff === null ? '' : `, ${sayTakeOff(end.takeOff, unit)}`;
  return `${part.kind === 'tee' ? namePort(part, port.id) : namePartKind(part.kind)}${takeOff}`;
}

/** As exactly as the column has room for. */
const sayTakeOff = (length: Length, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(toInches(length), 3)} in` : `${sayNumber(toMillimetres(length), 1)} mm`;

/** How each tube is marked and bent, or that it is bent as it is laid. */
function writeBends(doc: PDFKit.PDFDocument, { layout, unit }: PrintedRun): void {
  const graduation = layout.rules['tape-rounding'].option;
  const lines = makeCutSheet(layout).rows.flatMap(({ piece, tube, isMarked }) => {
    if (!piece.path) return [];
    const way = `Tube ${piece.mark}: ${sayTubeWay(piece, unit)}.`;
    const marked =
      tube && isMarked && piece.cut
        ? ` ${sayTubeSheet(tube, piece.cut.onTape.length, unit, graduation)}`
        : '';
    return [`${way}${marked}`];
  });
  writeLines(doc, 'Tube', lines);
}

function writeTotals(doc: PDFKit.PDFDocument, { layout, unit }: PrintedRun): void {
  const sheet = makeCutSheet(layout);
  writeLines(doc, 'To buy', [
    ...sheet.sizes.map((total) => {
      const sum = sayPipeTotal(total, unit, layout.rules['stock-length'].option);
      const said = [sum && `${sayLength(total.length, unit)} ${sum}`, sayUnknownCuts(total)].filter(Boolean);
      return `${total.size} ${BOUGHT_PIPE[total.material]}: ${said.join('; ')}`;
    }),
    ...sheet.nipples.map(
      ({ size, length, count }) => `${count} × ${size} nipple, ${sayLength(length, 'in')}`,
    ),
    ...sheet.fittings.map(({ part, count }) => `${count} × ${namePart(part)}`),
    ...sheet.connectors.map((total) => `${total.count} × ${sayConnector(total, unit)}`),
  ]);
}

function writeLines(doc: PDFKit.PDFDocument, title: string, lines: readonly string[]): void {
  if (lines.length === 0) return;
  const width = doc.page.width - 2 * MARGIN;
  doc.font('plain').fontSize(9.5);
  // A short block stands whole, a long one with its heading and first lines.
  const all = lines.reduce((sum, line) => sum + doc.heightOfString(line, { width }), 0);
  keepTogether(doc, 24 + Math.min(all, 60));
  doc.moveDown(0.5);
  doc.font('bold').fontSize(12).fillColor('#111111').text(title, MARGIN);
  doc.font('plain').fontSize(9.5);
  for (const line of lines) {
    keepTogether(doc, doc.heightOfString(line, { width }) + 2);
    doc.text(line, MARGIN, doc.y, { width });
  }
}

function writeFeet(doc: PDFKit.PDFDocument, { job, run, revision, layout }: PrintedRun, now: Date): void {
  const { start, count } = doc.bufferedPageRange();
  for (let i = start; i < start + count; i++) {
    doc.switchToPage(i);
    // Below the margin pdfkit would begin another page: the foot stands in it.
    doc.page.margins.bottom = 0;
    const y = doc.page.height - MARGIN;
    const width = doc.page.width - 2 * MARGIN;
    doc.font('plain').fontSize(8).fillColor('#5a5a5a');
    doc.text(
      `${job}: ${run}, revision ${revision}. Porthole ${APP_VERSION}, catalogue ${layout.catalogue.version}, house rules ${RULE_PACK_VERSION}, ${now.toISOString().slice(0, 10)}`,
      MARGIN,
      y,
      { width: width - 70, height: 10, ellipsis: true },
    );
    doc.text(`page ${i - start + 1} of ${count}`, MARGIN, y, { width, align: 'right', height: 10 });
  }
}
