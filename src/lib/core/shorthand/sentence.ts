import type { Guard, PassageKind, ZoneId } from '#core/permissions';
import type { Gender, LegSize } from '#core/ends';
import type { BoughtKind, Material, Stock } from '#core/catalogue';
import type { Axis } from '#core/geometry';
import type { InlineKind, LegGeometry, RefPoint, Terminal } from '#core/runs/document';
import type { GasInputRefusal, LengthRefusal, Length, LengthUnit } from '#core/units';
import type { OffsetRefusal } from '#core/allowances';
import type { Expected } from './vocabulary.ts';

/** Where legs meet, as it is named: the source, the end of a leg, or its beginning where no other name is there. */
export type NodeName =
  | { readonly kind: 'source' }
  | { readonly kind: 'end'; readonly tag: number }
  | { readonly kind: 'start'; readonly tag: number };

/** Where a measure is taken; `of` is null for the end of the leg the measure is said of. */
export interface SaidRef {
  readonly at: RefPoint;
  readonly gap: Length;
  readonly of: NodeName | { readonly kind: 'part'; readonly number: number; readonly tag: number } | null;
  /** Where it was said, for what is wrong with it. */
  readonly place: Place;
}

/** A length as said, nm, with the text that is kept as typed. */
export interface SaidLength {
  readonly value: Length;
  readonly typed: string;
}

export interface SaidMeasure extends SaidLength {
  /** Null: the centre of what the leg grows from. */
  readonly from: SaidRef | null;
  /** Null: the centre of the leg's end. */
  readonly to: SaidRef | null;
  readonly along: Axis | null;
  readonly instrument: string | null;
}

/** A part in the pipe: at a measure from the centre of the leg's beginning, or at a share of it (0 to 1). */
export interface SaidPart {
  readonly part: InlineKind;
  readonly share: number;
  readonly at: SaidLength | null;
}

/** What stands at a point: undefined where nothing was said of it. */
export interface SaidNode {
  readonly terminal?: Terminal | null;
  readonly part?: BoughtKind;
  /** To what radius a tube is bent here. */
  readonly bend?: SaidLength;
  /** Of an appliance's inlet only the gender was said. */
  readonly inlet?: Gender;
  /** How much ground lies over it. */
  readonly cover?: SaidLength;
  /** What is printed on what stands there. */
  readonly marking?: SaidMarking;
}

/** A marking as it was read off; of a riser with how deep it may be buried. */
export interface SaidMarking {
  readonly text: string;
  readonly bury: SaidLength | null;
}

/** A floor or a wall that is passed, at a share of the leg (0 to 1). */
export interface SaidPassage {
  readonly kind: PassageKind;
  readonly share: number;
  readonly guard: Guard | null;
}

export interface LegSentence extends SaidNode {
  readonly kind: 'leg';
  readonly place: Place;
  readonly tag: number | null;
  /** Null: where the leg of the line before ends. `loose`: at a point of its own. */
  readonly from: { readonly name: NodeName; readonly place: Place } | 'loose' | null;
  /** Set where the leg ends at a point that another leg has as well. */
  readonly joins: { readonly name: NodeName; readonly place: Place } | null;
  readonly geometry: LegGeometry;
  readonly size: LegSize | null;
  readonly material: Material | null;
  readonly stock: Stock | null;
  readonly measure: SaidMeasure | null;
  readonly parts: readonly SaidPart[];
  /** The nipple of a sediment trap that hangs at the end of the leg, with its cap. */
  readonly trap: SaidLength | null;
  readonly order: number | null;
  /** Where it runs; null where that is not said. */
  readonly zone: ZoneId | null;
  /** Degrees clockwise from north. */
  readonly bearing: number | null;
  /** The print line of its pipe. */
  readonly printed: string | null;
  readonly fished: { readonly text: string; readonly reason: string } | null;
  readonly passages: readonly SaidPassage[];
}

export type Sentence =
  | LegSentence
  | { readonly kind: 'units'; readonly unit: LengthUnit }
  | (SaidNode & { readonly kind: 'node'; readonly node: NodeName; readonly place: Place })
  | {
      readonly kind: 'measure';
      readonly measure: SaidMeasure & { readonly from: SaidRef; readonly to: SaidRef };
    }
  | (SaidMarking & {
      readonly kind: 'marking';
      readonly part: { readonly number: number; readonly tag: number };
      readonly place: Place;
    })
  | {
      readonly kind: 'own';
      readonly of: string;
      readonly reaches: Readonly<Record<string, Length>>;
      readonly depths: Readonly<Record<string, Length>>;
      readonly typed: string;
      readonly by: string;
    };

/** A place in the text: line from 0, characters from the line's beginning. */
export interface Place {
  readonly line: number;
  readonly from: number;
  readonly to: number;
}

/** What is wrong with a word, or what is missing after it. */
export type ShorthandRefusal =
  | {
      readonly code: 'word-unknown';
      readonly read: string;
      readonly nearest: string | null;
      readonly expected: readonly Expected[];
    }
  | { readonly code: 'word-missing'; readonly expected: readonly Expected[] }
  | { readonly code: 'said-twice'; readonly read: string }
  | { readonly code: 'length-wrong'; readonly refusal: LengthRefusal }
  | { readonly code: 'offset-wrong'; readonly refusal: OffsetRefusal }
  | { readonly code: 'offset-not-square' }
  | { readonly code: 'copper-type-m' }
  | { readonly code: 'pe-wall-not-said'; readonly size: string }
  | { readonly code: 'size-not-of-material'; readonly size: LegSize; readonly material: Material }
  | { readonly code: 'gas-input-wrong'; readonly refusal: GasInputRefusal }
  | { readonly code: 'leg-not-there'; readonly tag: number }
  | { readonly code: 'part-not-there'; readonly tag: number; readonly number: number; readonly there: number }
  | { readonly code: 'number-twice'; readonly tag: number }
  | { readonly code: 'closes-a-ring' }
  | { readonly code: 'too-much-text'; readonly lines: number; readonly most: number };

export interface ShorthandProblem extends Place {
  readonly refusal: ShorthandRefusal;
}

/** What a line says; null for an empty line. With it, what could still be said in it. */
export type LineReading =
  | { readonly ok: true; readonly sentence: Sentence | null; readonly next: readonly Expected[] }
  | { readonly ok: false; readonly problem: ShorthandProblem };
