import {
  type Catalogue,
  type AdapterKind,
  type ManifoldOpening,
  makeTaperEnd,
  readTaperEnd,
  type TaperEnd,
  getPartKind,
} from '#core/catalogue';
import { getOppositeGender, type End, type NominalSize } from '#core/ends';
import { dot } from '#core/geometry';
import { type Settings, getCraft, readSettings } from '#core/materials';
import type { Link } from './chains.ts';
import { findPort, type Fitting } from './fitting.ts';
import { getVectorFrom, hasPipe, isMaleAt, type Leg, type RunNode } from '#core/runs/document';
import { matchPorts } from './match-ports.ts';

type PartOf = Extract<Fitting, { kind: 'part' }>;
export type Infer = (node: RunNode, legs: readonly Leg[], catalogue: Catalogue) => Fitting;

/**
 * Tube that meets pipe, or is capped where no cap is made for it: on the end of a pipe straight on an adapter with a female thread; else a
 * fitting of the pipe, with an adapter in each opening that tube leaves by; out of the ground a riser. Of the threads an adapter is sold with the usual one, or the first
 * that the fitting is made with. Null where all legs are of one kind: nothing comes between.
 */
export function joinByAdapters(
  node: RunNode,
  legs: readonly Leg[],
  infer: Infer,
  catalogue: Catalogue,
): Fitting | null {
  const guests = legs.filter((leg) => !getCraft(leg).screws);
  const [guest] = guests;
  if (!guest) return null;
  const host = legs.find((leg) => !guests.includes(leg)) ?? findStranger(node, legs, guest, catalogue);
  if (host === null) return null;
  if (host === 'none') return needTransition(getTubeEnd(guests[0]!), getTubeEnd(guests.at(-1)!));
  const straight =
    legs.length === 2 && legs.includes(host as Leg) ? screwOn(node, host as Leg, guest, catalogue) : null;
  return (
    straight ??
    standAsRiser(node, legs, guest, catalogue) ??
    standOnManifold(node, legs, guest, catalogue) ??
    standBetween(node, legs, host, guests, infer, catalogue)
  );
}

const getTubeEnd = (leg: Leg): End => getCraft(leg).getEnd(leg, 'male');

/** What tube alone is joined over: the pipe whose cap closes it; `none` where two kinds of tube meet; null where its own fittings do. */
function findStranger(
  node: RunNode,
  legs: readonly Leg[],
  guest: Leg,
  catalogue: Catalogue,
): Settings | 'none' | null {
  const craft = getCraft(guest);
  const areAlike = legs.every((leg) => leg.system === guest.system && craft.goTogether(guest, leg));
  if (!areAlike) return 'none';
  if (legs.length > 1 || node.terminal?.kind !== 'cap' || craft.listKinds(guest).includes('cap')) return null;
  const [thread] = craft.listThreads(guest, catalogue);
  return thread ? readSettings(makeTaperEnd(thread.system, thread.size, 'male')) : null;
}

const needTransition = (a: End, b: End): Fitting => ({
  kind: 'none',
  refusal: { code: 'transition-needed', ends: [a, b] },
});

/** Straight on from the end of a pipe: the adapter is screwed on it. Null where they turn, or none is sold for this pipe. */
function screwOn(node: RunNode, host: Leg, guest: Leg, catalogue: Catalogue): PartOf | null {
  const kind = node.part.kind === 'auto' ? 'adapter' : node.part.kind === 'chosen' ? node.part.part : null;
  if ((kind !== 'adapter' && kind !== 'flange') || !canScrewOn(node, host, guest)) return null;
  const pipe = readTaperEnd(getCraft(host).getEnd(host, 'female'));
  const part = pipe && getCraft(guest).findAdapter(kind, guest, { ...pipe, gender: 'female' }, catalogue);
  return part && { kind: 'part', part, legs: [guest, host], adapters: null };
}

const canScrewOn = (node: RunNode, host: Leg, guest: Leg): boolean =>
  hasPipe(host) &&
  !isMaleAt(guest, node.id) &&
  dot(getVectorFrom(host, node.id), getVectorFrom(guest, node.id)) <= -1 + 1e-6;

/** What may bring tube to the pipe that goes straight on from it: an adapter, or one with a flange; empty where they meet otherwise. */
export function listAdapterKinds(node: RunNode, legs: readonly Leg[]): readonly AdapterKind[] {
  const guest = legs.find((leg) => !getCraft(leg).screws);
  const host = legs.find((leg) => getCraft(leg).screws);
  if (!guest || !host || legs.length !== 2) return [];
  if (isRiserPlace(node, legs, guest, host)) return ['riser'];
  if (!canScrewOn(node, host, guest)) return [];
  return getCraft(guest)
    .listAdapterKinds(guest)
    .filter((kind) => kind !== 'riser');
}

/**
 * Out of the ground: pipe that goes straight up from tube that comes in level stands on a riser, whose head is male (a fitting goes straight on
 * it) or has a coupling on it (that takes a pipe). Null where they do not meet so, where something else was chosen, or none is made.
 */
