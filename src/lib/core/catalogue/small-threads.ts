import type { ThreadFamily } from '#core/ends';
import type { Provenance } from './confidence.ts';

/** A published row of a 45° flare thread, or of a gas connector's, inches; named by tube outside diameter. */
export interface FlareRow extends Provenance {
  readonly series: 'sae-45' | 'connector';
  readonly tube: string;
  readonly tubeOutside: number;
  readonly thread: string;
  readonly major: number;
  readonly n: number;
  readonly nutMinor: number | null;
  /** Of the short nut, inches as written; null where it is not known. */
  readonly acrossFlats: string | null;
}

/** A published row of a 37° flare thread, inches; named by tube outside diameter or dash size. */
export interface Flare37Row extends Provenance {
  readonly tube: string;
  readonly dash: number;
  readonly thread: string;
  readonly major: number;
  readonly n: number;
}

/** Gases that are no fuel gas of a building: their cylinder connections are met, and must never be adapted to pipe. */
export const OTHER_GASES = ['acetylene', 'hydrogen', 'oxygen'] as const;
export type OtherGas = (typeof OTHER_GASES)[number];

/** What a straight thread presses together. */
export type SealedBy = 'cutting-ring' | 'contact' | 'olive' | 'cone' | 'washer';

export type LookAlikeFamily = Extract<
  ThreadFamily,
  | 'garden-hose'
  | 'compression'
  | 'olive'
  | 'inverted-flare'
  | 'plumbing'
  | 'metric'
  | 'thermocouple'
  | 'cylinder'
>;

/** A published row of a look-alike, mm; `n` is null where the thread is named by its pitch. */
export interface LookAlikeRow extends Provenance {
  readonly family: LookAlikeFamily;
  readonly name: string;
  readonly major: number;
  readonly n: number | null;
  readonly pitch: number;
  readonly flank: 60 | 55 | 29;
  readonly hand: 'right' | 'left';
  readonly gender: 'male' | 'female' | 'both';
  readonly seals: string;
  /** The same, for threads of which one family has several. */
  readonly sealedBy?: readonly SealedBy[];
  /** The other gas its connection is for. */
  readonly otherGas?: OtherGas;
  readonly confusedWith: string;
}
