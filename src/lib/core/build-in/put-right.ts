import type { Site } from '#core/checks';
import { accept, refuse, type Result } from '#core/outcome';
import { applyOps, type Op } from '#core/runs/changes';
import {
  findRank,
  findMeasures,
  findLegsAt,
  insertOp,
  removeLeg,
  removeNode,
  removeOp,
  setOp,
  type NewId,
  planTakeOutPart,
} from '#core/runs/commands';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import type { LaidLeg } from '#core/runs/pieces';
import { getVectorFrom, hasPipe, isSameWay, centreOf, type Leg } from '#core/runs/document';
import { negate } from '#core/geometry';
import { findDrop, type Drop, type Trap, judgeDrop, type TrapCode, looksDown } from '#core/traps';
import { addShutOffs } from './add-shut-off.ts';
import { buildInto, type BuildRefusal, type TrapBuild, findTube } from './build-trap.ts';
import type { TrapWish } from './trap-wish.ts';
import { proposeNipples, typeInches, type ProposedNipple } from './propose-nipple.ts';
import { findObstacle, pickNearer, type Obstacle } from './trap-obstacle.ts';

export type PutRightRefusal =
  | BuildRefusal
  /** There is none: one is built in. */
  | { readonly code: 'trap-missing' }
  /** Nothing is wrong that can be put right here. */
  | { readonly code: 'trap-right'; readonly verdict: TrapCode };

/** Faults that lie in how the tee is piped: its nipple goes elsewhere. */
const OF_THE_TEE: ReadonlySet<TrapCode> = new Set<TrapCode>([
  'straight-through',
  'upside-down',
  'level-nipple',
  'turns-but-rises',
  'ports-unclear',
]);
/** Faults of its nipple, its end, and what stands before it. */
const OF_ITS_PARTS: ReadonlySet<TrapCode> = new Set<TrapCode>([
  'no-cap',
  'plug-no-nipple',
  'reduced-nipple',
  'too-short',
  'no-room',
  'union-before-shut-off',
  'shut-off-after-trap',
  'no-shut-off',
  'shut-off-far',
  'shut-off-unreached',
  'shut-off-beyond',
  'nipple-not-measured',
]);

/**
 * Plans to put right what is wrong with a trap, as one change with the fewest new parts: where gas comes down and goes off level already,
 * the nipple moves there and its cap with it, and the tee it leaves gives way to straight pipe; where it does not, a trap is built in
 * anew. Then its nipple, its cap and its shut-off. Refuses where nothing is wrong, and where something is in the way, with by how much.
 */
export function planPutRight(
  layout: RunLayout,
  node: string,
  wish: TrapWish,
  newId: NewId,
  site: Site | null = null,
): Result<TrapBuild, PutRightRefusal> {
  const drop = findDrop(layout, node);
  if (!drop) return refuse({ code: 'leg-unknown', leg: node });
  if (!drop.trap) return refuse({ code: 'trap-missing' });
  const tube = findTube(drop);
  if (tube) return refuse(tube);
  if (drop.appliance.plate.hasTrap === true) return refuse({ code: 'trap-built-in' });
  const { headline, further } = judgeDrop(drop);
  const codes = [headline, ...further].map(({ finding }) => finding.code);
  if (codes.some((code) => OF_THE_TEE.has(code))) return moveTrap(drop, drop.trap, wish, newId, site);
  const verdict = headline.finding.code;
  if (!codes.some((code) => OF_ITS_PARTS.has(code))) return refuse({ code: 'trap-right', verdict });
  return mendParts(drop, [], wish, newId, site);
}

/** Lays a run out with further operations; null where they do not fit it, which is a fault of whoever planned them. */
function proceed(layout: RunLayout, ops: readonly Op[]): RunLayout {
  const applied = applyOps(layout.doc, ops);
  if (!applied.ok) throw new Error(`a trap cannot be put right: ${JSON.stringify(applied.refusal)}`);
  const { catalogue, rules, facts } = layout;
  return layOutRun(applied.value, catalogue, rules, facts, layout);
}

/** The nipple moves to where gas turns already; without such a place its leg goes, and a trap is built in anew. */
function moveTrap(
  drop: Drop,
  trap: Trap,
  wish: TrapWish,
  newId: NewId,
  site: Site | null,
): Result<TrapBuild, PutRightRefusal> {
  const corner = findCorner(drop, trap);
  const { leg } = trap.nipple.leg;
  const first = corner
    ? hangAt(drop.layout, leg, trap.node.id, corner)
    : [...dropNipple(drop.layout, trap.nipple.leg)];
  const moved = proceed(drop.layout, first);
  const merged = mergeAt(moved, trap.node.id, newId);
  const ops = [...first, ...merged];
  const cleared = findDrop(merged.length > 0 ? proceed(moved, merged) : moved, drop.node.id)!;
  if (corner) return mendParts(drop, ops, wish, newId, site, cleared);
  return buildInto(cleared, wish, ops, newId, 'put-right', site, drop);
}

