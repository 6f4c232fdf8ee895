import { FIRST_CREW } from '#server/actor.ts';
import { connect } from '#server/db/database.ts';
import { importJobs } from '#server/use-cases/import-jobs.ts';
import { readHistory } from '#server/use-cases/read-history.ts';
import { readJobs } from '#server/use-cases/read-jobs.ts';
import { readStanding } from '#server/use-cases/read-standing.ts';
import { readJobAnswer, readRunAnswer } from '../../src/lib/ui/store/read-answers.ts';
import { readSpecimensAnswer } from '../../src/lib/ui/store/read-specimens.ts';
import { readSpecimens } from '#server/use-cases/read-specimens.ts';
import { makeTestDatabase } from './test-database.ts';
import { exportOne, makeCrew, openRunAnswer } from './use-cases.ts';

const ACTOR = { crew: FIRST_CREW };
type Told = { readonly ok: true } | { readonly ok: false; readonly refusal: { readonly code: string } };

/**
 * Holds what a database has come to hold against what a server owes it: every job and run is read, by the device too, is laid out, has its history,
 * goes out as a file, comes into an empty database, and goes out of that the same. Gives what did not, a line each, and how many runs were held.
 */
export async function readBack(url: string): Promise<{ runs: number; faults: string[] }> {
  const faults: string[] = [];
  let runs = 0;
  const [from, fresh] = [connect(url, 2), await makeTestDatabase()];
  const to = connect(fresh.url, 2);
  /** Tries one thing of one job or run. */
  const hold = async (what: string, ask: () => Promise<Told> | Told): Promise<void> => {
    try {
      const told = await ask();
      if (!told.ok) faults.push(`${what}: ${told.refusal.code}`);
    } catch (error) {
      faults.push(`${what}: ${String(error)}`);
    }
  };
  try {
    await makeCrew(to.db, ACTOR.crew);
    for (let after: string | null = null; ;) {
      const page: Awaited<ReturnType<typeof readJobs>> = await readJobs(from.db, ACTOR, after);
      if (!page.ok) throw new Error(page.refusal.code);
      for (const job of page.value.jobs) {
        await hold(`job ${job.id}`, () => readJobAnswer(JSON.parse(JSON.stringify(job))));
        await hold(`specimens of ${job.id}`, async () => {
          const read = await readSpecimens(from.db, ACTOR, job.id);
          return read.ok ? readSpecimensAnswer(JSON.parse(JSON.stringify(read.value))) : read;
        });
        for (const { id } of job.runs) {
          runs++;
          await hold(`standing of ${id}`, () => readStanding(from.db, ACTOR, job.id, id));
          await hold(`history of ${id}`, () => readHistory(from.db, ACTOR, job.id, id));
          await hold(`run ${id}`, async () => {
            const read = await openRunAnswer(from.db, ACTOR, job.id, id);
            return read.ok ? readRunAnswer(JSON.parse(JSON.stringify(read.value))) : read;
          });
        }
        await hold(`file of ${job.id}`, async () => {
          const out = await exportOne(from.db, ACTOR, job.id);
          if (!out.ok) return out;
          const came = await importJobs(to.db, ACTOR, JSON.stringify(out.value));
          if (!came.ok) return came;
          const again = await exportOne(to.db, ACTOR, job.id);
          if (!again.ok) return again;
          const isSame = JSON.stringify(again.value) === JSON.stringify(out.value);
          return isSame ? came : { ok: false, refusal: { code: 'comes back otherwise' } };
        });
      }
      after = page.value.next;
      if (after === null) return { runs, faults };
    }
  } finally {
    await Promise.all([from.close(), to.close()]);
    await fresh.drop();
  }
}
