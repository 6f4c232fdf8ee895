import { getOffsetLengths } from '#core/allowances';
import { findReach } from '#core/catalogue';
import { count, term, type Term, type Working } from './explanation.ts';
import { findLink, findPort } from '#core/runs/fittings';
import { makeSolveContext, type RunLayout } from '#core/runs/layout';
import type { LaidLeg } from '#core/runs/pieces';
import { isMaleAt, type Measure, getLegsByNode } from '#core/runs/document';
import { makeEndReader, readAdditions } from '#core/runs/measuring';

/** How a leg's centre-to-centre was found where it is not simply what was measured; empty where it is, or not known. */
export function explainLength(laid: LaidLeg, layout: RunLayout): Working[] {
  const { leg, centreToCentre } = laid;
  const how = layout.solved.derived.get(leg.id);
  if (!how || centreToCentre === null) return [];
  const result = term('centre-to-centre', centreToCentre);
  if (how.kind === 'offset') return explainOffset(laid);
  if (how.kind === 'made-up') return explainMadeUp(laid, layout, result);
  const context = makeSolveContext(
    layout.doc,
    getLegsByNode(layout.doc),
    layout.catalogue,
    makeEndReader(layout.catalogue, layout.rules, layout.doc.clockings, layout.chains),
    layout.chains,
  );
  const workings: Working[] = [];
  const terms = how.steps().map(({ measure: id, leg: other, sign, distance }): Term => {
    const measure = id === null ? null : layout.doc.measures[id];
    if (!measure) return term('between-centres', sign * distance, { end: other });
    const added = readAdditions(context, measure);
    if (added && (added.from !== 0 || added.to !== 0)) {
      workings.push(...explainMeasure(measure, added, distance));
      return term('between-centres', sign * distance, { measure: id });
    }
    const isAsRead = distance === measure.value;
    return term(isAsRead ? 'measured' : 'between-centres', sign * distance, { measure: id });
  });
  // What is added first, then what is taken off.
  const ordered = terms.toSorted((a, b) => Number(b.value > 0) - Number(a.value > 0));
  return [...workings, { formula: 'sum-of-measures', result, terms: ordered, rule: null }];
}

/** Between centres, and where it was taken square across a slanting leg, as far as that comes to along it. */
function explainMeasure(
  measure: Measure,
  added: { readonly from: number; readonly to: number },
  distance: number,
): Working[] {
  const across = measure.value + added.from + added.to;
  const centres = term('between-centres', across, { measure: measure.id });
  const workings: Working[] = [
    {
      formula: 'measure-to-centres',
      result: centres,
      terms: [
        term('measured', measure.value, { measure: measure.id }),
        term('to-centre', added.from),
        term('to-centre', added.to),
      ],
      rule: null,
    },
  ];
  // Rounded to a nanometre at every step.
  if (Math.abs(Math.abs(across) - distance) > 4) {
    const result = term('between-centres', distance, { measure: measure.id });
    workings.push({
      formula: 'along-slant',
      result,
      terms: [centres, count('slant', distance / across)],
      rule: null,
    });
  }
  return workings;
}

function explainOffset({ leg }: LaidLeg): Working[] {
  if (leg.geometry.kind !== 'offset') return [];
  const { set, roll } = leg.geometry;
  const offset = getOffsetLengths(set.length, roll?.length ?? 0);
  const sides = [term('set', set.length), term('roll', roll?.length ?? 0)];
  const trueSet = term('true-set', offset.run);
  return [
    { formula: 'true-set', result: trueSet, terms: sides, rule: null },
    { formula: 'run-of-offset', result: term('run', offset.run), terms: [trueSet], rule: null },
    { formula: 'travel', result: term('travel', offset.travel), terms: sides, rule: null },
  ];
}

/** Male end straight into a female port. */
function explainMadeUp({ leg }: LaidLeg, layout: RunLayout, result: Term): Working[] {
  const ends = makeEndReader(layout.catalogue, layout.rules, layout.doc.clockings, layout.chains);
  const terms = [leg.from, leg.to].flatMap((node) => {
    const { fitting } = layout.nodes.get(node)!;
    const port = findPort(fitting, leg.id);
    if (!port || fitting.kind !== 'part') return [];
    const male = isMaleAt(leg, node);
    const { reach } = port;
    const provenance = 'source' in reach ? reach : null;
    const name = male ? 'reach-male' : 'reach';
    const own = term(name, findReach(port) ?? 0, { provenance, standing: reach.standing });
    const engagement = male
      ? null
      : ends.workOut(leg, fitting.part, port, node, findLink(fitting, leg.id)).joint?.engagement;
    return engagement ? [own, term('engagement', engagement)] : [own];
  });
  const order = ['reach-male', 'reach', 'engagement'];
  const sorted = terms.toSorted((a, b) => order.indexOf(a.quantity) - order.indexOf(b.quantity));
  return [{ formula: 'made-up', result, terms: sorted, rule: 'engagement-figure' }];
}
