import { type Catalogue, type Part, type PartKind, makeTaperEnd, readTaperEnd } from '#core/catalogue';
import { getOppositeGender, type End, type Gender } from '#core/ends';
import { joinEnds } from '#core/joints';
import { getCraft } from '#core/materials';
import type { LaidChain } from './chains.ts';
import type { Fitting } from './fitting.ts';
import { isMaleAt, type Leg, type RunNode, type Terminal } from '#core/runs/document';
import { adapt } from './join-by-adapters.ts';

/**
 * What was found in place, joined to a leg: by what becomes of the two ends. It is measured from its own mouth or end: nothing of it
 * stands between.
 */
export function joinExisting(
  node: RunNode,
  { end }: Extract<Terminal, { kind: 'existing' }>,
  leg: Leg,
  catalogue: Catalogue,
  chain: LaidChain | undefined,
): Fitting {
  // Whatever it is, the chain was chosen for it.
  if (chain) return takeAsFound('existing', end, leg);
  const { verdict } = joinEnds(getLegEnd(leg, node.id), end, catalogue.ends);
  if (verdict.verdict === 'ask')
    return { kind: 'none', refusal: { code: 'existing-end-not-told-apart', end } };
  const adapted = adaptTo('existing', node, end, leg, catalogue);
  if (adapted) return adapted;
  // What seals on a seat or a washer takes no threaded pipe: its nut does not come with the pipe.
  if (!isJoined(leg, node.id, end, catalogue))
    return { kind: 'none', refusal: { code: 'existing-end-takes-no-pipe', end, size: leg.size } };
  return takeAsFound('existing', end, leg);
}

/**
 * The inlet of an appliance: as its leg needs it (a female one takes the pipe, a male one a fitting straight on), or as it was said; then
 * by what becomes of the two ends.
 */
export function joinAppliance(
  node: RunNode,
  { inlet }: Extract<Terminal, { kind: 'appliance' }>,
  leg: Leg,
  catalogue: Catalogue,
  chain: LaidChain | undefined,
): Fitting {
  if (chain) return takeAsFound('appliance', inlet ?? chain.pick.forEnds[0], leg);
  const asLeg = getCraft(leg).getEnd(leg, isMaleAt(leg, node.id) ? 'male' : 'female');
  const adapted = adaptTo(
    'appliance',
    node,
    inlet ?? findUsualInlet(leg, catalogue) ?? asLeg,
    leg,
    catalogue,
  );
  if (adapted) return adapted;
  if (inlet === null) return takeAsFound('appliance', asLeg, leg);
  const { verdict } = joinEnds(getLegEnd(leg, node.id), inlet, catalogue.ends);
  if (verdict.verdict === 'ask')
    return { kind: 'none', refusal: { code: 'inlet-not-told-apart', end: inlet } };
  if (verdict.cause === 'both-male')
    return { kind: 'none', refusal: { code: 'male-meets-male', part: 'appliance' } };
  if (!isJoined(leg, node.id, inlet, catalogue))
    return { kind: 'none', refusal: { code: 'inlet-takes-no-pipe', end: inlet, size: leg.size } };
  return takeAsFound('appliance', inlet, leg);
}

/** Whether a leg is made up in what is there: a pipe screws in it; a tube is joined as its craft joins it. */
function isJoined(leg: Leg, node: string, end: End, { ends }: Catalogue): boolean {
  const { verdict, screws } = joinEnds(getLegEnd(leg, node), end, ends);
  return getCraft(leg).screws ? screws : verdict.joint !== null;
}

/** The thread tube is usually brought to: what an inlet is taken to have of which nothing is said. */
function findUsualInlet(leg: Leg, catalogue: Catalogue): End | null {
  const [thread] = getCraft(leg).listThreads(leg, catalogue);
  return thread ? makeTaperEnd(thread.system, thread.size, 'female') : null;
}

/** Tube brought to a thread that is there, by one adapter; null where it is joined without, or none is sold. */
function adaptTo(
  kind: Extract<PartKind, 'existing' | 'appliance'>,
  node: RunNode,
  end: End,
  leg: Leg,
  catalogue: Catalogue,
): Fitting | null {
  if (!readTaperEnd(end) || getCraft(leg).screws) return null;
  const found = takeAsFound(kind, end, leg);
  const adapted = found.kind === 'part' ? adapt(node, found, [leg], catalogue) : null;
  return (
    adapted ?? { kind: 'none', refusal: { code: 'transition-needed', ends: [getLegEnd(leg, node.id), end] } }
  );
}

/** What a leg meets a node with: the thread of its pipe, or where it has none the opening of the fitting that comes from its far end. */
const getLegEnd = (leg: Leg, node: string): End =>
  getCraft(leg).getEnd(leg, getOppositeGender(isMaleAt(leg, node) ? 'male' : 'female'));

function takeAsFound(kind: Extract<PartKind, 'existing' | 'appliance'>, end: End, leg: Leg): Fitting {
  const by =
    end.kind === 'thread' && end.gender === 'male' ? 'measured from its end' : 'measured from its mouth';
  const part: Part = {
    // Whatever order the fields come in.
    id: `${kind}/${Object.entries(end).sort().join(' ')}`,
    kind,
    size: leg.size,
    material: 'as-found',
    join: null,
    ports: [
      {
        id: 'mouth',
        way: { x: 1, y: 0, z: 0 },
        end,
        reach: { standing: 'entered', length: 0, by },
        depth: null,
      },
    ],
    seats: [],
    outside: null,
  };
  return { kind: 'part', part, legs: [leg], adapters: null };
}

/** An inlet of which the gender is said: null where that is what its leg needs, the thread of the leg where it contradicts it. */
export const findInlet = (leg: Leg, node: string, gender: Gender): End | null =>
  isMaleAt(leg, node) === (gender === 'male') ? null : getCraft(leg).getEnd(leg, gender);
