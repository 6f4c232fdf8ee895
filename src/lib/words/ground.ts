import {
  type FusionSheet,
  WIRE_TAIL,
  type Trench,
  type TrenchLeg,
  type TrenchMark,
  type TrenchPoint,
} from '#core/ground';
import { roundToStep, inches, millimetres, type Length, type LengthUnit, roundInches } from '#core/units';
import { FUSION_LOSS } from '#core/house-rules';
import {
  sayExact,
  sayFigure,
  sayLength,
  sayNumber,
  sayTaped,
  sayTemperature,
  sayTemperatureWithin,
} from './length-text.ts';

export const TRENCH_MARK_NAMES: Readonly<Record<TrenchMark, string>> = {
  riser: 'riser',
  transition: 'transition',
  fitting: 'fitting',
  bend: 'bend',
  cap: 'cap',
  open: 'open end',
};

/** As fine as anybody digs. */
const STEPS: Readonly<Record<LengthUnit, number>> = { in: inches(0.25), mm: millimetres(5) };
const about = (length: number, unit: LengthUnit): string => sayLength(roundToStep(length, STEPS[unit]), unit);

/** `riser at leg 2`: the leg by which it was come to, or that begins there. */
export function namePoint({ points, legs }: Trench, point: TrenchPoint): string {
  const i = points.indexOf(point);
  const leg = legs[Math.max(0, i - 1)]!.laid.leg;
  return `${TRENCH_MARK_NAMES[point.mark]}, ${i === 0 ? 'beginning' : 'end'} of leg ${leg.tag}`;
}

/** `falls 6 in toward its end`, the ground being level. */
export function sayFall({ fall }: TrenchLeg, unit: LengthUnit): string {
  if (fall === null) return 'its fall is not known: a cover is missing';
  if (fall === 0) return 'level, if the ground is';
  return `${fall > 0 ? 'falls' : 'rises'} ${about(Math.abs(fall), unit)} toward its end, if the ground is level`;
}

/** What is to be laid along a trench: pipe, slack, wire, tape. */
export function listTrenchLengths(trench: Trench, unit: LengthUnit): readonly (readonly [string, string])[] {
  const { length, slack, temperatures, wire, tape } = trench;
  const [laying, coldest] = [
    sayTemperature(temperatures.laying, unit),
    sayTemperature(temperatures.coldest, unit),
  ];
  if (length === null) return [['length', 'not measured yet']];
  return [
    ['along the trench', sayTaped(length, unit)],
    ['slack for contraction', `${about(slack!, unit)}, from ${laying} as laid to ${coldest}`], // prettier-ignore
    ...(wire === null
      ? []
      : ([
          [
            'tracer wire',
            `${about(wire, unit)}, up each riser and ${sayFigure(WIRE_TAIL, unit)} out of the ground; insulated, near the pipe and never on it`,
          ],
        ] as const)),
    ...(tape === null ? [] : ([['warning tape', `${about(tape, unit)}, above the pipe`]] as const)),
  ];
}

/** What a section shows, in words. */
export function sayTrench(trench: Trench, unit: LengthUnit): string {
  const covers = trench.points.map(({ cover }) =>
    cover === null ? 'cover not said' : `${about(cover, unit)} of cover`,
  );
  const places = trench.points.map((point, i) => `${TRENCH_MARK_NAMES[point.mark]}: ${covers[i]}`);
  const long = trench.length === null ? 'of a length not measured' : `${sayTaped(trench.length, unit)} long`;
  return `A trench ${long}. ${places.join('; ')}.`;
}

/** What a riser comes to, in words. */
export function sayRiser({ riser, cover }: TrenchPoint, unit: LengthUnit): string {
  if (!riser) return '';
  const { bury, buried, head } = riser;
  const deep =
    cover === null
      ? 'Cover not said'
      : `${about(cover, unit)} of cover; with the pipe ${sayTaped(buried!, unit)} deep`;
  const most =
    bury === null
      ? 'how deep it may be is not read: it stands on it'
      : `it may be ${sayTaped(bury, unit)} deep${buried !== null && buried > bury ? ': too short' : ''}`;
  const above =
    head === null
      ? 'how far its head stands out is not measured'
      : head > 0
        ? `its head stands ${about(head, unit)} above the ground`
        : 'its head is not above the ground';
  return `${deep}; ${most}; ${above}.`;
}

