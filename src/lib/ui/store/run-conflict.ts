import type { RunAnswer } from '#core/formats';
import type { Change, ChangeLabel } from '#core/runs/changes';
import type { Refusal } from '#words/refusals.ts';
import { applyWaiting } from './arrange-waiting.ts';
import type { WaitingEntry } from './device-database.ts';
import { getChanges } from './outbox.ts';

/** Two histories of one run: what waits here, and what the server has instead. */
export interface Conflict {
  readonly server: RunAnswer;
  readonly since: readonly { readonly label: ChangeLabel; readonly by: string; readonly at: string }[];
  /** How many came before those that are told. */
  readonly earlier: number;
  readonly mine: readonly Change[];
  /** Whether every waiting change still fits the server's run. */
  readonly fits: boolean;
}

/** The conflict in which a change was refused: the run as the server has it against what waits here. */
export function makeConflict(
  server: RunAnswer,
  refusal: Refusal,
  waiting: readonly WaitingEntry[],
): Conflict {
  const mine = getChanges(waiting);
  const since = refusal.code === 'change-stale' ? refusal.since : [];
  const earlier =
    refusal.code === 'change-stale' ? Math.max(0, refusal.revision - refusal.base - since.length) : 0;
  return { server, since, earlier, mine, fits: applyWaiting(server.doc, mine).fits };
}

/** A conflict is over when another window settled it: then what clashed no longer waits as it was. */
export const isOver = ({ mine }: Conflict, waiting: readonly WaitingEntry[]): boolean =>
  !mine.some(({ id, base }) =>
    getChanges(waiting).some((change) => change.id === id && change.base === base),
  );
