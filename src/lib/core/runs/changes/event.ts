import type { HookUpItem } from './hook-up.ts';
import type { Length } from '#core/units';

/** What was asked at the moment the event was recorded: a later edit of the run does not rewrite it. */
export interface Asked {
  readonly mark: string;
  readonly size: string;
  readonly exact: Length;
  readonly onTape: Length;
  readonly catalogueVersion: string;
  readonly rulePackVersion: string;
}

/** What every record of the bench says of itself. */
interface Recorded {
  readonly id: string;
  /** What it is about: a piece, a joint. */
  readonly subject: string;
  readonly runRevision: number;
  readonly instrument: string;
  readonly simulated: boolean;
  readonly by: string;
  readonly atDevice: string;
  readonly atServer: string | null;
}

/** A record about a piece carries what was asked of it. */
interface PieceRecord extends Recorded {
  readonly asked: Asked;
}

/** A piece was cut, and its length was measured, nm. */
export interface AsCutEvent extends PieceRecord {
  readonly kind: 'as-cut';
  readonly said: { readonly length: Length; readonly typed: string };
  readonly corrects: null;
}

/** A piece was made as it was asked. */
export interface TickEvent extends PieceRecord {
  readonly kind: 'ticked';
  readonly said: { readonly length: null; readonly typed: string };
  readonly corrects: null;
}

/** Takes another record back (no length), or corrects it. */
export interface CorrectionEvent extends PieceRecord {
  readonly kind: 'correction';
  readonly said: { readonly length: Length | null; readonly typed: string };
  /** The event this one corrects. */
  readonly corrects: string;
}

/** An item of the hook-up of an appliance was looked at, or is no longer held to be right. Its subject is the node of the appliance. */
export interface HookUpEvent extends Recorded {
  readonly kind: 'hook-up';
  /** What stood there then. */
  readonly asked: {
    readonly name: string;
    readonly catalogueVersion: string;
    readonly rulePackVersion: string;
  };
  readonly said: { readonly item: HookUpItem; readonly is: boolean };
  readonly corrects: null;
}

/**
 * Something that happened at the bench, by its kind; joints, tests and appliances add kinds of their own. Append-only: undo never touches
 * it, a correction is a new event.
 */
export type RunEvent = AsCutEvent | TickEvent | CorrectionEvent | HookUpEvent;
/** A record of a piece. */
export type PieceEvent = Exclude<RunEvent, HookUpEvent>;
/** What is said in a record, apart from who says it, when, and of what. */
export type Said<Event extends PieceEvent = PieceEvent> = Event extends PieceEvent
  ? Pick<Event, 'kind' | 'said' | 'corrects'>
  : never;
