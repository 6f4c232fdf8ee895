import type { LegSize } from '#core/ends';
import type { Site } from '#core/checks';
import { subtract, magnitude } from '#core/geometry';
import { type Settings, getCraft } from '#core/materials';
import { accept, refuse, type Result } from '#core/outcome';
import { applyOps, type Op, type PlannedChange } from '#core/runs/changes';
import { setOp, type NewId } from '#core/runs/commands';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import { hasPipe } from '#core/runs/document';
import { INCH, type Length } from '#core/units';
import { findDrop, getInletSize, type Drop, judgeDrop, type TrapCode } from '#core/traps';
import { addShutOff, SHORT } from './add-shut-off.ts';
import { draftShape, getNippleSettings, type TrapSpans } from './draft-shapes.ts';
import { proposeNipples } from './propose-nipple.ts';
import { TrapDraft } from './trap-draft.ts';
import type { TrapWish } from './trap-wish.ts';
import { getReplaced, listTrapShapes, type ShapeRefusal, type TrapShape } from './trap-shape.ts';
import { findObstacle, pickNearer, type Obstacle } from './trap-obstacle.ts';

export type BuildRefusal =
  | ShapeRefusal
  | Obstacle
  | { readonly code: 'leg-unknown'; readonly leg: string }
  /** One is there already: it is put right, not built in again. */
  | { readonly code: 'trap-there'; readonly verdict: TrapCode }
  | { readonly code: 'trap-built-in' }
  /** Longer than any nipple, or nothing. */
  | {
      readonly code: 'trap-nipple-wrong';
      readonly length: Length;
      readonly least: Length;
      readonly most: Length;
    };

export interface TrapBuild {
  readonly change: PlannedChange;
  readonly shape: TrapShape['kind'];
  /** The run with it, laid out. */
  readonly after: RunLayout;
  readonly nipple: Length;
  readonly size: LegSize;
}

/** The longest nipple a wish may ask for, nm: a bound of ours against a slip in typing, not a size of any list. */
const LONGEST_NIPPLE: Length = 24 * INCH;

/** How a trap is tried: where its shut-off and union stand, and how long its short pieces are. */
interface Attempt {
  readonly host: number;
  readonly isUnionAfter: boolean;
  readonly short: Length;
  readonly gap: Length;
  readonly size: LegSize;
}

/**
 * Plans a sediment trap in the drop to an appliance, as one change: shut-off, union, tee, nipple and cap, with the legs round it worked out
 * again. The inlet stays where it is, and so does every other leg. Refuses where a trap is there, where the drop goes in a way none can be
 * built into, and where there is no room, with what is in the way and by how much.
 */
export function planBuildTrap(
  layout: RunLayout,
  node: string,
  wish: TrapWish,
  newId: NewId,
  site: Site | null = null,
): Result<TrapBuild, BuildRefusal> {
  const drop = findDrop(layout, node);
  if (!drop) return refuse({ code: 'leg-unknown', leg: node });
  if (drop.appliance.plate.hasTrap === true) return refuse({ code: 'trap-built-in' });
  const tube = findTube(drop);
  if (tube) return refuse(tube);
  if (drop.trap) return refuse({ code: 'trap-there', verdict: judgeDrop(drop).headline.finding.code });
  return buildInto(drop, wish, [], newId, 'build-trap', site);
}

/** The tubing a trap would hang from; null where the last of the drop, where it is built, is of pipe that is screwed. */
export function findTube({ path, trap }: Drop): Extract<ShapeRefusal, { code: 'trap-on-tube' }> | null {
  const legs = [...path.slice(-2), ...(trap ? [trap.nipple.leg, ...path.slice(trap.at, trap.at + 2)] : [])];
  const tube = legs.find(({ leg }) => hasPipe(leg) && !getCraft(leg).screws);
  return tube ? { code: 'trap-on-tube', mark: String(tube.leg.tag) } : null;
}

/** Builds a trap into a drop without one; `first` are operations that cleared the way for it, and are part of the change. */
export function buildInto(
  drop: Drop,
  wish: TrapWish,
  first: readonly Op[],
  newId: NewId,
  command: 'build-trap' | 'put-right',
  site: Site | null,
  before: Drop = drop,
): Result<TrapBuild, BuildRefusal> {
  const shapes = listTrapShapes(drop);
  if ('code' in shapes) return refuse(shapes);
  if (wish.nipple) {
    const { length } = wish.nipple;
    if (length < INCH || length > LONGEST_NIPPLE)
      return refuse({ code: 'trap-nipple-wrong', length, least: INCH, most: LONGEST_NIPPLE });
  }
  let nearest: Obstacle | null = null;
  const hasCorner = shapes[0].kind === 'side-inlet';
  for (const shape of shapes) {
    const settings = getNippleSettings(shape);
    const nipples = proposeNipples(drop, settings, wish);
    for (const attempt of listAttempts(drop, shape, settings)) {
      for (const nipple of nipples) {
        const tried = tryBuild(before, drop, shape, attempt, nipple, wish, newId, site, hasCorner);
        if ('after' in tried) {
          const change = {
            label: { command, leg: shape.inlet.leg.tag, turn: null },
            ops: [...first, ...tried.ops],
          } as const;
          const { after } = tried;
          return accept({ change, shape: shape.kind, after, nipple: nipple.length, size: attempt.size });
        }
        nearest = pickNearer(nearest, tried);
        // Only what is too short by the rule is mended by a longer nipple: it needs more room, not less.
        if (tried.code !== 'trap-still-wrong' || tried.verdict !== 'too-short') break;
      }
    }
  }
  return refuse(nearest ?? { code: 'trap-flow-unknown' });
}

