import type { Material } from '../../catalogue/pipe.ts';
import type { LegSize } from '../../ends/size.ts';
import type { PlannedChange } from '../change.ts';
import type { RunDoc } from '../run.ts';
import { getLegs } from '../legs.ts';
import { partLeg, setOp } from './make-op.ts';

/**
 * Plans a nominal size or a material for one leg, or for every leg of the run (`legs` null). Legs that are so already are
 * left.
 */
export function planResizeLegs(
  doc: RunDoc,
  legs: string | null,
  to: { readonly size: LegSize } | { readonly material: Material },
): PlannedChange {
  const chosen = [...getLegs(doc).values()].filter(({ id }) => legs === null || id === legs);
  const ops = chosen.flatMap((leg) => {
    const { spec } = partLeg(leg);
    if ('size' in to) return spec.size === to.size ? [] : [setOp('specs', spec, 'size', to.size)];
    return spec.material === to.material ? [] : [setOp('specs', spec, 'material', to.material)];
  });
  const tag = legs === null ? null : (chosen[0]?.tag ?? null);
  return { label: { command: 'resize-legs', leg: tag, turn: null }, ops };
}
