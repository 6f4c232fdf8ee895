import { Agent, request as httpRequest } from 'node:http';
import { damage } from './damage.ts';
import { makeNodeChange } from './disturbed-writers.ts';

type Random = () => number;

export interface FuzzTally {
  readonly sent: number;
  /** Status → how many. */
  readonly statuses: Readonly<Record<string, number>>;
  readonly slowest: number;
  readonly faults: readonly string[];
}

const HOSTILE_IDS = [
  '%00', 'a%00bcdefgh', '%2f', '..%2f..', '%ff', '%C3', '__proto__', 'constructor', '%F0%9F%98%80', 'A'.repeat(300),
  '-1', '0', 'null', 'undefined', "'%3Bdrop", 'abcdefgh', '%20', '%0d%0aset-cookie:x', '.', '[]', '{}',
]; // prettier-ignore
const HOSTILE_VALUES: readonly unknown[] = [
  '\u0000', 'a\u0000b', '\ud800', 'x\udfff', '2026-99-99T08:00:00.000Z', '0000-01-01T00:00:00.000Z', '+010000-01-01T00:00:00.000Z',
  2 ** 31, -1, 1e308, -0, 1.5, '', ' ', null, [], {}, true, '__proto__', 'a'.repeat(5000), [[[[[]]]]], { toString: 1 }, '😀', '\u202e', 'NaN',
]; // prettier-ignore

interface Ask {
  readonly method: string;
  readonly path: string;
  readonly body: string | null;
}

/** Requests like ours with something wrong in them, or not, by a seed. */
export class HttpFuzz {
  readonly #random: Random;
  #job = '';
  #run = '';
  #made = 0;

  constructor(random: Random) {
    this.#random = random;
  }

