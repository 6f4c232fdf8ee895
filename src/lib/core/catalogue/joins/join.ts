import type { End, LegSize, SocketKind, TubeKind } from '#core/ends';
import type { AdapterKind, BoughtKind, PartKind } from '../part-kinds.ts';
import type { Part, PartLength } from '../part.ts';
import type { SheetFigure } from '../sheet-figures.ts';
import type { TubeTables } from './depths.ts';

/** How many steps of the counter the openings of a reducing fitting are apart at the most; a kind that is not named is sold equal only. */
export type Steps = Readonly<Partial<Record<BoughtKind, number>>>;

/** What takes a tube: a socket, the joint it makes, what is asked of whoever makes it, and how the lens cuts it open. */
export interface JoinSocket {
  readonly how: SocketKind;
  readonly joint: string;
  readonly condition: string;
  readonly endClass: string;
  readonly drawnAs: string;
}

/** A way of joining tube to fittings that are made for it: all that is to be known of it. */
export interface Join {
  /** The kind of tube it is for, and what a tube of a size is called in the lists. */
  readonly tube: TubeKind;
  readonly nameTube: (size: LegSize) => string;
  /** What is made for it: fittings, and what brings it to a pipe thread. */
  readonly kinds: readonly BoughtKind[];
  readonly adapters: readonly AdapterKind[];
  /** The sizes fittings are made in, by the first name of each outside; and which of them meet in one. */
  readonly isMadeIn: (size: LegSize) => boolean;
  readonly steps: Steps;
  /** Whether what reduces goes from one wall of a ratio to another of the same only. */
  readonly isOfOneRatio: boolean;
  /** What fittings are made of, and what the thread of an adapter is. */
  readonly metal: Part['material'];
  readonly adapterMetal: 'brass' | 'steel';
  /** The socket that takes the tube; null where something else does, which `makeOpening` says. */
  readonly socket: JoinSocket | null;
  readonly makeOpening: ((size: LegSize) => End) | null;
  /** What was done to the end of a tube that is joined so. */
  readonly prepared: 'plain' | 'faced';
  /** How far a tube goes in; null where that is the shop's to say. */
  readonly findDepth: (tables: Pick<TubeTables, 'flares' | 'depths'>, size: LegSize) => PartLength | null;
  /** What a maker’s own sheet says of its parts. */
  readonly sheet: readonly SheetFigure[];
  /** Whether its equal coupling is the joint itself, for which nothing is bought. */
  readonly isButt: boolean;
  /** What it is called, and kinds of part that are called otherwise; whether the metal is said beside it. */
  readonly name: string;
  readonly kindNames: Readonly<Partial<Record<PartKind, string>>>;
  readonly saysMetal: boolean;
  /** Whether copper of the plumbing list goes by its nominal size at the counter. */
  readonly isNominal: boolean;
  /** Words by which its parts are asked for at a counter: all of them, some kinds, and what is alike at both ends. */
  readonly counterWords: string;
  readonly kindWords: Readonly<Partial<Record<PartKind, string>>>;
  readonly alikeWords: string;
}

/** What most of them have alike. */
export const USUAL = {
  adapters: ['adapter'],
  isOfOneRatio: false,
  adapterMetal: 'brass',
  makeOpening: null,
  prepared: 'plain',
  sheet: [],
  isButt: false,
  kindNames: {},
  saysMetal: true,
  isNominal: false,
  kindWords: {},
  alikeWords: '',
} as const;
