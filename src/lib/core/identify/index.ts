export { checkByHand, checkByHandAll } from './by-hand-check.ts';
export {
  PE_CLOSE,
  type PeComparison,
  type PrintLineFinding,
  checkPrintLine,
  comparePe,
  findOutside,
  findWall,
} from './check-print-line.ts';
export {
  type ReadingContradiction,
  type ReadingRefusal,
  checkDiameter,
  findContradictions,
  parseCount,
} from './check-reading.ts';
export { type Naming, type SizeNameRefusal, convertSizeName, parseSizeName } from './convert-size-name.ts';
export { getCountryChance, getMaterialChance, getTells } from './family-tells.ts';
export { filterThreads } from './filter-threads.ts';
export {
  EASE,
  type NextMeasurement,
  type Outcome,
  type Question,
  findLeads,
  findNextMeasurements,
  getSecondPlace,
} from './find-next-measurement.ts';
export { findPipeKinds, findPipeSizes, rankPipeKinds } from './identify-pipe.ts';
export { type Verdict, judge } from './judge.ts';
export { getLeafChances } from './likelihoods/leaf.ts';
export { type LookAlike, findLookAlike } from './look-alikes.ts';
export {
  COLOURS,
  COUNTRIES,
  CREST_FORMS,
  type Colour,
  type Country,
  type CrestForm,
  FLANKS,
  type Flank,
  LEAF_FITS,
  type LeafFit,
  MEASURING_INSTRUMENTS,
  type MeasuringInstrument,
  type Observation,
  type ObservationKind,
  type Reading,
  THREAD_MATERIALS,
  type ThreadMaterial,
  putReading,
} from './observation.ts';
export { PIPE_LOOKS, type PipeKindId, type PipeLook, type PipeLooks, type PipeUse } from './pipe-kinds.ts';
export { type PrintLine, parsePrintLine } from './print-line.ts';
export {
  type RankedThread,
  type Ranking,
  type Weights,
  beginWeighing,
  getRanking,
  getSupport,
  rankCandidates,
  weighObservation,
} from './rank-candidates.ts';
export {
  type KeptVerdict,
  type Specimen,
  type SpecimenEnd,
  type SpecimenInput,
  makeSpecimen,
} from './specimen.ts';
export type { TubeFit } from './tube-fit.ts';
