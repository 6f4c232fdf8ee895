import { getCraft, makeSettings } from '#core/materials';
import { takeApart, type NewId } from '#core/runs/commands';
import type { Catalogue, BoughtKind, Part, ThreadedMaterial } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import { type Axis, getOppositeWay, type Way } from '#core/geometry';
import type { RuleChoices } from '#core/house-rules';
import type { Piece } from '#core/runs/pieces';
import {
  newRun,
  type Leg,
  type Measure,
  type OwnPart,
  type RefPoint,
  type RunDoc,
  type RunNode,
} from '#core/runs/document';
import type { Length, LengthUnit } from '#core/units';

/** What may stand at an end of the one piece that is asked for. Of a tee the piece is made up in its run or in its branch. */
export const QUICK_KINDS = [
  'elbow-90', 'tee-run', 'tee-branch', 'elbow-45', 'coupling', 'union', 'valve', 'cap', 'open',
] as const; // prettier-ignore
export type QuickKind = (typeof QUICK_KINDS)[number];

/** Points of a part that a tape is held to; a wall behind it is for a run. */
export const QUICK_POINTS = ['centre', 'face', 'back', 'end'] as const satisfies readonly RefPoint[];
export type QuickPoint = (typeof QUICK_POINTS)[number];

export interface QuickEnd {
  readonly kind: QuickKind;
  /** What the measure was taken from or to here. */
  readonly at: QuickPoint;
}

/** One piece of pipe, asked for without a job. */
export interface QuickCut {
  readonly material: ThreadedMaterial;
  readonly size: NominalSize;
  readonly ends: readonly [QuickEnd, QuickEnd];
  /** Lengths end to end of parts that no standard fixes (valves), as measured, nm; by the part's id. */
  readonly own: Readonly<Record<string, { readonly length: Length; readonly typed: string }>>;
  /** Between the two points, nm, and as typed; null while nothing is typed. */
  readonly measure: { readonly value: Length; readonly typed: string } | null;
}

/** Begins where most pieces do: 3/4 black iron between the centres of two elbows. */
export const FIRST_QUICK_CUT: QuickCut = {
  material: 'black-iron',
  size: '3/4',
  ends: [
    { kind: 'elbow-90', at: 'centre' },
    { kind: 'elbow-90', at: 'centre' },
  ],
  own: {},
  measure: null,
};

/** The part that stands at an end of a kind. */
const PARTS: Readonly<Record<QuickKind, BoughtKind | null>> = {
  'elbow-90': 'elbow-90', 'tee-run': 'tee', 'tee-branch': 'tee', 'elbow-45': 'elbow-45', coupling: 'coupling', union: 'union',
  valve: 'valve', cap: 'cap', open: null,
}; // prettier-ignore

function findPartOf(
  kind: BoughtKind,
  { material, size }: Pick<QuickCut, 'material' | 'size'>,
  catalogue: Catalogue,
): Part | null {
  const settings = makeSettings(material, size);
  return getCraft(settings).findPart(kind, settings, [size], catalogue);
}

/** Whether the catalogue has what stands at such an end, in this size and thread. */
export function isQuickKindMade(
  kind: QuickKind,
  { material, size }: Pick<QuickCut, 'material' | 'size'>,
  catalogue: Catalogue,
): boolean {
  const part = PARTS[kind];
  return part === null || findPartOf(part, { material, size }, catalogue) !== null;
}

/** The part at an end whose length is fixed nowhere and was not measured yet, by its id; null where every figure is there. */
export function findUnmeasuredPart({ kind }: QuickEnd, cut: QuickCut, catalogue: Catalogue): string | null {
  const wanted = PARTS[kind];
  const part = wanted && findPartOf(wanted, cut, catalogue);
  if (!part || Object.hasOwn(cut.own, part.id)) return null;
  return part.ports.some(({ reach }) => reach.standing === 'unknown') ? part.id : null;
}

/**
 * The ways in which the neighbours leave an end, seen along the piece: `onward` away from it, `square` to it, `slant` halfway
 * between. They stand for what was there already: nobody measured them.
 *
 *      elbow-90     tee-run      tee-branch    elbow-45     coupling, union, valve
 *         ==+       --==+--          |            ==+            ==+--
 *           |           |          ==+              \
 *                                    |
 */
const NEIGHBOURS: Readonly<Record<QuickKind, readonly ('onward' | 'down' | 'up' | 'slant')[]>> = {
  'elbow-90': ['down'],
  'tee-run': ['onward', 'down'],
  'tee-branch': ['up', 'down'],
  'elbow-45': ['slant'],
  coupling: ['onward'],
  union: ['onward'],
  valve: ['onward'],
  cap: [],
  open: [],
};

/** The way the piece is laid out. */
const ALONG: Axis = 'right';

export interface QuickRun {
  readonly doc: RunDoc;
  /** The leg of the piece. */
  readonly leg: string;
  /** The nodes at its two ends. */
  readonly ends: readonly [string, string];
}

/**
 * The piece as a run of its own: one leg, and at each end the part with neighbours that nobody measured. Laid out, it gives the
 * cut, its reason, the tape and the joints; kept, it is the beginning of a run. Without a measure the leg has none.
 */
