import { performance } from 'node:perf_hooks';
import pg from 'pg';
import { standardCatalogue } from '#core/catalogue';
import { newRun } from '#core/runs/document';
import { connect } from '#server/db/database.ts';
import { prepareDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { exportJobs } from '#server/use-cases/export-jobs.ts';
import { readJob, readJobs } from '#server/use-cases/read-jobs.ts';
import { readRunText } from '#server/use-cases/read-run.ts';
import { toChangeText } from '#server/work/read-change.ts';
import { makeNodeChange } from '#support/disturbed-writers.ts';
import { median, percentile, serve, type Served } from './support/served.ts';

/**
 * One job costs one job: the same questions among 100 jobs and among 100,000. Buffers that PostgreSQL touched, by what it says of
 * each statement; medians over HTTP, asked by turns; memory after many requests; the export's time by jobs; fifty at once.
 */
const CLUSTER = process.env['PORTHOLE_TEST_CLUSTER'] ?? '';
const SIZES = [100, 100_000] as const;
const ACTOR = { crew: 'crewfirst' };
const missed: string[] = [];

const want = (is: boolean, what: string): string => {
  if (!is) missed.push(what);
  return is ? '' : '  MISSED';
};

async function fill(jobs: number): Promise<string> {
  const url = new URL(CLUSTER);
  url.pathname = '/postgres';
  const admin = new pg.Client({ connectionString: url.href });
  await admin.connect();
  await admin.query(`create database scale_${jobs}`);
  await admin.end();
  url.pathname = `/scale_${jobs}`;
  await prepareDatabase(url.href, 'drizzle');
  const client = new pg.Client({ connectionString: url.href });
  await client.connect();
  const doc = JSON.stringify(newRun('somerun0000', standardCatalogue.version, {}));
  const each = `from generate_series(1, ${jobs}) as i`;
  const job = `'job' || lpad(i::text, 9, '0')`;
  const run = `'run' || lpad(i::text, 9, '0')`;
  for (const statement of [
    `insert into people (crew, id, name) select 'crewfirst', 'person' || lpad(i::text, 6, '0'), 'Person ' || i from generate_series(1, ${Math.min(2000, jobs)}) as i`,
    `insert into jobs (crew, id, name, place, units, gas, jurisdiction, edition, rule_choices, created_at) select 'crewfirst', ${job}, 'Job ' || i, 'Somewhere', 'in', 'natural', 'us-model', '', '{}', timestamptz '2026-01-01' + i * interval '1 second' ${each}`,
    `insert into job_people (crew, job, person) select 'crewfirst', ${job}, 'person' || lpad((1 + (i * 7) % ${Math.min(2000, jobs)})::text, 6, '0') ${each}`,
    `insert into runs (crew, id, job, name, doc, revision) select 'crewfirst', ${run}, ${job}, 'Run ' || i, jsonb_set('${doc}'::jsonb, '{id}', to_jsonb(${run})), 0 ${each}`,
    `insert into milestones (crew, id, job, milestone) select 'crewfirst', 'done' || lpad(i::text, 9, '0'), ${job}, jsonb_build_object('id', 'done' || lpad(i::text, 9, '0'), 'kind', 'finished', 'by', 'A', 'reason', '', 'at', '2026-01-01T08:00:00.000Z', 'written', '{"app":"0","catalogue":"1","rulePack":"1"}'::jsonb) ${each} where i % 5 = 1`,
    'vacuum analyze',
  ])
    await client.query(statement);
  await client.end();
  return url.href;
}

/** A job in the middle of them, not finished. */
const middle = (jobs: number): string => String(Math.floor(jobs / 2)).padStart(9, '0');

/** Buffers touched by a piece of work, as PostgreSQL explains each of its statements. */
async function countBuffers(
  url: string,
  work: (db: ReturnType<typeof connect>['db']) => Promise<unknown>,
  settings = '',
): Promise<number> {
  const explained = new URL(url);
  explained.searchParams.set(
    'options',
    '-c session_preload_libraries=auto_explain -c auto_explain.log_min_duration=0 -c auto_explain.log_analyze=on -c auto_explain.log_buffers=on -c auto_explain.log_format=json -c auto_explain.log_level=notice -c auto_explain.log_nested_statements=off' +
      settings,
  );
  const { db, pool, close } = connect(explained.href, 1);
  let buffers = 0;
  pool.on('connect', (client) => {
    client.on('notice', ({ message }) => {
      const plan = /"Plan": \{[\s\S]*?"Shared Hit Blocks": (\d+),\s+"Shared Read Blocks": (\d+)/.exec(
        message ?? '',
      );
      if (plan) buffers += Number(plan[1]) + Number(plan[2]);
    });
  });
  await work(db);
  buffers = 0;
  await work(db);
  await close();
  return buffers;
}

let made = 0;
const urls = new Map<number, string>();
for (const jobs of SIZES) urls.set(jobs, await fill(jobs));
console.log(`scale: ${SIZES.join(' and ')} jobs, each with a run and people, one in five finished`);

const WORKS = {
  'list page': (db: ReturnType<typeof connect>['db']) => readJobs(db, ACTOR),
  'a later page': (db: ReturnType<typeof connect>['db'], jobs: number) =>
    readJobs(db, ACTOR, `job${middle(jobs)}`),
  'one job': (db: ReturnType<typeof connect>['db'], jobs: number) => readJob(db, ACTOR, `job${middle(jobs)}`),
  run: (db: ReturnType<typeof connect>['db'], jobs: number) =>
    readRunText(db, ACTOR, `job${middle(jobs)}`, `run${middle(jobs)}`),
};
for (const [what, work] of Object.entries(WORKS)) {
  const few = await countBuffers(urls.get(100)!, (db) => work(db, 100));
  // A hundred jobs lie on two pages, which are read whole; the same way of asking tells what a job costs among how many.
  const likewise = await countBuffers(urls.get(100)!, (db) => work(db, 100), ' -c enable_seqscan=off');
  const many = await countBuffers(urls.get(100_000)!, (db) => work(db, 100_000));
  const isGood = many <= Math.max(few, likewise) * 1.5;
  console.log(
    `scale: buffers, ${what}: ${few} (by indexes ${likewise}) and ${many}, × ${(many / few).toFixed(2)} (by indexes × ${(many / likewise).toFixed(2)}, 1.5 wanted)${want(isGood, `buffers ${what}`)}`,
  );
}
{
  const counts: number[] = [];
  for (const jobs of SIZES) {
    let base = 0;
    counts.push(
      await countBuffers(urls.get(jobs)!, async (db) => {
        const change = makeNodeChange(`scalechange${jobs}x${base}`, `scalenode${base}`, base);
        const kept = await acceptChange(
          db,
          ACTOR,
          `job${middle(jobs)}`,
          `run${middle(jobs)}`,
          toChangeText(change),
        );
        if (!kept.ok) throw new Error(kept.refusal.code);
        base++;
      }),
    );
  }
  console.log(
    `scale: buffers, a change: ${counts.join(' and ')}, × ${(counts[1]! / counts[0]!).toFixed(2)} (1.5 wanted)${want(counts[1]! <= counts[0]! * 1.5, 'buffers change')}`,
  );
}

const servers = new Map<number, Served>();
for (const jobs of SIZES) servers.set(jobs, await serve(urls.get(jobs)!));
try {
  const requests = {
    'list page': () => ['/api/jobs', undefined],
    'one job': (jobs: number) => [`/api/jobs/job${middle(jobs)}`, undefined],
    run: (jobs: number) => [`/api/jobs/job${middle(jobs)}/runs/run${middle(jobs)}`, undefined],
    change: (jobs: number) => {
      const base = 2 + Math.floor(made++ / 2);
      const change = makeNodeChange(`timedchange${jobs}x${base}`, `timednode${base}`, base);
      return [
        `/api/jobs/job${middle(jobs)}/runs/run${middle(jobs)}/changes`,
        { method: 'POST', body: JSON.stringify(change) },
      ];
    },
  } as Record<string, (jobs: number) => [string, RequestInit | undefined]>;
  for (const [what, make] of Object.entries(requests)) {
    const times = new Map<number, number[]>(SIZES.map((jobs) => [jobs, []]));
    for (let round = 0; round < 120; round++) {
      for (const jobs of SIZES) {
        const [path, init] = make(jobs);
        const began = performance.now();
        const response = await servers.get(jobs)!.ask(path, init);
        await response.arrayBuffer();
        if (!response.ok) throw new Error(`${what}: ${response.status}`);
        if (round >= 20) times.get(jobs)!.push(performance.now() - began);
      }
    }
    const [few, many] = SIZES.map((jobs) => median(times.get(jobs)!)) as [number, number];
    const limit = Math.max(few * 1.3, few + 3);
    console.log(
      `scale: median, ${what}: ${few.toFixed(1)} and ${many.toFixed(1)} ms (${limit.toFixed(1)} wanted)${want(many <= limit, `median ${what}`)}`,
    );
  }

  const server = servers.get(100_000)!;
  const rest = async (): Promise<number> => {
    await new Promise((resolve) => setTimeout(resolve, 1500));
    return (await server.look()).rss;
  };
  const ask = async (n: number): Promise<void> => {
    for (let i = 0; i < n; i++)
      await (await server.ask(i % 2 ? '/api/jobs' : `/api/jobs/job${middle(100_000)}`)).arrayBuffer();
  };
  await ask(1000);
  const before = await rest();
  await ask(1000);
  const after = await rest();
  console.log(
    `scale: memory after 1,000 and 2,000 requests: ${(before / 1e6).toFixed(0)} and ${(after / 1e6).toFixed(0)} MB, × ${(after / before).toFixed(2)} (1.2 wanted)${want(after <= before * 1.2, 'memory')}`,
  );

  const fifty: number[] = [];
  let errors = 0;
  const until = performance.now() + 30_000;
  await Promise.all(
    Array.from({ length: 50 }, async (_, i) => {
      const paths = [
        '/api/jobs',
        `/api/jobs/job${middle(100_000)}`,
        `/api/jobs/job${String(1000 + i).padStart(9, '0')}/runs/run${String(1000 + i).padStart(9, '0')}`,
      ];
      for (let turn = i; performance.now() < until; turn++) {
        const began = performance.now();
        const response = await server.ask(paths[turn % paths.length]!).catch(() => null);
        await response?.arrayBuffer();
        if (!response?.ok) errors++;
        fifty.push(performance.now() - began);
      }
    }),
  );
  const grown = await rest();
  console.log(
    `scale: 50 connections for 30 s: ${fifty.length} requests, ${errors} errors (0 wanted), median ${median(fifty).toFixed(0)} ms, p99 ${percentile(fifty, 0.99).toFixed(0)} ms, memory × ${(grown / after).toFixed(2)}${want(errors === 0, 'errors under load')}`,
  );
} finally {
  for (const server of servers.values()) await server.close();
}

/** The export of the newest so many of the jobs: a line, not a curve. */
const { db, close } = connect(urls.get(100_000)!, 1, { statement: 60_000, lock: 60_000, work: null });
const points: [number, number][] = [];
let exported = 0;
const began = performance.now();
let pieces = 0;
const range = { first: `job${'1'.padStart(9, '0')}`, last: `job${(100_000).toString().padStart(9, '0')}` };
await exportJobs(db, ACTOR, range, (text) => {
  pieces++;
  exported += text.length;
  for (const at of [500, 2000, 8000]) if (pieces === at + 1) points.push([at, performance.now() - began]);
  // Enough has been seen: the rest of a hundred thousand says nothing more.
  return pieces > 8000 ? Promise.reject(new Error('enough')) : Promise.resolve();
}).catch((error: unknown) => {
  if (String(error) !== 'Error: enough') throw error;
});
await close();
const [first, , last] = points;
const growth = last![1] / first![1] / (last![0] / first![0]);
console.log(
  `scale: export of ${points.map(([jobs, ms]) => `${jobs} jobs ${(ms / 1000).toFixed(1)} s`).join(', ')} (${(exported / 1e6).toFixed(1)} MB), × ${growth.toFixed(2)} of a straight line (1.3 wanted)${want(growth <= 1.3, 'export')}`,
);
if (missed.length > 0) {
  console.log(`scale: missed: ${missed.join(', ')}`);
  process.exitCode = 1;
}
