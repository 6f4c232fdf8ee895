import { idsOf, type Leg, type Measure, type RunDoc } from '#core/runs/document';

/** The measures taken between the two ends of a leg, whatever points of its fittings they refer to. */
export function findMeasures({ measures }: RunDoc, leg: Leg): Measure[] {
  const found: Measure[] = [];
  for (const id of idsOf(measures)) {
    const { from, to } = measures[id]!;
    if (from.kind !== 'node' || to.kind !== 'node') continue;
    const isIts = from.id === leg.from ? to.id === leg.to : from.id === leg.to && to.id === leg.from;
    if (isIts) found.push(measures[id]!);
  }
  return found;
}

/** A measure with the references to one node turned to another. */
export const repoint = (measure: Measure, old: string, node: string): Pick<Measure, 'from' | 'to'> => ({
  from:
    measure.from.kind === 'node' && measure.from.id === old ? { ...measure.from, id: node } : measure.from,
  to: measure.to.kind === 'node' && measure.to.id === old ? { ...measure.to, id: node } : measure.to,
});
