import { RULE_PACK_VERSION } from '#core/house-rules/house-rules.ts';
import type { RunEvent } from '#core/runs/event.ts';
import type { Piece } from '#core/runs/layout.ts';
import { parseMeasure } from '#core/units/check-measure.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Refusal } from '#words/refusals.ts';
import { bench } from '../store/bench.svelte.ts';
import { getNow } from '../store/get-now.ts';
import { newId } from '../store/new-id.ts';
import type { RunStore } from '../store/run-store.svelte.ts';

/**
 * Makes the record of a piece as it was cut: what was asked then, what the tape says now, and who says so. A piece
 * already recorded gets a correction; the first record stays. Nothing typed withdraws it.
 */
export function makeAsCutEvent(store: RunStore, piece: Piece, typed: string): Result<RunEvent, Refusal> {
  const people = store.details?.people ?? [];
  if (people.length > 0 && !people.some(({ name }) => name === bench.name)) {
    return refuse({ code: 'nobody-at-the-bench' });
  }
  const withdraws = typed.trim() === '' && piece.asCut !== null;
  const measured = withdraws ? null : parseMeasure(typed, store.details?.units ?? 'in');
  if (measured && !measured.ok) return measured;
  if (!piece.cut) return refuse({ code: 'piece-unknown', piece: piece.mark });
  return accept({
    id: newId(),
    kind: piece.asCut ? 'correction' : 'as-cut',
    subject: piece.id,
    runRevision: store.revision,
    asked: {
      mark: piece.mark,
      size: piece.size,
      exact: piece.cut.exact,
      onTape: piece.cut.onTape.length,
      catalogueVersion: store.doc?.catalogueVersion ?? '',
      rulePackVersion: RULE_PACK_VERSION,
    },
    said: { length: measured ? measured.value.length : null, typed: typed.trim() },
    instrument: 'tape',
    simulated: false,
    by: bench.signature,
    atDevice: getNow(),
    atServer: null,
    corrects: piece.asCut?.event ?? null,
  });
}
