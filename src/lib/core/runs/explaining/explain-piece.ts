import { getCutByMakeIn, getFaceToFace } from '#core/allowances';
import { putOnTape } from '#core/units';
import { readReach } from './explain-joint.ts';
import { explainTube } from './explain-tube.ts';
import { explainLength } from './explain-length.ts';
import { term, type Term, type Working } from './explanation.ts';
import { getPieceEnd, type LaidInline, type LaidLeg, type Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';

/** The workings of a cut: how its centres were found, both methods, and what is put on the tape. Null while not known. */
export function explainPiece(piece: Piece, layout: RunLayout): Working[] | null {
  if (piece.path) return explainTube(piece, layout);
  if (!piece.cut || piece.centreToCentre === null) return null;
  const laid = layout.legs.get(piece.leg)!;
  const centres = term('centre-to-centre', piece.centreToCentre);
  const cut = term('cut-length', piece.cut.exact);
  const method = layout.rules['length-method'].option;
  const workings: Working[] = [...explainLength(laid, layout), ...explainSpan(piece, laid, layout, centres)];
  if (method !== 'face-plus-make-in') {
    const terms = [centres, ...piece.ends.map((end) => term('take-off', end.takeOff ?? 0, { end: end.id }))];
    workings.push({ formula: 'cut-by-allowances', result: cut, terms, rule: 'length-method' });
  }
  if (method !== 'centre-minus-allowances') workings.push(...explainMakeIn(piece, centres));
  return [...workings, explainTape(piece, layout, cut)];
}

/** Between two parts of one leg: where the one stands less where the other does. */
function explainSpan(piece: Piece, laid: LaidLeg, layout: RunLayout, result: Term): Working[] {
  if (laid.inline.length === 0 || laid.centreToCentre === null) return [];
  const place = (layout.pieces.get(laid.id) ?? []).indexOf(piece);
  const at = (stop: LaidInline | undefined, otherwise: number) => term('place', stop?.at ?? otherwise);
  const terms = [at(laid.inline[place], laid.centreToCentre), at(laid.inline[place - 1], 0)];
  return [{ formula: 'between-places', result, terms, rule: null }];
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

function explainTape({ cut }: Piece, layout: RunLayout, exact: Term): Working {
  const { onTape, nipple } = cut!;
  if (nipple !== null) {
    const terms = [exact, term('rounding-error', onTape.error)];
    return { formula: 'nipple', result: term('nipple', nipple), terms, rule: 'nipples' };
  }
  const alone = putOnTape(exact.value, layout.rules['tape-rounding'].option);
  const isAlone = alone.length === onTape.length;
  return {
    formula: isAlone ? 'on-tape' : 'on-tape-in-line',
    result: term('on-tape', onTape.length),
    terms: [exact, term(isAlone ? 'rounding-error' : 'line-error', onTape.error)],
    rule: 'tape-rounding',
  };
}
