import type { CutSheet } from '#core/cutting';
import type { SheetVersions } from '#core/formats';
import type { Jurisdiction } from '#core/house-rules';
import type { RunLayout } from '#core/runs/layout';
import type { LengthUnit } from '#core/units';
import { handOverFile, toFileName } from '../../controls/hand-over.ts';
import { handOverTable } from '../../controls/hand-over-table.ts';

/** Everything a file of a run is made from, as it stands on this device. */
export interface RunToWrite {
  readonly layout: RunLayout;
  readonly sheet: CutSheet;
  readonly unit: LengthUnit;
  readonly jurisdiction: Jurisdiction;
  readonly job: string;
  readonly versions: SheetVersions;
}

/** Hands a text over as a file of the run, named by the run and its revision. */
function handOver(
  text: string,
  type: string,
  kind: string,
  { run, revision }: SheetVersions,
  ending: string,
): void {
  handOverFile(text, type, `${kind}-${toFileName(run)}-r${revision}.${ending}`);
}

const handOverRunTable = (table: string[][], kind: string, { run, revision }: SheetVersions): Promise<void> =>
  handOverTable(table, `${kind}-${toFileName(run)}-r${revision}.csv`);

export async function downloadCutSheet({ sheet, layout, versions }: RunToWrite): Promise<void> {
  const { makeCutSheetTable } = await import('./file-writers.ts');
  const graduation = layout.rules['tape-rounding'].option;
  await handOverRunTable(makeCutSheetTable(sheet, graduation, versions), 'cut-sheet', versions);
}

export async function downloadPurchaseList({
  sheet,
  layout,
  jurisdiction,
  versions,
}: RunToWrite): Promise<void> {
  const { listBesidePipe, makePurchaseTable } = await import('./file-writers.ts');
  const beside = listBesidePipe(layout, jurisdiction);
  await handOverRunTable(makePurchaseTable(sheet, layout.rules, versions, beside), 'purchase-list', versions);
}

export async function downloadSvg({ layout, unit, job, versions }: RunToWrite): Promise<void> {
  const { writeSvg } = await import('./file-writers.ts');
  const says = `Not to scale. Porthole ${versions.app}, catalogue ${versions.catalogue}, house rules ${versions.rulePack}.`;
  const title = `${job}: ${versions.run}, revision ${versions.revision}`;
  handOver(writeSvg(layout, unit, title, says), 'image/svg+xml', 'line', versions, 'svg');
}

/** Gives the marks of legs that have no length and are therefore not in the file. */
export async function downloadDxf({ layout, unit, versions }: RunToWrite): Promise<readonly number[]> {
  const { writeRunDxf } = await import('./file-writers.ts');
  const { text, missing } = writeRunDxf(layout, unit);
  const by = `999\nPorthole ${versions.app}, catalogue ${versions.catalogue}, house rules ${versions.rulePack}\n`;
  handOver(by + text, 'image/vnd.dxf', 'centre-lines', versions, 'dxf');
  return missing;
}
