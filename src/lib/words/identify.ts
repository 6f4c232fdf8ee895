import { GAUGE_LEAVES } from '#core/instruments';
import type { ThreadPlace } from '#core/catalogue';
import type {
  Question,
  ReadingContradiction,
  LookAlike,
  Colour,
  Country,
  CrestForm,
  Flank,
  LeafFit,
  MeasuringInstrument,
  Observation,
  ObservationKind,
  ThreadMaterial,
} from '#core/identify';
import type { Seat } from '#core/ends';
import { INCH, MILLIMETRE, type LengthUnit } from '#core/units';
import { sayNumber, sayReading } from './length-text.ts';

export const PLACE_NAMES: Readonly<Record<ThreadPlace, string>> = {
  mouth: 'at the very end',
  first: 'over the first thread',
  third: 'over the third thread',
  last: 'over the last threads',
  unknown: 'place not known',
};
export const INSTRUMENT_NAMES: Readonly<Record<MeasuringInstrument, string>> = {
  caliper: 'caliper',
  rule: 'steel rule',
  tape: 'tape',
};
export const SEAT_NAMES: Readonly<Record<Seat, string>> = {
  none: 'no seat',
  deburr: 'only a broken edge',
  '30': '30° seat',
  '37': '37° seat',
  '45': '45° seat',
  washer: 'flat, for a washer',
  other: 'another: nose, ring, soft seat',
};
export const CREST_NAMES: Readonly<Record<CrestForm, string>> = {
  sharp: 'sharp',
  flat: 'flat on top',
  rounded: 'rounded',
};
export const FLANK_NAMES: Readonly<Record<Flank, string>> = {
  '60': '60° sits without light',
  '55': '55° sits without light',
  '29': 'square-shouldered, about 29°',
};
export const MATERIAL_TEXTS: Readonly<Record<ThreadMaterial, string>> = {
  'black-steel': 'black steel or iron',
  galvanised: 'galvanised',
  brass: 'brass',
  stainless: 'stainless',
  aluminium: 'aluminium',
  plastic: 'plastic',
};
export const COLOUR_NAMES: Readonly<Record<Colour, string>> = {
  bare: 'bare metal',
  yellow: 'yellow',
  black: 'black',
  red: 'red',
  blue: 'blue',
  green: 'green',
  grey: 'grey',
  white: 'white',
};
export const COUNTRY_NAMES: Readonly<Record<Country, string>> = {
  'north-america': 'United States, Canada, Mexico',
  'uk-ireland': 'United Kingdom, Ireland',
  europe: 'elsewhere in Europe',
  'asia-pacific': 'Asia, Australia, New Zealand',
  elsewhere: 'anywhere else',
};
export const LEAF_FIT_NAMES: Readonly<Record<LeafFit, string>> = {
  fits: 'fits',
  nearly: 'nearly',
  no: 'does not fit',
};

/** What each question asks, and how to answer it by hand. */
export const QUESTIONS: Readonly<
  Record<Question | 'collar' | 'marking' | 'colour', { ask: string; how: string }>
> = {
  gender: { ask: 'Is the thread outside or inside?', how: 'Male threads are outside, female inside.' },
  diameter: {
    ask: 'What does it measure across the crests?',
    how: 'Caliper over the first thread of a male; inside jaws at the mouth of a female. Crests, not roots.',
  },
  'second-diameter': {
    ask: 'And at the other end of the thread?',
    how: 'A second diameter shows the taper: a taper thread grows 1/16 of its length.',
  },
  leaf: {
    ask: 'Which leaf of the pitch gauge sits without light?',
    how: 'Hold it against the sky. 11 and 11½, 18 and 19, 27 and 28 may both look right over a short thread.',
  },
  count: {
    ask: 'How many threads over what length?',
    how: 'From crest to crest: the first crest counts as nought. The longer, the surer.',
  },
  taper: { ask: 'Does it taper?', how: 'Feel it, or hold a straight edge along the crests.' },
  flank: {
    ask: 'Which profile sits on the flanks, 60° or 55°?',
    how: 'American threads are 60°, British 55°. Clean the thread, look for light under the leaf.',
  },
  crest: {
    ask: 'What do the crests look like?',
    how: 'British crests are rounded. Worn American ones may look so.',
  },
  seat: {
    ask: 'Is there a seat, and at what angle?',
    how: 'Look inside the swivel or at the end of the male. A broken edge is not a seat. Try the seat gauge.',
  },
  swivel: {
    ask: 'Does the threaded part turn by itself?',
    how: 'A nut or swivel turns on the rest of the part.',
  },
  hand: {
    ask: 'Does it tighten to the right?',
    how: 'Cylinder and fuel hose threads are mostly left-hand; nuts are notched.',
  },
  material: { ask: 'What is it made of?', how: 'A magnet tells iron from brass.' },
  country: {
    ask: 'For which country was the equipment made?',
    how: 'The rating plate says. It does not prove anything, parts are swapped; it weighs.',
  },
  collar: { ask: 'What is it across the flats?', how: 'Over the hexagon of the nut, flat to flat.' },
  marking: { ask: 'Is anything stamped or cast on it?', how: 'Copy it as it stands: G 3/4, 1/2 NPT, R 1.' },
  colour: { ask: 'What colour is it?', how: 'Sleeve, paint or bare. It says little about a thread.' },
};

