import { toMillimetres } from '#core/units';
import { normalDensity } from '../chance.ts';
import { getTells } from '../family-tells.ts';
import { SEATS, type Seat } from '#core/ends';
import type { Likelihood } from './likelihood.ts';

/** How often a seat is taken for another: by eye, and with the seat gauge. Angles blur into their neighbours. */
const TAKEN_FOR: readonly (readonly [Seat, Seat, eye: number, gauge: number])[] = [
  ['37', '45', 0.25, 0.03],
  ['45', '37', 0.25, 0.03],
  ['30', '37', 0.12, 0.02],
  ['37', '30', 0.08, 0.02],
  ['deburr', '30', 0.15, 0.02],
  ['deburr', 'none', 0.2, 0.1],
  ['none', 'deburr', 0.1, 0.05],
  ['30', 'deburr', 0.05, 0.01],
];
const BLUNDER = 0.005;

function getSeatSeen(truth: Seat, seen: Seat, by: 'eye' | 'gauge'): number {
  const column = by === 'eye' ? 2 : 3;
  const rows = TAKEN_FOR.filter(([from]) => from === truth);
  if (truth === seen) return 1 - BLUNDER * SEATS.length - rows.reduce((sum, row) => sum + row[column], 0);
  return BLUNDER + (rows.find(([, to]) => to === seen)?.[column] ?? 0);
}

const tabulate = (by: 'eye' | 'gauge', seen: Seat) =>
  Object.fromEntries(SEATS.map((truth) => [truth, getSeatSeen(truth, seen, by)])) as Record<Seat, number>;

/** How it is looked at → what is seen → what it may be. */
const SEEN = {
  eye: Object.fromEntries(SEATS.map((seen) => [seen, tabulate('eye', seen)])) as Record<
    Seat,
    Record<Seat, number>
  >,
  gauge: Object.fromEntries(SEATS.map((seen) => [seen, tabulate('gauge', seen)])) as Record<
    Seat,
    Record<Seat, number>
  >,
};

/** Of threads in no list most have no seat at all. */
const NONE_SEAT: Readonly<Record<Seat, number>> = {
  none: 0.32,
  deburr: 0.15,
  '30': 0.08,
  '37': 0.07,
  '45': 0.08,
  washer: 0.15,
  other: 0.15,
};

/** What the seat looks like: what the family usually has, blurred by how it was looked at. */
export const getSeatLikelihood: Likelihood<'seat'> = (candidate, { value, by }) => {
  if (candidate === 'none') return NONE_SEAT[value];
  const { seat } = getTells(candidate);
  const seen = SEEN[by][value];
  let sum = 0.002;
  for (const truth of SEATS) sum += (seat[truth] ?? 0) * seen[truth];
  return sum;
};

export const getSwivelLikelihood: Likelihood<'swivel'> = (candidate, { value }) => {
  if (candidate === 'none') return value ? 0.4 : 0.6;
  const swivels = 0.01 + 0.98 * getTells(candidate).swivel;
  return value ? swivels : 1 - swivels;
};

/** Across the flats of a nut: published for flare nuts; other parts have one or another. */
export const getCollarLikelihood: Likelihood<'collar'> = (candidate, { acrossFlats }) => {
  const read = toMillimetres(acrossFlats);
  if (candidate === 'none') return 1 / 60;
  const { high } = candidate.crest;
  const anything = read > 0.9 * high && read < 2.2 * high ? 1 / (1.3 * high) : 1 / 600;
  if (candidate.acrossFlats === null) return anything;
  return 0.75 * normalDensity(read, candidate.acrossFlats, 0.4) + 0.25 * anything;
};
