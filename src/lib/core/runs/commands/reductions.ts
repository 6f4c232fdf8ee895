import { type Catalogue, type Part, readTaperEnd } from '#core/catalogue';
import { isSameJson } from '#core/outcome';
import { asJson } from './make-op.ts';
import { isNominal, rankSize, type NominalSize } from '#core/ends';
import { getCraft } from '#core/materials';
import type { Length } from '#core/units';
import { applyOps, type Op, type PlannedChange } from '#core/runs/changes';
import { planPickTransition, planTakeOutTransition } from './pick-transition.ts';
import type { NewId } from './new-ids.ts';
import { layOutRun, getEnds, type RunLayout } from '#core/runs/layout';
import { hasPipe, getLegsByNode, type Leg, type RunDoc } from '#core/runs/document';
import { getEndId } from '#core/runs/measuring';

/** Ways of going over to a smaller pipe where legs meet, the one with the fewest joints first. */
export const REDUCTIONS = ['fitting', 'bushing', 'reducer'] as const;
export type ReductionKind = (typeof REDUCTIONS)[number];

export interface Reduction {
  readonly kind: ReductionKind;
  /** Joints at the node, up to the pipes. */
  readonly leaks: number;
  /** From the node's centre to the end of the smaller pipe, nm: the longest where there are several; null where it is not known. */
  readonly length: Length | null;
  /** Null where it is so already. */
  readonly plan: PlannedChange | null;
}

/**
 * How the legs of screwed pipe at a node may be brought together where they are of several sizes: a reducing fitting, a fitting of the largest size
 * with a bushing in each opening that is too large, or with a nipple and a reducing coupling. What is not sold is left out; empty where nothing
 * reduces.
 */
export function listReductions(layout: RunLayout, node: string, newId: NewId): readonly Reduction[] {
  const { doc, catalogue } = layout;
  const legs = getLegsByNode(doc).get(node) ?? [];
  const sizes = legs.map(({ size }) => size);
  if (
    legs.length < 2 ||
    new Set(sizes).size < 2 ||
    !legs.every((leg) => getCraft(leg).screws && hasPipe(leg) && leg.system === legs[0]!.system)
  )
    return [];
  const largest = sizes.reduce((a, b) => (rankSize(a) >= rankSize(b) ? a : b));
  const smaller = legs.filter(({ size }) => size !== largest);
  const now = smaller.map(
    (leg) => Object.values(doc.picks).find((pick) => pick.station === node && pick.leg === leg.id) ?? null,
  );
  if (!isNominal(largest)) return [];
  return REDUCTIONS.flatMap((kind): Reduction[] => {
    const chains = smaller.map((leg) => listParts(kind, largest, leg, catalogue));
    if (chains.some((parts) => parts === null)) return [];
    const plan = planAll(layout, node, largest, smaller, chains as Part[][], newId);
    const after = plan && applyOps(doc, plan.ops);
    if (!plan || !after?.ok) return [];
    const made = layOutRun(after.value, catalogue, layout.rules, layout.facts);
    if (made.nodes.get(node)?.fitting.kind !== 'part') return [];
    const isSo = now.every(
      (pick, i) =>
        (pick?.parts.map(({ part }) => part) ?? []).join() === chains[i]!.map(({ id }) => id).join(),
    );
    const leaks = legs.length + chains.reduce((sum, parts) => sum + parts!.length, 0);
    return [{ kind, leaks, length: measure(made, node, smaller), plan: isSo ? null : plan }];
  });
}

/** What goes between an opening of the largest size and a smaller pipe, from the opening on; null where it is not sold. */
function listParts(kind: ReductionKind, largest: NominalSize, leg: Leg, catalogue: Catalogue): Part[] | null {
  if (kind === 'fitting') return [];
  if (!isNominal(leg.size)) return null;
  const taper = readTaperEnd(getCraft(leg).getEnd(leg, 'male'));
  if (!taper) return null;
  if (kind === 'bushing') {
    const bushing = catalogue.findSized('hex-bushing', [leg.size, largest], taper.system);
    return bushing && [bushing];
  }
  const wide = getCraft(leg).getEnd({ ...leg, size: largest }, 'male');
  const nipple = catalogue.counter.find(
    (part) => part.kind === 'nipple' && part.ports.every(({ end }) => isSameJson(asJson(end), asJson(wide))),
  );
  const coupling = catalogue.findSized('coupling', [largest, leg.size], taper.system);
  return nipple && coupling ? [nipple, coupling] : null;
}

/** One change that puts a chain between the node and each of some legs, in place of what was there; null where one does not go. */
function planAll(
  { doc, catalogue }: RunLayout,
  node: string,
  largest: NominalSize,
  legs: readonly Leg[],
  chains: readonly (readonly Part[])[],
  newId: NewId,
): PlannedChange | null {
  let [now, ops]: [RunDoc, readonly Op[]] = [doc, []];
  for (const [i, leg] of legs.entries()) {
    const parts = chains[i]!;
    const before = Object.values(now.picks).find((pick) => pick.station === node && pick.leg === leg.id);
    if (parts.length === 0 && !before) continue;
    const forEnds = [
      getCraft(leg).getEnd({ ...leg, size: largest }, 'female'),
      getCraft(leg).getEnd(leg, 'male'),
    ] as const;
    const planned =
      parts.length === 0
        ? planTakeOutTransition(now, before!.id)
        : planPickTransition(
            now,
            { station: node, leg: leg.id, forEnds, parts: parts.map(({ id }) => id), agreed: [] },
            [],
            catalogue,
            newId,
          );
    const applied = planned.ok ? applyOps(now, planned.value.ops) : null;
    if (!planned.ok || !applied?.ok) return null;
    [now, ops] = [applied.value, [...ops, ...planned.value.ops]];
  }
  return { label: { command: 'pick-transition', leg: legs[0]?.tag ?? null, turn: null }, ops };
}

function measure(made: RunLayout, node: string, legs: readonly Leg[]): Length | null {
  const wanted = new Set(legs.map(({ id }) => getEndId(node, id)));
  let most: Length | null = 0;
  for (const { id, takeOff } of getEnds(made))
    if (wanted.has(id)) most = takeOff === null || most === null ? null : Math.max(most, takeOff);
  return most;
}
