import {
  type End,
  type Gender,
  type ThreadEnd,
  NOMINAL_SIZES,
  type NominalSize,
  type ThreadFamily,
} from '#core/ends';

/** The two systems of taper pipe thread a rigid run is made in: the American one, and the British one (R in Rp or Rc). */
export const TAPER_FAMILIES = ['NPT', 'R'] as const;
export type TaperFamily = (typeof TAPER_FAMILIES)[number];

/** The threads of each system, by the gender of the end. British fittings have parallel bores. */
const THREADS: Readonly<Record<TaperFamily, Readonly<Record<Gender, ThreadFamily>>>> = {
  NPT: { male: 'npt', female: 'npt' },
  R: { male: 'r', female: 'rp' },
};

/** The end of a pipe, or the opening of a fitting, that is threaded in a system. */
export const makeTaperEnd = (
  system: TaperFamily,
  size: NominalSize,
  gender: Gender,
  metal: ThreadEnd['metal'] = 'black-iron',
): ThreadEnd => ({
  kind: 'thread',
  family: THREADS[system][gender],
  size,
  gender,
  hand: null,
  seat: 'none',
  metal,
});

export interface TaperEnd {
  readonly system: TaperFamily;
  readonly size: NominalSize;
  readonly gender: Gender;
}

const SYSTEMS: Readonly<Partial<Record<ThreadFamily, TaperFamily>>> = {
  npt: 'NPT',
  nptf: 'NPT',
  r: 'R',
  rc: 'R',
  rp: 'R',
};

/** The system and size an end is threaded in; null for any other end. */
export function readTaperEnd(end: End): TaperEnd | null {
  if (end.kind !== 'thread') return null;
  const system = SYSTEMS[end.family];
  const size = NOMINAL_SIZES.find((each) => each === end.size);
  return system && size ? { system, size, gender: end.gender } : null;
}

/** The same of an end that is known to be one. */
export function getTaperEnd(end: End): TaperEnd {
  const taper = readTaperEnd(end);
  if (!taper) throw new Error(`no taper thread: ${JSON.stringify(end)}`);
  return taper;
}
