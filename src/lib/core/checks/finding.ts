import type { Gas, Jurisdiction, TurnsWindow } from '#core/house-rules';
import type {
  Permission,
  BodyPlaced,
  JointPlaced,
  ZoneId,
  PassageKind,
  PassageWant,
} from '#core/permissions';
import type { PartPlaced, BoughtKind, Part, PartKind } from '#core/catalogue';
import type { ShutOffFault, TrapFinding } from '#core/traps';
import type { GasInput, Length } from '#core/units';
import type { Severity } from '#core/outcome';
import type { EngagementDoubt } from '#core/allowances';
import type { CoverWanted } from '#core/ground';
import type { LegSize } from '#core/ends';
import type { PeComparison } from '#core/identify';
import type { JudgedJoint } from '#core/joints';
import type { FittingRefusal } from '#core/runs/fittings';
import type { Fullness, InlineKind } from '#core/runs/document';
import type { NamedRef } from '#core/runs/reading';
import type { UnreadReason } from '#core/runs/measuring';

interface FindingBase {
  readonly severity: Severity;
  /** The id of what it is about: a leg, node, end or piece. */
  readonly subject: string;
}

/** A measure with its two references named. */
export interface NamedMeasure {
  readonly value: Length;
  readonly from: NamedRef;
  readonly to: NamedRef;
}

/** A pipe, a joint or a part, as places are asked about it. */
export type Placeable =
  | { readonly kind: 'pipe'; readonly pipe: BodyPlaced }
  | { readonly kind: 'joint'; readonly joint: JointPlaced }
  | { readonly kind: 'part'; readonly part: PartPlaced };

