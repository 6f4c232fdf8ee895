export { APP_VERSION } from './app-version.ts';
export { applyToRunDoc, readKeptRunDoc } from './apply-to-run-doc.ts';
export { carryUpJobFile } from './carry-up-file.ts';
export { carryUpDocument, carryUpOps } from './carry-up.ts';
export { changeSchema, historyQuerySchema } from './change.schema.ts';
export { type CounterLine, counterListSchema } from './counter-list.schema.ts';
export { guardCell, unguardCell } from './csv-cell.ts';
export { type FilePart, type WeighedJob, cutIntoParts, namePart } from './cut-into-parts.ts';
export { type SheetVersions, makeCutSheetTable } from './cut-sheet-csv.ts';
export { endSchema } from './end.schema.ts';
export { eventSchema } from './event.schema.ts';
export { filePartQuerySchema, filePartSchema } from './file-part.schema.ts';
export { findUnstorable } from './find-unstorable.ts';
export { idSchema, momentSchema, revisionSchema } from './id.schema.ts';
export { jobFileSchema } from './job-file.schema.ts';
export {
  type ChangeInFile,
  type ImportOutcome,
  JOB_FILE_VERSION,
  type JobFile,
  type JobsFile,
  type MilestoneInFile,
  type RunInFile,
  type SpecimenInFile,
} from './job-file.ts';
export {
  type JobEdit,
  type JobInput,
  type NewJobInput,
  type NewRunInput,
  jobEditSchema,
  jobInputSchema,
  newJobSchema,
  newRunSchema,
} from './job.schema.ts';
export { JsonGate } from './json-gate.ts';
export {
  type SheetEdit,
  type SheetsPage,
  sheetEditsSchema,
  sheetsPageSchema,
  sheetsSchema,
} from './maker-sheet.schema.ts';
export {
  SHEETS_TABLE_VERSION,
  SHEET_COLUMNS,
  getSheetKey,
  makeSheetsTable,
  readSheetsTable,
} from './maker-sheets-csv.ts';
export { type MilestoneInput, milestoneInputSchema, milestoneSchema } from './milestone.schema.ts';
export { oneOfSchema } from './one-of.ts';
export { listBesidePipe, makePurchaseTable } from './purchase-csv.ts';
export { quickBenchSchema } from './quick-cut.schema.ts';
export {
  type FileSummary,
  type ReadJob,
  giveNewIds,
  parseText,
  readJobs,
  readJobsInTurn,
  summariseFile,
} from './read-job-file.ts';
export { readRunDoc } from './read-run-doc.ts';
export { type InputRefusal, readWith } from './read-with.ts';
export { benchReadingsSchema, readingMessageSchema } from './reading-message.schema.ts';
export { type RulesEdit, ruleChoicesSchema, rulesEditSchema } from './rule-choices.schema.ts';
export { runDocSchema } from './run-doc.schema.ts';
export { writeRunDxf } from './run-dxf.ts';
export {
  type ShopPartEdit,
  type ShopPartsPage,
  shopPartEditsSchema,
  shopPartSchema,
  shopPartsPageSchema,
  shopPartsSchema,
} from './shop-part.schema.ts';
export {
  SHOP_PARTS_TABLE_VERSION,
  SHOP_PART_COLUMNS,
  makeShopPartsTable,
  readShopPartsTable,
} from './shop-parts-csv.ts';
export { specimenInputSchema, specimenSchema } from './specimen.schema.ts';
export type { Column, TableRefusal } from './table.ts';
export { textSchema } from './text.schema.ts';
export type {
  ChangeAnswer,
  JobsPage,
  KeptChange,
  RunAnswer,
  RunsPage,
  StandingAnswer,
  UndoneAnswer,
  WireRefusal,
} from './wire.ts';
