import type { LegSize } from '#core/ends';
import type { Way } from '#core/geometry';
import type { RuleChoices } from '#core/house-rules';
import { newAppliance, type Plate, type InlineKind, type RunDoc } from '#core/runs/document';
import { planPutPart } from '#core/runs/commands';
import { applyPlan, getLeg, makeIds, makeRun, mustBe, type TestLeg } from './make-run.ts';

/** An appliance of a test run: a kiln unless its plate says otherwise. */
export const kiln = (plate: Partial<Plate> = {}) => newAppliance('kiln', null, { what: 'kiln', ...plate });

const newId = makeIds('partthing');

/** Parts put into the pipe of legs, each at a share of its leg. */
export const withParts = (
  doc: RunDoc,
  parts: readonly (readonly [leg: number, kind: InlineKind, share: number])[],
): RunDoc =>
  parts.reduce(
    (now, [leg, kind, share]) =>
      applyPlan(now, mustBe(planPutPart(now, getLeg(now, leg).id, kind, { share }, newId))),
    doc,
  );

/**
 * A drop with a trap that works, of one size: along, down, out to the kiln, and the nipple (inches centre to centre) below the tee; a valve,
 * then a union in the leg that comes down.
 */
export function makeTrapped(
  more: {
    size?: LegSize;
    nipple?: number;
    cap?: Way;
    plate?: Partial<Plate>;
    legs?: readonly TestLeg[];
    rules?: RuleChoices;
  } = {},
): RunDoc {
  const { size = '3/4', nipple = 5.155, cap = 'down', plate = {}, rules = {} } = more;
  const legs: readonly TestLeg[] = more.legs ?? [
    [0, 'right', 60],
    [1, 'down', 40],
    [2, 'right', 12, { terminal: kiln(plate) }],
    [2, cap, nipple, { cap: true }],
  ];
  return withParts(makeRun(legs, size, rules), [
    [2, 'valve', 0.3],
    [2, 'union', 0.6],
  ]);
}
