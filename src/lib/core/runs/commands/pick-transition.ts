import { type Catalogue, readShopPartId, type ShopPart } from '#core/catalogue';
import type { End } from '#core/ends';
import type { Condition } from '#core/joints';
import { accept, refuse, type Result } from '#core/outcome';
import { readPick, withShopParts } from '#core/runs/fittings';
import type { Op, PlannedChange } from '#core/runs/changes';
import { findLeg, type Pick, type RunDoc } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, removeOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/** A chain that was chosen, and for what. */
export interface ChosenChain {
  /** The node, or the opening of a part in the leg (`part.port`), and the leg. */
  readonly station: string;
  readonly leg: string;
  readonly forEnds: readonly [End, End];
  /** Ids of its parts, from the station toward the leg. */
  readonly parts: readonly string[];
  /** What was asked and said to be so. */
  readonly agreed: readonly Condition[];
}

export type TransitionRefusal =
  | UnknownLeg
  /** Its parts do not go together there, or one is not carried. */
  | { readonly code: 'transition-does-not-go'; readonly mark: string }
  | { readonly code: 'transition-unknown'; readonly pick: string };

/**
 * Plans a transition between what stands at a station and a leg, in place of one that was there. Parts of the shop's own come into the run with it.
 * Refuses a chain that does not go there.
 */
export function planPickTransition(
  doc: RunDoc,
  chosen: ChosenChain,
  shopParts: readonly ShopPart[],
  catalogue: Catalogue,
  newId: NewId,
): Result<PlannedChange, TransitionRefusal> {
  const leg = findLeg(doc, chosen.leg);
  if (!leg) return refuse({ code: 'leg-unknown', leg: chosen.leg });
  const { station, forEnds, agreed } = chosen;
  const pick: Pick = {
    id: newId(),
    station,
    leg: leg.id,
    forEnds,
    parts: chosen.parts.map((part) => ({ id: newId(), part, dated: '' })),
    agreed,
  };
  const own = chosen.parts.map(readShopPartId).filter((id) => id !== null);
  const brought = shopParts.filter(({ id }) => own.includes(id) && !Object.hasOwn(doc.shopParts, id));
  const known = withShopParts(catalogue, [...Object.values(doc.shopParts), ...brought]);
  if (!readPick(pick, doc, known)) return refuse({ code: 'transition-does-not-go', mark: String(leg.tag) });
  const before = Object.values(doc.picks).filter((each) => each.station === station && each.leg === leg.id);
  const ops: Op[] = [
    ...brought.map((part) => insertOp('shopParts', part)),
    ...before.map((each) => removeOp('picks', each)),
    insertOp('picks', pick),
  ];
  return accept({ label: { command: 'pick-transition', leg: leg.tag, turn: null }, ops });
}

/** Plans to take a transition out, with parts of the shop's own that then stand nowhere. */
export function planTakeOutTransition(doc: RunDoc, pick: string): Result<PlannedChange, TransitionRefusal> {
  const found = Object.hasOwn(doc.picks, pick) ? doc.picks[pick]! : null;
  if (!found) return refuse({ code: 'transition-unknown', pick });
  const others = Object.values(doc.picks).filter(({ id }) => id !== pick);
  const still = new Set(others.flatMap(({ parts }) => parts.map(({ part }) => readShopPartId(part))));
  const left = found.parts.flatMap(({ part }) => {
    const own = readShopPartId(part);
    return own !== null && !still.has(own) && doc.shopParts[own] ? [doc.shopParts[own]] : [];
  });
  const ops = [removeOp('picks', found), ...[...new Set(left)].map((part) => removeOp('shopParts', part))];
  const tag = findLeg(doc, found.leg)?.tag ?? null;
  return accept({ label: { command: 'take-out-transition', leg: tag, turn: null }, ops });
}

/** Plans what date stands on a part of a transition, as it was read. */
export function planDatePart(
  doc: RunDoc,
  pick: string,
  part: string,
  dated: string,
): Result<PlannedChange, TransitionRefusal> {
  const found = Object.hasOwn(doc.picks, pick) ? doc.picks[pick]! : null;
  if (!found || !found.parts.some(({ id }) => id === part))
    return refuse({ code: 'transition-unknown', pick });
  const parts = found.parts.map((each) => (each.id === part ? { ...each, dated } : each));
  const tag = findLeg(doc, found.leg)?.tag ?? null;
  return accept({
    label: { command: 'pick-transition', leg: tag, turn: null },
    ops: [setOp('picks', found, 'parts', parts)],
  });
}
