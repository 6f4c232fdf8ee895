import type { NominalSize } from '#core/catalogue/size.ts';
import { getWrench } from '#core/joints/wrench.ts';
import type { JointKind } from '#core/joints/joint-kind.ts';
import type { Tightness } from '#core/joints/tightness.ts';
import { sayNumber } from './length-text.ts';

interface JointWords {
  readonly name: string;
  readonly seals: string;
  readonly sealant: string;
  readonly madeAgain: string;
}

/** How each kind of joint seals, in a fitter's words. */
export const JOINT_WORDS: Readonly<Record<JointKind['id'], JointWords>> = {
  'npt-in-npt': {
    name: 'Taper pipe thread in taper pipe thread',
    seals: 'On the flanks, wedged by the taper. A spiral path stays open along the thread.',
    sealant:
      'Gas-rated sealant required, on the male only, from the second thread on; the first thread stays bare so nothing enters the bore.',
    madeAgain: 'Made again once if clean and undamaged, with new sealant; then replaced.',
  },
  'r-in-rp': {
    name: 'British taper R in a parallel Rp or taper Rc opening',
    seals: 'On the flanks, wedged by the taper of the pipe. A spiral path stays open along the thread.',
    sealant:
      'Gas-rated sealant required, on the male only, from the second thread on; the first thread stays bare so nothing enters the bore.',
    madeAgain: 'Made again once if clean and undamaged, with new sealant; then replaced.',
  },
};

/** Turns as they are counted at the wrench: to the nearest quarter. */
export function sayTurns(turns: number): string {
  const quarters = Math.round(turns * 4);
  const [whole, rest] = [Math.floor(quarters / 4), ((quarters % 4) + 4) % 4];
  const fraction = ['', '¼', '½', '¾'][rest]!;
  const count = whole === 0 && fraction ? fraction : `${whole}${fraction}`;
  return `${count} ${quarters === 4 ? 'turn' : 'turns'}`;
}

/** How tight, in two of its three ways (the third is the engagement itself). */
export const sayTightness = (tightness: Tightness): string =>
  `about ${sayTurns(tightness.turnsPastHandTight)} past hand-tight, ${sayNumber(tightness.threadsShowing, 1)} threads showing`;

/** The pipe wrench for a size, and the second one. */
export function sayWrench(size: NominalSize): string {
  const { least, most } = getWrench(size);
  return `${least === most ? `${least} in` : `${least} to ${most} in`} pipe wrench, and a second one to hold`;
}
