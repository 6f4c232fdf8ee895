import { comparePe, type PeComparison, parsePrintLine, type PrintLine } from '#core/identify';
import { getPeFigures, isPeSize } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { getCraft } from '#core/materials';
import { getPieces, type RunLayout } from '#core/runs/layout';
import type { Piece } from '#core/runs/pieces';

/** What a print line on pipe comes to beside the marking of what it goes into, and beside what was laid out. */
export interface PrintComparison {
  /** The end of the pipe, as joints are called. */
  readonly joint: string;
  readonly leg: string;
  readonly mark: string;
  /** What stands there: a node or a part in the leg. */
  readonly station: string;
  readonly pipe: PrintLine | null;
  readonly fitting: PrintLine | null;
  /** Null while one of them was not read. */
  readonly comparison: PeComparison | null;
}

/** Every joint of pipe in the ground, in walking order. A butt joint is pipe to pipe, which is one print line. */
export function comparePrints(layout: RunLayout): readonly PrintComparison[] {
  return [...getPieces(layout)].flatMap((piece) => {
    const { leg } = layout.legs.get(piece.leg)!;
    if (!getCraft(leg).isForGround) return [];
    const pipe = readPipe(layout, piece);
    return piece.ends.flatMap((end): PrintComparison[] => {
      if (!end.joint) return [];
      const [station] = end.station.split('.') as [string];
      const fitting = readPrint(layout, station);
      const comparison = pipe && fitting ? comparePe(pipe, fitting, layout.catalogue.tubeRows) : null;
      return [{ joint: end.id, leg: end.leg, mark: piece.mark, station, pipe, fitting, comparison }];
    });
  });
}

/** The pieces of pipe in the ground whose print line was not read. */
export const listUnreadPipes = (layout: RunLayout): readonly string[] =>
  [...getPieces(layout)].flatMap((piece) =>
    getCraft(layout.legs.get(piece.leg)!.leg).isForGround && !readPipe(layout, piece) ? [piece.id] : [],
  );

/** A print line that was read; null where none was. */
export function readPrint({ doc }: RunLayout, of: string): PrintLine | null {
  const text = doc.prints[of]?.text ?? '';
  return text === '' ? null : parsePrintLine(text);
}

/** A tube goes through several legs: the print line read on the first of them that has one. */
const readPipe = (layout: RunLayout, piece: Piece): PrintLine | null => {
  for (const leg of piece.path?.legs ?? [piece.leg]) {
    const print = readPrint(layout, leg);
    if (print) return print;
  }
  return null;
};

/** In what the print line of a pipe is not what its leg was laid out as; empty where it is, or does not say it. */
export function findOtherThanLaid(line: PrintLine, size: LegSize): readonly ('size' | 'wall')[] {
  if (!isPeSize(size)) return [];
  const { nominal, system, sdr } = getPeFigures(size);
  const isOtherSize = line.size !== null && (line.size !== nominal || line.system !== system);
  // 11.1 and 11.4 are both sold as 11.
  const isOtherWall = line.sdr !== null && Math.abs(line.sdr - sdr) / sdr > SAME_SDR;
  return [...(isOtherSize ? (['size'] as const) : []), ...(isOtherWall ? (['wall'] as const) : [])];
}

const SAME_SDR = 0.06;
