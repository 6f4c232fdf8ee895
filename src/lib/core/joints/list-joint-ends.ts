import type { Catalogue } from '../catalogue/catalogue.ts';
import { isTaper, type ListedThread } from '../catalogue/listed-thread.ts';
import { NOMINAL_SIZES } from '../catalogue/size.ts';
import type { ThreadFamily } from '../catalogue/thread-family.ts';
import type { ThreadList } from '../catalogue/thread-list.ts';
import type { CopperRow, TubeList } from '../catalogue/tubes.ts';
import type { Seat } from '../identify/observation.ts';
import { toMillimetres } from '../units/length.ts';
import type { JointEnd, SocketEnd, Temper, ThreadEnd, TubeEnd, UnionHalf } from './joint-end.ts';

/** What a family is made with to seal against, when nothing else was seen; of a straight pipe thread nobody can say unseen. */
const OWN_SEATS: Readonly<Record<ThreadFamily, Seat | 'unknown'>> = {
  npt: 'none', nptf: 'none', r: 'none', rc: 'none', rp: 'none', npsm: 'unknown', g: 'washer', 'sae-45': '45', connector: '45',
  'jic-37': '37', 'garden-hose': 'washer', cylinder: 'other', compression: 'other', olive: 'other', 'inverted-flare': '45',
  plumbing: 'washer', metric: 'other', thermocouple: 'other',
}; // prettier-ignore
export const getOwnSeat = (family: ThreadFamily): Seat | 'unknown' => OWN_SEATS[family];

/** The seats an end of this thread may be found with: a taper bore has none, a male taper may have one or only a burr's edge. */
export function listSeats(thread: ListedThread): readonly (Seat | 'unknown')[] {
  const own = getOwnSeat(thread.family);
  if (isTaper(thread) || thread.family === 'rp')
    return thread.gender === 'male' ? ['none', 'deburr', '30', 'unknown'] : ['none'];
  const more: readonly Seat[] =
    thread.family === 'npsm' || thread.family === 'g'
      ? ['30', 'washer']
      : thread.sealedBy.includes('washer')
        ? ['washer']
        : [];
  return [...new Set<Seat | 'unknown'>([own, ...more, 'none', 'unknown'])];
}

export const makeThreadEnd = (thread: ListedThread, more: Partial<ThreadEnd> = {}): ThreadEnd => ({
  kind: 'thread',
  thread,
  seat: getOwnSeat(thread.family),
  material: 'black-iron',
  ...more,
});

/** Every threaded end that may be met, by thread and seat, in one material. */
export const listThreadEnds = (list: ThreadList): ThreadEnd[] =>
  list.threads.flatMap((thread) => listSeats(thread).map((seat) => makeThreadEnd(thread, { seat })));

/** Copper whose name says how it is drawn; K, L and metric tube are sold both ways. */
const TEMPER_OF: Readonly<Partial<Record<CopperRow['type'], Temper>>> = {
  'ACR coil': 'soft',
  'ACR straight': 'hard',
};

/** Every plain tube end of the tables. */
export function listTubeEnds(tubes: TubeList, catalogue: Catalogue): TubeEnd[] {
  const copper = tubes.copper.map(({ type, name, outside, unit }): TubeEnd => {
    const called = type === 'metric' ? `${name} mm` : `${name} ${type}`;
    return { kind: 'tube', tube: 'copper', name: called, outside: unit === 'mm' ? outside : outside * 25.4, sdr: null, temper: TEMPER_OF[type] ?? 'unknown' };
  }); // prettier-ignore
  const pe = tubes.polyethylene.map(({ size, system, outside, sdr }): TubeEnd => ({
    kind: 'tube',
    tube: 'polyethylene',
    name: `${size} ${system} SDR ${sdr}`,
    outside: outside * 25.4,
    sdr,
    temper: null,
  }));
  const csst = tubes.csst.map(({ size, ehd, overJacketLow, overJacketHigh }): TubeEnd => ({
    kind: 'tube',
    tube: 'csst',
    name: `${size} CSST, EHD ${ehd}`,
    outside: ((overJacketLow + overJacketHigh) / 2) * 25.4,
    sdr: null,
    temper: null,
  }));
  const steel = NOMINAL_SIZES.flatMap((size): TubeEnd[] => {
    const pipe = catalogue.findPipe(size);
    return pipe
      ? [
          {
            kind: 'tube',
            tube: 'steel',
            name: `${size} steel pipe`,
            outside: toMillimetres(pipe.outside),
            sdr: null,
            temper: null,
          },
        ]
      : [];
  });
  return [...copper, ...pe, ...csst, ...steel];
}

/** A socket for every tube that goes into one: stab for polyethylene, press for steel, the maker's fitting for CSST. */
export const listSockets = (tubes: readonly TubeEnd[]): SocketEnd[] =>
  tubes.flatMap(({ tube, name, outside, sdr }): SocketEnd[] => {
    if (tube === 'copper') return [];
    const socket = tube === 'polyethylene' ? 'stab' : tube === 'steel' ? 'press' : 'csst-fitting';
    return [{ kind: 'socket', socket, name, takes: outside, sdr }];
  });

export const listUnionHalves = (): UnionHalf[] =>
  NOMINAL_SIZES.flatMap((size) =>
    (['cone', 'socket'] as const).map((half) => ({ kind: 'union-half', size, half })),
  );

/** Every end there is, the unknown one last. */
export function listJointEnds(list: ThreadList, tubeList: TubeList, catalogue: Catalogue): JointEnd[] {
  const tubes = listTubeEnds(tubeList, catalogue);
  return [
    ...listThreadEnds(list),
    ...tubes,
    ...listSockets(tubes),
    ...listUnionHalves(),
    { kind: 'unknown' },
  ];
}
