import { inches, type Length } from '#core/units';
import {
  readThreadId,
  type End,
  type FlangeEnd,
  type Gender,
  type ThreadEnd,
  isNominal,
  NOMINAL_SIZES,
  type NominalSize,
} from '#core/ends';
import type { Provenance } from './confidence.ts';
import { getOwnSeat } from './list-ends.ts';
import { getPortWay, type BoughtKind, getPartKind } from './part-kinds.ts';
import type { NippleRow } from './nipple.ts';
import type { Part, PartLength, Port } from './part.ts';
import { makeTubeOpening } from './tube-joins.ts';
import { makeTaperEnd } from './taper-end.ts';

/** A part between two listed threads, as a counter carries it. */
export interface CounterRow extends Provenance {
  readonly kind: Extract<
    BoughtKind,
    | 'swivel'
    | 'connector-fitting'
    | 'connector'
    | 'hose'
    | 'cooker-hose'
    | 'clipped-hose'
    | 'cylinder-regulator'
    | 'first-stage-regulator'
    | 'second-stage-regulator'
  >;
  readonly material: Part['material'];
  /** Ids of listed threads (`npt-1/2-male`); gas comes in at the first where that matters. */
  readonly ends: readonly [string, string];
  /** Over all, inches, typical; null where it differs from maker to maker. */
  readonly length: number | null;
}

const UNKNOWN: PartLength = { standing: 'unknown' };

/** Sizes that are carried in most places. */
const from = (least: NominalSize, most: NominalSize): readonly NominalSize[] =>
  NOMINAL_SIZES.slice(NOMINAL_SIZES.indexOf(least), NOMINAL_SIZES.indexOf(most) + 1);

const makePart = (
  id: string,
  kind: BoughtKind,
  size: NominalSize,
  material: Part['material'],
  ends: readonly [End, End],
  reach: PartLength = UNKNOWN,
): Part => ({
  id,
  kind,
  size,
  material,
  join: null,
  ports: (kind === 'hex-bushing' ? [] : (['a', 'b'] as const)).map((port, i): Port => ({
    id: port,
    way: getPortWay(kind, port),
    end: ends[i]!,
    reach,
    depth: null,
  })),
  seats: [],
  outside: null,
});

/** A brass part whose openings are put to it. */
const makeBare = (id: string, kind: BoughtKind, size: NominalSize): Omit<Part, 'ports'> => ({
  id,
  kind,
  size,
  material: 'brass',
  join: null,
  seats: [],
  outside: null,
});

const slug = (size: NominalSize): string => size.replace('/', '-');

/** Nipples as they are bought: close ones, threads that nearly meet, and the standard lengths. From its middle to an end it is half as long. */
function makeNipples(rows: readonly NippleRow[]): Part[] {
  return rows.flatMap(({ size, close, standard, source, confidence }) => {
    const end = makeTaperEnd('NPT', size, 'male');
    return [close, ...standard].map((long) => {
      const half: Length = Math.round(inches(long) / 2);
      const id = `counter/nipple/${slug(size)}${long === close ? '' : `-by-${String(long).replace('.', '-')}`}`;
      return makePart(id, 'nipple', size, 'steel', [end, end], {
        standing: 'published',
        length: half,
        source,
        confidence,
      });
    });
  });
}

/** Elbows from a flare to a male pipe thread, in the sizes that are usual. They are in no straight chain, and asked for at every counter. */
const makeFlareElbows = (): Part[] =>
  (
    [
      ['1/4', '1/8'],
      ['1/4', '1/4'],
      ['3/8', '1/4'],
      ['3/8', '3/8'],
      ['3/8', '1/2'],
      ['1/2', '3/8'],
      ['1/2', '1/2'],
      ['5/8', '1/2'],
      ['5/8', '3/4'],
      ['3/4', '3/4'],
    ] as const
  ).map(([tube, size]) => {
    const ends = [makeTubeOpening('flare', `${tube} ACR`), makeTaperEnd('NPT', size, 'male', 'brass')];
    const ports = getPartKind('elbow-90').shape.ports.map(({ id, way }, i): Port => ({
      id,
      way,
      end: ends[i]!,
      reach: UNKNOWN,
      depth: null,
    }));
    return {
      ...makeBare(`counter/elbow-90/${tube.replace('/', '-')}-flare/${slug(size)}-male`, 'elbow-90', size),
      ports,
    };
  });

/** Reducing nipples, one size down and two. No standard fixes how long they are. */
const makeReducingNipples = (): Part[] =>
  from('1/4', '2').flatMap((large, i, sizes) =>
    [1, 2].flatMap((down) => {
      const small = NOMINAL_SIZES[NOMINAL_SIZES.indexOf(sizes[i]!) - down];
      if (!small) return [];
      const ends = [makeTaperEnd('NPT', large, 'male'), makeTaperEnd('NPT', small, 'male')] as const;
      return [makePart(`counter/nipple/${slug(large)}x${slug(small)}`, 'nipple', large, 'steel', ends)];
    }),
  );

