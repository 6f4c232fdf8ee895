import type { Gender } from '#core/ends';
import type { Vector } from '#core/geometry';
import type { Side } from './side.ts';

/** An opening of a kind of part: the way it looks from the part's origin (unit vector), and whether it goes in or takes in. */
export interface PortShape {
  readonly id: string;
  readonly way: Vector;
  readonly gender: Gender;
}

export interface PartShape {
  readonly ports: readonly PortShape[];
  /** Which sizes its openings may have: all one, any, or a male larger than the female (it reduces). */
  readonly sizes: 'equal' | 'any' | 'reduces';
}

/** Parts that places care about whatever their joints are: what is shut or opened, what comes apart, what bends. */
export const PLACED_PARTS = ['valve', 'cap', 'regulator', 'union', 'bushing', 'connector', 'hose'] as const;
export type PartPlaced = (typeof PLACED_PARTS)[number];

/** What holds of a kind of part whatever its ends are. */
export interface PartTraits {
  /** From which side of pressure to which it brings the gas, by its first and its second opening; null: it is the same on both. */
  readonly lowers: readonly [Side, Side] | null;
  /** It bends: one at most between two ends, and never between two rigid pipes. */
  readonly isFlexible: boolean;
  /** A body with American thread on one side and British on the other: one at most, there and back is no way. */
  readonly converts: boolean;
  /** No current passes: put in where that is asked for, and nowhere else. */
  readonly insulates: boolean;
  /** It has a date on it, after which it is not used. */
  readonly isDated: boolean;
  /** What places care about in it; null where its pipe and its joints say all. */
  readonly placedAs: PartPlaced | null;
  /** It is less often at hand than what does the same. */
  readonly isOdd: boolean;
  /** It has a ground joint inside, which may leak as every joint may. */
  readonly hasSeat: boolean;
  /** What it is called. */
  readonly name: string;
  /** It is called by what is at both its ends. */
  readonly isNamedByEnds: boolean;
  /** Of one whose openings differ in size it is said that it reduces: not where its ends differ by what they are. */
  readonly saysReducing: boolean;
  /** How its body is drawn in a line; null where its openings say all. */
  readonly drawnAs: 'union' | 'valve' | 'shut' | null;
}

/** A kind of part that is bought: all that is to be known of it. */
export interface PartKindRow extends PartTraits {
  readonly shape: PartShape;
  /** The orders in which legs may stand at its openings: an elbow has no first end, a tee's run two. */
  readonly orders: readonly (readonly number[])[];
  /** It goes between two ends that are there. */
  readonly goesBetween: boolean;
  /** A shop may have one of its own: it has two openings in one line. */
  readonly mayBeOwn: boolean;
  /** Of what is made for tube, it is asked for at the counter by one size. */
  readonly isOfOneSize: boolean;
  /**
   * It brings tube to a thread: an end fitting or transition fitting, one with a flange that is fixed to the wall or the floor it comes through, an
   * anodeless riser (polyethylene inside a coated steel sleeve) that brings it out of the ground.
   */
  readonly isAdapter: boolean;
  /** Words by which it is asked for at a counter, and where it reduces those besides (null: the usual ones). */
  readonly counterWords: string;
  readonly reducingWords: string | null;
  /** What it may be called in shorthand, beside its own id. */
  readonly writtenAs: readonly string[];
  /** Its words where it stands in the pipe of a leg; empty where it never does. */
  readonly writtenInLeg: readonly string[];
}
