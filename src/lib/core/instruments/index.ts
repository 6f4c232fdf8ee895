export { GAUGE_LEAVES } from './gauge-leaves.ts';
export { READING_CHANNEL, type ReadingMessage, makeReadingMessage } from './reading-message.ts';
export { countThreads, drawNormal, getPlaceOn, readCaliper } from './simulated-instruments.ts';
export {
  type Random,
  type SimulatedSpecimen,
  drawSpecimen,
  getTrueDiameter,
  getTruePitch,
} from './simulated-specimen.ts';
