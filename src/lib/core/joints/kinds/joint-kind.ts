import type { JointKindId, NutSide } from '../pair-verdict.ts';
import type { TurnsWindow } from '#core/house-rules';

/** The one place where a joint seals. */
export const SEAL_PLACES = [
  'wedged-flanks', 'crushed-crests', 'seat-30', 'cone-45', 'cone-37', 'connector-cone', 'ground-seat', 'olive',
  'inverted-cone', 'cutting-ring', 'contact', 'valve-seat', 'corrugation', 'ring', 'o-rings', 'melt', 'flat-washer', 'gasket', 'solder',
] as const; // prettier-ignore
export type SealPlace = (typeof SEAL_PLACES)[number];

/** What goes on it. `lubricant`: none is needed, a listed sealant is often wanted on gas all the same. */
export type SealantNeed = 'required' | 'lubricant' | 'never';

/** How it is made tight. Turns are counted from hand-tight, or from where the seat is felt. */
export type Tightening =
  | { readonly by: 'engagement' }
  | { readonly by: 'turns'; readonly from: 'hand-tight' | 'contact'; readonly window: TurnsWindow }
  | { readonly by: 'snug' | 'maker' | 'press-tool' | 'depth-mark' | 'heat' };

/** May it be taken apart and made again? */
export type MadeAgain =
  'clean-once' | 'never' | 'clean-seat' | 'flare-again' | 'new-olive' | 'new-parts' | 'new-washer' | 'cut-out' | 'new-connector' | 'new-gasket'; // prettier-ignore

/** Tools that turn it. */
export type Turner = 'pipe-wrench' | 'spanner' | 'press-tool' | 'hands' | 'iron' | 'torch';

/** What places care about in a joint: whether it comes apart, is made once for all, or is of tubing or plastic. */
export type JointFamily = 'taper' | 'comes-apart' | 'made-for-good' | 'tubing-end' | 'polyethylene';

/** Where a joint seals and what goes on it. A joint seals in one place: know the place and the sealant follows. */
export interface JointKind {
  readonly id: JointKindId;
  readonly sealsAt: SealPlace;
  readonly sealant: SealantNeed;
  /** First thread that takes sealant: the first stays bare so that nothing enters the bore; null where none goes on. */
  readonly sealantFromThread: number | null;
  readonly tightening: Tightening;
  readonly turnedBy: Turner;
  /** Whether what is already made must be held while this one is turned. */
  readonly secondWrench: boolean;
  /** How it is made last: a nut or a clamp draws it together and neither body turns; one body moves along; or one must be turned. */
  readonly closes: 'nut' | 'push' | 'turn';
  /** Who brings the nut, where the rule of the pair does not say otherwise; a cylinder's connection has it on either side, by its row. */
  readonly nut: NutSide | null;
  /** Whether parts meet parts by it: nothing is melted, soldered or pushed together between two of them. */
  readonly joinsParts: boolean;
  readonly family: JointFamily;
  /** Whether it can work loose, and so stays out of walls and floors in most codes. */
  readonly worksLoose: boolean;
  /** Whether it is of copper tube or the brass made for it, which corrosive gas eats; pressed ones are by their tube. */
  readonly isOfCopper: boolean;
  /** Whether it is drawn as two seats that a nut pulls together. */
  readonly isSeated: boolean;
  readonly madeAgain: MadeAgain;
}
