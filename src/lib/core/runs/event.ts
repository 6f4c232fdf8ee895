import type { Length } from '../units/length.ts';

/** What was asked at the moment the event was recorded: a later edit of the run does not rewrite it. */
export interface Asked {
  readonly mark: string;
  readonly size: string;
  readonly exact: Length;
  readonly onTape: Length;
  readonly catalogueVersion: string;
  readonly rulePackVersion: string;
}

/** Something that happened at the bench. Append-only: undo never touches it, a correction is a new event. */
export interface RunEvent {
  readonly id: string;
  /** `ticked`: made as asked; `as-cut`: its length was measured; `correction`: takes one of these back, or corrects it. */
  readonly kind: 'as-cut' | 'ticked' | 'correction';
  /** The piece it is about. */
  readonly subject: string;
  readonly runRevision: number;
  readonly asked: Asked;
  /** The length found on the piece, nm; null in a tick, and in a correction that withdraws. */
  readonly said: { readonly length: Length | null; readonly typed: string };
  readonly instrument: string;
  readonly simulated: boolean;
  readonly by: string;
  readonly atDevice: string;
  readonly atServer: string | null;
  /** The event this one corrects. */
  readonly corrects: string | null;
}
