import { getTubeSocket } from './joins/joins.ts';
import {
  FLANGE_DRILLINGS,
  UNKNOWN_END,
  type FlangeEnd,
  type Temper,
  type TubeKind,
  type UnionHalf,
  type Seat,
  NOMINAL_SIZES,
  type ThreadFamily,
  SOCKET_KINDS,
} from '#core/ends';
import { toMillimetres } from '#core/units';
import type { FiguredEnd, FiguredSocket, FiguredThread, FiguredTube } from './figured-end.ts';
import { isTaper, type ListedThread } from './listed-thread.ts';
import type { Pipe } from './pipe.ts';
import type { ThreadList } from './thread-list.ts';
import { nameCopperRow, type CopperRow, type TubeList } from './tubes.ts';

/** What a family is made with to seal against, when nothing else was seen; of a straight pipe thread nobody can say unseen. */
const OWN_SEATS: Readonly<Record<ThreadFamily, Seat | 'unknown'>> = {
  npt: 'none', nptf: 'none', r: 'none', rc: 'none', rp: 'none', npsm: 'unknown', g: 'washer', 'sae-45': '45', connector: '45',
  'jic-37': '37', 'garden-hose': 'washer', cylinder: 'other', compression: 'other', olive: 'other', 'inverted-flare': '45',
  plumbing: 'washer', metric: 'other', thermocouple: 'other',
}; // prettier-ignore
/** What a family is made with to seal against; `unknown` where that differs from part to part. */
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

/** A threaded end of black iron with the seat its family is made with; `more` says what is otherwise. */
export const makeThreadEnd = (thread: ListedThread, more: Partial<FiguredThread> = {}): FiguredThread => ({
  kind: 'thread',
  thread,
  seat: getOwnSeat(thread.family),
  metal: 'black-iron',
  ...more,
});

/** Every threaded end that may be met, by thread and seat, in one metal. */
export const listThreadEnds = (list: ThreadList): FiguredThread[] =>
  list.threads.flatMap((thread) => listSeats(thread).map((seat) => makeThreadEnd(thread, { seat })));

/** Copper whose name says how it is drawn; K, L and metric tube are sold both ways. */
const TEMPER_OF: Readonly<Partial<Record<CopperRow['type'], Temper>>> = {
  'ACR coil': 'soft',
  'ACR straight': 'hard',
};

const makeTubeEnd = (
  tube: TubeKind,
  name: string,
  outside: number,
  more: Partial<FiguredTube> = {},
): FiguredTube => ({
  kind: 'tube',
  tube,
  name,
  outside,
  sdr: null,
  prepared: 'plain',
  temper: null,
  ...more,
});

/** Every plain tube end of the tables; steel pipe in the sizes it is carried in. */
export function listTubeEnds(tubes: TubeList, pipes: Iterable<Pipe>): FiguredTube[] {
  return [
    ...tubes.copper.map(({ type, name, outside, unit }) =>
      makeTubeEnd('copper', nameCopperRow({ type, name }), unit === 'mm' ? outside : outside * 25.4, {
        temper: TEMPER_OF[type] ?? 'unknown',
      }),
    ),
    ...tubes.polyethylene.map(({ size, system, outside, sdr }) =>
      makeTubeEnd('polyethylene', `${size} ${system} SDR ${sdr}`, outside * 25.4, { sdr }),
    ),
    ...tubes.csst.map(({ size, ehd, overJacketLow, overJacketHigh }) =>
      makeTubeEnd('csst', `${size} CSST, EHD ${ehd}`, ((overJacketLow + overJacketHigh) / 2) * 25.4),
    ),
    ...Array.from(pipes, ({ size, outside }) =>
      makeTubeEnd('steel', `${size} steel pipe`, toMillimetres(outside)),
    ),
  ];
}

/** The sockets made for a tube. */
export const listSocketsFor = ({ tube, name, outside, sdr }: FiguredTube): FiguredSocket[] =>
  SOCKET_KINDS.filter((socket) => getTubeSocket(socket).tube === tube).map((socket) => ({
    kind: 'socket',
    socket,
    name,
    of: tube,
    takes: outside,
    sdr,
  }));

/**
 * Every socket there is. Copper tube of one outside diameter has several names, and what takes one takes all of them: a socket goes
 * by the first.
 */
export function listSockets(tubes: readonly FiguredTube[]): FiguredSocket[] {
  const copper = new Set<string>();
  return tubes.flatMap((tube) => {
    if (tube.tube !== 'copper') return listSocketsFor(tube);
    const outside = tube.outside.toFixed(2);
    if (copper.has(outside)) return [];
    copper.add(outside);
    return listSocketsFor(tube);
  });
}

/** Both halves of a ground-joint union, in every nominal size. */
export const listUnionHalves = (): UnionHalf[] =>
  NOMINAL_SIZES.flatMap((size) =>
    (['cone', 'socket'] as const).map((half) => ({ kind: 'union-half', size, half })),
  );

/** Flanges in both drillings, from 1/2 up. */
export const listFlanges = (): FlangeEnd[] =>
  FLANGE_DRILLINGS.flatMap((drilling) =>
    NOMINAL_SIZES.slice(NOMINAL_SIZES.indexOf('1/2')).map((size) => ({ kind: 'flange', size, drilling })),
  );

/** Copper that is flared, soft as its coil; the nut is on it. */
const listFlaredEnds = (tubes: readonly FiguredTube[]): FiguredTube[] =>
  tubes.flatMap((tube) => (tube.temper === 'soft' ? [{ ...tube, prepared: 'flared' as const }] : []));

/** Every end there is, the unknown one last. */
export function listEnds(list: ThreadList, tubes: readonly FiguredTube[]): FiguredEnd[] {
  return [
    ...listThreadEnds(list),
    ...tubes,
    ...listFlaredEnds(tubes),
    ...listSockets(tubes),
    ...listFlanges(),
    ...listUnionHalves(),
    UNKNOWN_END,
  ];
}