/** Where gas comes down and goes off level with nothing else there: the nearest to the appliance. */
function findCorner({ path, layout }: Drop, trap: Trap): string | null {
  const corners = path.slice(0, -1).flatMap((leg, i) => {
    const onward = path[i + 1]!;
    const node = layout.nodes.get(leg.far)!;
    const comes = getVectorFrom(leg.leg, leg.near);
    const goes = getVectorFrom(onward.leg, onward.near);
    const others = node.legs.filter(({ id }) => id !== trap.nipple.leg.id);
    const isFree = others.length === 2 && hasPipe(leg.leg);
    return isFree && looksDown(comes) && Math.abs(goes.z) < 1e-6 ? [node.id] : [];
  });
  return corners.at(-1) ?? null;
}

/** Hangs the nipple straight down at another node, with what was measured of it. */
function hangAt(layout: RunLayout, leg: Leg, from: string, to: string): Op[] {
  const { doc } = layout;
  const target = doc.nodes[to]!;
  const isDown = looksDown(getVectorFrom(leg, from));
  const side = leg.from === from ? 'from' : 'to';
  const axis = side === 'from' ? ('down' as const) : ('up' as const);
  return [
    ...(from === to ? [] : [setOp('legs', leg, side, to)]),
    ...(isDown || !hasPipe(leg) ? [] : [setOp('legs', leg, 'geometry', { kind: 'axis', axis })]),
    ...(from === to ? [] : [setOp('legs', leg, 'rank', findRank(doc, to))]),
    ...(target.part.kind === 'chosen' ? [setOp('nodes', target, 'part', { kind: 'auto' as const })] : []),
    ...findMeasures(doc, leg).flatMap((measure) =>
      (['from', 'to'] as const).flatMap((end) =>
        measure[end].id === from && from !== to
          ? [setOp('measures', measure, end, { ...measure[end], id: to })]
          : [],
      ),
    ),
  ];
}

function dropNipple({ doc }: RunLayout, { id, leg, far }: LaidLeg): Op[] {
  return [
    ...Object.values(doc.measures)
      .filter(({ from, to }) => from.id === far || to.id === far)
      .map((measure) => removeOp('measures', measure)),
    ...Object.values(doc.clockings)
      .filter((clocking) => clocking.leg === leg.id)
      .map((clocking) => removeOp('clockings', clocking)),
    ...removeLeg(doc, id),
    ...removeNode(doc, far),
  ];
}

/** Two pipes of one kind that lie in line where nothing else hangs any more become one; nothing where they do not. */
function mergeAt(layout: RunLayout, node: string, newId: NewId): Op[] {
  const { doc, legs } = layout;
  const [one, other, ...more] = findLegsAt(doc, node).map(({ id }) => legs.get(id)!);
  if (!one || !other || more.length > 0) return [];
  const [first, second] = one.far === node ? [one, other] : [other, one];
  const isPlain = [first, second].every(({ leg }) => leg.geometry.kind === 'axis');
  const inLine = isSameWay(getVectorFrom(first.leg, node), negate(getVectorFrom(second.leg, node)));
  const isAlike = first.leg.size === second.leg.size && first.leg.material === second.leg.material;
  const length =
    first.centreToCentre === null || second.centreToCentre === null
      ? null
      : first.centreToCentre + second.centreToCentre;
  if (!isPlain || !inLine || !isAlike || length === null || second.inline.length > 0) return [];
  const measures = Object.values(doc.measures).filter((measure) =>
    [measure.from, measure.to].some(({ kind, id }) => kind === 'node' && id === node),
  );
  const share = first.centreToCentre! / length;
  const isDrawnOn = first.leg.from === first.near;
  return [
    ...measures.map((measure) => removeOp('measures', measure)),
    ...Object.values(doc.clockings)
      .filter(({ leg, station }) => leg === second.id || station === node)
      .map((clocking) => removeOp('clockings', clocking)),
    setOp('legs', first.leg, isDrawnOn ? 'to' : 'from', second.far),
    ...Object.values(first.leg.inline).map((part) =>
      setOp('parts', part, 'share', isDrawnOn ? part.share * share : 1 - (1 - part.share) * share),
    ),
    ...removeLeg(doc, second.id),
    ...removeNode(doc, node),
    insertOp('measures', {
      id: newId(),
      from: centreOf(first.near),
      to: centreOf(second.far),
      along: null,
      value: length,
      typed: typeInches(length),
      instrument: null,
    } as { id: string }),
  ];
}

