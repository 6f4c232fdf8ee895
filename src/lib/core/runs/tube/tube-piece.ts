import type { Developed } from '#core/bending';
import { type HouseRules, getTrim } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { type Length, putOnTape, type OnTape } from '#core/units';
import type { Facts } from '#core/runs/changes';
import {
  getLetter,
  type LaidLeg,
  type Piece,
  type PieceCut,
  developPath,
  type TubePath,
} from '#core/runs/pieces';
import type { LaidEnd } from '#core/runs/measuring';
import type { Leg } from '#core/runs/document';

/** What is cut for a piece of tube: its way less what its ends take off, and what is left on beside. */
export class TubeCut implements PieceCut {
  readonly exact: Length;
  readonly slack: Length;
  readonly trimmed: readonly [boolean, boolean];
  readonly trim: Length;
  readonly whole: Length;
  readonly onTape: OnTape;
  readonly nipple = null;
  readonly farEndOff = 0;

  constructor(exact: Length, slack: Length, trimmed: readonly [boolean, boolean], rules: HouseRules) {
    this.exact = exact;
    this.slack = slack;
    this.trimmed = trimmed;
    this.trim = trimmed.filter(Boolean).length * getTrim(rules);
    this.whole = exact + slack + this.trim;
    this.onTape = putOnTape(this.whole, rules['tape-rounding'].option);
  }
}

/**
 * The cut of a tube (nm, rounded once) = developed way − take-offs of its ends. An end whose fitting was not measured takes nothing off where
 * the tube may be trimmed in place there; otherwise the cut is not known.
 */
export function findTubeCut(
  path: TubePath,
  developed: Developed | null,
  [near, far]: readonly [LaidEnd, LaidEnd],
  leg: Leg,
  rules: HouseRules,
): TubeCut | null {
  if (!developed) return null;
  const craft = getCraft(leg);
  const trimming = craft.getTrimming(leg);
  const trims = (end: LaidEnd, isLast: boolean): boolean =>
    end.takeOff === null &&
    end.unknown === 'part-length-unknown' &&
    (trimming === 'any-end' || (isLast && trimming === 'last-end'));
  const trimmed = [trims(near, false), trims(far, true)] as const;
  if ([near, far].some(({ takeOff }, i) => takeOff === null && !trimmed[i])) return null;
  const exact = Math.round(developed.length) - (near.takeOff ?? 0) - (far.takeOff ?? 0);
  const slack = exact > 0 ? craft.getSlack(leg, exact, path.turns.length === 0, rules) : 0;
  return new TubeCut(exact, slack, trimmed, rules);
}

/** A piece of tube: it goes through every leg from end fitting to end fitting. */
export class TubePiece implements Piece {
  readonly leg: string;
  readonly mark: string;
  readonly size: Piece['size'];
  readonly ends: Piece['ends'];
  readonly centreToCentre: Length | null;
  readonly cut: TubeCut | null;
  readonly path: TubePath;
  readonly developed: Developed | null;
  readonly #facts: Facts;
  readonly id: string;

  constructor(
    holder: LaidLeg,
    path: TubePath,
    ends: Piece['ends'],
    /** Its two legs at the ends, and its place among the pieces of one stretch; null where there is one. */
    chalked: { readonly tag: number; readonly isAsDrawn: boolean; readonly place: number | null },
    rules: HouseRules,
    facts: Facts,
  ) {
    this.leg = holder.id;
    this.path = path;
    this.ends = ends;
    this.size = holder.leg.size;
    this.developed = developPath(path);
    this.cut = findTubeCut(path, this.developed, ends, holder.leg, rules);
    const isMeasured = path.straights.every((each) => each !== null);
    this.centreToCentre = isMeasured ? path.straights.reduce<number>((sum, each) => sum + each!, 0) : null;
    this.mark = chalked.place === null ? String(chalked.tag) : `${chalked.tag}${getLetter(chalked.place)}`;
    const [first, second] = chalked.isAsDrawn ? ends : [ends[1], ends[0]];
    this.id = `${first.id}~${second.id}`;
    this.#facts = facts;
  }

  get asCut() {
    return this.#facts.asCut.get(this.id) ?? null;
  }
  get ticked() {
    return this.#facts.ticked.get(this.id) ?? null;
  }
}
