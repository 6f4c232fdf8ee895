import type { Observation, Reading, SpecimenInput } from '#core/identify';
import { inches, MILLIMETRE } from '#core/units';

export const DEMO_BAKERY = 'demolanternstreet';

const mm = (value: number) => Math.round(value * MILLIMETRE);
const outside = (length: number, place: 'first' | 'last' | 'mouth'): Observation => ({
  kind: 'diameter',
  side: 'outside',
  length,
  instrument: 'caliper',
  place,
});
const inside = (length: number, place: 'first' | 'last' | 'mouth'): Observation => ({
  kind: 'diameter',
  side: 'inside',
  length,
  instrument: 'caliper',
  place,
});
const leaf = (perInch: number): Observation => ({ kind: 'leaf', perInch, fit: 'fits' });
const MALE: Observation = { kind: 'gender', value: 'male' };
const FEMALE: Observation = { kind: 'gender', value: 'female' };

/** What a reading is made with, as the fitter would say it. */
const INSTRUMENTS: Partial<Record<Observation['kind'], string>> = {
  diameter: 'caliper 2',
  leaf: 'pitch gauge',
  flank: 'profile gauge',
  seat: 'seat gauge',
  count: 'steel rule',
};

function makeInput(
  number: number,
  name: string,
  note: string,
  by: string,
  observations: readonly Observation[],
): SpecimenInput {
  const id = `demospecimen${number}`;
  const readings = observations.map((observation, i): Reading => ({
    id: `${id}r${i}`,
    observation,
    instrument: INSTRUMENTS[observation.kind] ?? null,
    simulated: false,
  }));
  return { id, name, note, readings, by, at: `2026-03-0${number}T09:30:00.000Z` };
}

/** Invented readings that a hand with a caliper could have made. */
export const BAKERY_SPECIMENS: readonly SpecimenInput[] = [
  makeInput(1, 'Riser in the cellar', 'Black pipe, old paint', 'Ines Marlow', [
    MALE,
    outside(mm(32.72), 'first'),
    leaf(11.5),
    outside(mm(33.4), 'last'),
    { kind: 'flank', value: '60' },
    { kind: 'crest', value: 'flat' },
    { kind: 'material', value: 'black-steel' },
    { kind: 'country', value: 'north-america' },
  ]),
  makeInput(2, 'Elbow behind the oven', 'Where the oven is to be connected again', 'Ines Marlow', [
    FEMALE,
    inside(mm(23.6), 'mouth'),
    leaf(14),
    { kind: 'flank', value: '60' },
    { kind: 'taper', value: 'taper' },
    inside(mm(22.75), 'last'),
    { kind: 'seat', value: 'none', by: 'gauge' },
    { kind: 'swivel', value: false },
    { kind: 'country', value: 'north-america' },
  ]),
  makeInput(3, 'Oven inlet', 'Plate says made for the United Kingdom', 'Tobin Reed', [
    MALE,
    outside(mm(25.92), 'first'),
    leaf(14),
    outside(mm(26.48), 'last'),
    { kind: 'flank', value: '55' },
    { kind: 'crest', value: 'rounded' },
    { kind: 'country', value: 'uk-ireland' },
    { kind: 'marking', text: 'R 3/4' },
  ]),
  makeInput(4, 'Mixed tray, first', 'Lay in the tray marked 1/2 NPT', 'Tobin Reed', [
    MALE,
    outside(mm(20.6), 'first'),
    leaf(14),
    { kind: 'hand', value: 'right' },
    { kind: 'taper', value: 'taper' },
    { kind: 'seat', value: 'none', by: 'eye' },
  ]),
  makeInput(5, 'Mixed tray, second', 'Lay in the tray of 45° flares', 'Tobin Reed', [
    MALE,
    outside(inches(0.744), 'first'),
    leaf(16),
    { kind: 'seat', value: '37', by: 'gauge' },
    { kind: 'material', value: 'black-steel' },
    { kind: 'hand', value: 'right' },
  ]),
  makeInput(6, 'Regulator swivel', 'On the old meter bracket', 'Ines Marlow', [
    FEMALE,
    { kind: 'swivel', value: true },
    inside(mm(24.35), 'mouth'),
    leaf(14),
    { kind: 'flank', value: '55' },
    { kind: 'seat', value: 'washer', by: 'gauge' },
    { kind: 'country', value: 'uk-ireland' },
    { kind: 'marking', text: 'G 3/4' },
  ]),
];
