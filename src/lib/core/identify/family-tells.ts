import type { ListedThread } from '#core/catalogue';
import { FAMILY_TRAITS, type ThreadFamily, type ThreadOrigin, type Seat } from '#core/ends';
import { COUNTRIES, THREAD_MATERIALS, type Country, type ThreadMaterial } from './observation.ts';

/**
 * What is usually seen on parts of a family, as chances. Estimates of practice, not published figures: they only
 * weigh; no verdict rests on them alone unless nothing else was seen.
 */
export interface FamilyTells {
  readonly seat: Readonly<Partial<Record<Seat, number>>>;
  /** The threaded part turns on the rest. */
  readonly swivel: number;
}

type Sides = Readonly<Record<'male' | 'female', FamilyTells>>;

const TAPER: Sides = {
  male: { seat: { none: 0.57, deburr: 0.35, '30': 0.08 }, swivel: 0.03 },
  female: { seat: { none: 0.92, deburr: 0.06, washer: 0.02 }, swivel: 0.03 },
};
const FLARE: Sides = {
  male: { seat: { '45': 0.99, other: 0.01 }, swivel: 0.02 },
  female: { seat: { '45': 0.6, none: 0.395, other: 0.005 }, swivel: 0.95 },
};
const OLIVE: Sides = {
  male: { seat: { other: 0.6, deburr: 0.25, none: 0.15 }, swivel: 0.01 },
  female: { seat: { none: 0.75, other: 0.25 }, swivel: 0.97 },
};
const G: Sides = {
  male: { seat: { washer: 0.5, none: 0.25, deburr: 0.1, '30': 0.05, other: 0.1 }, swivel: 0.05 },
  female: { seat: { washer: 0.45, '30': 0.2, none: 0.3, other: 0.05 }, swivel: 0.5 },
};
const RING: Sides = {
  male: { seat: { other: 0.6, none: 0.25, washer: 0.15 }, swivel: 0.1 },
  female: { seat: { other: 0.55, none: 0.3, washer: 0.15 }, swivel: 0.7 },
};
const WASHER: Sides = {
  male: { seat: { none: 0.8, washer: 0.15, deburr: 0.05 }, swivel: 0.05 },
  female: { seat: { washer: 0.85, none: 0.15 }, swivel: 0.8 },
};

export const FAMILY_TELLS: Readonly<Record<ThreadFamily, Sides>> = {
  npt: TAPER,
  nptf: TAPER,
  r: TAPER,
  rc: TAPER,
  rp: TAPER,
  npsm: {
    male: { seat: { '30': 0.6, none: 0.17, deburr: 0.18, washer: 0.05 }, swivel: 0.04 },
    female: { seat: { '30': 0.85, washer: 0.1, none: 0.05 }, swivel: 0.85 },
  },
  g: G,
  olive: G,
  'sae-45': FLARE,
  connector: FLARE,
  'jic-37': {
    male: { seat: { '37': 0.99, other: 0.01 }, swivel: 0.02 },
    female: { seat: { '37': 0.98, none: 0.02 }, swivel: 0.9 },
  },
  'garden-hose': WASHER,
  plumbing: WASHER,
  cylinder: {
    male: { seat: { other: 0.6, washer: 0.3, none: 0.1 }, swivel: 0.4 },
    female: { seat: { other: 0.6, washer: 0.3, none: 0.1 }, swivel: 0.5 },
  },
  compression: OLIVE,
  'inverted-flare': {
    male: { seat: { none: 0.7, other: 0.3 }, swivel: 0.97 },
    female: { seat: { other: 0.56, '45': 0.4, none: 0.04 }, swivel: 0.01 },
  },
  metric: RING,
  thermocouple: RING,
};

/** What is usual of a thread of this family and gender. */
export const getTells = ({ family, gender }: ListedThread): FamilyTells => FAMILY_TELLS[family][gender];

const PIPE_METAL = [0.5, 0.2, 0.2, 0.07, 0.01, 0.02];
const SMALL_METAL = [0.13, 0.03, 0.8, 0.03, 0.005, 0.005];
const METALS: Readonly<Partial<Record<ThreadFamily, readonly number[]>>> = {
  npt: PIPE_METAL,
  nptf: PIPE_METAL,
  r: PIPE_METAL,
  rc: PIPE_METAL,
  rp: PIPE_METAL,
  'jic-37': [0.55, 0.2, 0.1, 0.14, 0.005, 0.005],
  'garden-hose': [0.02, 0.03, 0.5, 0.02, 0.08, 0.35],
  plumbing: [0.03, 0.02, 0.6, 0.05, 0.01, 0.29],
  metric: [0.35, 0.15, 0.4, 0.08, 0.01, 0.01],
};

/** How often parts of a family are made of a material. */
export const getMaterialChance = (family: ThreadFamily, material: ThreadMaterial): number =>
  (METALS[family] ?? SMALL_METAL)[THREAD_MATERIALS.indexOf(material)]!;

const ORIGINS: Readonly<Record<ThreadOrigin, readonly number[]>> = {
  american: [0.75, 0.06, 0.06, 0.08, 0.05],
  british: [0.05, 0.3, 0.35, 0.2, 0.1],
  metric: [0.08, 0.22, 0.5, 0.15, 0.05],
  anywhere: [0.2, 0.2, 0.2, 0.2, 0.2],
};

/** How often equipment with such a thread was made for a country. */
export const getCountryChance = (family: ThreadFamily, country: Country): number =>
  ORIGINS[FAMILY_TRAITS[family].origin][COUNTRIES.indexOf(country)]!;
