import { accept, refuse, type Result } from '#core/outcome';
import { isCorrugated } from '#core/permissions';
import type { PlannedChange } from '#core/runs/changes';
import { findLeg, type Fished, type RunDoc } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { sayOf } from './make-op.ts';

export type FishedRefusal =
  | UnknownLeg
  /** Only corrugated tubing is fished. */
  | { readonly code: 'fished-not-tubing'; readonly mark: string }
  /** The maker's own text, or the reason, is missing. */
  | { readonly code: 'fished-without-text'; readonly missing: 'text' | 'reason' };

/**
 * Plans that a leg was fished through what is closed and is held by nothing: only corrugated tubing, and only as its maker's own text has it,
 * with the reason. Null takes it back.
 */
export function planSayFished(
  doc: RunDoc,
  leg: string,
  fished: Omit<Fished, 'id'> | null,
): Result<PlannedChange, FishedRefusal> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  if (fished && !isCorrugated(found.material))
    return refuse({ code: 'fished-not-tubing', mark: String(found.tag) });
  const missing = fished && (['text', 'reason'] as const).find((field) => fished[field].trim() === '');
  if (missing) return refuse({ code: 'fished-without-text', missing });
  const said = fished && { text: fished.text.trim(), reason: fished.reason.trim() };
  return accept({
    label: { command: 'say-fished', leg: found.tag, turn: null },
    ops: sayOf(doc, 'fished', leg, said),
  });
}
