import { inches, type Length } from '../units/length.ts';
import type { Gender, ThreadEnd } from '../ends/end.ts';
import { NOMINAL_SIZES, type NominalSize } from '../ends/size.ts';
import { getPortWay } from './part-shapes.ts';
import type { NippleRow } from './nipple.ts';
import type { BoughtKind, Part, PartLength, Port } from './part.ts';
import { makeTaperEnd } from './taper-end.ts';

const UNKNOWN: PartLength = { standing: 'unknown' };

/** Sizes that are carried in most places. */
const from = (least: NominalSize, most: NominalSize): readonly NominalSize[] =>
  NOMINAL_SIZES.slice(NOMINAL_SIZES.indexOf(least), NOMINAL_SIZES.indexOf(most) + 1);

const makePart = (
  id: string,
  kind: BoughtKind,
  size: NominalSize,
  material: Part['material'],
  ends: readonly [ThreadEnd, ThreadEnd],
  reach: PartLength = UNKNOWN,
): Part => ({
  id,
  kind,
  size,
  material,
  join: null,
  ports: (['a', 'b'] as const).map((port, i): Port => ({ id: port, way: getPortWay(kind, port), end: ends[i]!, reach, depth: null })),
  seats: [],
  outside: null,
}); // prettier-ignore

const slug = (size: NominalSize): string => size.replace('/', '-');

/** Close nipples: the shortest that is bought of each size, threads that nearly meet. From its middle to an end it is half as long. */
function makeNipples(rows: readonly NippleRow[]): Part[] {
  return rows.map(({ size, close, source, confidence }) => {
    const end = makeTaperEnd('NPT', size, 'male');
    const half: Length = Math.round(inches(close) / 2);
    return makePart(`counter/nipple/${slug(size)}`, 'nipple', size, 'steel', [end, end], { standing: 'published', length: half, source, confidence }); // prettier-ignore
  });
}

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
        const ends = [makeTaperEnd('NPT', size, american, 'brass'), makeTaperEnd('R', size, british, 'brass')] as const; // prettier-ignore
        return makePart(`counter/converter/${slug(size)}/NPT-${american}-R-${british}`, 'converter', size, 'brass', ends); // prettier-ignore
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
      makePart(`counter/swivel/${slug(size)}/NPSM-NPT-${gender}`, 'swivel', size, 'brass', [nut('npsm', size), makeTaperEnd('NPT', size, gender, 'brass')]),
      makePart(`counter/swivel/${slug(size)}/G-R-${gender}`, 'swivel', size, 'brass', [nut('g', size), makeTaperEnd('R', size, gender, 'brass')]),
    ]),
  ); // prettier-ignore
}

/**
 * What a counter carries between two ends beside couplings, bushings and unions: nipples, bodies from one system of threads to the other, swivels.
 * Source: ours, from what is usually sold, approximate; how long they are is measured on the part but for close nipples.
 */
export const makeCounterParts = (nipples: readonly NippleRow[]): readonly Part[] => [
  ...makeNipples(nipples),
  ...makeReducingNipples(),
  ...makeConverters(),
  ...makeSwivels(),
];
