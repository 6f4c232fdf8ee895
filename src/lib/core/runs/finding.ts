import type { NominalSize } from '../catalogue/size.ts';
import type { Length } from '../units/length.ts';
import type { TurnsWindow } from '../joints/tightness.ts';
import type { FittingRefusal } from './infer-fitting.ts';

/** stop: do not cut; ask: something must be found out first; note: worth knowing. */
export type Severity = 'stop' | 'ask' | 'note';

interface FindingBase {
  readonly severity: Severity;
  /** The id of what it is about: a leg, node, end or piece. */
  readonly subject: string;
}

/** What a check has to say, as data. */
export type Finding = FindingBase &
  (
    | { readonly code: 'measure-missing'; readonly mark: string }
    | { readonly code: 'measures-contradict'; readonly mark: string; readonly values: readonly Length[] }
    | { readonly code: 'no-fitting'; readonly marks: readonly string[]; readonly refusal: FittingRefusal }
    | { readonly code: 'pieces-collide'; readonly mark: string; readonly by: Length }
    | {
        /** Too short to thread, and a bought nipple is as long: nipple minus cut is `off`. */
        readonly code: 'nipple-fits';
        readonly mark: string;
        readonly size: NominalSize;
        readonly cut: Length;
        readonly nipple: Length;
        readonly off: Length;
      }
    | {
        /** Too short to thread (two threads and the grip are needed), and no nipple is as long. */
        readonly code: 'too-short-to-thread';
        readonly mark: string;
        readonly cut: Length;
        readonly needed: Length;
        /** The nipple that comes nearest, and how much longer (+) or shorter (-) the leg must become for it. */
        readonly nearest: Length | null;
        readonly move: Length | null;
      }
    | { readonly code: 'engagement-not-measured'; readonly size: NominalSize }
    | { readonly code: 'size-not-carried'; readonly size: NominalSize }
    | { readonly code: 'part-length-unknown'; readonly mark: string }
    | { readonly code: 'part-length-typical'; readonly mark: string; readonly plusMinus: Length }
    | {
        readonly code: 'turns-outside-window';
        readonly size: NominalSize;
        readonly turns: number;
        readonly window: TurnsWindow;
      }
    | { readonly code: 'longer-than-stock'; readonly mark: string; readonly stock: Length }
    | { readonly code: 'open-end'; readonly mark: string }
    | { readonly code: 'loop-misses'; readonly mark: string; readonly by: Length }
    | { readonly code: 'cut-for-no-place'; readonly length: Length; readonly by: string }
    | { readonly code: 'catalogue-changed'; readonly pinned: string; readonly now: string }
  );

export type FindingCode = Finding['code'];