/** What a check has to say, as data. */
export type Finding = FindingBase &
  (
    | { readonly code: 'measure-missing'; readonly mark: string }
    | {
        /** The shop's own engagement of a size cannot be, or is the length of thread that is cut. */
        readonly code: 'engagement-doubted';
        readonly size: LegSize;
        readonly figure: Length;
        readonly doubt: EngagementDoubt;
      }
    | {
        /** Two or more measures that cannot all be right: the first is `by` longer (+) than the others say. */
        readonly code: 'measures-contradict';
        readonly measures: readonly NamedMeasure[];
        readonly by: Length;
      }
    | {
        /** A measure of something whose length follows from its parts or its offset, and they differ. */
        readonly code: 'measure-against-parts';
        readonly mark: string;
        readonly measure: NamedMeasure;
        readonly by: Length;
      }
    | { readonly code: 'measures-reversed'; readonly mark: string; readonly by: Length }
    | {
        readonly code: 'measure-not-read';
        readonly measure: NamedMeasure;
        readonly why: UnreadReason;
      }
    | { readonly code: 'no-fitting'; readonly marks: readonly string[]; readonly refusal: FittingRefusal }
    | { readonly code: 'pieces-collide'; readonly mark: string; readonly by: Length }
    | {
        /** Too short to thread, and a bought nipple is as long: nipple minus cut is `off`. */
        readonly code: 'nipple-fits';
        readonly mark: string;
        readonly size: LegSize;
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
    | { readonly code: 'engagement-not-measured'; readonly size: LegSize }
    | { readonly code: 'size-not-carried'; readonly size: LegSize }
    | { readonly code: 'part-length-unknown'; readonly part: Part; readonly marks: readonly string[] }
    | {
        readonly code: 'part-length-typical';
        readonly part: Part;
        readonly marks: readonly string[];
        readonly plusMinus: Length;
      }
    | { readonly code: 'part-placed-by-eye'; readonly mark: string; readonly part: InlineKind }
    | {
        readonly code: 'choice-does-not-fit';
        readonly marks: readonly string[];
        readonly part: BoughtKind;
        readonly stands: PartKind;
      }
    /** Pipe or a joint may not be where it runs (stop), may on conditions (note), or has to be asked about. */
    | {
        readonly code: 'place';
        readonly marks: readonly string[];
        readonly zone: ZoneId;
        readonly what: Placeable;
        readonly permission: Permission;
        readonly jurisdiction: Jurisdiction;
      }
    | { readonly code: 'legs-cross'; readonly marks: readonly [string, string]; readonly apart: Length }
    | {
        /** A joint clocked to one angle, and the one at which its next leg now leaves; degrees. */
        readonly code: 'clocking-points-elsewhere';
        readonly mark: string;
        readonly wanted: number;
        readonly now: number;
      }
    | {
        readonly code: 'turns-outside-window';
        readonly size: LegSize;
        readonly turns: number;
        readonly window: TurnsWindow;
      }
    | {
        readonly code: 'longer-than-stock';
        readonly mark: string;
        readonly stock: Length;
        readonly couplings: number;
      }
    | {
        /** Two ends that meet and do not make, or that the house forbids. */
        readonly code: 'joint-does-not-make';
        readonly mark: string;
        readonly verdict: JudgedJoint;
      }
    /** A transition that was chosen: its parts do not go together, or the ends it was chosen for have changed. */
    | { readonly code: 'transition-does-not-fit' | 'transition-stale'; readonly mark: string }
    /** A part of a transition that has a date on it, which nobody has read. */
    | { readonly code: 'part-undated'; readonly mark: string; readonly part: Part }
    /** Tube: what is hard is not bent. */
    | { readonly code: 'tube-too-hard'; readonly mark: string; readonly bends: number }
    | {
        readonly code: 'tube-too-short';
        readonly mark: string;
        readonly cut: Length;
        readonly needed: Length;
        /** Whose sheet asks it; null where the house does. */
        readonly maker: string | null;
      }
    | {
        readonly code: 'bend-too-tight';
        readonly mark: string;
        readonly radius: Length;
        /** What it is under: refused where that is the least, asked where it is what is recommended. */
        readonly limit: Length;
      }
    | { readonly code: 'bend-returns'; readonly mark: string; readonly degrees: number }
    | {
        readonly code: 'bend-radius-unknown' | 'no-joint-in-tube' | 'route-not-measured';
        readonly mark: string;
      }
    | {
        /** What is left straight beside a bend, less than nothing where they overlap, and what is needed. */
        readonly code: 'bends-run-together';
        readonly mark: string;
        readonly left: Length;
        readonly needed: Length;
        /** Whether neither bend can be made any closer. */
        readonly isLeast: boolean;
      }
    /** In the ground: what goes up, or leaves it otherwise than by a riser; a riser whose depth was not read. */
    | { readonly code: 'pe-goes-up' | 'pe-without-riser' | 'riser-bury-unread'; readonly mark: string }
    | {
        /** Cover and the pipe's outside are over what is printed on the riser. */
        readonly code: 'riser-too-short';
        readonly mark: string;
        readonly cover: Length;
        readonly outside: Length;
        readonly bury: Length;
      }
    | { readonly code: 'riser-head-low'; readonly mark: string; readonly below: Length }
    | {
        /** Points of a trench of which nobody said how deep they lie; what the house wants, and what codes commonly ask for. */
        readonly code: 'cover-unsaid';
        readonly mark: string;
        readonly points: number;
        readonly wanted: Length | null;
        readonly usual: CoverWanted | null;
      }
    | {
        readonly code: 'cover-not-settled';
        readonly mark: string;
        readonly least: Length;
        readonly usual: CoverWanted | null;
      }
    | {
        readonly code: 'cover-too-little';
        readonly mark: string;
        readonly least: Length;
        readonly wanted: Length;
      }
    | { readonly code: 'prints-differ'; readonly mark: string; readonly comparison: PeComparison }
    | {
        readonly code: 'print-not-as-laid';
        readonly mark: string;
        readonly others: readonly ('size' | 'wall')[];
        readonly size: LegSize;
      }
    | {
        readonly code: 'pe-wall-thin';
        readonly mark: string;
        readonly wall: Length;
        readonly legal: Length;
      }
    | { readonly code: 'print-unread'; readonly mark: string; readonly count: number }
    | {
        /** A bend so near a joint: what is left straight, and what is wanted. */
        readonly code: 'bend-at-joint';
        readonly mark: string;
        readonly left: Length;
        readonly needed: Length;
      }
    /** A floor or a wall that is passed: what it asks for. */
    | {
        readonly code: 'passage';
        readonly mark: string;
        readonly passage: PassageKind;
        readonly wants: PassageWant;
      }
    | { readonly code: 'fished'; readonly mark: string; readonly text: string; readonly reason: string }
    | { readonly code: 'trimmed-in-place'; readonly mark: string; readonly trim: Length }
    | {
        readonly code: 'other-jacket';
        readonly marks: readonly string[];
        readonly wanted: 'yellow' | 'black';
      }
    | { readonly code: 'strike-plates'; readonly nearest: Length }
    | { readonly code: 'open-end'; readonly mark: string }
    /** What is wrong with the sediment trap of a drop, or must be asked of it. */
    | { readonly code: 'trap'; readonly name: string; readonly finding: TrapFinding }
    /** A stretch of metal to be bonded: it has tubing, what insulates cuts it off, or it is on the supplier's side. */
    | { readonly code: 'bond'; readonly mark: string; readonly what: 'tubing' | 'cut-off' | 'supplier' }
    /** An appliance that is moved in use, on pipe that does not give. */
    | { readonly code: 'moves-on-rigid'; readonly name: string; readonly mark: string }
    /** The shut-off of an appliance where no trap is judged. */
    | { readonly code: 'shut-off'; readonly name: string; readonly fault: ShutOffFault }
    | { readonly code: 'riser-inside'; readonly mark: string; readonly zone: ZoneId }
    | { readonly code: 'tape-alone'; readonly mark: string }
    | { readonly code: 'no-source' }
    | { readonly code: 'several-sources'; readonly count: number }
    | { readonly code: 'gas-goes-round'; readonly marks: readonly string[] }
    | { readonly code: 'other-gas'; readonly name: string; readonly isFor: Gas; readonly gas: Gas }
    | { readonly code: 'input-basis-unknown'; readonly name: string; readonly input: GasInput }
    | { readonly code: 'connector-used' | 'connector-elsewhere'; readonly mark: string }
    | {
        readonly code: 'connector-long';
        readonly mark: string;
        readonly length: Length;
        readonly most: Length;
      }
    | { readonly code: 'drip-missing'; readonly mark: string }
    | { readonly code: 'loop-misses'; readonly mark: string; readonly by: Length }
    | { readonly code: 'cut-for-no-place'; readonly length: Length; readonly by: string }
    | {
        readonly code: 'run-nearly-full';
        readonly of: Fullness['of'];
        readonly count: number;
        readonly most: number;
      }
    | { readonly code: 'catalogue-changed'; readonly pinned: string; readonly now: string }
  );

export type FindingCode = Finding['code'];
