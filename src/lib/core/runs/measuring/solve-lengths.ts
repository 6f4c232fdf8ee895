import type { Contradiction, DerivedLength, SolvedLengths } from './solved-lengths.ts';
import type { SolveContext } from './solve-context.ts';
import {
  getLegs,
  findTouched,
  idsOf,
  isMaleAt,
  type LegsByNode,
  type Leg,
  type Measure,
  type RunDoc,
} from '#core/runs/document';
import { findReach } from '#core/catalogue';
import { getOffsetLengths } from '#core/allowances';
import type { Length } from '#core/units';
import { findLink, findPort } from '#core/runs/fittings';
import { solveByStations, type StationSolution } from './solve-by-stations.ts';

const isPlain = ({ from, to, along }: Measure): boolean =>
  along === null && from.at === 'centre' && to.at === 'centre';

/**
 * Works out every length the measures, offsets and made-up parts determine (nm). Most measures are plain (centre to
 * centre of one leg) and are read off at once; the others are solved together. Measures that contradict each other are
 * named and none of them is used. With what was solved before an edit, a run of plain measures is solved only where it was touched.
 */
export function solveLengths(context: SolveContext, before: SolvedBefore | null = null): SolvedLengths {
  const carried = before && carryPlain(context, before);
  if (carried) return carried;
  const { doc, legsByNode } = context;
  const lengths = new Map<string, Length>();
  const others: Measure[] = [];
  let isContested = false;
  for (const id of idsOf(doc.measures)) {
    const measure = doc.measures[id]!;
    const leg = isPlain(measure) ? findLegBetween(legsByNode, measure) : null;
    if (!leg) {
      others.push(measure);
      continue;
    }
    const before = lengths.get(leg.id);
    if (before === undefined) lengths.set(leg.id, measure.value);
    else isContested ||= before !== measure.value;
  }
  const unusual: Leg[] = [];
  for (const leg of getLegs(doc).values()) {
    // A connector goes as far as its two ends are apart: what was measured of it stands, and nothing follows.
    if (leg.geometry.kind === 'offset' || leg.geometry.kind === 'made-up') unusual.push(leg);
  }
  const base = {
    lengths,
    derived: NOTHING,
    contradictions: NONE,
    places: NOTHING,
    unread: NOTHING,
    reversed: NOTHING,
  };
  // A part in a leg that no measure was taken to stands at its share: nothing is to be solved for it.
  if (others.length === 0 && !isContested && unusual.length === 0) return base;
  return solveUnusual(context, lengths, inOrder(others), unusual, isContested);
}

/** What was solved of the document before an edit. */
export interface SolvedBefore {
  readonly doc: RunDoc;
  readonly legsByNode: LegsByNode;
  readonly solved: SolvedLengths;
}

/** Whether every leg is as long as a measure between its ends says, and no measure says anything else. */
const isAllPlain = ({ solved }: SolvedBefore): boolean =>
  solved.derived === NOTHING && solved.unread === NOTHING && solved.contradictions === NONE;

/** The lengths of before but for the legs and measures touched since; null where not all of them were plain, or are no longer. */
function carryPlain({ doc, legsByNode }: SolveContext, before: SolvedBefore): SolvedLengths | null {
  if (!isAllPlain(before)) return null;
  const measures = findTouched(before.doc.measures, doc.measures);
  const nodes = findTouched(before.legsByNode, legsByNode);
  if (!measures || !nodes) return null;
  const lengths = new Map(before.solved.lengths);
  for (const node of nodes) {
    const [was, is] = [before.legsByNode.get(node) ?? NONE, legsByNode.get(node) ?? NONE];
    for (const leg of is) {
      if (leg.geometry.kind !== 'axis') return null;
      if (is.some((other) => other !== leg && joinsSame(other, leg))) return null;
    }
    // A leg that is hung elsewhere is at one of its points no more.
    for (const { id } of was) if (!is.some((leg) => leg.id === id)) lengths.delete(id);
  }
  for (const id of measures) {
    const was = before.doc.measures[id];
    const leg = was && findLegBetween(before.legsByNode, was);
    if (leg) lengths.delete(leg.id);
  }
  for (const id of measures) {
    const is = doc.measures[id];
    if (!is) continue;
    const leg = isPlain(is) ? findLegBetween(legsByNode, is) : null;
    if (!leg || lengths.has(leg.id)) return null;
    lengths.set(leg.id, is.value);
  }
  return lengths.size === idsOf(doc.measures).length ? { ...before.solved, lengths } : null;
}

