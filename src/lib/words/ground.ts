import type { FusionSheet } from '#core/ground/fusion-sheet.ts';
import type { Trench, TrenchLeg, TrenchMark, TrenchPoint } from '#core/ground/trench.ts';
import { roundToStep } from '#core/units/tape.ts';
import { FOOT, INCH, inches, millimetres, type Length, type LengthUnit } from '#core/units/length.ts';
import { sayExact, sayLength, sayNumber } from './length-text.ts';

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
  if (length === null) return [['length', 'not measured yet']];
  return [
    ['along the trench', sayLength(length, unit)],
    ['slack for contraction', `${about(slack!, unit)}, from ${temperatures.laying} °F as laid to ${temperatures.coldest} °F`], // prettier-ignore
    ...(wire === null ? [] : ([['tracer wire', `${about(wire, unit)}, up each riser and a foot out of the ground; insulated, near the pipe and never on it`]] as const)), // prettier-ignore
    ...(tape === null ? [] : ([['warning tape', `${about(tape, unit)}, above the pipe`]] as const)),
  ];
}

/** What a section shows, in words. */
export function sayTrench(trench: Trench, unit: LengthUnit): string {
  const covers = trench.points.map(({ cover }) => (cover === null ? 'cover not said' : `${about(cover, unit)} of cover`)); // prettier-ignore
  const places = trench.points.map((point, i) => `${TRENCH_MARK_NAMES[point.mark]}: ${covers[i]}`);
  const long = trench.length === null ? 'of a length not measured' : `${sayLength(trench.length, unit)} long`;
  return `A trench ${long}. ${places.join('; ')}.`;
}

/** What a riser comes to, in words. */
export function sayRiser({ riser, cover }: TrenchPoint, unit: LengthUnit): string {
  if (!riser) return '';
  const { bury, buried, head } = riser;
  const deep = cover === null ? 'Cover not said' : `${about(cover, unit)} of cover; with the pipe ${sayExact(buried!, unit)} deep`; // prettier-ignore
  const most = bury === null ? 'how deep it may be is not read: it stands on it' : `it may be ${sayExact(bury, unit)} deep${buried !== null && buried > bury ? ': too short' : ''}`; // prettier-ignore
  const above = head === null ? 'how far its head stands out is not measured' : head > 0 ? `its head stands ${about(head, unit)} above the ground` : 'its head is not above the ground'; // prettier-ignore
  return `${deep}; ${most}; ${above}.`;
}

const sayBead = (value: number, unit: LengthUnit): string =>
  unit === 'mm'
    ? `${sayNumber(value * 25.4, 1)} mm`
    : `${value === 1 / 32 ? '1/32' : value === 1 / 16 ? '1/16' : sayNumber(value, 3)} in`;

/** How near to a joint a pipe is never squeezed: three outsides, and a foot at the least. Typical; the maker's larger figure goes before it. */
const getSqueezeDistance = (outside: Length): Length => Math.max(3 * outside, FOOT);

/** Pipe that is squeezed shut: what must be so. Its outside in nm; null where it is not known. */
export const saySqueeze = (outside: Length | null, unit: LengthUnit): string =>
  `Squeezing this pipe shut to stop the gas is for those trained for it, with a tool made for its size, earthed and wetted against static: a spark lights what leaks. Never within ${sayLength(outside === null ? FOOT : getSqueezeDistance(outside), unit)} of a joint or a fitting, never twice in one place; it may not close tight, and the place is marked.`;

const saySeconds = (seconds: number): string =>
  seconds < 120 ? `${seconds} s` : `${sayNumber(seconds / 60, 1)} min`;

/** The run sheet of a fusion: what is set, what is cut off, what is looked at. In this order at the machine. */
export function listFusionSteps(
  sheet: FusionSheet,
  unit: LengthUnit,
): readonly (readonly [string, string])[] {
  const { bead, openTime, iron, interface: press } = sheet;
  return [
    ['pipe', `${sheet.size}: outside ${sayExact(sheet.outside, unit)}, wall ${sayExact(sheet.wall, unit)} at the least; buried pipe in the fixed jaw, the riser in the moving one, about ${sayLength(0.75 * INCH, unit)} out of each`], // prettier-ignore
    ['taken by facing and melt', `${sayExact(sheet.loss, unit)} a joint, ${sayExact(sheet.perSide, unit)} from each side; keep spare length to cut a joint out`], // prettier-ignore
    ['facing', 'until the shavings come off unbroken from both ends; then no daylight between them, no step a nail catches; wipe, and touch no more'], // prettier-ignore
    ['iron', `${iron.isMakers ? `as the maker’s procedure has it; ${iron.target} ± ${iron.within} °F is usual, ${iron.least} to ${iron.most} °F the range` : `${iron.target} ± ${iron.within} °F`}, by thermometer on the face. Hot iron: burns`], // prettier-ignore
    ['pressure', `to seat, then none while it melts; joining ${press.least} to ${press.most} psi between the ends (${press.target} is aimed at) on a ring of ${sayNumber(press.ring, 2)} sq in; the gauge shows that over its piston, and the drag besides`], // prettier-ignore
    ['bead when heating ends', bead === null ? 'as the maker says' : `${bead.least === bead.most ? `about ${sayBead(bead.least, unit)}` : `${sayBead(bead.least, unit)} to ${sayBead(bead.most, unit)}`}, all round; the bead decides, the clock is a guide`], // prettier-ignore
    ['look', 'flat, not cupped, no cold spots: cupped is cut out'],
    ['iron out to ends together', openTime === null ? 'as the maker says' : `${openTime.seconds} s at the most (${openTime.confidence})`], // prettier-ignore
    ['under pressure until cool', `${saySeconds(sheet.cooling)}, or the maker’s time where that is longer`],
    ['before rough handling, burial or test', `${saySeconds(sheet.rest)} more, longer in heat`],
    ['look', 'a double bead, even all round, both rolled to the wall; no gap, no one-sided bead, no dirt. Bad: cut it out and do it again'], // prettier-ignore
  ];
}
