/** A handle on the tape with what it reads; x in the units of the sheet. */
export interface ReadingHandle {
  readonly id: string;
  /** Handles of one row lie on one line. */
  readonly row: string;
  readonly x: number;
  readonly text: string;
  /** The side on which its reading stands if there is room: to the right (1) or to the left (−1). */
  readonly side: 1 | -1;
}

export interface PlacedReading {
  readonly id: string;
  readonly row: string;
  readonly text: string;
  readonly side: 1 | -1;
  /** Where the reading begins and ends. */
  readonly from: number;
  readonly to: number;
}

/** From a handle to its reading, breadth of a letter, and what a handle takes to each side. */
const GAP = 18;
const LETTER = 8;
const HANDLE = 14;

/**
 * Puts readings beside their handles within a width, the first ones first: on the side wanted, else on the other. One that
 * would lie on another reading or on a handle of its row is left out.
 */
export function placeReadings(handles: readonly ReadingHandle[], width: number): PlacedReading[] {
  const placed: PlacedReading[] = [];
  for (const { id, row, x, text, side } of handles) {
    const long = (text.length + 1) * LETTER;
    const isFree = ({ from, to }: PlacedReading): boolean =>
      from >= 0 &&
      to <= width &&
      placed.every((other) => other.row !== row || to < other.from || from > other.to) &&
      handles.every(
        (other) => other.id === id || other.row !== row || other.x + HANDLE < from || other.x - HANDLE > to,
      );
    const found = ([side, -side] as (1 | -1)[])
      .map((each): PlacedReading => {
        const from = each === 1 ? x + GAP : x - GAP - long;
        return { id, row, text, side: each, from, to: from + long };
      })
      .find(isFree);
    if (found) placed.push(found);
  }
  return placed;
}
