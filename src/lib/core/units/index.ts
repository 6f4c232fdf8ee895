export { LONGEST_MEASURE, checkMeasure, isBeyondHope, parseMeasure } from './check-measure.ts';
export { type LengthFormat, formatLength, getTapeFormat, splitLength } from './format-length.ts';
export {
  type GasInput,
  type GasInputRefusal,
  INPUT_BASES,
  INPUT_UNITS,
  PRESSURE_UNITS,
  type PressureUnit,
  isBasisAsked,
  parseGasInput,
} from './gas-input.ts';
export type { LengthRefusal } from './length-refusal.ts';
export {
  FOOT,
  INCH,
  type Length,
  type LengthUnit,
  METRE,
  MILLIMETRE,
  type Millimetres,
  inches,
  millimetres,
  toInches,
  toMillimetres,
} from './length.ts';
export { isMoment, toMoment } from './moment.ts';
export { parseLength } from './parse-length.ts';
export {
  type RoundFigure,
  type TapeRule,
  getTapeUnit,
  leastMillimetres,
  mostMetres,
  onTapeOf,
  roundFeet,
  roundInches,
} from './round-figure.ts';
export { type OnTape, TAPE_GRADUATIONS, type TapeGraduation, putOnTape, roundToStep } from './tape.ts';
export { type Torque, type TorqueRefusal, parseTorque, toTorqueUnit } from './torque.ts';
export { getMeasureFormat, getTypedFormat } from './written-length.ts';
