import { getLegs, centreOf, type Leg, type Measure, type Ref, type RunDoc } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import { applyOps, type PlannedChange } from '#core/runs/changes';
import {
  findMeasures,
  type NewId,
  type UnknownLeg,
  type LengthFollows,
  planAddMeasure,
  planReferMeasure,
  type MeasureRefusal,
} from '#core/runs/commands';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import {
  formatLength,
  type LengthRefusal,
  type Length,
  type LengthUnit,
  roundToStep,
  TAPE_GRADUATIONS,
  getTypedFormat,
} from '#core/units';
import { findOffsetOnTape, getMarks, layTape, type Tape, type TapeMark } from './lay-tape.ts';

export type MoveMarkRefusal =
  | UnknownLeg
  | LengthFollows
  | MeasureRefusal
  | LengthRefusal
  /** Nothing moves it: it stands where the stock ends. */
  | { readonly code: 'mark-of-stock' }
  /** The tape is hooked on the same fitting. */
  | { readonly code: 'mark-at-the-hook' }
  /** It stands this side of the hook, where no tape lies. */
  | { readonly code: 'mark-passes-hook'; readonly value: Length }
  /** Other measures of the run hold it where it is. */
  | { readonly code: 'mark-held' };

/** What a move comes to: the change, and the run as it would then be. */
export interface MarkMove {
  readonly planned: PlannedChange;
  readonly layout: RunLayout;
}

/** A reading off the tape: hooked on one mark, `value` nm to the other, as it was typed. */
export interface TapeReading {
  readonly hook: TapeMark;
  readonly mark: TapeMark;
  readonly value: Length;
  readonly typed: string;
  /** The job's. */
  readonly unit: LengthUnit;
}

/**
 * Plans what a reading off the tape says of the run: a measure from the hook to the mark, in place of the one that held the
 * mark until now. The run as it then is stands in the answer. Refuses what cannot be read off or is held by other measures.
 */
export function planReading(
  layout: RunLayout,
  tape: Tape,
  reading: TapeReading,
  newId: NewId,
): Result<MarkMove, MoveMarkRefusal> {
  const { hook, mark, value } = reading;
  const { leg } = tape.leg;
  if (tape.stations.some(({ id, isStock }) => isStock && id === mark.ref.id))
    return refuse({ code: 'mark-of-stock' });
  if (hook.ref.id === mark.ref.id) return refuse({ code: 'mark-at-the-hook' });
  if (leg.geometry.kind !== 'axis' && mark.ref.kind === 'node')
    return refuse({ code: 'leg-length-follows', mark: String(leg.tag) });
  if (value <= 0) return refuse({ code: 'mark-passes-hook', value });
  const said = express(layout, tape, reading);
  if (said.value <= 0) return refuse({ code: 'mark-passes-hook', value });
  const held = findHolding(layout, tape, hook, mark);
  const planned = held
    ? planReferMeasure(layout.doc, held.id, { ...said, along: null })
    : planAddMeasure(layout.doc, { ...said, id: newId(), along: null, instrument: null });
  if (!planned.ok) return planned;
  const change: PlannedChange = { ...planned.value, label: getLabel(tape, mark) };
  return check(layout, tape, change, reading);
}

/** The part moves within the leg, or the leg is measured again. */
const getLabel = ({ leg }: Tape, { ref, order }: TapeMark): PlannedChange['label'] => {
  const isLeg = ref.kind === 'node' && order > 0;
  return { command: isLeg ? 'change-measure' : 'refer-measure', leg: leg.leg.tag, turn: null };
};

/**
 * Plans what dragging a mark to another place (`to`, nm from the near centre) says: as read off the tape there, at its
 * nearest graduation. A mark of the fitting the tape is hooked on takes its end of the leg with it, the other one stays.
 */
export function planDrag(
  layout: RunLayout,
  tape: Tape,
  hook: TapeMark,
  mark: TapeMark,
  to: Length,
  unit: LengthUnit,
  newId: NewId,
): Result<MarkMove, MoveMarkRefusal> {
  const step = TAPE_GRADUATIONS[layout.rules['tape-rounding'].option];
  const isHooked = hook.ref.id === mark.ref.id;
  const by = mark.at === null ? 0 : to - mark.at;
  const centres = getMarks(tape).filter(({ ref }) => ref.at === 'centre');
  const other = isHooked ? (hook.order > 0 ? centres[0]! : centres.at(-1)!) : mark;
  const [fixed, moved] = isHooked && hook.ref.kind === 'inline' ? [other, hook] : [hook, other];
  if (fixed.at === null || moved.at === null) return refuse({ code: 'mark-held' });
  const sign = moved.order > fixed.order ? 1 : -1;
  const length =
    isHooked && moved !== hook ? sign * (moved.at - fixed.at - by) : sign * (moved.at + by - fixed.at);
  const value = Math.max(step, roundToStep(length, step));
  const typed = formatLength(value, getTypedFormat(value, unit));
  return planReading(layout, tape, { hook: fixed, mark: moved, value, typed, unit }, newId);
}

