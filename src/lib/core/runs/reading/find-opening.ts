import type { End } from '#core/ends';
import { getCraft } from '#core/materials';
import { dot } from '#core/geometry';
import { getOwnEnd, findPort } from '#core/runs/fittings';
import { getVectorFrom, type Leg } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';

/** A place in a run where something may go between: what the station has there, and what the leg ends in. */
export interface OpeningToJoin {
  /** The node, or the opening of a part in the leg (`part.port`), and the leg. */
  readonly station: string;
  readonly leg: string;
  readonly ends: readonly [End, End];
}

/**
 * What meets at the end of a leg: what stands at its station, or what was found there, or (where two legs go straight on and no fitting takes both)
 * what the other leg ends in. Null where nothing is there for it.
 */
export function findOpening(layout: RunLayout, station: string, leg: string): OpeningToJoin | null {
  const laid = layout.legs.get(leg);
  if (!laid || laid.leg.geometry.kind === 'made-up') return null;
  const end = findStationEnd(layout, station, laid.leg);
  return end && { station, leg, ends: [end, getOwnEnd(laid.leg, station)] };
}

function findStationEnd(layout: RunLayout, station: string, leg: Leg): End | null {
  const [part, port] = station.split('.');
  const inline = port === undefined ? null : layout.legs.get(leg.id)!.inline.find(({ id }) => id === part);
  if (inline) return inline.part?.ports.find(({ id }) => id === port)?.end ?? null;
  const laid = layout.nodes.get(station);
  if (!laid) return null;
  const standing = layout.chains.standing.get(station);
  if (standing) return standing.pick.forEnds[0];
  const own = findPort(laid.fitting, leg.id);
  if (own) return own.end;
  const { terminal } = laid.node;
  if (terminal?.kind === 'existing') return terminal.end;
  if (terminal?.kind === 'appliance' && terminal.inlet) return terminal.inlet;
  const others = laid.legs.filter(({ id }) => id !== leg.id);
  const [other] = others;
  if (!other) return null;
  const isInLine = dot(getVectorFrom(other, station), getVectorFrom(leg, station)) <= -1 + 1e-6;
  if (others.length === 1 && isInLine) return getOwnEnd(other, station);
  // Where they turn or branch, a fitting of the others takes it: its opening is theirs.
  return getCraft(other).screws ? getCraft(other).getEnd(other, 'female') : null;
}

/** The opening that is in the way of a node: of its legs the last that goes with none before it. Null where all of them are joined. */
export function findOpeningAt(layout: RunLayout, node: string): OpeningToJoin | null {
  const laid = layout.nodes.get(node);
  if (!laid || laid.fitting.kind !== 'none') return null;
  const [first] = laid.legs;
  const odd = laid.legs.findLast(
    (leg) =>
      first && (leg.system !== first.system || leg.size !== first.size || leg.material !== first.material),
  );
  const leg = odd ?? laid.legs.at(-1);
  return leg ? findOpening(layout, node, leg.id) : null;
}
