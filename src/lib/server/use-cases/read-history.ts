import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { listChangesWithOps } from '../repositories/changes.ts';
import { findRunHead } from '../repositories/runs.ts';
import type { JsonText } from '../work/json-text.ts';

/** Every change of a run with its operations, the oldest first: the text of a list of `ChangeInFile`. */
export const readHistory = (
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
): Promise<Result<JsonText, WireRefusal>> =>
  db.use(async (on) =>
    (await findRunHead(on, crew, job, run))
      ? accept(await listChangesWithOps(on, crew, run))
      : refuse({ code: 'run-unknown', run }),
  );
