export { APPLIANCE_KINDS, type ApplianceKind, MODEL_TRAP_KINDS } from './appliance-kinds.ts';
export { CATALOGUE_VERSION } from './catalogue-version.ts';
export { type Catalogue, indexParts, makeCatalogue, withSheets } from './catalogue.ts';
export type { Confidence, Provenance } from './confidence.ts';
export type { EndRegistry } from './end-registry.ts';
export {
  type FiguredEnd,
  type FiguredSocket,
  type FiguredThread,
  type FiguredTube,
  toPlainEnd,
} from './figured-end.ts';
export type { BeadRow, CoverPlace, CoverRow, OpenTimeRow } from './ground-tables.ts';
export type { Join } from './joins/join.ts';
export { JOINS, getTubeSocket } from './joins/joins.ts';
export {
  getOwnSeat,
  listEnds,
  listFlanges,
  listSeats,
  listSockets,
  listTubeEnds,
  listUnionHalves,
  makeThreadEnd,
} from './list-ends.ts';
export { readFraction } from './list-threads.ts';
export {
  type ListedThread,
  THREAD_PLACES,
  type ThreadPlace,
  getCrestRange,
  getPitch,
  getPlaceSpan,
  isTaper,
} from './listed-thread.ts';
export {
  MAKER_SHEET,
  type MakerSheet,
  SHEET_FIELDS,
  SHEET_JOINS,
  type SheetRefusal,
  type SheetRow,
  type SheetSaid,
  type SheetSays,
  findOnSheet,
  listJoinSizes,
  nameSheetSize,
  newSheetRow,
  refuseSheet,
} from './maker-sheet.ts';
export { PLACED_PARTS, type PartPlaced, type PartShape, type PartTraits } from './part-kind.ts';
export {
  type AdapterKind,
  type BoughtKind,
  PART_KINDS,
  type PartKind,
  SHOP_PART_KINDS,
  type ShopPartKind,
  getPartKind,
  getPartTraits,
  isAdapterKind,
} from './part-kinds.ts';
export {
  type Part,
  type PartLength,
  type Port,
  TUBE_JOINS,
  type TubeJoin,
  findDepth,
  findReach,
  getPlusMinus,
} from './part.ts';
export {
  MATERIALS,
  type Material,
  type Pipe,
  STOCKS,
  SYSTEMS,
  type Stock,
  type SystemId,
  THREADED_MATERIALS,
  type ThreadedMaterial,
} from './pipe.ts';
export { getPressureSides } from './pressure-sides.ts';
export { SHEET_FIGURES, SHEET_FIGURE_NAMES, type SheetFigure } from './sheet-figures.ts';
export {
  SHOP_PART,
  SHOP_PART_MATERIALS,
  type ShopPart,
  ShopPartNames,
  type ShopPartRefusal,
  getShopPartId,
  isListedEnd,
  readShopPartId,
  refuseShopPart,
  toPart,
} from './shop-part.ts';
export { SIDES, type Side, isOfCylinder } from './side.ts';
export type { OtherGas, SealedBy } from './small-threads.ts';
export { standardCatalogue } from './standard-catalogue.ts';
export { standardThreads, standardTubes } from './standard-threads.ts';
export type { SupportBySize, SupportRow } from './support-row.ts';
export { engagementTable } from './tables/engagement.table.ts';
export { malleable150ReducingTable } from './tables/malleable-150-reducing.table.ts';
export { malleable150Table } from './tables/malleable-150.table.ts';
export { nptTable } from './tables/npt.table.ts';
export { polyethyleneTable } from './tables/polyethylene.table.ts';
export { steelPipeTable } from './tables/steel-pipe.table.ts';
export { copperSupportsTable, steelSupportsTable, tubingSupportsTable } from './tables/supports.table.ts';
export {
  TAPER_FAMILIES,
  type TaperEnd,
  type TaperFamily,
  getTaperEnd,
  makeTaperEnd,
  readTaperEnd,
} from './taper-end.ts';
export type { TaperFigures, ThreadList } from './thread-list.ts';
export type { TaperThread } from './thread.ts';
export { getWidth, makePlainEnd, makeTubeOpening } from './tube-joins.ts';
export { type ManifoldOpening, readTubePartId } from './tube-part-ids.ts';
export { type TubeParts, isButtJoint } from './tube-parts.ts';
export {
  CSST_SIZES,
  STEEL_PRESS_SIZES,
  getCopperName,
  getCopperOutside,
  getFirstOfOutside,
  getFirstSize,
  getNominalOfOutside,
  getPeFigures,
  isCopperSize,
  isPeSize,
} from './tube-sizes.ts';
export { type PolyethyleneRow, type TubeList, findCopperRow, getCopperWall } from './tubes.ts';