/** A leaf as it is stamped. */
export const nameLeaf = (perInch: number): string => {
  const leaf = GAUGE_LEAVES.find((each) => Math.abs(each.perInch - perInch) < 1e-9);
  return (leaf?.name ?? String(Number(perInch.toFixed(2)))).replace('11.5', '11½');
};

/** An observation in a few words, for a list. */
export function sayObservation(observation: Observation, unit: LengthUnit): string {
  switch (observation.kind) {
    case 'gender':
      return observation.value;
    case 'diameter':
      return `${sayReading(observation.length, unit)} ${observation.side}, ${PLACE_NAMES[observation.place]}, ${INSTRUMENT_NAMES[observation.instrument]}`;
    case 'count':
      return `${observation.threads} threads over ${sayReading(observation.over, unit)}, ${INSTRUMENT_NAMES[observation.instrument]}`;
    case 'leaf':
      return `leaf ${nameLeaf(observation.perInch)} ${LEAF_FIT_NAMES[observation.fit]}`;
    case 'taper':
      return observation.value === 'taper' ? 'it tapers' : 'it is parallel';
    case 'flank':
      return FLANK_NAMES[observation.value];
    case 'crest':
      return `crests ${CREST_NAMES[observation.value]}`;
    case 'seat':
      return `${SEAT_NAMES[observation.value]}, by ${observation.by}`;
    case 'swivel':
      return observation.value ? 'it swivels' : 'it does not swivel';
    case 'hand':
      return `${observation.value}-hand`;
    case 'collar':
      return `${sayReading(observation.acrossFlats, unit)} across the flats`;
    case 'material':
      return MATERIAL_TEXTS[observation.value];
    case 'colour':
      return `colour: ${COLOUR_NAMES[observation.value]}`;
    case 'marking':
      return `marked “${observation.text}”`;
    case 'country':
      return `made for ${COUNTRY_NAMES[observation.value]}`;
  }
}

/** What a measurement may give, shorter: the question names the rest. */
export function sayOutcome(observation: Observation, unit: LengthUnit): string {
  const about = (length: number) =>
    unit === 'in' ? `about ${(length / INCH).toFixed(2)} in` : `about ${(length / MILLIMETRE).toFixed(1)} mm`;
  if (observation.kind === 'diameter') return about(observation.length);
  if (observation.kind === 'count') {
    return `about ${sayNumber((observation.threads * INCH) / observation.over, 1)} an inch`;
  }
  return sayObservation(observation, unit);
}

/** A question's name in a list of them. */
export const QUESTION_NAMES: Readonly<Record<Question | 'collar' | 'marking' | 'colour', string>> = {
  gender: 'Outside or inside',
  diameter: 'Diameter',
  'second-diameter': 'Second diameter',
  leaf: 'Pitch gauge',
  count: 'Count over a length',
  taper: 'Taper by feel',
  flank: 'Profile gauge',
  crest: 'Crests',
  seat: 'Seat',
  swivel: 'Swivel',
  hand: 'Hand',
  material: 'Material',
  country: 'Country',
  collar: 'Across the flats',
  marking: 'Marking',
  colour: 'Colour',
};

/** Loud where it matters: why two threads are taken for each other, and what tells them apart. */
export const LOOK_ALIKE_WARNINGS: Readonly<Record<LookAlike, string>> = {
  sister: 'No gauge parts them: the marking does.',
  'american-british':
    'American and British with the same pitch: they start together by hand, feel good and never seal. Flank angle, rounded crests and the country of the equipment decide.',
  'taper-parallel': 'One tapers, the other does not: a second diameter decides.',
  'same-thread':
    'The same thread with another seat: the nut goes on, the joint does not seal. The seat decides.',
  'other-hand': 'The same thread, left-hand and right-hand: try which way it tightens.',
  'neighbouring-pitch': 'Neighbouring leaves look as good: count over a longer length.',
};

export const CONTRADICTION_TEXTS: Readonly<Record<ReadingContradiction['code'], string>> = {
  'side-and-gender': 'a thread that is outside is measured outside, one that is inside is measured inside',
  'leaf-and-leaf': 'two leaves this far apart cannot both fit one thread',
  'leaf-and-count': 'the leaf and the count give different pitches',
  'taper-and-diameters': 'the two diameters do not bear out the taper',
};

export const OBSERVATION_NAMES: Readonly<Record<ObservationKind, string>> = QUESTION_NAMES;
