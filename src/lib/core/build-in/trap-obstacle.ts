import { checkRun, type Site, type Finding, getPlacedId, checkLegsDoNotCross } from '#core/checks';
import type { LegSize } from '#core/ends';
import { getCraft } from '#core/materials';
import type { Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { INCH, type Length } from '#core/units';
import { findDrop, type Drop, judgeDrop, type TrapCode } from '#core/traps';

/** What is in the way of a trap, and by how much (nm). */
export type Obstacle =
  | { readonly code: 'trap-flow-unknown' }
  | { readonly code: 'trap-leg-not-measured'; readonly mark: string }
  /** A leg is too short for what has to stand in it. */
  | { readonly code: 'trap-no-length'; readonly mark: string; readonly by: Length }
  /** Under the cap there is less than is needed; the longest bought nipple that would leave enough, null where none does. */
  | {
      readonly code: 'trap-no-room';
      readonly has: Length;
      readonly needs: Length;
      readonly by: Length;
      readonly fits: Length | null;
    }
  | { readonly code: 'trap-crosses'; readonly marks: readonly [string, string] }
  | { readonly code: 'trap-tee-not-made'; readonly sizes: readonly LegSize[] }
  /** The measures of the drop are taken so that its inlet would move by so much. */
  | { readonly code: 'trap-measured-otherwise'; readonly by: Length }
  /** Where it would stand something may not be, or another check of the run stops it. */
  | { readonly code: 'trap-stopped'; readonly finding: Finding }
  /** Something else is wrong with it still. */
  | { readonly code: 'trap-still-wrong'; readonly verdict: TrapCode };

/** What stands in the way of a drop as it would be with its trap; null where nothing does. */
export function findObstacle(before: Drop, after: RunLayout, site: Site | null): Obstacle | null {
  const drop = findDrop(after, before.node.id)!;
  for (const [id, { legs, fitting }] of after.nodes) {
    if (fitting.kind !== 'none' || before.layout.nodes.get(id)?.fitting.kind === 'none') continue;
    return { code: 'trap-tee-not-made', sizes: legs.map(({ size }) => size) };
  }
  return (
    findShortPiece(before.layout, after) ??
    findCrossing(before.layout, after) ??
    findFault(drop) ??
    findNewStop(before.layout, after, site)
  );
}

/** What the run's own checks would stop that they did not stop before. */
function findNewStop(before: RunLayout, after: RunLayout, site: Site | null): Obstacle | null {
  const were = recallStops(before, site);
  const finding = listStops(after, site).find((stop) => !were.has(getStopKey(stop)));
  return finding ? { code: 'trap-stopped', finding } : null;
}

/** The run as it was is asked once, however many ways are tried. */
const recalled = new WeakMap<RunLayout, { readonly site: Site | null; readonly keys: ReadonlySet<string> }>();
function recallStops(layout: RunLayout, site: Site | null): ReadonlySet<string> {
  const known = recalled.get(layout);
  if (known && known.site === site) return known.keys;
  const keys = new Set(listStops(layout, site).map(getStopKey));
  recalled.set(layout, { site, keys });
  return keys;
}

const listStops = (layout: RunLayout, site: Site | null): Finding[] =>
  checkRun(layout, site).filter(({ severity }) => severity === 'stop');

/** What a stop is about, whatever the marks and the lengths in it have come to be. */
export function getStopKey(finding: Finding): string {
  if (finding.code === 'place') return `place ${finding.zone} ${getPlacedId(finding.what)}`;
  if (finding.code === 'trap') return `trap ${finding.name} ${finding.finding.code}`;
  return finding.code;
}

/** The new or altered piece that lacks most of what it takes to make it. */
function findShortPiece(before: RunLayout, after: RunLayout): Obstacle | null {
  let worst: Obstacle | null = null;
  for (const [leg, pieces] of after.pieces) {
    if (before.pieces.get(leg) === pieces) continue;
    const { leg: made } = after.legs.get(leg)!;
    for (const piece of pieces) {
      if (isAsBefore(piece, before)) continue;
      const mark = String(made.tag);
      const craft = getCraft(made);
      const exact = piece.cut?.exact ?? findAboutCut(piece);
      const nipple = piece.cut?.nipple ?? null;
      if (exact === null) return { code: 'trap-leg-not-measured', mark };
      const needed = craft.getLeastPiece(piece.ends, after.rules, made, after.catalogue);
      if (exact > 0 && (nipple !== null || exact >= needed)) continue;
      const [shortest] = craft.listBought(made, after.catalogue);
      const by = (exact > 0 || shortest === undefined ? needed : Math.min(needed, shortest)) - exact;
      if (!worst || ('by' in worst && by > worst.by)) worst = { code: 'trap-no-length', mark, by };
    }
  }
  return worst;
}

/** About how long a piece is that ends in a part whose length is not known yet, nm; null where its leg has no length. */
function findAboutCut({ centreToCentre, ends }: Piece): Length | null {
  if (centreToCentre === null) return null;
  const offs = ends.map(({ takeOff, unknown }) => (unknown === 'part-length-unknown' ? ABOUT_HALF : takeOff));
  return offs.reduce<Length | null>(
    (left, off) => (left === null || off === null ? null : left - off),
    centreToCentre,
  );
}
/** What half a valve is taken to take off until it is measured, nm, an estimate of ours: it is found out before anything is cut. */
const ABOUT_HALF: Length = 1.5 * INCH;

const isAsBefore = (piece: Piece, before: RunLayout): boolean =>
  (before.pieces.get(piece.leg) ?? []).some(
    ({ id, cut }) => id === piece.id && cut?.exact === piece.cut?.exact,
  );

function findCrossing(before: RunLayout, after: RunLayout): Obstacle | null {
  const say = (layout: RunLayout): string[] =>
    checkLegsDoNotCross(layout).flatMap((finding) =>
      finding.code === 'legs-cross' ? [finding.marks.join(' ')] : [],
    );
  const were = new Set(say(before));
  const found = say(after).find((marks) => !were.has(marks));
  return found ? { code: 'trap-crosses', marks: found.split(' ') as [string, string] } : null;
}

/** What the verdict on it would still be against. */
function findFault(drop: Drop): Obstacle | null {
  const { headline, further } = judgeDrop(drop);
  const worst = [headline, ...further].find(({ severity }) => severity === 'stop');
  if (!worst) return null;
  const { finding } = worst;
  if (finding.code === 'no-room')
    return {
      ...finding,
      code: 'trap-no-room',
      by: finding.needs - finding.has,
      fits: findFitting(drop, finding),
    };
  return { code: 'trap-still-wrong', verdict: finding.code };
}

/** The longest bought nipple that leaves the room that is needed under its cap, nm. */
function findFitting({ trap, layout }: Drop, { has, needs }: { has: Length; needs: Length }): Length | null {
  const nipple = trap?.nipple;
  if (!nipple || nipple.length === null) return null;
  const most = nipple.length - (needs - has);
  const { leg } = nipple.leg;
  return (
    getCraft(leg)
      .listBought(leg, layout.catalogue)
      .findLast((length) => length <= most) ?? null
  );
}

/** Of two obstacles the one by which it fails more narrowly. */
export function pickNearer(a: Obstacle | null, b: Obstacle): Obstacle {
  const by = (obstacle: Obstacle): number => ('by' in obstacle ? obstacle.by : Infinity);
  return a === null || by(b) < by(a) ? b : a;
}