/** One body, American thread on one side and British on the other: the only thing that joins the two systems. */
const makeConverters = (): Part[] =>
  from('1/4', '2').flatMap((size) =>
    (['male', 'female'] as const).flatMap((american) =>
      (['male', 'female'] as const).map((british) => {
        const ends = [
          makeTaperEnd('NPT', size, american, 'brass'),
          makeTaperEnd('R', size, british, 'brass'),
        ] as const;
        return makePart(
          `counter/converter/${slug(size)}/NPT-${american}-R-${british}`,
          'converter',
          size,
          'brass',
          ends,
        );
      }),
    ),
  );

/** A nut that turns freely, with a seat in it, on a taper thread: NPSM for a male with a 30° seat, G with a washer. */
function makeSwivels(): Part[] {
  const nut = (family: 'npsm' | 'g', size: NominalSize): ThreadEnd => ({
    kind: 'thread',
    family,
    size,
    gender: 'female',
    hand: null,
    seat: family === 'npsm' ? '30' : 'washer',
    metal: 'brass',
  });
  return from('1/4', '1').flatMap((size) =>
    (['male', 'female'] as const).flatMap((gender: Gender) => [
      makePart(`counter/swivel/${slug(size)}/NPSM-NPT-${gender}`, 'swivel', size, 'brass', [
        nut('npsm', size),
        makeTaperEnd('NPT', size, gender, 'brass'),
      ]),
      makePart(`counter/swivel/${slug(size)}/G-R-${gender}`, 'swivel', size, 'brass', [
        nut('g', size),
        makeTaperEnd('R', size, gender, 'brass'),
      ]),
    ]),
  );
}

/** What a nut that turns is screwed on: a flat face for its washer, or a male with a real 30° seat, and a taper thread behind it. */
const makeTails = (): Part[] =>
  from('1/4', '1').flatMap((size) =>
    (['male', 'female'] as const).flatMap((gender) => {
      const flat: ThreadEnd = {
        kind: 'thread',
        family: 'g',
        size,
        gender: 'male',
        hand: null,
        seat: 'washer',
        metal: 'brass',
      };
      const cone: ThreadEnd = { ...makeTaperEnd('NPT', size, 'male', 'brass'), seat: '30' };
      return [
        makePart(`counter/tail/${slug(size)}/G-R-${gender}`, 'tail', size, 'brass', [
          flat,
          makeTaperEnd('R', size, gender, 'brass'),
        ]),
        makePart(`counter/tail/${slug(size)}/seat-NPT-${gender}`, 'tail', size, 'brass', [
          cone,
          makeTaperEnd('NPT', size, gender, 'brass'),
        ]),
      ];
    }),
  );

/**
 * British malleable fittings in one line: sockets, barrel nipples, bushes, unions, equal and one or two sizes down. The standard's table at hand has
 * elbows and tees only, so their lengths are measured.
 */
function makeBritishParts(): Part[] {
  const end = (size: NominalSize, gender: Gender): ThreadEnd => makeTaperEnd('R', size, gender);
  const name = (...sizes: readonly NominalSize[]): string => `${sizes.map(slug).join('x')}-R`;
  const make = (kind: BoughtKind, large: NominalSize, ends: readonly [End, End], small = large): Part =>
    makePart(
      `counter/${kind}/${large === small ? name(large) : name(large, small)}`,
      kind,
      large,
      kind === 'nipple' ? 'steel' : 'black-malleable',
      ends,
    );
  return from('1/4', '2').flatMap((large) => {
    const smaller = NOMINAL_SIZES.slice(
      Math.max(0, NOMINAL_SIZES.indexOf(large) - 2),
      NOMINAL_SIZES.indexOf(large),
    );
    const half = (which: 'cone' | 'socket') => ({ kind: 'union-half', size: large, half: which }) as const;
    const union = make('union', large, [end(large, 'female'), end(large, 'female')]);
    return [
      make('coupling', large, [end(large, 'female'), end(large, 'female')]),
      make('nipple', large, [end(large, 'male'), end(large, 'male')]),
      { ...union, seats: [[half('cone'), half('socket')] as const] },
      ...smaller.flatMap((small) => [
        make('coupling', large, [end(large, 'female'), end(small, 'female')], small),
        {
          ...make('hex-bushing', large, [end(small, 'female'), end(large, 'male')], small),
          ports: makeBushingPorts(end(small, 'female'), end(large, 'male')),
        },
      ]),
    ];
  });
}

const makeBushingPorts = (small: End, large: End): readonly Port[] =>
  (
    [
      ['small', small],
      ['large', large],
    ] as const
  ).map(([id, end]) => ({ id, way: getPortWay('hex-bushing', id), end, reach: UNKNOWN, depth: null }));

