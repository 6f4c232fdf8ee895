import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Part, Port } from '../catalogue/part.ts';
import type { NominalSize } from '../catalogue/size.ts';
import type { TaperThread } from '../catalogue/thread.ts';
import type { Vector } from '../geometry/vector.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import type { Tightness } from '../joints/tightness.ts';
import type { Length } from '../units/length.ts';
import type { OnTape } from '../units/tape.ts';
import type { AsCut, Facts } from './fold-events.ts';
import type { Fitting } from './infer-fitting.ts';
import type { Leg, RunDoc, RunNode } from './run.ts';

/** Everything that follows from a run document. Derived things have derived ids that edits elsewhere leave alone. */
export interface RunLayout {
  readonly doc: RunDoc;
  readonly catalogue: Catalogue;
  readonly rules: HouseRules;
  readonly facts: Facts;
  /** In walking order from the source: a branch is walked to its end before the next begins. */
  readonly nodes: ReadonlyMap<string, LaidNode>;
  readonly legs: ReadonlyMap<string, LaidLeg>;
  /** Leg id → its measures, where two or more differ. */
  readonly contradictions: ReadonlyMap<string, readonly Length[]>;
  /** Leg id → the piece to cut for it. */
  readonly pieces: ReadonlyMap<string, Piece>;
}

export interface LaidNode {
  readonly id: string;
  readonly node: RunNode;
  readonly legs: readonly Leg[];
  readonly fitting: Fitting;
  /** nm, doubles; from the source node. */
  readonly position: Vector;
}

export interface LaidLeg {
  readonly id: string;
  readonly leg: Leg;
  /** The end nearer the source, and the farther one. */
  readonly near: string;
  readonly far: string;
  /** How many legs lie between this one and the source. */
  readonly depth: number;
  /** nm; null while not measured, or measured in two ways that differ. */
  readonly centreToCentre: Length | null;
}

/** One end of a piece. Its id is `node:leg`; where a part stands it is a joint. */
export interface LaidEnd {
  readonly id: string;
  readonly node: string;
  readonly leg: string;
  readonly size: NominalSize;
  readonly thread: TaperThread | null;
  readonly joint: Joint | null;
  /** What the end takes off the centre-to-centre, nm; null when it cannot be known. */
  readonly takeOff: Length | null;
  readonly unknown: EndUnknown | null;
}

/** A pipe made up in a port of a part. */
export interface Joint {
  readonly part: Part;
  readonly port: Port;
  readonly reach: Length | null;
  readonly engagement: Length | null;
  readonly tightness: Tightness | null;
}

/** Why the take-off of an end is not known. */
export type EndUnknown =
  'no-fitting' | 'size-not-carried' | 'engagement-not-measured' | 'part-length-unknown';

/** A length of pipe to cut. Its id is `end~end`. */
export interface Piece {
  readonly id: string;
  readonly leg: string;
  /** What is chalked on it. */
  readonly mark: string;
  readonly size: NominalSize;
  /** From the end nearer the source to the farther one. */
  readonly ends: readonly [LaidEnd, LaidEnd];
  readonly centreToCentre: Length | null;
  /** Null when the measure or an end is unknown. May be zero or less: a check says so. */
  readonly cut: { readonly exact: Length; readonly onTape: OnTape } | null;
  readonly asCut: AsCut | null;
}
