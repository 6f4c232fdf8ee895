export { answerQuestion } from './answer-question.ts';
export { GAUGE_LEAVES } from './gauge-leaves.ts';
export { READING_CHANNEL, type ReadingMessage, makeReadingMessage } from './reading-message.ts';
export { countThreads, drawNormal, getPlaceOn, readCaliper } from './simulated-instruments.ts';
export {
  type Random,
  type SimulatedSpecimen,
  drawSpecimen,
  drawUnlistedSpecimen,
  getTrueDiameter,
  getTruePitch,
} from './simulated-specimen.ts';
