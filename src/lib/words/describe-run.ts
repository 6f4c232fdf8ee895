import type { LaidLeg, RunLayout } from '#core/runs/layout.ts';
import type { LengthUnit } from '#core/units/length.ts';
import { sayLength } from './length-text.ts';
import { AXIS_NAMES, nameFitting } from './parts.ts';
import { nameThread } from './threads.ts';
import { getAxisFrom } from '#core/runs/infer-fitting.ts';

/** The run in words, leg by leg from the source: what the drawing shows, for those who cannot see it. */
export function describeRun(layout: RunLayout, unit: LengthUnit): string[] {
  const legs = [...layout.legs.values()];
  if (legs.length === 0) return ['An empty run.'];
  return [
    `A run of ${legs.length} ${legs.length === 1 ? 'leg' : 'legs'}.`,
    ...legs.map((leg) => describeLeg(leg, layout, unit)),
  ];
}

function describeLeg(laid: LaidLeg, layout: RunLayout, unit: LengthUnit): string {
  const near = layout.nodes.get(laid.near)!;
  const far = layout.nodes.get(laid.far)!;
  const length = laid.centreToCentre === null ? 'not measured' : sayLength(laid.centreToCentre, unit);
  const before = near.legs[0];
  const from =
    laid.depth === 0
      ? `from the source${near.node.terminal?.kind === 'existing' ? `, ${nameThread(near.node.terminal.end)}` : ''}`
      : `from the ${nameFitting(near.fitting)} at the end of leg ${before?.tag ?? '?'}`;
  const way = AXIS_NAMES[getAxisFrom(laid.leg, laid.near)];
  return `Leg ${laid.leg.tag}, ${laid.leg.size}: ${from}, ${way}, ${length}, to ${withArticle(nameFitting(far.fitting))}.`;
}

const withArticle = (name: string): string =>
  /^(?:open|elbow|existing)/.test(name) ? `an ${name}` : `a ${name}`;
