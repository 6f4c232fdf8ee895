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

type Said = Pick<RunEvent, 'kind' | 'said' | 'corrects'>;

/** Makes a record of a piece: what was asked then, what is said now, and who says so. Nobody at the bench is refused. */
function makeEvent(store: RunStore, piece: Piece, said: Said): Result<RunEvent, Refusal> {
  if (store.finish) return refuse({ code: 'job-finished', by: store.finish.by, at: store.finish.at });
  const people = store.details?.people ?? [];
  if (people.length > 0 && !people.some(({ name }) => name === bench.name)) {
    return refuse({ code: 'nobody-at-the-bench' });
  }
  if (!piece.cut) return refuse({ code: 'piece-unknown', piece: piece.mark });
  return accept({
    id: newId(),
    ...said,
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
    instrument: 'tape',
    simulated: false,
    by: bench.signature,
    atDevice: getNow(),
    atServer: null,
  });
}

/**
 * Makes the record of a piece as it was cut. A piece already recorded gets a correction; the first record stays. Nothing
 * typed withdraws it.
 */
export function makeAsCutEvent(store: RunStore, piece: Piece, typed: string): Result<RunEvent, Refusal> {
  const withdraws = typed.trim() === '' && piece.asCut !== null;
  const measured = withdraws ? null : parseMeasure(typed, store.details?.units ?? 'in');
  if (measured && !measured.ok) return measured;
  return makeEvent(store, piece, {
    kind: piece.asCut ? 'correction' : 'as-cut',
    said: { length: measured ? measured.value.length : null, typed: typed.trim() },
    corrects: piece.asCut?.event ?? null,
  });
}

/** Makes the record that a piece was made as asked; of one ticked off already, that it was not. */
export const makeTickEvent = (store: RunStore, piece: Piece): Result<RunEvent, Refusal> =>
  makeEvent(store, piece, {
    kind: piece.ticked ? 'correction' : 'ticked',
    said: { length: null, typed: '' },
    corrects: piece.ticked?.event ?? null,
  });
