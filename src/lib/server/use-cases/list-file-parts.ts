import { cutIntoParts, type FilePart, type WeighedJob } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { weighJobs } from '../repositories/weigh-jobs.ts';

/** Jobs that are weighed at a time. */
const PAGE = 2000;

/** The files in which all jobs of the crew go out, the oldest first: each can be brought in again. */
export const listFileParts = (db: Database, { crew }: Actor): Promise<Result<FilePart[], never>> =>
  db.transaction(async (tx) => {
    const jobs: WeighedJob[] = [];
    for (;;) {
      const page = await weighJobs(tx, crew, PAGE, jobs.at(-1)?.id ?? null);
      jobs.push(...page);
      if (page.length < PAGE) return accept(cutIntoParts(jobs));
    }
  }, 'snapshot');
