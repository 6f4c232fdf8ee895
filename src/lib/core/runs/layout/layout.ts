import type { LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
import type { Catalogue } from '#core/catalogue';
import type { HouseRules } from '#core/house-rules';
import type { Chains } from '#core/runs/fittings';
import type { Facts } from '#core/runs/changes';
import type { RunDoc } from '#core/runs/document';
import type { SolvedLengths } from '#core/runs/measuring';

/** Everything that follows from a run document. Derived things have derived ids that edits elsewhere leave alone. */
export interface RunLayout {
  readonly doc: RunDoc;
  /** With the shop's own parts of this run in it. */
  readonly catalogue: Catalogue;
  readonly rules: HouseRules;
  readonly facts: Facts;
  /** In walking order from the source: a branch is walked to its end before the next begins. */
  readonly nodes: ReadonlyMap<string, LaidNode>;
  readonly legs: ReadonlyMap<string, LaidLeg>;
  /** The legs that close a loop: where they arrive another leg had come before. In walking order. */
  readonly closing: readonly string[];
  /** What the measures come to. */
  readonly solved: SolvedLengths;
  /**
   * Leg id → the pieces to cut for it, from its end nearer the source; none where fitting goes into fitting, and where a tube that goes
   * through it is kept by another leg (lay-tube.ts).
   */
  readonly pieces: ReadonlyMap<string, readonly Piece[]>;
  /** The transitions that stand in it, and those that cannot. */
  readonly chains: Chains;
}

/** The layout before is held weakly: one that nobody shows any more is not kept for its successors. */
const befores = new WeakMap<RunLayout, WeakRef<RunLayout>>();

/** Notes the layout that one was laid out with. */
export const noteLaidBefore = (layout: RunLayout, before: RunLayout): void =>
  void befores.set(layout, new WeakRef(before));

/** The layout that one was laid out with; null where there was none, or nobody shows it any more. */
export const findLaidBefore = (layout: RunLayout): RunLayout | null => befores.get(layout)?.deref() ?? null;
