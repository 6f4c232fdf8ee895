import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import type { Catalogue } from '#core/catalogue/catalogue.ts';
import type { NominalSize } from '#core/catalogue/size.ts';
import type { Axis } from '#core/geometry/axis.ts';
import { resolveRules, type RuleChoices } from '#core/house-rules/house-rules.ts';
import type { Result } from '#core/outcome/result.ts';
import { applyOps, type PlannedChange } from '#core/runs/change.ts';
import { planAddLeg } from '#core/runs/commands/add-leg.ts';
import { planCloseEnd } from '#core/runs/commands/close-end.ts';
import { NO_FACTS } from '#core/runs/fold-events.ts';
import { layOutRun } from '#core/runs/lay-out-run.ts';
import type { RunLayout } from '#core/runs/layout.ts';
import { newRun, type RunDoc } from '#core/runs/run.ts';
import { inches } from '#core/units/length.ts';

/** A leg of a test run: the tag of the leg it grows from (0 the source), its way, inches, and what is unusual. */
export type TestLeg = readonly [
  from: number,
  axis: Axis,
  inches: number,
  more?: { size?: NominalSize; cap?: true },
];

/** Gives the value of a result that must be there. */
export function mustBe<Value>(result: Result<Value, unknown>): Value {
  if (!result.ok) throw new Error(`refused: ${JSON.stringify(result.refusal)}`);
  return result.value;
}

/** Ids in the order in which they were asked for. */
export function makeIds(prefix = 'testthing'): () => string {
  let made = 0;
  return () => `${prefix}${String(made++).padStart(5, '0')}`;
}

export const applyPlan = (doc: RunDoc, plan: PlannedChange): RunDoc => mustBe(applyOps(doc, plan.ops));

/** Builds a run by the same commands as the screens do. */
export function makeRun(
  legs: readonly TestLeg[],
  size: NominalSize = '3/4',
  choices: RuleChoices = {},
): RunDoc {
  const newId = makeIds();
  let doc = newRun('testrun00', standardCatalogue.version, choices);
  for (const [from, axis, length, more] of legs) {
    const node = from === 0 ? (Object.values(doc.anchors)[0]?.node ?? null) : getLeg(doc, from).to;
    const leg = {
      from: node,
      axis,
      size: more?.size ?? size,
      material: 'black-iron',
      length: inches(length),
      typed: String(length),
    } as const;
    doc = applyPlan(doc, mustBe(planAddLeg(doc, leg, newId)));
    if (more?.cap) {
      const last = Object.values(doc.legs).at(-1)!;
      doc = applyPlan(doc, mustBe(planCloseEnd(doc, last.to, { kind: 'cap' })));
    }
  }
  return doc;
}

export function getLeg(doc: RunDoc, tag: number) {
  const leg = Object.values(doc.legs).find((each) => each.tag === tag);
  if (!leg) throw new Error(`no leg ${tag}`);
  return leg;
}

export const layOut = (doc: RunDoc, catalogue: Catalogue = standardCatalogue): RunLayout =>
  layOutRun(doc, catalogue, resolveRules(doc.ruleChoices), NO_FACTS);

/** The piece of the leg with this tag. */
export function getPiece(layout: RunLayout, tag: number) {
  const piece = [...layout.pieces.values()].find(({ mark }) => mark === String(tag));
  if (!piece) throw new Error(`no piece ${tag}`);
  return piece;
}
