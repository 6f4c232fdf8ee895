import { drawThumbnail } from '#core/drawing';
import type { StandingAnswer, WireRefusal } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import { getStanding } from '#core/checks';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { layOutKeptRun } from './lay-out-kept-run.ts';

/** How far a run has come as the server holds it, and its line in small. */
export async function readStanding(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
): Promise<Result<StandingAnswer, WireRefusal>> {
  const laid = await layOutKeptRun(db, actor, job, run);
  if (!laid.ok) return laid;
  const { layout, findings, run: heading } = laid.value;
  return accept({
    revision: heading.revision,
    standing: getStanding(layout, findings),
    thumbnail: drawThumbnail(layout),
  });
}