/** The nipple as the house wants it, its cap, and a shut-off where none is: until nothing is in the way. What stands in the wrong order moves. */
function mendParts(
  before: Drop,
  first: readonly Op[],
  wish: TrapWish,
  newId: NewId,
  site: Site | null,
  drop: Drop = before,
): Result<TrapBuild, PutRightRefusal> {
  const { trap } = drop;
  if (!trap) return refuse({ code: 'trap-missing' });
  let nearest: Obstacle | null = null;
  for (const nipple of listNipples(drop, trap, wish)) {
    const mended = [...takeOutDisordered(drop), ...mendNipple(drop, trap, nipple, wish, newId)];
    const hung = proceed(drop.layout, mended);
    for (const added of addShutOffs(findDrop(hung, drop.node.id)!, newId)) {
      const after = added.length > 0 ? proceed(hung, added) : hung;
      const obstacle = findObstacle(before, after, site);
      if (!obstacle) {
        const label = { command: 'put-right', leg: trap.nipple.leg.leg.tag, turn: null } as const;
        const ops = [...first, ...mended, ...added];
        const { length, size } = findDrop(after, drop.node.id)!.trap!.nipple;
        return accept({ change: { label, ops }, shape: 'side-inlet', after, nipple: length!, size });
      }
      nearest = pickNearer(nearest, obstacle);
    }
  }
  return refuse(nearest ?? { code: 'trap-flow-unknown' });
}

/** A union before the shut-off comes out, and goes in again after it; so does a shut-off after the trap. */
function takeOutDisordered({ passed, trap, path, layout }: Drop): Op[] {
  const valve = passed.findIndex(({ kind }) => kind === 'valve');
  const tee = trap
    ? passed.findIndex(({ kind, leg }) => kind === 'node' && leg === path[trap.at])
    : passed.length;
  const wrong = passed.filter(
    ({ kind }, i) => (kind === 'union' && i < valve) || (kind === 'valve' && i > tee),
  );
  const taken = wrong.flatMap(({ id }) => {
    const planned = planTakeOutPart(layout.doc, id);
    return planned.ok ? planned.value.ops : [];
  });
  // A measure between two of them is taken out once.
  return taken.filter((op, i) => taken.findIndex(({ in: at, id }) => at === op.in && id === op.id) === i);
}

/** The nipple that is there first, where it will do and none is wished for. */
function listNipples(drop: Drop, trap: Trap, wish: TrapWish): (ProposedNipple | null)[] {
  const proposed = proposeNipples(drop, trap.nipple.leg.leg, wish);
  const keeps = trap.nipple.piece !== null && trap.nipple.length !== null && wish.nipple === null;
  return keeps ? [null, ...proposed] : [...proposed];
}

/** What makes the stub a nipple of this length with a cap, of the size of the pipe that comes to it. Null leaves its length. */
function mendNipple(
  { layout, node, appliance, path }: Drop,
  { nipple: { leg: laid, closedBy, piece }, at }: Trap,
  nipple: ProposedNipple | null,
  { floor }: TrapWish,
  newId: NewId,
): Op[] {
  const { doc } = layout;
  const { leg, near, far } = laid;
  const size = path[at]!.leg.size;
  const ops: Op[] = [];
  if (closedBy !== 'cap') ops.push(setOp('nodes', doc.nodes[far]!, 'terminal', { kind: 'cap' as const }));
  if (!hasPipe(leg)) {
    const axis = leg.from === near ? ('down' as const) : ('up' as const);
    ops.push(setOp('legs', leg, 'geometry', { kind: 'axis', axis }));
  }
  if (nipple && leg.size !== size) {
    const spec = doc.specs[`${leg.id}.${leg.system}`]!;
    ops.push(setOp('specs', spec, 'size', size));
  }
  if (nipple || piece === null) {
    const { length, typed } = nipple ?? { length: 0, typed: '' };
    const own = findMeasures(doc, leg);
    for (const measure of own) ops.push(removeOp('measures', measure));
    const [from, to] = [near, far].map((id) => ({ ...centreOf(id), at: 'end' as const }));
    ops.push(
      insertOp('measures', {
        id: newId(),
        from,
        to,
        along: null,
        value: length,
        typed,
        instrument: null,
      } as unknown as { id: string }),
    );
  }
  if (floor) {
    const plate = { ...appliance.plate, floor };
    ops.push(setOp('nodes', node.node, 'terminal', { ...appliance, plate }));
  }
  return ops;
}