export function makeQuickRun(
  cut: QuickCut,
  run: {
    /** Who measured the parts whose length no standard fixes. */
    readonly by?: string;
    readonly id: string;
    readonly catalogueVersion: string;
    readonly ruleChoices: RuleChoices;
  },
  newId: NewId,
): QuickRun {
  const leg = newId();
  const ends = [newId(), newId()] as const;
  const nodes: RunNode[] = [];
  const legs: Leg[] = [makeLeg(leg, ends, ALONG, 1, cut)];
  for (const [i, end] of cut.ends.entries()) {
    nodes.push(makeEndNode(ends[i]!, end.kind));
    const onward: Axis = i === 0 ? 'left' : 'right';
    for (const neighbour of NEIGHBOURS[end.kind]) {
      const far = newId();
      nodes.push({ id: far, part: { kind: 'auto' }, terminal: null });
      const between = i === 0 ? ([far, ends[0]] as const) : ([ends[1], far] as const);
      const way = findWay(neighbour, onward);
      legs.push(makeLeg(newId(), between, i === 0 ? getOppositeWay(way) : way, legs.length + 1, cut));
    }
  }
  const anchor = newId();
  const measure = makeMeasure(cut, ends, newId);
  const own = Object.entries(cut.own).map(([of, { length, typed }]): OwnPart => {
    const half = Math.floor(length / 2);
    return { id: newId(), of, reaches: { a: half, b: length - half }, depths: {}, typed, by: run.by ?? '' };
  });
  const doc: RunDoc = {
    ...newRun(run.id, run.catalogueVersion, run.ruleChoices),
    nodes: byId(nodes),
    ...takeApart(legs),
    measures: measure ? byId([measure]) : {},
    ownParts: byId(own),
    anchors: { [anchor]: { id: anchor, node: ends[0], role: 'source' } },
  };
  return { doc, leg, ends };
}

const byId = <Value extends { readonly id: string }>(values: readonly Value[]): Record<string, Value> =>
  Object.fromEntries(values.map((value) => [value.id, value]));

const findWay = (neighbour: 'onward' | 'down' | 'up' | 'slant', onward: Axis): Way =>
  neighbour === 'onward'
    ? onward
    : neighbour === 'slant'
      ? (`down-${onward}` as 'down-left' | 'down-right')
      : neighbour;

function makeEndNode(id: string, kind: QuickKind): RunNode {
  const part = PARTS[kind];
  const isChosen = part === 'union' || part === 'valve';
  return {
    id,
    part: isChosen ? { kind: 'chosen', part } : { kind: 'auto' },
    terminal: kind === 'cap' ? { kind: 'cap' } : kind === 'open' ? { kind: 'open' } : null,
  };
}

const makeLeg = (
  id: string,
  [from, to]: readonly [string, string],
  axis: Way,
  tag: number,
  { size, material }: QuickCut,
): Leg => ({
  id,
  from,
  to,
  geometry: { kind: 'axis', axis },
  ...makeSettings(material, size),
  inline: {},
  rank: `a${tag - 1}`,
  tag,
});

function makeMeasure(
  { measure, ends }: QuickCut,
  [one, other]: readonly [string, string],
  newId: NewId,
): Measure | null {
  if (!measure) return null;
  const ref = (id: string, at: QuickPoint) => ({ kind: 'node', id, at, gap: 0 }) as const;
  return {
    id: newId(),
    from: ref(one, ends[0].at),
    to: ref(other, ends[1].at),
    along: null,
    value: measure.value,
    typed: measure.typed,
    instrument: null,
  };
}

/** A piece kept on the device's short list. */
export interface KeptQuickCut {
  readonly id: string;
  readonly cut: QuickCut;
  readonly unit: LengthUnit;
  /** When, by the device's clock. */
  readonly at: string;
}

/** What a device keeps: how it was left (the last size, ends and unit), and the list, the newest first. */
export interface QuickBench {
  readonly cut: QuickCut;
  readonly unit: LengthUnit;
  /** The measure as far as it was typed, read or not. */
  readonly typed: string;
  readonly list: readonly KeptQuickCut[];
}

/** Pieces of one leg that are cut alike, one beside the other. */
export interface AlikePieces {
  readonly first: Piece;
  readonly count: number;
}

/** The pieces of a leg that is longer than the stock, those that are cut alike as one entry. */
export function groupAlike(pieces: readonly Piece[]): AlikePieces[] {
  const groups: { first: Piece; count: number }[] = [];
  for (const piece of pieces) {
    const last = groups.at(-1);
    const isAlike =
      last?.first.cut?.onTape.length === piece.cut?.onTape.length &&
      last?.first.cut?.whole === piece.cut?.whole &&
      last?.first.cut?.nipple === piece.cut?.nipple;
    if (last && isAlike) last.count++;
    else groups.push({ first: piece, count: 1 });
  }
  return groups;
}

/** So many are kept: the list is a scrap of paper beside the vise, not a record. */
export const QUICK_LIST = 12;
