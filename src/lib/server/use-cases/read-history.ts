import type { WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { listChangesBefore } from '../repositories/changes.ts';
import { findRunHead } from '../repositories/runs.ts';
import type { JsonText } from '../work/json-text.ts';

/** What a page of the history holds at most; the bytes as they are kept, packed. */
const PAGE = { changes: 200, bytes: 128 * 1024 } as const;

/** A page of the changes of a run with their operations, the oldest first: the newest, or those before a revision. The text of a list of `ChangeInFile`. */
export const readHistory = (
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
  before: number | null = null,
): Promise<Result<JsonText, WireRefusal>> =>
  db.transaction(async (tx): Promise<Result<JsonText, WireRefusal>> => {
    const head = await findRunHead(tx, crew, job, run);
    if (!head) return refuse({ code: 'run-unknown', run });
    return accept(await listChangesBefore(tx, crew, run, before ?? head.revision + 1, PAGE));
  }, 'snapshot');
