import { RULE_PACK_VERSION } from '#core/house-rules';
import type { RunEvent, Said } from '#core/runs/changes';
import type { Piece } from '#core/runs/pieces';
import { parseMeasure } from '#core/units';
import { accept, refuse, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { bench } from '../../store/bench.svelte.ts';
import { getNow } from '../../store/get-now.ts';
import { newId } from '../../store/new-id.ts';
import type { RunStore } from '../../store/run-store.svelte.ts';

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
      exact: piece.cut.whole,
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
  const before = piece.asCut?.event ?? null;
  if (before !== null && typed.trim() === '')
    return makeEvent(store, piece, {
      kind: 'correction',
      said: { length: null, typed: '' },
      corrects: before,
    });
  const measured = parseMeasure(typed, store.details?.units ?? 'in');
  if (!measured.ok) return measured;
  const said = { length: measured.value.length, typed: typed.trim() };
  return makeEvent(
    store,
    piece,
    before === null
      ? { kind: 'as-cut', said, corrects: null }
      : { kind: 'correction', said, corrects: before },
  );
}

/** Makes the record that a piece was made as asked; of one ticked off already, that it was not. */
export const makeTickEvent = (store: RunStore, piece: Piece): Result<RunEvent, Refusal> => {
  const said = { length: null, typed: '' };
  return makeEvent(
    store,
    piece,
    piece.ticked
      ? { kind: 'correction', said, corrects: piece.ticked.event }
      : { kind: 'ticked', said, corrects: null },
  );
};