/** The reading as a measure between references: a point that looks the other way is said by its back, or by its centre. */
function express(layout: RunLayout, tape: Tape, { hook, mark, value, typed, unit }: TapeReading) {
  const toward = mark.order > hook.order ? 1 : -1;
  const from = toRef(layout, tape, hook, toward);
  const to = toRef(layout, tape, mark, toward === 1 ? -1 : 1);
  const shift = toward * (from.shift - to.shift);
  const isSame = shift === 0;
  const length = value + shift;
  return {
    from: from.ref,
    to: to.ref,
    value: length,
    typed: isSame ? typed : formatLength(length, getTypedFormat(length, unit)),
  };
}

/** How a mark is referred to by a measure that runs off `toward`, and how far the mark lies beyond that point, nm onward. */
function toRef(layout: RunLayout, tape: Tape, mark: TapeMark, toward: -1 | 1): { ref: Ref; shift: Length } {
  const { ref, looks, offset } = mark;
  if (looks === 0 || looks === toward) return { ref, shift: 0 };
  const back: Ref = { ...ref, at: 'back', gap: 0 };
  const isBack = ref.at === 'face' && findOffsetOnTape(layout, tape, back, toward) === offset;
  return isBack ? { ref: back, shift: 0 } : { ref: { ...ref, at: 'centre', gap: 0 }, shift: offset ?? 0 };
}

/** The measure that holds the mark where it is, as seen from the hook; null where none does. */
function findHolding({ doc }: RunLayout, tape: Tape, hook: TapeMark, mark: TapeMark): Measure | null {
  const inLine = Object.values(doc.measures)
    .filter(({ along }) => along === null)
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  const touches = ({ from, to }: Measure, { ref }: TapeMark) => [from, to].some((each) => isAt(each, ref));
  const tying = inLine.find((measure) => touches(measure, hook) && touches(measure, mark));
  if (tying) return tying;
  const ofMark = inLine.filter((measure) => touches(measure, mark));
  if (mark.ref.kind === 'inline') return ofMark[0] ?? null;
  if (hook.ref.kind === 'inline' && !inLine.some((measure) => touches(measure, hook))) return null;
  const leg = findLegToward(doc, tape, hook, mark);
  const [own] = leg ? findMeasures(doc, leg) : [];
  if (own) return own;
  const onHookSide = (measure: Measure) => {
    const other = isAt(measure.from, mark.ref) ? measure.to : measure.from;
    const order = findOrder(tape, other);
    return order !== null && Math.sign(order - mark.order) === Math.sign(hook.order - mark.order);
  };
  return (
    ofMark.find(
      ({ from, to }) => from.kind === 'node' && to.kind === 'node' && onHookSide({ from, to } as Measure),
    ) ?? null
  );
}

const isAt = (a: Ref, b: Ref): boolean => a.kind === b.kind && a.id === b.id;

const findOrder = (tape: Tape, ref: Ref): number | null =>
  [...getMarks(tape), ...tape.hooks].find((mark) => isAt(mark.ref, ref))?.order ?? null;

/** The leg by which the mark is reached from the hook's side. */
function findLegToward(doc: RunDoc, tape: Tape, hook: TapeMark, mark: TapeMark): Leg | null {
  const last = tape.stations.length - 1;
  const isBetween = (order: number) => order >= 0 && order <= last;
  const step = Math.sign(hook.order - mark.order);
  if (isBetween(mark.order) && isBetween(mark.order + step)) return tape.leg.leg;
  const beside = tape.hooks.find(({ order, ref }) => order === mark.order + step && ref.kind === 'node');
  const pair = [mark.ref.id, beside?.ref.id];
  return [...getLegs(doc).values()].find(({ from, to }) => pair.includes(from) && pair.includes(to)) ?? null;
}

/** Lays the run out with the change in it: does the mark then stand where it was read? */
function check(
  layout: RunLayout,
  tape: Tape,
  planned: PlannedChange,
  { hook, mark, value }: TapeReading,
): Result<MarkMove, MoveMarkRefusal> {
  const applied = applyOps(layout.doc, planned.ops);
  if (!applied.ok) return refuse({ code: 'leg-unknown', leg: tape.leg.id });
  const next = layOutRun(applied.value, layout.catalogue, layout.rules, layout.facts);
  const then = layTape(next, tape.leg.id);
  const find = ({ id }: TapeMark) =>
    then && [...getMarks(then), ...then.hooks].find((each) => each.id === id);
  const [from, to] = [hook, mark].map((each) => find(each)?.at ?? null);
  if (from === null || to === null) return refuse({ code: 'mark-held' });
  const stands = Math.abs(Math.abs(to! - from!) - value) <= AGREES;
  return stands ? accept({ planned, layout: next }) : refuse({ code: 'mark-held' });
}

/** What is irrational was rounded to 1 nm more than once. */
const AGREES: Length = 1_000;

/** The centre at a leg's far end: the mark that is moved unless another one is picked. */
export const getFarCentre = (tape: Tape): TapeMark =>
  getMarks(tape).find(({ ref }) => isAt(ref, centreOf(tape.leg.far)) && ref.at === 'centre')!;
