/** What writes the files of a run: fetched when a file is asked for. */
export { writeSvg } from '#core/drawing';
export { listBesidePipe, makeCutSheetTable, makePurchaseTable, writeRunDxf } from '#core/formats';
