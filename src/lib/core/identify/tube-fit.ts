import { type Length, MILLIMETRE, inches } from '#core/units';
import { type TubeList, readFraction } from '#core/catalogue';

/** A tube in a hole of a flare block or a nut. `off` is tube minus hole, nm. */
export interface TubeFit {
  readonly verdict: 'fits' | 'warn' | 'refuse';
  readonly off: Length;
}

/** Within 0.10 mm the block grips; to 0.15 mm it is doubtful; beyond, the tube slips or is crushed. */
const GRIPS: Length = MILLIMETRE / 10;
const DOUBTFUL: Length = (15 * MILLIMETRE) / 100;

/** Does a tube (outside diameter, nm) fit a hole made for another? */
export function checkTubeFit(tube: Length, hole: Length): TubeFit {
  const off = tube - hole;
  const verdict = Math.abs(off) <= GRIPS ? 'fits' : Math.abs(off) <= DOUBTFUL ? 'warn' : 'refuse';
  return { verdict, off };
}

export interface InchHole {
  readonly name: string;
  readonly outside: Length;
}

/** The inch holes of a flare block: the outside diameters of ACR coil. */
export const getInchHoles = ({ copper }: TubeList): readonly InchHole[] =>
  copper
    .filter(({ type }) => type === 'ACR coil')
    .map(({ name }) => ({ name, outside: inches(readFraction(name)) }));

export interface FittedHole {
  readonly hole: InchHole;
  readonly fit: TubeFit;
}

/** The two inch holes nearest to a tube, the nearer first, and whether each grips: the second is the one taken by mistake. */
export const findNearestHoles = (tube: Length, holes: readonly InchHole[]): FittedHole[] =>
  holes
    .toSorted((a, b) => Math.abs(tube - a.outside) - Math.abs(tube - b.outside))
    .slice(0, 2)
    .map((hole) => ({ hole, fit: checkTubeFit(tube, hole.outside) }));