/** Exact by definition of pound and inch, to six digits. */
const BAR_PER_PSI = 0.0689476;
const MM2_PER_SQ_IN = 25.4 ** 2;

const sayBead = (value: number, unit: LengthUnit): string =>
  unit === 'mm'
    ? `${sayNumber(value * 25.4, 0)} mm`
    : `${value === 1 / 32 ? '1/32' : value === 1 / 16 ? '1/16' : sayNumber(value, 3)} in`;

/** How near to a joint a pipe is never squeezed: three outsides, and a foot at the least. Typical; the maker's larger figure goes before it. */
const getSqueezeDistance = (outside: Length | null, unit: LengthUnit): Length =>
  Math.max(3 * (outside ?? 0), SQUEEZE_DISTANCE[unit]);
const SQUEEZE_DISTANCE = roundInches(12, 305);

/** Pipe that is squeezed shut: what must be so. Its outside in nm; null where it is not known. */
export const saySqueeze = (outside: Length | null, unit: LengthUnit): string =>
  `Squeezing this pipe shut to stop the gas is for those trained for it, with a tool made for its size, earthed and wetted against static: a spark lights what leaks. Never within ${sayTaped(getSqueezeDistance(outside, unit), unit, 'up')} of a joint or a fitting, never twice in one place; it may not close tight, and the place is marked.`;

const saySeconds = (seconds: number): string =>
  seconds < 120 ? `${seconds} s` : `${sayNumber(seconds / 60, 1)} min`;

/** The run sheet of a fusion: what is set, what is cut off, what is looked at. In this order at the machine. */
export function listFusionSteps(
  sheet: FusionSheet,
  unit: LengthUnit,
): readonly (readonly [string, string])[] {
  const { bead, openTime, iron, interface: press } = sheet;
  const heat = sayTemperatureWithin(iron.target, iron.within, unit);
  const pressure = (psi: number): string => (unit === 'in' ? String(psi) : sayNumber(psi * BAR_PER_PSI, 1));
  return [
    ['pipe', `${sheet.size}: outside ${sayExact(sheet.outside, unit)}, wall ${sayExact(sheet.wall, unit)} at the least; buried pipe in the fixed jaw, the riser in the moving one, about ${sayFigure(FUSION_LOSS, unit)} out of each`], // prettier-ignore
    ['taken by facing and melt', `${sayTaped(sheet.loss, unit)} a joint, ${sayTaped(sheet.perSide, unit)} from each side; keep spare length to cut a joint out`], // prettier-ignore
    ['facing', 'until the shavings come off unbroken from both ends; then no daylight between them, no step a nail catches; wipe, and touch no more'], // prettier-ignore
    ['iron', `${iron.isMakers ? `as the maker’s procedure has it; ${heat} is usual, ${sayTemperature(iron.least, unit)} to ${sayTemperature(iron.most, unit)} the range` : heat}, by thermometer on the face. Hot iron: burns`], // prettier-ignore
    ['pressure', `to seat, then none while it melts; joining ${pressure(press.least)} to ${pressure(press.most)} ${unit === 'in' ? 'psi' : 'bar'} between the ends (${pressure(press.target)} is aimed at) on a ring of ${unit === 'in' ? `${sayNumber(press.ring, 2)} sq in` : `${sayNumber(press.ring * MM2_PER_SQ_IN, 0)} mm²`}; the gauge shows that over its piston, and the drag besides`], // prettier-ignore
    ['bead when heating ends', bead === null ? 'as the maker says' : `${bead.least === bead.most ? `about ${sayBead(bead.least, unit)}` : `${sayBead(bead.least, unit)} to ${sayBead(bead.most, unit)}`}, all round; the bead decides, the clock is a guide`], // prettier-ignore
    ['look', 'flat, not cupped, no cold spots: cupped is cut out'],
    ['iron out to ends together', openTime === null ? 'as the maker says' : `${openTime.seconds} s at the most (${openTime.confidence})`], // prettier-ignore
    ['under pressure until cool', `${saySeconds(sheet.cooling)}, or the maker’s time where that is longer`],
    ['before rough handling, burial or test', `${saySeconds(sheet.rest)} more, longer in heat`],
    ['look', 'a double bead, even all round, both rolled to the wall; no gap, no one-sided bead, no dirt. Bad: cut it out and do it again'], // prettier-ignore
  ];
}