const joinsSame = (a: Leg, b: Leg): boolean =>
  (a.from === b.from && a.to === b.to) || (a.from === b.to && a.to === b.from);

/** The rest of the work, for a run that has more in it than legs measured once from centre to centre. */
function solveUnusual(
  context: SolveContext,
  lengths: Map<string, Length>,
  others: readonly Measure[],
  unusual: readonly Leg[],
  isContested: boolean,
): SolvedLengths {
  const { doc, legsByNode } = context;
  const plain = new Map<string, Measure>();
  const contested: Measure[] = [];
  // Which of two measures comes first must not hang on the order of the document's keys.
  for (const measure of isContested ? inOrder(Object.values(doc.measures)) : Object.values(doc.measures)) {
    const leg = isPlain(measure) ? findLegBetween(legsByNode, measure) : null;
    if (!leg) continue;
    const before = plain.get(leg.id);
    if (!before) plain.set(leg.id, measure);
    else if (before.value !== measure.value) contested.push(measure);
  }
  const contradictions: Contradiction[] = [];
  for (const measure of contested) {
    const leg = findLegBetween(legsByNode, measure)!;
    const first = plain.get(leg.id)!;
    const by = measure.value - first.value;
    contradictions.push({ measure: measure.id, against: [first.id], by, leg: leg.id });
    lengths.delete(leg.id);
  }
  for (const { leg } of contradictions) if (leg !== null) plain.delete(leg);
  const derived = new Map<string, DerivedLength>();
  for (const leg of unusual) {
    const own = leg.geometry.kind === 'offset' ? getTravel(leg) : findMadeUpLength(leg, context);
    derived.set(leg.id, { kind: leg.geometry.kind === 'offset' ? 'offset' : 'made-up' });
    const measured = plain.get(leg.id);
    lengths.delete(leg.id);
    if (measured && own !== null && Math.abs(measured.value - own) > MEASURED_AS_DERIVED) {
      const by = measured.value - own;
      contradictions.push({ measure: measured.id, against: [], by, leg: leg.id });
    } else if (own !== null) lengths.set(leg.id, own);
  }
  const base = { lengths, derived, contradictions, places: NOTHING, unread: NOTHING, reversed: NOTHING };
  if (others.length === 0) return base;
  return addSolution(base, solveByStations(context, plain, lengths, others));
}

/** The shortest first: of two that disagree the longer one is named, and by how much it is longer. */
const inOrder = (measures: readonly Measure[]): Measure[] =>
  measures.toSorted((a, b) => a.value - b.value || (a.id < b.id ? -1 : 1));

/** A travel or a made-up pair that was measured too may differ by what a tape can be read to: a sixteenth of an inch. */
const MEASURED_AS_DERIVED: Length = 25_400_000 / 16;

const NOTHING: ReadonlyMap<string, never> = new Map<string, never>();
const NONE: readonly never[] = [];

function addSolution(base: SolvedLengths, found: StationSolution): SolvedLengths {
  const lengths = new Map(base.lengths);
  for (const leg of found.contested) lengths.delete(leg);
  for (const [leg, length] of found.lengths) lengths.set(leg, length);
  const derived = new Map(base.derived);
  for (const [leg, steps] of found.steps) derived.set(leg, { kind: 'worked-out', steps });
  return {
    lengths,
    derived,
    places: found.places,
    unread: found.unread,
    reversed: found.reversed,
    contradictions: [...base.contradictions, ...found.contradictions],
  };
}

function findLegBetween(legsByNode: LegsByNode, { from, to }: Measure): Leg | null {
  return legsByNode.get(from.id)?.find((leg) => leg.from === to.id || leg.to === to.id) ?? null;
}

function getTravel({ geometry }: Leg): Length {
  if (geometry.kind !== 'offset') throw new Error('only an offset has a travel');
  return getOffsetLengths(geometry.set.length, geometry.roll?.length ?? 0).travel;
}

/**
 * Male end straight into a female port: centre-to-centre (nm) = reach of the male + reach of the female − engagement.
 * Null while one of them is not known.
 */
function findMadeUpLength(leg: Leg, { getFitting, ends }: SolveContext): Length | null {
  let total = 0;
  for (const node of [leg.from, leg.to]) {
    const fitting = getFitting(node);
    const port = findPort(fitting, leg.id);
    if (fitting.kind !== 'part' || !port) return null;
    const male = isMaleAt(leg, node);
    const reach = findReach(port);
    const takeOff = male
      ? reach
      : ends.workOut(leg, fitting.part, port, node, findLink(fitting, leg.id)).takeOff;
    if (takeOff === null) return null;
    total += takeOff;
  }
  return total;
}
