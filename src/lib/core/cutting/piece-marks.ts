import type { Piece } from '#core/runs/pieces';
import type { Length } from '#core/units';

/** What is marked on a piece at the vise. */
export interface PieceMark {
  /** `face`: how far the fitting's face comes up when made up; `thread`: where the thread to cut ends; `cut`: the cut. */
  readonly what: 'face' | 'thread' | 'cut';
  /** The end it belongs to: 0 the end from which all marks are measured, 1 the cut. */
  readonly end: 0 | 1;
  /** nm from end 0. */
  readonly at: Length;
}

/**
 * The marks to make on a piece, in order along the tape laid from its first end (nm): at both ends the thread to cut and
 * the engagement, and the cut itself. Null while the cut is not known, or where nothing is left to cut.
 *
 *     0 |-face-|--thread--|                |--thread--|-face-| cut
 */
export function getPieceMarks({ cut, ends }: Piece): PieceMark[] | null {
  if (!cut || cut.exact <= 0) return null;
  const length = cut.onTape.length;
  const marks: PieceMark[] = [{ what: 'cut', end: 1, at: length }];
  for (const [i, end] of ends.entries()) {
    const side = i === 0 ? 0 : 1;
    const place = (from: Length) => (side === 0 ? from : length - from);
    if (end.joint?.engagement) marks.push({ what: 'face', end: side, at: place(end.joint.engagement) });
    if (end.thread) marks.push({ what: 'thread', end: side, at: place(end.thread.cutLength) });
  }
  return marks.sort((a, b) => a.at - b.at);
}
