import { getLegs, newRun, type LegGeometry, type RunDoc, type Terminal } from '#core/runs/document';
import { standardCatalogue, type Catalogue, type Material, type Stock } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Axis, Way } from '#core/geometry';
import { resolveRules, type RuleChoices } from '#core/house-rules';
import type { Result } from '#core/outcome';
import { applyOps, type PlannedChange, NO_FACTS } from '#core/runs/changes';
import { centreToCentre, planAddLeg, type NewLeg, planCloseEnd } from '#core/runs/commands';
import { getPieces, layOutRun, type RunLayout } from '#core/runs/layout';
import { inches } from '#core/units';

/** A leg of a test run: the tag of the leg it grows from (0 the source), its way, inches, and what is unusual. */
export type TestLeg = readonly [
  from: number,
  axis: Way,
  /** Null where the length follows from the geometry. */
  inches: number | null,
  more?: {
    size?: LegSize;
    cap?: true;
    terminal?: Terminal;
    material?: Material;
    stock?: Stock;
    geometry?: LegGeometry;
  },
];

/** A leg as a command takes it: straight, centre to centre, unless said otherwise. */
export const newLeg = (
  from: string | null,
  axis: Way,
  length: number,
  more: Partial<NewLeg> = {},
): NewLeg => ({
  from,
  geometry: { kind: 'axis', axis },
  size: '3/4',
  material: 'black-iron',
  measure: centreToCentre(inches(length), String(length)),
  terminal: null,
  ...more,
});

/** Fitting straight into fitting: the male end is that of the new leg's far fitting, or of the one it grows from. */
export const madeUp = (axis: Way, male: 'from' | 'to' = 'to'): LegGeometry => ({
  kind: 'made-up',
  axis,
  male,
});

/** An offset going `along` with set and roll in inches. */
export const offset = (
  along: Axis,
  set: readonly [Axis, number],
  roll: readonly [Axis, number] | null = null,
): LegGeometry => {
  const side = ([way, length]: readonly [Axis, number]) => ({
    way,
    length: inches(length),
    typed: String(length),
  });
  return { kind: 'offset', along, set: side(set), roll: roll && side(roll), angle: 45 };
};

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
export function makeRun(legs: readonly TestLeg[], size: LegSize = '3/4', choices: RuleChoices = {}): RunDoc {
  const newId = makeIds();
  let doc = newRun('testrun00', standardCatalogue.version, choices);
  for (const [from, axis, length, more] of legs) {
    const node = from === 0 ? (Object.values(doc.anchors)[0]?.node ?? null) : getLeg(doc, from).to;
    const leg = newLeg(node, axis, length ?? 0, {
      size: more?.size ?? size,
      material: more?.material ?? 'black-iron',
      ...(more?.stock ? { stock: more.stock } : {}),
      terminal: more?.terminal ?? null,
      ...(more?.geometry ? { geometry: more.geometry } : {}),
      ...(length === null ? { measure: null } : {}),
    });
    doc = applyPlan(doc, mustBe(planAddLeg(doc, leg, newId)));
    if (more?.cap) {
      const last = Object.values(doc.legs).at(-1)!;
      doc = applyPlan(doc, mustBe(planCloseEnd(doc, last.to, { kind: 'cap' })));
    }
  }
  return doc;
}

export function getLeg(doc: RunDoc, tag: number) {
  const leg = [...getLegs(doc).values()].find((each) => each.tag === tag);
  if (!leg) throw new Error(`no leg ${tag}`);
  return leg;
}

export const layOut = (doc: RunDoc, catalogue: Catalogue = standardCatalogue): RunLayout =>
  layOutRun(doc, catalogue, resolveRules(doc.ruleChoices), NO_FACTS);

/** The piece with this mark. */
export function getPiece(layout: RunLayout, tag: number | string) {
  const piece = [...getPieces(layout)].find(({ mark }) => mark === String(tag));
  if (!piece) throw new Error(`no piece ${tag}`);
  return piece;
}
