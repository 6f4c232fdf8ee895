import type { NominalSize } from '../../catalogue/size.ts';
import type { PlannedChange } from '../change.ts';
import type { RunDoc } from '../run.ts';

/** Plans a nominal size for one leg, or for every leg of the run (`legs` null). Legs already of that size are left. */
export function planResizeLegs(doc: RunDoc, legs: string | null, size: NominalSize): PlannedChange {
  const chosen = Object.values(doc.legs).filter(
    (leg) => (legs === null || leg.id === legs) && leg.size !== size,
  );
  const ops = chosen.map(
    (leg) => ({ op: 'set', in: 'legs', id: leg.id, field: 'size', old: leg.size, value: size }) as const,
  );
  const tag = legs === null ? null : (chosen[0]?.tag ?? null);
  return { label: { command: 'resize-legs', leg: tag, turn: null }, ops };
}
