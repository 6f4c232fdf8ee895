import { carryRecords, isObject } from './step.ts';

function widenMeasure(measure: unknown): unknown {
  if (!isObject(measure) || 'along' in measure) return measure;
  const widenRef = (ref: unknown): unknown => {
    if (!isObject(ref) || !('node' in ref)) return ref;
    const { node, ...rest } = ref;
    return { ...rest, id: node, gap: 0 };
  };
  return { ...measure, from: widenRef(measure['from']), to: widenRef(measure['to']), along: null };
}

/** Measures name any two references; offsets, parts in a leg, own parts. Older measures are centre to centre. */
export const to3 = carryRecords({ measures: widenMeasure });
