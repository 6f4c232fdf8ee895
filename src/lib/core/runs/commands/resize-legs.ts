import type { Material } from '../../catalogue/pipe.ts';
import type { NominalSize } from '../../ends/size.ts';
import type { PlannedChange } from '../change.ts';
import type { RunDoc } from '../run.ts';
import { setOp } from './make-op.ts';

/**
 * Plans a nominal size or a material for one leg, or for every leg of the run (`legs` null). Legs that are so already are
 * left.
 */
export function planResizeLegs(
  doc: RunDoc,
  legs: string | null,
  to: { readonly size: NominalSize } | { readonly material: Material },
): PlannedChange {
  const chosen = Object.values(doc.legs).filter(({ id }) => legs === null || id === legs);
  const ops = chosen.flatMap((leg) => {
    if ('size' in to) return leg.size === to.size ? [] : [setOp('legs', leg, 'size', to.size)];
    return leg.material === to.material ? [] : [setOp('legs', leg, 'material', to.material)];
  });
  const tag = legs === null ? null : (chosen[0]?.tag ?? null);
  return { label: { command: 'resize-legs', leg: tag, turn: null }, ops };
}