/** Every way in which it is tried, the usual one first. */
function listAttempts(drop: Drop, shape: TrapShape, settings: Settings): Attempt[] {
  const hosts = drop.path.length + 2;
  const inlet = getInletSize(drop);
  const sizes = [...new Set([settings.size, ...(inlet ? [inlet] : [])])];
  const attempts: Attempt[] = [];
  for (const size of sizes)
    for (const short of shape.kind === 'side-inlet' ? SHORT.slice(0, 1) : SHORT)
      for (const isUnionAfter of [false, true])
        for (let host = 0; host < hosts; host++)
          for (const gap of SHORT) attempts.push({ host, isUnionAfter, short, gap, size });
  return attempts;
}

type Tried = { readonly ops: readonly Op[]; readonly after: RunLayout } | Obstacle;

function tryBuild(
  before: Drop,
  drop: Drop,
  shape: TrapShape,
  { host, isUnionAfter, short, gap, size }: Attempt,
  nipple: { readonly length: Length; readonly typed: string },
  wish: TrapWish,
  newId: NewId,
  site: Site | null,
  hasCorner: boolean,
): Tried {
  const spans = findSpans(drop, shape, short, wish, newId);
  if (!spans) return { code: 'trap-leg-not-measured', mark: String(shape.inlet.leg.tag) };
  const draft = new TrapDraft(drop.layout, newId, shape.inlet);
  const tee = draftShape(draft, shape, drop.path, spans, wish.side);
  // Where the drop has a corner, a loop is no longer than the pipe it takes the place of.
  const [replaced, loop] = [getReplaced(shape), draft.newLength];
  if (hasCorner && replaced !== null && loop > replaced)
    return { code: 'trap-no-length', mark: String(shape.inlet.leg.tag), by: loop - replaced };
  const isHosted = addShutOff(draft, drop, tee, host, isUnionAfter, gap);
  if (!isHosted) return { code: 'trap-no-length', mark: String(shape.inlet.leg.tag), by: Infinity };
  const cap = draft.addNode({ kind: 'cap' });
  draft.addLeg(
    tee.tee,
    cap,
    'down',
    { ...getNippleSettings(shape), size },
    { value: nipple.length, typed: nipple.typed, at: 'end' },
  );
  if (wish.floor) {
    const { node } = drop.node;
    const plate = { ...drop.appliance.plate, floor: wish.floor };
    draft.add(setOp('nodes', node, 'terminal', { ...drop.appliance, plate }));
  }
  return settle(before, drop, draft, site);
}

/** Applies a draft, lays it out, and looks whether anything is in its way. */
function settle(before: Drop, drop: Drop, draft: TrapDraft, site: Site | null): Tried {
  const { ops } = draft;
  const after = layOutDraft(drop.layout, ops);
  if (!after) return { code: 'trap-flow-unknown' };
  const moved = magnitude(
    subtract(after.nodes.get(drop.node.id)!.position, drop.layout.nodes.get(drop.node.id)!.position),
  );
  const isRigid = drop.path.every(({ leg }) => hasPipe(leg));
  if (isRigid && moved > STILL) return { code: 'trap-measured-otherwise', by: Math.round(moved) };
  return findObstacle(before, after, site) ?? { ops, after };
}

/** What rounding may move an inlet by, nm. */
const STILL = 1000;

function layOutDraft(layout: RunLayout, ops: readonly Op[]): RunLayout | null {
  const applied = applyOps(layout.doc, ops);
  if (!applied.ok) return null;
  const { catalogue, rules, facts } = layout;
  return layOutRun(applied.value, catalogue, rules, facts, layout);
}

/**
 * How far the new legs go for their nipples to be so long: drafted once with legs of a foot, laid out, and read off what their
 * fittings take off. All zero where the shape has no new legs; null where an end is not known.
 */
function findSpans(
  drop: Drop,
  shape: TrapShape,
  short: Length,
  wish: TrapWish,
  newId: NewId,
): TrapSpans | null {
  if (shape.kind === 'side-inlet') return { over: 0, down: 0, last: 0 };
  const foot = 12 * INCH;
  const draft = new TrapDraft(drop.layout, newId, shape.inlet);
  draftShape(draft, shape, drop.path, { over: foot, down: foot, last: foot }, wish.side);
  const after = layOutDraft(drop.layout, draft.ops);
  if (!after) return null;
  const takeOffs = draft.legs.flatMap((leg) => {
    const [piece] = after.pieces.get(leg) ?? [];
    const [a, b] = piece?.ends.map(({ takeOff }) => takeOff) ?? [];
    return a === undefined || b === undefined || a === null || b === null ? [] : [a + b];
  });
  if (takeOffs.length === 0) return null;
  // One length for all of them, so that what goes over comes back: that of the one that takes off most.
  const span = short + Math.max(...takeOffs);
  return { over: span, down: span, last: span };
}
