import type { Catalogue } from '#core/catalogue';
import type { HouseRules } from '#core/house-rules';
import { type Length, putOnTape } from '#core/units';
import type { Facts } from '#core/runs/changes';
import { findExactCut, LaidCut, LaidPiece, type LineTotals } from './laid-piece.ts';
import { readInlineEnd, type LegPipe } from './lay-inline.ts';
import type { LaidEnd, EndReader } from '#core/runs/measuring';
import type { LaidLeg, LaidNode, Piece } from './laid.ts';
import { getVectorFrom, isSameWay, type Leg } from '#core/runs/document';
import { getCraft } from '#core/materials';

/** Where a line begins: at a turn, at the source, and after a piece of which nothing is known. */
const START: LineTotals = { exact: 0, marked: 0 };

/** Tube shares no line: it is marked from its own end. */
export const isTube = (leg: Leg): boolean => getCraft(leg).turnsBy === 'bend';

/** How far a line of pieces had come at the near end of a leg, and at its far end. */
interface LineSoFar {
  readonly from: LineTotals;
  readonly to: LineTotals;
}
/** The pieces of a leg → how far their line had come. */
const lineOf = new WeakMap<readonly Piece[], LineSoFar>();

/** Whether the line goes on beyond these pieces as it does beyond those. */
export function endsAlike(a: readonly Piece[], b: readonly Piece[]): boolean {
  const [one, other] = [lineOf.get(a)?.to ?? START, lineOf.get(b)?.to ?? START];
  return one.exact === other.exact && one.marked === other.marked;
}

/**
 * Makes the pieces of legs, in walking order. Pieces in one straight line share their rounding: each is marked at the
 * nearest graduation of where its far end belongs, less what lies before it, so that the line never ends more than half
 * a graduation off. A bought nipple cannot be adjusted: its error goes into the next cut piece; so does that of a piece
 * that was cut otherwise than asked.
 *
 *     S0 ---- exact 1 ---- S1 ---- exact 2 ---- S2      tape i = round(Si) − what was marked up to S(i−1)
 */
export class PieceLayer {
  readonly #nodes: ReadonlyMap<string, LaidNode>;
  readonly #catalogue: Catalogue;
  readonly #rules: HouseRules;
  readonly #facts: Facts;
  readonly #ends: EndReader;
  /** Leg id → its pieces, as far as they are laid: they say how far their line has come. */
  readonly #pieces: ReadonlyMap<string, readonly Piece[]>;

  constructor(
    nodes: ReadonlyMap<string, LaidNode>,
    pieces: ReadonlyMap<string, readonly Piece[]>,
    catalogue: Catalogue,
    rules: HouseRules,
    facts: Facts,
    ends: EndReader,
  ) {
    this.#nodes = nodes;
    this.#pieces = pieces;
    this.#catalogue = catalogue;
    this.#rules = rules;
    this.#facts = facts;
    this.#ends = ends;
  }

  /** Whether the line comes to a leg as it did when these pieces were made; then it goes on beyond it as it did. */
  goesOn(laid: LaidLeg, pieces: readonly Piece[]): boolean {
    const was = lineOf.get(pieces)?.from ?? START;
    const { exact, marked } = this.#findChain(laid);
    return was.exact === exact && was.marked === marked;
  }

  /** The pieces of one leg, from its near end; none where fitting goes straight into fitting (`pipe` null). */
  lay(laid: LaidLeg, pipe: LegPipe | null): readonly Piece[] {
    const from = this.#findChain(laid);
    let chain = from;
    const pieces: Piece[] = [];
    if (pipe) {
      const { inline } = laid;
      const last = inline.length;
      let [start, near]: [Length | null, LaidEnd] = [0, pipe.near];
      for (let i = 0; i <= last; i++) {
        const stop = inline[i];
        const far = stop ? readInlineEnd(laid.leg, stop, 0, this.#ends) : pipe.far;
        const until = stop ? stop.at : pipe.length;
        const span = until === null || start === null ? null : until - start;
        const place = last === 0 ? null : pipe.isAsDrawn ? i : last - i;
        const cut = this.#cut(laid, near, far, span, chain);
        const piece = new LaidPiece(laid, near, far, place, span, cut?.cut ?? null, this.#facts);
        pieces.push(piece);
        chain = goOn(chain, piece, cut?.line ?? START);
        if (stop) [start, near] = [stop.at, readInlineEnd(laid.leg, stop, 1, this.#ends)];
      }
    }
    lineOf.set(pieces, { from, to: chain });
    return pieces;
  }

  /** The line goes on where the leg before arrives the way this one leaves. */
  #findChain({ leg, near, depth }: LaidLeg): LineTotals {
    const before = depth > 0 ? this.#nodes.get(near)?.legs[0] : undefined;
    if (!before || before === leg || isTube(before) || isTube(leg)) return START;
    const from = before.from === near ? before.to : before.from;
    if (!isSameWay(getVectorFrom(before, from), getVectorFrom(leg, near))) return START;
    return lineOf.get(this.#pieces.get(before.id)!)?.to ?? START;
  }

  /** The cut of a piece, and how far the line has come with it; null where it is not known. */
  #cut(
    laid: LaidLeg,
    near: LaidEnd,
    far: LaidEnd,
    span: Length | null,
    before: LineTotals,
  ): { cut: LaidCut; line: LineTotals } | null {
    const exact = findExactCut(span, near, far);
    if (exact === null) return null;
    const rules = this.#rules;
    const nipple = getCraft(laid.leg).findBought(exact, laid.leg, [near, far], rules, this.#catalogue);
    const due = before.exact + exact;
    // What is cut is a mark of the tape, whatever came before it: a bought nipple and a slip are none.
    const length = nipple ?? putOnTape(due - before.marked, rules['tape-rounding'].option).length;
    const line = { exact: due, marked: before.marked + length };
    return { cut: new LaidCut(exact, nipple, before, line), line };
  }
}

/** Where nothing is left to cut the line begins anew; what was cut otherwise than asked goes into the next piece. */
function goOn(before: LineTotals, { cut, asCut }: Piece, line: LineTotals): LineTotals {
  if (!cut || cut.exact <= 0) return START;
  return asCut ? { exact: line.exact, marked: before.marked + asCut.length } : line;
}