/** Unions that no current passes, between black iron of two sides: a gasket in place of the ground joint. */
const makeDielectricUnions = (): Part[] =>
  from('1/2', '2').map((size) => {
    const end = makeTaperEnd('NPT', size, 'female');
    const half = (which: 'cone' | 'socket') => ({ kind: 'union-half', size, half: which }) as const;
    const part = makePart(`counter/dielectric-union/${slug(size)}`, 'dielectric-union', size, 'steel', [
      end,
      end,
    ]);
    return { ...part, seats: [[half('cone'), half('socket')] as const] };
  });

/** Compression on a tube, and a parallel male with a washer under its shoulder: what a meter or a union's nut is made up to. */
const makeCompressionParallels = (): Part[] =>
  (
    [
      ['15 mm', '1/2'],
      ['22 mm', '3/4'],
      ['28 mm', '1'],
    ] as const
  ).map(([tube, size]) => {
    const male: ThreadEnd = {
      kind: 'thread',
      family: 'g',
      size,
      gender: 'male',
      hand: null,
      seat: 'washer',
      metal: 'brass',
    };
    const id = `counter/adapter/${tube.replace(' ', '-')}/G-${slug(size)}-male`;
    const [a, b] = ['tube', 'thread'].map((port, i): Port => ({
      id: port,
      way: getPortWay('adapter', port),
      end: i === 0 ? makeTubeOpening('compression', tube) : male,
      reach: UNKNOWN,
      depth: i === 0 ? UNKNOWN : null,
    }));
    return { ...makeBare(id, 'adapter', size), join: 'compression' as const, ports: [a!, b!] };
  });

/** Flanges that are screwed on a pipe. */
const makeThreadedFlanges = (): Part[] =>
  from('1/2', '4').flatMap((size) =>
    (
      [
        ['class-150', 'NPT'],
        ['pn-16', 'R'],
      ] as const
    ).map(([drilling, system]) => {
      const flange: FlangeEnd = { kind: 'flange', size, drilling };
      return makePart(`counter/threaded-flange/${slug(size)}-${drilling}`, 'threaded-flange', size, 'steel', [
        flange,
        makeTaperEnd(system, size, 'female'),
      ]);
    }),
  );

/** The id of a thread as ids of parts have it: letters, figures and dashes, short. */
const slugThread = (id: string): string =>
  id
    .replace(/\([^)]*\)/g, '')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/-x-1-14|-NGO|-UNF|-UN(?=-)|-tube/g, '');

/** The end of a listed thread, sealed as its family is; of no listed thread it is a fault of the table. */
function makeListedEnd(id: string, metal: ThreadEnd['metal']): ThreadEnd {
  const read = readThreadId(id);
  if (!read) throw new Error(`${id} is the id of no thread`);
  return { kind: 'thread', ...read, hand: null, seat: getOwnSeat(read.family), metal };
}

function makeListed({ kind, material, ends, length, source, confidence }: CounterRow): Part {
  const [a, b] = ends.map((id) => makeListedEnd(id, 'brass')) as [ThreadEnd, ThreadEnd];
  const size =
    [b.size, a.size].find(isNominal) ?? NOMINAL_SIZES.find((each) => a.size.startsWith(`${each} `)) ?? '1/4';
  const half: PartLength =
    length === null
      ? UNKNOWN
      : {
          standing: 'typical',
          length: Math.round(inches(length) / 2),
          plusMinus: inches(1 / 8),
          source,
          confidence,
        };
  const part = makePart(
    `counter/${kind}/${slugThread(ends[0])}/${slugThread(ends[1])}`,
    kind,
    size,
    material,
    [a, b],
    half,
  );
  if (kind !== 'cooker-hose') return part;
  // Its plug in its socket is one more place to leak, and comes apart without turning either end: as the seat of a union.
  const seat = (which: 'cone' | 'socket') => ({ kind: 'union-half', size, half: which }) as const;
  return { ...part, seats: [[seat('cone'), seat('socket')]] };
}

/**
 * What a counter carries between two ends beside couplings, bushings and unions: nipples, bodies from one system of threads to the other, swivels,
 * flanges, and the rows of a table: connectors, hoses, regulators. Source: ours, from what is usually sold, approximate; how long they are is
 * measured on the part but for close nipples.
 */
export const makeCounterParts = (
  nipples: readonly NippleRow[],
  rows: readonly CounterRow[],
): readonly Part[] => [
  ...makeNipples(nipples),
  ...makeFlareElbows(),
  ...makeReducingNipples(),
  ...makeConverters(),
  ...makeSwivels(),
  ...makeTails(),
  ...makeBritishParts(),
  ...makeDielectricUnions(),
  ...makeThreadedFlanges(),
  ...makeCompressionParallels(),
  ...rows.map(makeListed),
];
