import { getTurns } from '#core/joints';
import { findClocking } from '#core/runs/commands';
import { getTurnsAsked } from '#core/allowances';
import { count, term, type Term, type Working } from './explanation.ts';
import type { LaidEnd } from '#core/runs/measuring';
import type { RunLayout } from '#core/runs/layout';

/** The reach of the port at an end, with where the figure is from. */
export function readReach(end: LaidEnd): Term {
  const reach = end.joint?.port.reach;
  const provenance = reach && 'source' in reach ? reach : null;
  return term('reach', end.joint?.reach ?? 0, { end: end.id, provenance, standing: reach?.standing ?? null });
}

/** How far a tube goes into the port at an end, or what its flare takes. */
export function readDepth(end: LaidEnd): Term {
  const depth = end.joint?.port.depth;
  const provenance = depth && 'source' in depth ? depth : null;
  return term('goes-in', end.joint?.engagement ?? 0, {
    end: end.id,
    provenance,
    standing: depth?.standing ?? null,
  });
}

/** Engagement, take-off and tightness of a joint; null where they are not known. */
export function explainJoint(end: LaidEnd, layout: RunLayout): Working[] | null {
  const { joint, thread } = end;
  if (joint && !thread && end.takeOff !== null) {
    const takeOff = term('take-off', end.takeOff, { end: end.id });
    return [{ formula: 'take-off', result: takeOff, terms: [readReach(end), readDepth(end)], rule: null }];
  }
  if (!joint || !thread || joint.engagement === null || !joint.tightness) return null;
  const engagement = term('engagement', joint.engagement, { end: end.id });
  const perInch = count('threads-per-inch', thread.threadsPerInch, { provenance: thread.threadSource });
  const handTight = term('hand-tight', thread.handTight, { provenance: thread.threadSource });
  const threadLength = term('thread-length', thread.cutToScratch, { provenance: thread.cutLengthSource });
  const workings: Working[] = [explainEngagement(end, engagement, handTight, perInch, layout)];
  if (end.takeOff !== null) {
    const takeOff = term('take-off', end.takeOff, { end: end.id });
    workings.push({ formula: 'take-off', result: takeOff, terms: [readReach(end), engagement], rule: null });
  }
  const turns = count('turns', joint.tightness.turnsPastHandTight);
  const showing = count('threads-showing', joint.tightness.threadsShowing);
  workings.push(
    { formula: 'turns-past-hand-tight', result: turns, terms: [engagement, handTight, perInch], rule: null },
    { formula: 'threads-showing', result: showing, terms: [threadLength, engagement, perInch], rule: null },
  );
  return workings;
}

function explainEngagement(
  end: LaidEnd,
  result: Term,
  handTight: Term,
  perInch: Term,
  layout: RunLayout,
): Working {
  const clocking = findClocking(layout.doc, end);
  if (clocking) {
    const turns = count('turns-asked', getTurns(clocking));
    return {
      formula: 'engagement-hand-tight-plus-turns',
      result,
      terms: [handTight, turns, perInch],
      rule: null,
    };
  }
  const choice = layout.rules['engagement-figure'];
  const rule = 'engagement-figure';
  if (choice.option === 'hand-tight-plus-turns') {
    const turns = count('turns-asked', getTurnsAsked(choice, end.thread!.size));
    return { formula: 'engagement-hand-tight-plus-turns', result, terms: [handTight, turns, perInch], rule };
  }
  if (choice.option === 'own-measured') {
    return { formula: 'engagement-own-measured', result, terms: [result], rule };
  }
  const figure: Term = { ...result, provenance: end.thread?.engagementSource ?? null };
  return { formula: 'engagement-shop-table', result, terms: [figure], rule };
}
