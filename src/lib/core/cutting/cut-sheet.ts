import { MATERIALS, type Material } from '../catalogue/pipe.ts';
import type { Part, PartKind } from '../catalogue/part.ts';
import { NOMINAL_SIZES, type NominalSize } from '../catalogue/size.ts';
import type { Piece, RunLayout } from '../runs/layout.ts';
import { findNipple } from '../runs/threading-need.ts';
import type { Length } from '../units/length.ts';

/** A piece with what the bench needs to make it. */
export interface CutSheetRow {
  readonly piece: Piece;
  readonly material: Material;
  /** The nipple to buy in place of cutting, nm; null for pipe that is cut. */
  readonly nipple: Length | null;
}

/** Nipples of one size and length to buy. */
export interface NippleTotal {
  readonly size: NominalSize;
  readonly length: Length;
  readonly count: number;
}

export interface SizeTotal {
  readonly size: NominalSize;
  readonly material: Material;
  readonly pieces: number;
  /** Sum of the cut lengths on the tape, nm; kerf is added when the stock is planned. */
  readonly length: Length;
  readonly threads: number;
  /** Pieces whose cut is not known and is therefore not in the length. */
  readonly unknown: number;
}

export interface FittingTotal {
  readonly kind: PartKind;
  readonly size: NominalSize;
  readonly part: Part;
  readonly count: number;
}

export interface CutSheet {
  readonly rows: readonly CutSheetRow[];
  readonly sizes: readonly SizeTotal[];
  readonly fittings: readonly FittingTotal[];
  readonly nipples: readonly NippleTotal[];
}

/** The cut sheet of a laid-out run: pieces in the order of their marks, totals by size, fittings to buy. */
export function makeCutSheet(layout: RunLayout): CutSheet {
  const rows = [...layout.pieces.values()]
    .map((piece) => ({
      piece,
      material: layout.legs.get(piece.leg)!.leg.material,
      nipple: findNipple(piece, layout.catalogue),
    }))
    .sort((a, b) => Number(a.piece.mark) - Number(b.piece.mark));
  return { rows, sizes: sumSizes(rows), fittings: countFittings(layout), nipples: countNipples(rows) };
}

function sumSizes(rows: readonly CutSheetRow[]): SizeTotal[] {
  const totals: SizeTotal[] = [];
  for (const material of MATERIALS) {
    for (const size of NOMINAL_SIZES) {
      const pieces = rows.filter(
        (row) => row.material === material && row.piece.size === size && row.nipple === null,
      );
      if (pieces.length === 0) continue;
      const cuts = pieces.flatMap(({ piece }) => (piece.cut ? [piece.cut.onTape.length] : []));
      totals.push({
        size,
        material,
        pieces: pieces.length,
        length: cuts.reduce((sum, length) => sum + length, 0),
        threads: pieces.length * 2,
        unknown: pieces.length - cuts.length,
      });
    }
  }
  return totals;
}

function countFittings(layout: RunLayout): FittingTotal[] {
  const totals = new Map<string, FittingTotal>();
  for (const { fitting } of layout.nodes.values()) {
    if (fitting.kind !== 'part' || fitting.part.kind === 'existing') continue;
    const { part } = fitting;
    const count = (totals.get(part.id)?.count ?? 0) + 1;
    totals.set(part.id, { kind: part.kind, size: part.size, part, count });
  }
  return [...totals.values()].sort(
    (a, b) => NOMINAL_SIZES.indexOf(a.size) - NOMINAL_SIZES.indexOf(b.size) || a.kind.localeCompare(b.kind),
  );
}

function countNipples(rows: readonly CutSheetRow[]): NippleTotal[] {
  const totals = new Map<string, NippleTotal>();
  for (const { piece, nipple } of rows) {
    if (nipple === null) continue;
    const key = `${piece.size} ${nipple}`;
    totals.set(key, { size: piece.size, length: nipple, count: (totals.get(key)?.count ?? 0) + 1 });
  }
  return [...totals.values()].sort(
    (a, b) => NOMINAL_SIZES.indexOf(a.size) - NOMINAL_SIZES.indexOf(b.size) || a.length - b.length,
  );
}
