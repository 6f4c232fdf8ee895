import type { Part } from '#core/catalogue';
import { dot, type Vector } from '#core/geometry';
import { findMeasures } from '#core/runs/commands';
import {
  type LaidEnd,
  makeEndReader,
  type EndReader,
  findRefOffset,
  listInlineOpenings,
  listOpenings,
  type StationParts,
} from '#core/runs/measuring';
import type { LaidLeg, Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { getVectorFrom, isSameWay, centreOf, type Measure, type Ref } from '#core/runs/document';
import type { Length } from '#core/units';

/** Where a point looks along the tape: onward from the leg's near end (1), back to it (−1), or neither (0, a centre). */
export type Facing = -1 | 0 | 1;

/** A point of a fitting or a part on the tape. */
export interface TapeMark {
  readonly id: string;
  /** As a measure refers to it that runs off the way it looks. */
  readonly ref: Ref;
  readonly looks: Facing;
  /** From the centre of what it is a point of, onward positive, nm. */
  readonly offset: Length | null;
  /** From the centre at the leg's near end, nm; null while that is not known. */
  readonly at: Length | null;
  /** Place of what it is a point of along the line, for when nothing is measured yet: the leg's near end is 0. */
  readonly order: number;
}

/** What stands somewhere along the tape. */
export interface TapeStation {
  readonly kind: 'node' | 'inline';
  readonly id: string;
  readonly part: Part | null;
  /** The end of the run here: a bare pipe. */
  readonly isBare: boolean;
  /** Where it stands because the stock is no longer: no measure moves it. */
  readonly isStock: boolean;
  readonly at: Length | null;
  readonly marks: readonly TapeMark[];
  /** Unit vectors the openings look along, held against the tape: 1 onward, −1 back, 0 square to it. */
  readonly openings: readonly number[];
}

/** A measuring tape laid along a leg, from its end nearer the source. All lengths nm from the centre there. */
export interface Tape {
  readonly leg: LaidLeg;
  /** The near end, the parts in the pipe, the far end. */
  readonly stations: readonly TapeStation[];
  readonly pieces: readonly Piece[];
  /** Where the tape can be hooked on: the leg's own marks, other points measures were taken from, centres in the same line. */
  readonly hooks: readonly TapeMark[];
  /** Where it is hooked on to begin with: where the leg was measured from. */
  readonly hook: TapeMark;
}

/** Every mark of the leg itself. */
export const getMarks = ({ stations }: Tape): readonly TapeMark[] => stations.flatMap(({ marks }) => marks);

/**
 * Lays the tape along a leg. Null where the run has no such leg. Marks whose place is not known have no `at`; a leg made up
 * fitting in fitting has centres only.
 *
 *     centre  end  face                    face  end  centre
 *       +------[=====|======== pipe ==========|=====]------+
 */
export function layTape(layout: RunLayout, leg: string): Tape | null {
  const laid = layout.legs.get(leg);
  if (!laid) return null;
  const pieces = layout.pieces.get(leg) ?? [];
  const ends = makeEndReader(layout.catalogue, layout.rules, layout.doc.clockings, layout.chains);
  const stations = layStations(layout, laid, pieces);
  const own = stations.filter(({ isStock }) => !isStock).flatMap(({ marks }) => marks);
  const onLine = [...findLine(layout, laid, -1), ...findLine(layout, laid, 1)];
  const measured = listMeasured(layout, laid, stations, onLine, ends);
  const hooks = dropTwins([...own, ...onLine, ...measured.map(({ mark }) => mark)]);
  const first = measured[0]?.mark;
  const hook = (first && hooks.find((each) => isSameMark(each, first))) ?? own[0]!;
  return { leg: laid, stations, pieces, hooks, hook };
}

const makeMark = (
  ref: Ref,
  looks: Facing,
  offset: Length | null,
  at: Length | null,
  order: number,
): TapeMark => ({
  id: [ref.kind, ref.id, ref.at, ref.gap, looks].join(' '),
  ref,
  looks,
  offset,
  at: at === null || offset === null ? null : at + offset,
  order,
});

function layStations(layout: RunLayout, laid: LaidLeg, pieces: readonly Piece[]): TapeStation[] {
  const places = [
    { kind: 'node' as const, id: laid.near, at: 0, isStock: false },
    ...laid.inline.map(({ id, at, placedBy }) => ({
      kind: 'inline' as const,
      id,
      at,
      isStock: placedBy === 'stock',
    })),
    { kind: 'node' as const, id: laid.far, at: laid.centreToCentre, isStock: false },
  ];
  const onward = getVectorFrom(laid.leg, laid.near);
  return places.map(({ kind, id, at, isStock }, i): TapeStation => {
    const before = pieces[i - 1]?.ends[1];
    const after = pieces[i]?.ends[0];
    const fitting = kind === 'node' ? layout.nodes.get(id)?.fitting : undefined;
    const part =
      fitting?.kind === 'part' ? fitting.part : kind === 'inline' ? (laid.inline[i - 1]?.part ?? null) : null;
    const mark = (point: 'centre' | 'face' | 'end', looks: Facing, offset: Length | null) =>
      makeMark({ kind, id, at: point, gap: 0 }, looks, offset, at, i);
    const toward = (end: LaidEnd | undefined, looks: -1 | 1): TapeMark[] =>
      end?.joint
        ? [
            mark('face', looks, end.joint.reach === null ? null : looks * end.joint.reach),
            mark('end', looks, end.takeOff === null ? null : looks * end.takeOff),
          ]
        : [];
    const openings = part
      ? listParts(layout, laid, kind, id).openings.map(({ way }) => dot(way, onward))
      : [];
    const marks = [...toward(before, -1), mark('centre', 0, 0), ...toward(after, 1).reverse()];
    return { kind, id, part, isBare: fitting?.kind === 'open', isStock, at, marks, openings };
  });
}

function listParts(layout: RunLayout, laid: LaidLeg, kind: Ref['kind'], id: string): StationParts {
  if (kind === 'node') {
    const node = layout.nodes.get(id);
    return node
      ? listOpenings(id, node.fitting, layout.catalogue)
      : { openings: [], outside: null, isBare: false };
  }
  const inline = laid.inline.find((each) => each.id === id);
  return listInlineOpenings(laid.leg, inline?.part ?? null);
}

/** Centres that lie in one straight line with the leg: before its near end (−1) or beyond its far one (1). */
function findLine(layout: RunLayout, laid: LaidLeg, toward: -1 | 1): TapeMark[] {
  const marks: TapeMark[] = [];
  const last = laid.inline.length + 1;
  let leg = laid.leg;
  let node = toward === 1 ? laid.far : laid.near;
  let at = toward === 1 ? laid.centreToCentre : 0;
  const way: Vector = getVectorFrom(leg, toward === 1 ? laid.near : laid.far);
  while (at !== null && marks.length < MOST_ON_LINE) {
    const next = layout.nodes
      .get(node)
      ?.legs.find((other) => other !== leg && isSameWay(getVectorFrom(other, node), way));
    const length = next && layout.legs.get(next.id)?.centreToCentre;
    if (!next || length === null || length === undefined) break;
    leg = next;
    node = next.from === node ? next.to : next.from;
    at += toward * length;
    const order = toward === 1 ? last + marks.length + 1 : -1 - marks.length;
    marks.push(makeMark(centreOf(node), 0, 0, at, order));
  }
  return marks;
}

/** A list to pick from, not the whole of a header a mile long. */
const MOST_ON_LINE = 60;

/** The points that measures over the leg were taken from: those of the leg's own length first. */
function listMeasured(
  layout: RunLayout,
  laid: LaidLeg,
  stations: readonly TapeStation[],
  onLine: readonly TapeMark[],
  ends: EndReader,
): { mark: TapeMark; measure: Measure }[] {
  const { doc } = layout;
  const orders = new Map<string, { order: number; at: Length | null }>();
  for (const { ref, order, at } of onLine) orders.set(ref.id, { order, at });
  for (const [order, { id, at }] of stations.entries()) orders.set(id, { order, at });
  const isHere = (ref: Ref) => stations.some(({ id }) => id === ref.id);
  const own = findMeasures(doc, laid.leg);
  const others = Object.values(doc.measures)
    .filter((measure) => !own.includes(measure) && isOver(measure, laid.far, isHere))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  const onward = getVectorFrom(laid.leg, laid.near);
  return [...own, ...others].flatMap((measure) => {
    const from = orders.get(measure.from.id);
    const to = orders.get(measure.to.id);
    if (measure.along !== null || !from || !to || from.order === to.order) return [];
    const looks = to.order > from.order ? 1 : -1;
    const way = looks === 1 ? onward : getVectorFrom(laid.leg, laid.far);
    const away = findRefOffset(
      measure.from,
      listParts(layout, laid, measure.from.kind, measure.from.id),
      way,
      ends,
    );
    if (away === null) return [];
    const isCentre = measure.from.at === 'centre';
    return [
      { measure, mark: makeMark(measure.from, isCentre ? 0 : looks, looks * away, from.at, from.order) },
    ];
  });
}

const isOver = ({ from, to }: Measure, far: string, isHere: (ref: Ref) => boolean): boolean =>
  (to.kind === 'node' && to.id === far) || (isHere(from) && isHere(to));

const isSameMark = (a: TapeMark, b: TapeMark): boolean => a.id === b.id;
const dropTwins = (marks: readonly TapeMark[]): TapeMark[] => [
  ...new Map(marks.map((mark) => [mark.id, mark])).values(),
];

/** Reads a reference to a point of a fitting as it lies on the tape, by the way it is looked at from (nm from its centre). */
export function findOffsetOnTape(layout: RunLayout, tape: Tape, ref: Ref, looks: -1 | 1): Length | null {
  const { leg, near, far } = tape.leg;
  const way = getVectorFrom(leg, looks === 1 ? near : far);
  const ends = makeEndReader(layout.catalogue, layout.rules, layout.doc.clockings, layout.chains);
  const offset = findRefOffset(ref, listParts(layout, tape.leg, ref.kind, ref.id), way, ends);
  return offset === null ? null : looks * offset;
}
