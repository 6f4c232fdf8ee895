import type { BoughtKind, Part, PartKind, Port } from '#core/catalogue';
import type { LegSize, End } from '#core/ends';
import type { Way } from '#core/geometry';
import type { Length } from '#core/units';
import type { Link } from './chains.ts';
import type { Leg } from '#core/runs/document';

/** What stands at a node: a part with a port for each leg, a bare end, or nothing that is made. */
export type Fitting =
  | {
      readonly kind: 'part';
      readonly part: Part;
      /** The legs made up in it, in the order of the part's ports. */
      readonly legs: readonly Leg[];
      /** Leg → the adapter that brings its tube to the thread of this part; null where none does. */
      readonly adapters: Readonly<Record<string, Link>> | null;
    }
  /** One tube goes on here: it is bent, or lies straight (0°). The radius (nm) where one is said; null as the house bends it. */
  | {
      readonly kind: 'bend';
      readonly legs: readonly [Leg, Leg];
      readonly degrees: number;
      readonly radius: Length | null;
    }
  | { readonly kind: 'open' }
  | { readonly kind: 'none'; readonly refusal: FittingRefusal };

/** Why no fitting of the catalogue stands at a node. Sizes in the order of the legs. */
export type FittingRefusal =
  | { readonly code: 'fitting-size-not-made'; readonly part: PartKind; readonly size: LegSize }
  | {
      readonly code: 'fitting-unequal-sizes';
      readonly part: BoughtKind;
      /** Wanted, in the order of the part's openings, and the legs they are for. */
      readonly sizes: readonly LegSize[];
      /** The carried fitting that comes nearest, each opening at least as large: bushings make up the difference. */
      readonly nearest: readonly LegSize[] | null;
    }
  /** What was found in place is not told apart, so what makes up in it is not known. */
  | { readonly code: 'existing-end-not-told-apart'; readonly end: End }
  /** What was found in place takes no pipe of this size with its taper thread. */
  | { readonly code: 'existing-end-takes-no-pipe'; readonly end: End; readonly size: LegSize }
  /** The inlet of an appliance is not told apart. */
  | { readonly code: 'inlet-not-told-apart'; readonly end: End }
  /** The inlet of an appliance takes no pipe of this size with its taper thread. */
  | { readonly code: 'inlet-takes-no-pipe'; readonly end: End; readonly size: LegSize }
  | { readonly code: 'fitting-legs-overlap'; readonly axis: Way | null }
  | { readonly code: 'fitting-directions-not-made'; readonly axes: readonly (Way | null)[] }
  /** Two legs at an angle (degrees between what goes in and straight on) no threaded elbow has. */
  | { readonly code: 'fitting-angle-not-made'; readonly degrees: number }
  | { readonly code: 'fitting-threads-differ' }
  /** No one part that is sold brings these two ends together. */
  | { readonly code: 'transition-needed'; readonly ends: readonly [End, End] }
  /** A male end whose fitting is not known before something goes on from it. */
  | { readonly code: 'fitting-undecided' }
  /** No fitting of the catalogue has a male end and these openings beside. */
  | { readonly code: 'fitting-male-not-made'; readonly legs: number }
  /** A male end (of an appliance, of a plug) meets a pipe, whose end is male too. */
  | { readonly code: 'male-meets-male'; readonly part: PartKind };

/** The port of a fitting in which a leg is made up; null where no part stands, or the leg does not meet it. */
export const findPort = (fitting: Fitting, leg: string): Port | null =>
  fitting.kind === 'part'
    ? (fitting.part.ports[fitting.legs.findIndex(({ id }) => id === leg)] ?? null)
    : null;

/** The adapter between a fitting and a leg; null where none stands there. */
export const findLink = (fitting: Fitting, leg: string): Link | null =>
  (fitting.kind === 'part' && fitting.adapters?.[leg]) || null;
