export { comparePrints, findOtherThanLaid, listUnreadPipes, readPrint } from './compare-prints.ts';
export { type CoverWanted, getWantedCover, listCovers } from './cover-wanted.ts';
export { type FusionSheet, listFusionSheets } from './fusion-sheet.ts';
export {
  type Trench,
  type TrenchLeg,
  type TrenchMark,
  type TrenchPoint,
  WIRE_TAIL,
  isInTrench,
  listTrenches,
} from './trench.ts';
