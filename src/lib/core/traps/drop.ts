import { goesIn, NOMINAL_SIZES, type LegSize } from '#core/ends';
import { traceFlow } from '#core/flow';
import { type ApplianceEnd, getVectorFrom } from '#core/runs/document';
import { findPort } from '#core/runs/fittings';
import type { LaidInline, LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { FOOT, type Length } from '#core/units';
import { judgeTee, looksDown, type TeePort, type TeeUse, type TeeVerdict } from './tee-use.ts';

/** A thing the gas passes on its way down a drop, in that order. */
export type Passed =
  | { readonly kind: 'valve' | 'union'; readonly id: string; readonly leg: LaidLeg }
  | { readonly kind: 'connector'; readonly id: string; readonly leg: LaidLeg }
  | { readonly kind: 'node'; readonly id: string; readonly leg: LaidLeg };

/** The stub of a trap: a leg that ends closed, or is meant to. */
export interface Nipple {
  readonly leg: LaidLeg;
  readonly size: LegSize;
  /** What closes it; `nothing`: it is open, or nobody said yet. */
  readonly closedBy: 'cap' | 'plug' | 'nothing';
  /** The piece of pipe between the tee and its cap; null where there is none, a plug in the tee itself. */
  readonly piece: Piece | null;
  /** How long that piece is, nm: as it was cut where that was said, otherwise as it is worked out. Null while not known. */
  readonly length: Length | null;
}

/** What is meant for a sediment trap in a drop: where a stub hangs off the way of the gas. */
export interface Trap {
  readonly node: LaidNode;
  /** Its place among the legs of the drop: the one by which the gas comes to it. */
  readonly at: number;
  readonly nipple: Nipple;
  /** Null where its ports do not say: no tee stands there. */
  readonly use: TeeUse | null;
  readonly verdict: TeeVerdict | null;
}

/** The last part of a run, that serves one appliance alone, as its sediment trap is judged by it. */
export interface Drop {
  readonly layout: RunLayout;
  readonly node: LaidNode;
  readonly appliance: ApplianceEnd;
  /** The legs of its own, from where it branches off (or the source) to the appliance. Empty where the way of the gas is not known. */
  readonly path: readonly LaidLeg[];
  /** Everything on that way, in order. */
  readonly passed: readonly Passed[];
  readonly trap: Trap | null;
}

const drops = new WeakMap<RunLayout, readonly Drop[]>();

/** Every drop of a run, in walking order: once for each layout. */
export function listDrops(layout: RunLayout): readonly Drop[] {
  const before = drops.get(layout);
  if (before) return before;
  const found = [...layout.nodes.values()].flatMap((node) => {
    const { terminal } = node.node;
    return terminal?.kind === 'appliance' && node.legs.length > 0 ? [makeDrop(layout, node, terminal)] : [];
  });
  drops.set(layout, found);
  return found;
}

/** The drop that ends at a node; null where no appliance stands there. */
export const findDrop = (layout: RunLayout, node: string): Drop | null =>
  listDrops(layout).find((drop) => drop.node.id === node) ?? null;

function makeDrop(layout: RunLayout, node: LaidNode, appliance: ApplianceEnd): Drop {
  const { arriving, serves } = traceFlow(layout);
  const reach = (at: string): LaidLeg | undefined => layout.legs.get(arriving.get(at) ?? '');
  const path: LaidLeg[] = [];
  for (let leg = reach(node.id); leg && serves.get(leg.id) === 1; leg = reach(leg.near)) path.unshift(leg);
  return { layout, node, appliance, path, passed: listPassed(layout, path), trap: findTrap(layout, path) };
}

/** Valves, unions and connectors on a way, and the nodes the gas comes to, in the order in which it passes them. */
function listPassed({ nodes }: RunLayout, path: readonly LaidLeg[]): Passed[] {
  return path.flatMap((leg): Passed[] => {
    const parts = leg.inline.flatMap((part): Passed[] => {
      const kind = getInlineKind(leg, part);
      return kind === 'valve' || kind === 'union' ? [{ kind, id: part.id, leg }] : [];
    });
    const { fitting, id } = nodes.get(leg.far)!;
    const stands = fitting.kind === 'part' ? fitting.part.kind : null;
    return [
      ...(leg.leg.geometry.kind === 'connector' ? [{ kind: 'connector', id: leg.id, leg } as const] : parts),
      { kind: 'node', id, leg },
      ...(stands === 'valve' || stands === 'union' ? [{ kind: stands, id, leg } as const] : []),
    ];
  });
}

const getInlineKind = ({ leg }: LaidLeg, { id, part }: LaidInline) => part?.kind ?? leg.inline[id]!.part;

/** From how long on a stub is no trap, nm, a bound of ours (the longest nipple commonly stocked is a foot): what is longer and does not hang down is an outlet for later, not a trap. */
const LONGEST_STUB: Length = FOOT;

/**
 * What is meant for the trap of a drop: of the stubs on the way of the gas one that works, otherwise the last before the appliance. A
 * stub is a single leg that ends closed or bare and serves nothing; one that does not hang down counts only where it is as short as a nipple.
 */
function findTrap(layout: RunLayout, path: readonly LaidLeg[]): Trap | null {
  const traps = path.slice(0, -1).flatMap((leg, at): Trap[] => {
    const node = layout.nodes.get(leg.far)!;
    const onward = path[at + 1]!;
    return node.legs
      .filter(({ id }) => id !== leg.id && id !== onward.id)
      .flatMap(({ id }) => {
        const nipple = readNipple(layout, layout.legs.get(id)!, node.id);
        return nipple ? [{ node, at, nipple, ...judgeAt(node, leg, onward, nipple.leg) }] : [];
      });
  });
  return traps.findLast(({ verdict }) => verdict === 'works') ?? traps.at(-1) ?? null;
}

function readNipple({ nodes, pieces }: RunLayout, leg: LaidLeg, at: string): Nipple | null {
  const far = nodes.get(leg.far)!;
  if (leg.near !== at || far.legs.length !== 1 || leg.leg.geometry.kind === 'connector') return null;
  const { terminal } = far.node;
  if (terminal?.kind === 'appliance' || terminal?.kind === 'existing') return null;
  const closedBy = terminal?.kind === 'cap' || terminal?.kind === 'plug' ? terminal.kind : 'nothing';
  const [piece, ...more] = pieces.get(leg.id)!;
  const length = piece ? (piece.asCut?.length ?? piece.cut?.exact ?? null) : null;
  const isDown = looksDown(getVectorFrom(leg.leg, at));
  const isLong = more.length > 0 || (leg.centreToCentre ?? 0) > LONGEST_STUB;
  if (!isDown && (isLong || closedBy === 'nothing')) return null;
  return { leg, size: leg.leg.size, closedBy, piece: piece ?? null, length };
}

function judgeAt(
  { id, fitting }: LaidNode,
  inlet: LaidLeg,
  outlet: LaidLeg,
  cap: LaidLeg,
): Pick<Trap, 'use' | 'verdict'> {
  const read = ({ leg }: LaidLeg) => {
    const port = fitting.kind === 'part' && fitting.part.kind === 'tee' ? findPort(fitting, leg.id) : null;
    return port && { port: port.id as TeePort, way: getVectorFrom(leg, id) };
  };
  const [comes, goes, closed] = [read(inlet), read(outlet), read(cap)];
  if (!comes || !goes || !closed) return { use: null, verdict: null };
  const use = { inlet: comes, outlet: goes, cap: closed };
  return { use, verdict: judgeTee(use) };
}

/** The size of the inlet of an appliance: of its own thread where that was said, otherwise of the leg that comes to it. */
export function getInletSize({
  appliance: { inlet },
  path,
}: Pick<Drop, 'appliance' | 'path'>): LegSize | null {
  const leg = path.at(-1);
  if (!leg) return null;
  const own =
    inlet?.kind === 'thread' && !goesIn(inlet) ? NOMINAL_SIZES.find((size) => size === inlet.size) : null;
  return own ?? leg.leg.size;
}
