import type { Leg, Measure, RunDoc } from '../run.ts';

/** The measures taken between the two ends of a leg, whatever points of its fittings they refer to. */
export const findMeasures = (doc: RunDoc, leg: Leg): Measure[] =>
  Object.values(doc.measures).filter(
    ({ from, to }) =>
      from.kind === 'node' &&
      to.kind === 'node' &&
      ((from.id === leg.from && to.id === leg.to) || (from.id === leg.to && to.id === leg.from)),
  );

/** A measure with the references to one node turned to another. */
export const repoint = (measure: Measure, old: string, node: string): Pick<Measure, 'from' | 'to'> => ({
  from:
    measure.from.kind === 'node' && measure.from.id === old ? { ...measure.from, id: node } : measure.from,
  to: measure.to.kind === 'node' && measure.to.id === old ? { ...measure.to, id: node } : measure.to,
});
