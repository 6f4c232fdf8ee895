import { getCutByMakeIn, getFaceToFace } from '../allowances/cut-length.ts';
import { getTurnsAsked } from '../allowances/find-engagement.ts';
import type { Provenance } from '../catalogue/confidence.ts';
import type { PartLength } from '../catalogue/part.ts';
import type { RuleId } from '../house-rules/house-rules.ts';
import { INCH, type Length } from '../units/length.ts';
import { findEnd, findPiece, getPieceEnd } from './lay-out-run.ts';
import type { LaidEnd, Piece, RunLayout } from './layout.ts';

/** The quantities that stand in formulas. */
export type Quantity =
  | 'cut-length' | 'on-tape' | 'centre-to-centre' | 'face-to-face' | 'take-off' | 'reach' | 'engagement'
  | 'hand-tight' | 'turns' | 'threads-per-inch' | 'thread-length' | 'threads-showing' | 'rounding-error'
  | 'turns-asked'; // prettier-ignore

/** One value of a formula: nm for lengths, otherwise a plain number. */
export interface Term {
  readonly quantity: Quantity;
  readonly value: number;
  readonly isLength: boolean;
  /** Which end it belongs to: `node:leg`. */
  readonly end: string | null;
  readonly provenance: Provenance | null;
  readonly standing: PartLength['standing'] | null;
}

export type FormulaCode =
  | 'cut-by-allowances' | 'face-to-face' | 'cut-by-make-in' | 'on-tape' | 'take-off'
  | 'engagement-shop-table' | 'engagement-hand-tight-plus-turns' | 'engagement-own-measured'
  | 'turns-past-hand-tight' | 'threads-showing'; // prettier-ignore

/** A formula with its values: result = f(terms), in the order the formula names them. */
export interface Working {
  readonly formula: FormulaCode;
  readonly result: Term;
  readonly terms: readonly Term[];
  /** The house rule that chose this formula or figure. */
  readonly rule: RuleId | null;
}

/** Why a number is what it is. */
export interface Explanation {
  readonly subject: string;
  readonly about: 'piece' | 'joint';
  readonly workings: readonly Working[];
}

/**
 * The reason behind the numbers of a piece or of a joint, built when asked: formula, values, source, confidence and
 * the deciding rule. Null when the id is neither, or when what is asked is not known.
 */
export function explain(layout: RunLayout, id: string): Explanation | null {
  const piece = findPiece(layout, id);
  if (piece) {
    const workings = explainPiece(piece, layout);
    return workings ? { subject: id, about: 'piece', workings } : null;
  }
  const end = findEnd(layout, id);
  const workings = end ? explainJoint(end, layout) : null;
  return workings ? { subject: id, about: 'joint', workings } : null;
}

const term = (quantity: Quantity, value: number, more: Partial<Term> = {}): Term => ({
  quantity,
  value,
  isLength: true,
  end: null,
  provenance: null,
  standing: null,
  ...more,
});

const count = (quantity: Quantity, value: number, more: Partial<Term> = {}): Term =>
  term(quantity, value, { isLength: false, ...more });

function explainPiece(piece: Piece, layout: RunLayout): Working[] | null {
  if (!piece.cut || piece.centreToCentre === null) return null;
  const { exact, onTape } = piece.cut;
  const centres = term('centre-to-centre', piece.centreToCentre);
  const cut = term('cut-length', exact);
  const method = layout.rules['length-method'].option;
  const workings: Working[] = [];
  if (method !== 'face-plus-make-in') {
    const terms = [centres, ...piece.ends.map((end) => term('take-off', end.takeOff ?? 0, { end: end.id }))];
    workings.push({ formula: 'cut-by-allowances', result: cut, terms, rule: 'length-method' });
  }
  if (method !== 'centre-minus-allowances') workings.push(...explainMakeIn(piece, centres));
  const error = term('rounding-error', onTape.error);
  const tape = term('on-tape', onTape.length);
  workings.push({ formula: 'on-tape', result: tape, terms: [cut, error], rule: 'tape-rounding' });
  return workings;
}

