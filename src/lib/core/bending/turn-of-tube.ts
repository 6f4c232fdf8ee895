/** Which way round, seen from end A along the straight tube. */
export type Sense = 'clockwise' | 'anticlockwise';

/** An angle about the tube, 0 to 180°, and which way round it is; of none and of half a turn either way is the same. */
export interface AboutTube {
  readonly degrees: number;
  readonly sense: Sense | null;
}

const make = (degrees: number, sense: Sense): AboutTube =>
  degrees === 0 || degrees === 180 ? { degrees, sense: null } : { degrees, sense };

/**
 * Where the next bend lies, from the leg that goes back to end A: seen from end A along the straight between them. `rotation` is that between the
 * planes of the two bends, 0 to 360° clockwise.
 *
 *          leg toward A
 *               |
 *               o----- next bend: 90° clockwise, so that the tube is turned 90° anticlockwise
 */
export const getLie = (rotation: number): AboutTube =>
  rotation <= 180 ? make(rotation, 'clockwise') : make(360 - rotation, 'anticlockwise');

/** How the tube is turned in a bender, which always bends the same way: back, by as much as the next bend lies round. */
export const getTurnOfTube = (rotation: number): AboutTube =>
  rotation <= 180 ? make(rotation, 'anticlockwise') : make(360 - rotation, 'clockwise');
