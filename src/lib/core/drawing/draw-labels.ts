import type { Point } from '#core/geometry';
import type { LaidLeg } from '#core/runs/pieces';
import { getPlacesBeside, placeLabel } from './place-label.ts';
import { along, getDistance } from './sheet-geometry.ts';
import type { Sink } from './sink.ts';
import type { TakenRoom } from './taken-room.ts';

/** What is written beside a leg. */
export interface LegLetters {
  /** The measure between its ends as taken; null where dimension lines show it, or it follows from the parts. */
  readonly measure: string | null;
  /** Its size, where it is not that of the leg before. */
  readonly size: string | null;
}

const WIDTH_OF_LETTER = 0.46;
/** About how wide a text is drawn, in the unit of `letter` (its height). */
export const getTextWidth = (text: string, letter: number): number => text.length * letter * WIDTH_OF_LETTER;

/** Writes a leg's mark in a ring on its pipe, and its measure and size beside it where there is room. */
export function drawLegLabels(
  sink: Sink,
  { leg }: LaidLeg,
  letters: LegLetters,
  from: Point,
  to: Point,
  taken: TakenRoom,
  letter: number,
): void {
  const ring = letter * 0.82;
  const isLong = getDistance(from, to) > ring * 4;
  const drawTag = (at: Point) => {
    sink.mark('tag', at, ring, leg.id);
    sink.text('tag', at, 0, String(leg.tag), leg.id);
    taken.takeLabel({ at, turn: 0 }, ring * 2, ring * 2);
  };
  // The mark sits on its pipe; on a pipe too short for it, beside, where the measure leaves room.
  if (isLong) drawTag(along(from, to, getDistance(from, to) / 2));
  if (letters.measure !== null) drawBeside(sink, 'measure', letters.measure, leg.id, from, to, taken, letter);
  if (!isLong) {
    const beside = getPlacesBeside(from, to, letter * 1.6, letter * 1.6);
    drawTag(placeLabel(beside, ring * 2, ring * 2, taken).at);
  }
  if (letters.size !== null) drawBeside(sink, 'size', letters.size, leg.id, from, to, taken, letter);
}

function drawBeside(
  sink: Sink,
  role: 'measure' | 'size',
  text: string,
  subject: string,
  from: Point,
  to: Point,
  taken: TakenRoom,
  letter: number,
): void {
  const [width, height] = [getTextWidth(text, letter), letter * 1.1];
  const place = placeLabel(getPlacesBeside(from, to, width, height), width, height, taken);
  taken.takeLabel(place, width, height);
  sink.text(role, place.at, place.turn, text, subject);
}

/** Writes the name of what a run ends at beyond it, or beside it where there is no room. */
export function drawUnder(
  sink: Sink,
  text: string,
  subject: string,
  middle: Point,
  beyond: Point,
  taken: TakenRoom,
  letter: number,
): void {
  const [width, height] = [getTextWidth(text, letter), letter * 1.1];
  const places = [{ at: beyond, turn: 0 }, ...getPlacesBeside(middle, beyond, width, height)];
  const place = placeLabel(places, width, height, taken);
  taken.takeLabel(place, width, height);
  sink.text('name', place.at, place.turn, text, subject);
}
