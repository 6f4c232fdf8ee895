import { AXES } from '#core/geometry';
import {
  fields,
  length,
  lengthOrNone,
  LIMITS,
  oneOf,
  orNull,
  text,
  textOrNone,
  type TypeOf,
} from '#core/shapes';
import { entry, idOf, recordKind, type RecordRef } from './record-kind.ts';

/** Where on a part a measure was taken. */
export const REF_POINTS = ['centre', 'face', 'end', 'back', 'wall'] as const;
export type RefPoint = (typeof REF_POINTS)[number];

const REF = fields({
  kind: oneOf(['node', 'inline']),
  /** Id of the node, or of the part in a leg. */
  id: idOf,
  at: oneOf(REF_POINTS),
  gap: lengthOrNone,
});

/**
 * What a measure was taken from or to, at a node's fitting or at a part in a leg:
 * `centre`: its origin (where centre lines cross, a coupling's middle, a cap's closed end, a bare pipe's end);
 * `face`: the face of the opening that looks along the measure; `end`: the end of the pipe made up in that opening;
 * `back`: the outside of the fitting on the far side; `wall`: what stands `gap` (nm) behind that back.
 */
export type Ref = TypeOf<typeof REF>;

/** The centre of a node's fitting. */
export const centreOf = (node: string): Ref => ({ kind: 'node', id: node, at: 'centre', gap: 0 });

const shape = entry({
  from: REF,
  to: REF,
  /** The square way it was taken along; null along the straight line of pipe on which both its ends lie. */
  along: orNull(oneOf(AXES)),
  /** nm */
  value: length,
  /** As it was typed. */
  typed: textOrNone(LIMITS.typed),
  /** What it was taken with, as it was written in the shorthand; null where nobody wrote it. */
  instrument: orNull(text(LIMITS.name)),
});
export type Measure = TypeOf<typeof shape>;

const leadsTo = ({ kind, id }: Ref): RecordRef => ({ to: kind === 'node' ? 'nodes' : 'parts', id });

export const MEASURES = recordKind<Measure>(shape, 24_000, {
  refersTo: ({ from, to }) => [leadsTo(from), leadsTo(to)],
});