function explainMakeIn(piece: Piece, centres: Term): Working[] {
  const [a, b] = [getPieceEnd(piece.ends[0]), getPieceEnd(piece.ends[1])];
  const faces = term('face-to-face', getFaceToFace(centres.value, a, b));
  const cut = term('cut-length', getCutByMakeIn(centres.value, a, b));
  const reaches = piece.ends.map((end) => readReach(end));
  const makeIns = piece.ends.map((end) => term('engagement', getPieceEnd(end).engagement, { end: end.id }));
  return [
    { formula: 'face-to-face', result: faces, terms: [centres, ...reaches], rule: null },
    { formula: 'cut-by-make-in', result: cut, terms: [faces, ...makeIns], rule: 'length-method' },
  ];
}

function readReach(end: LaidEnd): Term {
  const reach = end.joint?.port.reach;
  const provenance = reach && 'source' in reach ? reach : null;
  return term('reach', end.joint?.reach ?? 0, { end: end.id, provenance, standing: reach?.standing ?? null });
}

function explainJoint(end: LaidEnd, layout: RunLayout): Working[] | null {
  const { joint, thread } = end;
  if (!joint || !thread || joint.engagement === null || !joint.tightness) return null;
  const engagement = term('engagement', joint.engagement, { end: end.id });
  const perInch = count('threads-per-inch', thread.threadsPerInch, { provenance: thread.threadSource });
  const handTight = term('hand-tight', thread.handTight, { provenance: thread.threadSource });
  const threadLength = term('thread-length', thread.cutLength, {
    provenance: thread.cutLengthSource,
  });
  const workings: Working[] = [explainEngagement(end, engagement, handTight, perInch, layout)];
  if (end.takeOff !== null) {
    const takeOff = term('take-off', end.takeOff, { end: end.id });
    workings.push({ formula: 'take-off', result: takeOff, terms: [readReach(end), engagement], rule: null });
  }
  const turns = count('turns', joint.tightness.turnsPastHandTight);
  const showing = count('threads-showing', joint.tightness.threadsShowing);
  workings.push(
    { formula: 'turns-past-hand-tight', result: turns, terms: [engagement, handTight, perInch], rule: null },
    { formula: 'threads-showing', result: showing, terms: [threadLength, engagement, perInch], rule: null },
  );
  return workings;
}

function explainEngagement(
  end: LaidEnd,
  result: Term,
  handTight: Term,
  perInch: Term,
  layout: RunLayout,
): Working {
  const choice = layout.rules['engagement-figure'];
  const rule = 'engagement-figure';
  if (choice.option === 'hand-tight-plus-turns') {
    const turns = count('turns-asked', getTurnsAsked(choice, end.size));
    return { formula: 'engagement-hand-tight-plus-turns', result, terms: [handTight, turns, perInch], rule };
  }
  if (choice.option === 'own-measured') {
    return { formula: 'engagement-own-measured', result, terms: [result], rule };
  }
  const figure: Term = { ...result, provenance: end.thread?.engagementSource ?? null };
  return { formula: 'engagement-shop-table', result, terms: [figure], rule };
}

/** Turns a working back into its result (nm or a number): the explanation is a check on the layout. */
export function evaluateWorking({ formula, terms }: Working): Length {
  const [a = 0, b = 0, c = 0] = terms.map((each) => each.value);
  switch (formula) {
    case 'cut-by-allowances':
    case 'face-to-face':
      return a - b - c;
    case 'cut-by-make-in':
      return a + b + c;
    case 'on-tape':
      return a + b;
    case 'take-off':
      return a - b;
    case 'engagement-shop-table':
    case 'engagement-own-measured':
      return a;
    case 'engagement-hand-tight-plus-turns':
      return Math.round(a + (b * INCH) / c);
    case 'turns-past-hand-tight':
    case 'threads-showing':
      return ((a - b) / INCH) * c;
  }
}
