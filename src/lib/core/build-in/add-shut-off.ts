import { findReach } from '#core/catalogue';
import { getCraft } from '#core/materials';
import type { Op } from '#core/runs/changes';
import type { NewId } from '#core/runs/commands';
import { hasPipe, centreOf, type Ref } from '#core/runs/document';
import { type Drop, hasUnionAfter, findShutOff } from '#core/traps';
import { INCH, type Length } from '#core/units';
import type { DraftedTee } from './draft-shapes.ts';
import { typeInches } from './propose-nipple.ts';
import { TrapDraft } from './trap-draft.ts';

/** Nipples of new short pieces, nm, as they are tried: a hand's breadth first, then shorter ones that are still made. An order of ours. */
export const SHORT: readonly Length[] = [3 * INCH, 2 * INCH, 1.5 * INCH];

/** What is left for two parts of unknown length between their centres, besides the nipple, nm: a guess of ours that leaves a hand's breadth. */
const NOT_MEASURED: Length = 4 * INCH;

/**
 * Puts a shut-off and a union before the tee (or the union after its branch), as far as they are wanting, with nipples `gap` (nm) long
 * between; `at` says which of the legs before the tee takes them. False where no leg takes them.
 */
export function addShutOff(
  draft: TrapDraft,
  drop: Drop,
  { hosts, leaves }: DraftedTee,
  at: number,
  isUnionAfter: boolean,
  gap: Length,
): boolean {
  const shutOff = findShutOff(drop);
  // One that is too far, out of reach or behind a wall is left where it is, and one is put in beside it; what is only asked stands.
  const needsValve = shutOff === null || (shutOff.fault !== null && shutOff.fault.code !== 'shut-off-asked');
  const needsUnion = !hasUnionAfter(drop, needsValve ? -1 : shutOff.at);
  if (isUnionAfter && !needsUnion) return false;
  if (!needsValve && !needsUnion) return at === 0;
  const host = hosts[at];
  const hosted = host && drop.layout.legs.get(host.leg);
  // No valve hangs from tubing, and no union stands in it.
  if (hosted && !getCraft(hosted.leg).screws) return false;
  if (!host && (needsValve || !isUnionAfter)) return false;
  // Neither is put where no hand gets at it.
  const takes = [
    ...(host && (needsValve || !isUnionAfter) ? [host.leg] : []),
    ...(isUnionAfter && leaves ? [leaves.leg] : []),
  ];
  if (takes.some((leg) => !draft.isReached(leg))) return false;
  const settings = drop.path.at(-1)!.leg;
  let last: Ref | null = host ? centreOf(host.toward) : null;
  /** By the nipple between, from end to end; where the length of the part is not known (a valve before it is measured) by centres. */
  const put = (leg: string, kind: 'valve' | 'union'): void => {
    const id = draft.addPart(leg, kind);
    const laid = drop.layout.legs.get(leg);
    const own = laid?.leg ?? settings;
    const isAsDrawn = !laid || laid.near === laid.leg.from;
    const stands = getCraft(own).findPart(kind, own, [own.size], drop.layout.catalogue);
    const isKnown = stands !== null && stands.ports.every((port) => findReach(port) !== null);
    const ref: Ref = { kind: 'inline', id, at: isKnown ? 'end' : 'centre', gap: 0 };
    const from: Ref = { ...last!, at: ref.at };
    const length = isKnown ? gap : gap + NOT_MEASURED;
    // Of two parts in one leg the measure goes the way the leg was drawn: here they are put in against the gas.
    if (from.kind === 'inline' && isAsDrawn) draft.addMeasure(ref, from, length, typeInches(length));
    else draft.addMeasure(from, ref, length, typeInches(length));
    last = ref;
  };
  if (needsUnion && isUnionAfter) {
    if (!leaves || (at > 0 && !needsValve)) return false;
    const beforeValve = last;
    last = centreOf(leaves.toward);
    put(leaves.leg, 'union');
    last = beforeValve;
  } else if (needsUnion) put(host!.leg, 'union');
  if (needsValve) put(host!.leg, 'valve');
  return true;
}

/** Every way to put a shut-off and a union into a drop whose trap stands, as operations; none where none are wanting. */
export function addShutOffs(drop: Drop, newId: NewId): (readonly Op[])[] {
  const { trap, path, layout } = drop;
  if (!trap) return [[]];
  const arrives = path.slice(0, trap.at + 1).reverse();
  const leaves = path[trap.at + 1];
  const tee: DraftedTee = {
    tee: trap.node.id,
    hosts: arrives.map(({ id, far }) => ({ leg: id, toward: far })),
    leaves: leaves && hasPipe(leaves.leg) ? { leg: leaves.id, toward: trap.node.id } : null,
  };
  const ways: (readonly Op[])[] = [];
  for (const isUnionAfter of [false, true])
    for (let host = 0; host < tee.hosts.length; host++)
      for (const gap of SHORT) {
        const draft = new TrapDraft(layout, newId, trap.nipple.leg);
        if (addShutOff(draft, drop, tee, host, isUnionAfter, gap)) ways.push(draft.ops);
      }
  return ways.length > 0 ? ways : [[]];
}