function standAsRiser(node: RunNode, legs: readonly Leg[], guest: Leg, catalogue: Catalogue): PartOf | null {
  const host = legs.find((leg) => leg !== guest);
  const craft = getCraft(guest);
  if (!host || !isRiserPlace(node, legs, guest, host)) return null;
  if (node.part.kind === 'chosen' && node.part.part !== 'riser') return null;
  const pipe = readTaperEnd(getCraft(host).getEnd(host, 'female'));
  const gender = isMaleAt(host, node.id) ? 'male' : 'female';
  const part = pipe && craft.findAdapter('riser', guest, { ...pipe, gender }, catalogue);
  return part && { kind: 'part', part, legs: [guest, host], adapters: null };
}

/** Whether one of these two is pipe that rises from tube which is brought out of the ground by a riser. */
const isRiserPlace = (node: RunNode, legs: readonly Leg[], guest: Leg, host: Leg): boolean =>
  legs.length === 2 &&
  getCraft(host).screws &&
  getCraft(guest).listAdapterKinds(guest).includes('riser') &&
  getVectorFrom(host, node.id).z >= 1 - 1e-6 &&
  Math.abs(getVectorFrom(guest, node.id).z) < 1e-6;

/** A manifold of the tube's maker, with a pipe thread in it for whatever pipe meets it; null where they do not meet so, or none is made. */
function standOnManifold(
  node: RunNode,
  legs: readonly Leg[],
  guest: Leg,
  catalogue: Catalogue,
): PartOf | null {
  const craft = getCraft(guest);
  const order = craft.listKinds(guest).includes('manifold')
    ? matchPorts(getPartKind('manifold').shape, node.id, legs)
    : null;
  if (!order) return null;
  const met = order.map((i) => legs[i]!);
  const openings = met.map((leg): ManifoldOpening | null => {
    if (leg.system === guest.system) return leg.size;
    return readTaperEnd(getCraft(leg).getEnd(leg, 'female'));
  });
  if (openings.includes(null)) return null;
  const part = craft.findManifold(guest, openings as ManifoldOpening[], catalogue);
  return part && { kind: 'part', part, legs: met, adapters: null };
}

/** A fitting of the pipe with an adapter in each opening by which tube leaves. */
function standBetween(
  node: RunNode,
  legs: readonly Leg[],
  host: Settings,
  guests: readonly Leg[],
  infer: Infer,
  catalogue: Catalogue,
): Fitting {
  const pipe = readTaperEnd(getCraft(host).getEnd(host, 'female'));
  const threads = guests.map((guest) =>
    getCraft(guest)
      .listThreads(guest, catalogue)
      .flatMap(({ system, size }) => (system === pipe?.system ? [size] : [])),
  );
  const lacking = threads.findIndex((sizes) => sizes.length === 0);
  if (lacking >= 0)
    return needTransition(getTubeEnd(guests[lacking]!), getCraft(host).getEnd(host, 'female'));
  let first: Fitting | null = null;
  for (const sizes of combine(threads)) {
    const seen = legs.map((leg) => {
      const i = guests.indexOf(leg);
      return i < 0 ? leg : seeAs(leg, host, sizes[i]!);
    });
    const fitting = infer(node, seen, catalogue);
    const joined = fitting.kind === 'part' ? adapt(node, fitting, guests, catalogue) : null;
    if (joined) return joined;
    first ??= fitting;
  }
  return first!;
}

const seeAs = (leg: Leg, { system, material, stock }: Settings, size: NominalSize): Leg => ({
  ...leg,
  system,
  material,
  stock,
  size,
});

/** Every choice of one from each list, the first ones first. */
function combine<Value>(lists: readonly (readonly Value[])[]): Value[][] {
  return lists.reduce<Value[][]>(
    (rows, list) => list.flatMap((value) => rows.map((row) => [...row, value])),
    [[]],
  );
}

/** Puts an adapter between a part's openings and the tubes that leave by them; null where one is not sold. */
export function adapt(
  node: RunNode,
  fitting: PartOf,
  guests: readonly Leg[],
  catalogue: Catalogue,
): PartOf | null {
  const adapters: Record<string, Link> = {};
  for (const guest of guests) {
    const taper = readTaperEnd(findPort(fitting, guest.id)!.end);
    const thread: TaperEnd | null = taper && { ...taper, gender: getOppositeGender(taper.gender) };
    const part = thread && getCraft(guest).findAdapter('adapter', guest, thread, catalogue);
    if (!part) return null;
    const [tube, screwed] = part.ports;
    adapters[guest.id] = { id: getAdapterId(node.id, guest.id), part, inner: screwed!, outer: tube! };
  }
  return { ...fitting, adapters };
}

/** The adapter that stands by itself between a node and a leg: an edit elsewhere does not change its id. */
export const getAdapterId = (node: string, leg: string): string => `${node}+${leg}`;
