import { isSameJson, type Json } from '#core/outcome';
import type { Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Way } from '#core/geometry';
import { HOUSE_RULES, type RuleId } from '#core/house-rules';
import type { Length } from '#core/units';
import type { Fitting } from '#core/runs/fittings';
import { findPiecesThrough, getPieces, type RunLayout } from '#core/runs/layout';
import { findWayFrom } from '#core/runs/document';
import type { LaidEnd } from '#core/runs/measuring';
import type { LaidLeg } from '#core/runs/pieces';

/** What one sees of a leg; lengths in nm. */
export interface LegFigures {
  readonly way: Way | null;
  readonly size: LegSize;
  readonly material: Material;
  readonly centreToCentre: Length | null;
  /** On the tape, piece by piece; null where a cut is not known. */
  readonly cuts: readonly (Length | null)[];
  /** What stands at its far end. */
  readonly far: Fitting;
}

export const LEG_FIELDS = ['way', 'size', 'material', 'centreToCentre', 'cuts', 'far'] as const;
export type LegField = (typeof LEG_FIELDS)[number];

/** A leg that two states of a run do not have alike; null on the side that does not have it at all. */
export interface LegDifference {
  readonly leg: string;
  readonly mark: string;
  readonly before: LegFigures | null;
  readonly after: LegFigures | null;
  /** What differs; every field where one side does not have the leg. */
  readonly fields: readonly LegField[];
}

/** What is not alike in two states of a run, and how many joints and cuts it comes to. */
export interface RunDifference {
  /** By the numbers of the legs. */
  readonly legs: readonly LegDifference[];
  readonly rules: readonly RuleId[];
  readonly joints: number;
  readonly cuts: number;
}

/** Compares two states of a run, leg by leg, by what follows from them. Of the same state nothing differs. */
export function compareRuns(before: RunLayout, after: RunLayout): RunDifference {
  const tags = new Map<string, number>();
  for (const { legs } of [before, after]) for (const { id, leg } of legs.values()) tags.set(id, leg.tag);
  const legs = [...tags]
    .sort(([a, tagA], [b, tagB]) => tagA - tagB || (a < b ? -1 : 1))
    .flatMap(([leg, tag]): LegDifference[] => {
      const [was, is] = [findFigures(before, leg), findFigures(after, leg)];
      const fields = LEG_FIELDS.filter((field) => !was || !is || !isSame(field, was, is));
      return fields.length > 0 ? [{ leg, mark: String(tag), before: was, after: is, fields }] : [];
    });
  const rules = HOUSE_RULES.map(({ id }) => id).filter(
    (id) => !isSameJson(before.rules[id] as Json, after.rules[id] as Json),
  );
  const [endsBefore, endsAfter] = [before, after].map(listEnds) as [EndList, EndList];
  return {
    legs,
    rules,
    joints: countDifferent(endsBefore.joints, endsAfter.joints),
    cuts: countDifferent(endsBefore.cuts, endsAfter.cuts),
  };
}

function findFigures(layout: RunLayout, id: string): LegFigures | null {
  const laid: LaidLeg | undefined = layout.legs.get(id);
  const far = laid && layout.nodes.get(laid.far);
  if (!laid || !far) return null;
  const { size, material } = laid.leg;
  const cuts = findPiecesThrough(layout, id).map(({ cut }) => cut?.onTape.length ?? null);
  const way = findWayFrom(laid.leg, laid.near);
  return { way, size, material, centreToCentre: laid.centreToCentre, cuts, far: far.fitting };
}

/** A fitting is told by its part, a bend by its angle and radius, or by why there is none. */
const nameFar = ({ far }: LegFigures): string => {
  if (far.kind === 'bend') return `bend ${far.degrees} ${far.radius}`;
  return far.kind === 'part' ? far.part.id : far.kind;
};

function isSame(field: LegField, a: LegFigures, b: LegFigures): boolean {
  if (field === 'cuts') return a.cuts.join() === b.cuts.join();
  return field === 'far' ? nameFar(a) === nameFar(b) : a[field] === b[field];
}

interface EndList {
  readonly joints: ReadonlyMap<string, string>;
  readonly cuts: ReadonlyMap<string, string>;
}

/** Every joint and every cut by its id, with what would be seen of it. */
function listEnds(layout: RunLayout): EndList {
  const joints = new Map<string, string>();
  const cuts = new Map<string, string>();
  for (const piece of getPieces(layout)) {
    cuts.set(piece.id, String(piece.cut?.onTape.length));
    for (const end of piece.ends) if (end.joint) joints.set(end.id, getJointFigures(end));
  }
  return { joints, cuts };
}

const getJointFigures = ({ joint, takeOff, size }: LaidEnd): string =>
  [joint?.part.id, joint?.port.id, size, joint?.engagement, takeOff].join(' ');

/** How many are in one only, or not alike in both. */
function countDifferent(a: ReadonlyMap<string, string>, b: ReadonlyMap<string, string>): number {
  const ids = new Set([...a.keys(), ...b.keys()]);
  return [...ids].filter((id) => a.get(id) !== b.get(id)).length;
}