  /** From now on they go to this run of this job. */
  aimAt(job: string, run: string): void {
    [this.#job, this.#run] = [job, run];
  }

  #pick = <Value>(values: readonly Value[]): Value => values[Math.floor(this.#random() * values.length)]!;

  next(): Ask {
    const { method, path, body } = this.#pick(this.#sound());
    return {
      method:
        this.#random() < 0.05
          ? this.#pick(['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'HEAD', 'OPTIONS'])
          : method,
      path: this.#random() < 0.3 ? this.#spoilPath(path) : path,
      body: body === null ? null : this.#spoilBody(body),
    };
  }

  #sound(): { method: string; path: string; body: unknown }[] {
    const [job, run] = [this.#job, this.#run];
    const id = `fuzzed${String(this.#made++).padStart(8, '0')}`;
    const at = '2026-01-01T08:00:00.000Z';
    const details = { name: 'Fuzz', place: '', units: 'in', gas: 'natural', jurisdiction: 'us-model', edition: '', people: ['Ada'] }; // prettier-ignore
    const reading = {
      id: 'reading0001',
      observation: { kind: 'gender', value: 'male' },
      instrument: null,
      simulated: false,
    };
    const of = `/api/jobs/${job}`;
    return [
      { method: 'GET', path: '/api/jobs', body: null },
      { method: 'GET', path: `/api/jobs?after=${job}`, body: null },
      { method: 'POST', path: '/api/jobs', body: { id, ...details } },
      { method: 'GET', path: of, body: null },
      { method: 'PUT', path: of, body: { was: details, wanted: { ...details, place: id } } },
      { method: 'PUT', path: `${of}/rules`, body: { was: {}, wanted: { 'leak-fluid': { option: 'soap' } } } },
      { method: 'PUT', path: '/api/rules', body: { was: {}, wanted: {} } },
      { method: 'GET', path: '/api/rules', body: null },
      {
        method: 'PUT',
        path: '/api/parts',
        body: [
          {
            was: null,
            wanted: {
              id,
              name: `Part ${id}`,
              kind: 'nipple',
              material: 'black-steel',
              ends: [],
              length: null,
              price: null,
              note: '',
              retired: false,
            },
          },
        ],
      },
      { method: 'GET', path: '/api/parts', body: null },
      { method: 'POST', path: `${of}/runs`, body: { id, name: 'Run' } },
      { method: 'GET', path: `${of}/runs/${run}`, body: null },
      { method: 'GET', path: `${of}/runs/${run}/changes`, body: null },
      {
        method: 'POST',
        path: `${of}/runs/${run}/changes`,
        body: makeNodeChange(id, `n${id}`, Math.floor(this.#random() * 4)),
      },
      {
        method: 'POST',
        path: `${of}/runs/${run}/events`,
        body: {
          id,
          kind: 'ticked',
          subject: 'n1234567:l1234567~n7654321:l1234567',
          runRevision: 0,
          asked: { mark: '1', size: '3/4', exact: 1, onTape: 1, catalogueVersion: '1', rulePackVersion: '1' },
          said: { length: null, typed: '' },
          instrument: 'tape',
          simulated: false,
          by: 'A',
          atDevice: at,
          atServer: null,
          corrects: null,
        },
      },
      {
        method: 'POST',
        path: `${of}/specimens`,
        body: { id, name: 'S', note: '', readings: [reading], by: 'A', at },
      },
      { method: 'GET', path: `${of}/specimens`, body: null },
      {
        method: 'POST',
        path: `${of}/milestones`,
        body: { id, kind: this.#pick(['finished', 'reopened']), by: 'A', reason: 'because of it', at },
      },
      { method: 'GET', path: `${of}/runs/${run}/pdf/${this.#pick(['a4', 'letter', 'a5'])}`, body: null },
      { method: 'GET', path: `${of}/file`, body: null },
      { method: 'GET', path: `/api/file?first=${job}&last=${job}&part=2026-1`, body: null },
      { method: 'POST', path: '/api/file', body: { porthole: 'job', version: 2, jobs: [] } },
      { method: 'GET', path: '/healthz', body: null },
      { method: 'GET', path: `/jobs/${job}/runs/${run}/lay-out`, body: null },
    ];
  }

  #spoilPath(path: string): string {
    const parts = path.split('/');
    const at = 1 + Math.floor(this.#random() * (parts.length - 1));
    parts[at] = this.#pick(HOSTILE_IDS);
    return parts.join('/');
  }

  #spoilBody(body: unknown): string {
    const dice = this.#random();
    const text = JSON.stringify(body);
    if (dice < 0.3) return text;
    if (dice < 0.5) return damage(text, this.#random);
    return JSON.stringify(this.#spoil(body, 0)) ?? 'null';
  }

  /** One value somewhere in it becomes a hostile one, or a key does. */
  #spoil(value: unknown, depth: number): unknown {
    if (typeof value !== 'object' || value === null || (depth > 0 && this.#random() < 0.2))
      return this.#pick(HOSTILE_VALUES);
    const entries = Object.entries(value);
    if (entries.length === 0) return this.#pick(HOSTILE_VALUES);
    const at = Math.floor(this.#random() * entries.length);
    const spoilt = entries.map(([key, each], i): [string, unknown] => {
      if (i !== at) return [key, each];
      return this.#random() < 0.1
        ? [this.#pick(['\u0000', '\ud800', '__proto__', 'x']), each]
        : [key, this.#spoil(each, depth + 1)];
    });
    return Array.isArray(value) ? spoilt.map(([, each]) => each) : Object.fromEntries(spoilt);
  }
}

/** Sends so many of them, a few at a time: no 500, none unanswered, none over `longest` ms that does not say why. Paths go out as they are. */
export async function fuzzHttp(
  port: number,
  fuzz: HttpFuzz,
  count: number,
  atATime: number,
  longest = Infinity,
): Promise<FuzzTally> {
  const agent = new Agent({ keepAlive: true, maxSockets: atATime });
  const statuses: Record<string, number> = {};
  const faults: string[] = [];
  let [sent, slowest] = [0, 0];
  /** A server may close a connection that idles just when it is used again: then it is asked once more, as clients do. */
  const send = async (ask: Ask): Promise<number> => {
    const status = await sendOnce(ask);
    if (status !== 'closed') return status;
    const again = await sendOnce(ask);
    return again === 'closed' ? -1 : again;
  };
  const sendOnce = (ask: Ask): Promise<number | 'closed'> =>
    new Promise((done) => {
      const headers = {
        host: `localhost:${port}`,
        origin: `http://localhost:${port}`,
        'content-type': 'application/json',
      };
      const request = httpRequest(
        { agent, port, host: '127.0.0.1', method: ask.method, path: ask.path, headers, timeout: 30_000 },
        (response) => {
          response.resume();
          response.on('end', () => done(response.statusCode ?? 0));
          response.on('error', () => done(-1));
        },
      );
      request.on('error', (error: NodeJS.ErrnoException) =>
        done(request.reusedSocket && error.code === 'ECONNRESET' ? 'closed' : -1),
      );
      request.on('timeout', () => request.destroy());
      request.end(ask.body ?? undefined);
    });
  const work = async (): Promise<void> => {
    while (sent < count) {
      sent++;
      const ask = fuzz.next();
      const began = performance.now();
      const status = await send(ask);
      const took = performance.now() - began;
      slowest = Math.max(slowest, took);
      statuses[status] = (statuses[status] ?? 0) + 1;
      const says =
        status === 500
          ? '500'
          : status === -1
            ? 'no answer'
            : took > longest && status !== 503
              ? `${Math.round(took)} ms`
              : null;
      if (says)
        faults.push(`${says}: ${ask.method} ${ask.path.slice(0, 120)} ${ask.body?.slice(0, 200) ?? ''}`);
    }
  };
  await Promise.all(Array.from({ length: atATime }, work));
  agent.destroy();
  return { sent, statuses, slowest, faults };
}
