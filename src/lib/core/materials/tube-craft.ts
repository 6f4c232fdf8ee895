import {
  isButtJoint,
  type Catalogue,
  type Material,
  findReach,
  type BoughtKind,
  type Part,
  type Port,
  type TubeJoin,
  makeTubeOpening,
  JOINS,
  findOnSheet,
  type SheetSaid,
} from '#core/catalogue';
import type { End, TubeEnd, LegSize } from '#core/ends';
import { judgeEnds } from '#core/joints';
import type { HouseRules } from '#core/house-rules';
import type { Length } from '#core/units';
import type { Craft, EndUnknown, Settings, WorkedEnd } from './craft.ts';

/** What differs from one craft of tube to another; the rest is answered alike. */
export interface TubeTrade extends Pick<
  Craft,
  | 'system'
  | 'materials'
  | 'fields'
  | 'turnsBy'
  | 'findBending'
  | 'getTrimming'
  | 'getSlack'
  | 'findOutside'
  | 'findMass'
  | 'getStock'
  | 'readEnd'
  | 'getLeastPiece'
> {
  /** The sizes of one of its materials, where they are not those of all. */
  listSizes?(material: Material): readonly LegSize[];
  /** Where it is not said it may be anywhere. */
  readonly isForGround?: boolean;
  /** How its tube is joined. */
  getJoin(settings: Settings): TubeJoin;
  /** The end of its tube as it goes into a fitting. */
  getTubeEnd(settings: Settings): TubeEnd;
  /** What a joint takes of its length (nm) where that is the shop's to say and not the fitting's; null where it is the fitting's. */
  getDepth?(settings: Settings, rules: HouseRules): Length | null;
}

/** A craft whose tube goes into fittings that are made for it: nothing is threaded on it, and no piece is bought ready made. */
export function makeTubeCraft({
  getJoin,
  getTubeEnd,
  getDepth = () => null,
  isForGround = false,
  ...trade
}: TubeTrade): Craft {
  const opening = (settings: Settings): End => makeTubeOpening(getJoin(settings), settings.size);
  const isCarried: Craft['isCarried'] = (settings, catalogue) =>
    catalogue.ends.figure(getTubeEnd(settings)).kind !== 'unknown';
  return {
    ...trade,
    screws: false,
    isForGround,
    findJoin: getJoin,
    listKinds: (settings) => JOINS[getJoin(settings)].kinds,
    listAdapterKinds: (settings) => JOINS[getJoin(settings)].adapters,
    listSizes: trade.listSizes ?? (() => trade.fields.size as readonly LegSize[]),
    getEnd: (settings, gender) => (gender === 'male' ? getTubeEnd(settings) : opening(settings)),
    goTogether: (a, b) => a.material === b.material,
    findPart: (kind, settings, sizes, catalogue) => catalogue.tubes.find(kind, getJoin(settings), sizes),
    listParts: (kind, settings, catalogue) =>
      listParts(kind, settings, trade.fields.size, getJoin, catalogue),
    listThreads: (settings, catalogue) => catalogue.tubes.listThreads(getJoin(settings), settings.size),
    findAdapter: (kind, settings, thread, catalogue) =>
      catalogue.tubes.findAdapter(kind, getJoin(settings), settings.size, thread),
    findManifold: (settings, openings, catalogue) =>
      catalogue.tubes.findManifold(getJoin(settings), openings),
    isCarried,
    workOutBare: (settings, unknown, catalogue) => {
      if (!isCarried(settings, catalogue)) return bare(null, 'size-not-carried');
      return bare(unknown ? null : 0, unknown);
    },
    workOut: (settings, part, port, catalogue, rules) =>
      isCarried(settings, catalogue)
        ? workOut(
            getTubeEnd(settings),
            getDepth(settings, rules),
            findOnSheet(catalogue.sheets, getJoin(settings), 'torque', settings.size),
            part,
            port,
            catalogue,
            rules,
          )
        : bare(null, 'size-not-carried'),
    getFigureKey: () => null,
    listBought: () => [],
    findBought: () => null,
    findNearestBought: () => null,
  };
}

const bare = (takeOff: number | null, unknown: EndUnknown | null): WorkedEnd => ({
  thread: null,
  joint: null,
  takeOff,
  unknown,
});

/**
 * What a joint takes of one pipe: end to end each of the two gives half; into a fitting that was measured before it was fused, all of it, the
 * fitting's half being in its measure.
 */
const getTaken = (taken: Length, part: Part): Length => (isButtJoint(part) ? Math.round(taken / 2) : taken);

/**
 * A tube in an opening made for it: take-off (nm) = reach of the opening − how far the tube goes in beyond its face; of a flare, less what
 * the flare itself takes, of a fused end less what facing and melting take. Not known where the part was not measured.
 */
function workOut(
  tube: TubeEnd,
  taken: Length | null,
  said: SheetSaid | null,
  part: Part,
  port: Port,
  catalogue: Catalogue,
  rules: HouseRules,
): WorkedEnd {
  const reach = findReach(port);
  const depth =
    port.depth === null
      ? getTaken(taken ?? 0, part)
      : port.depth.standing === 'unknown'
        ? null
        : port.depth.length;
  const takeOff = reach === null || depth === null ? null : reach - depth;
  // A sheet is of its maker’s parts: what the shop has of its own is another’s.
  const torque = part.join === null ? null : said;
  const verdict = judgeEnds(tube, port.end, catalogue.ends, rules);
  return {
    thread: null,
    joint: { part, port, reach, engagement: depth, tightness: null, torque, verdict },
    takeOff,
    unknown: takeOff === null ? 'part-length-unknown' : null,
  };
}

/** All parts of a kind with equal openings, and those that reduce by their branch or their far end. */
function listParts(
  kind: BoughtKind,
  settings: Settings,
  sizes: readonly string[],
  getJoin: TubeTrade['getJoin'],
  catalogue: Catalogue,
): readonly { readonly part: Part; readonly sizes: readonly LegSize[] }[] {
  return (sizes as readonly LegSize[]).flatMap((size) =>
    [
      [size],
      ...(sizes as readonly LegSize[]).map((other) => (kind === 'tee' ? [size, size, other] : [size, other])),
    ].flatMap((wanted) => {
      const part = catalogue.tubes.find(kind, getJoin(settings), wanted);
      return part ? [{ part, sizes: part.ports.map((_, i) => wanted[i] ?? size) }] : [];
    }),
  );
}
