import { applyOps, type Change, type PlannedChange, type RunEvent } from '#core/runs/changes';
import { readRunDoc, type KeptChange, type RunAnswer } from '#core/formats';
import type { Job } from '#core/jobs';
import type { RunDoc } from '#core/runs/document';

type Random = () => number;

const AT = '2026-01-01T08:00:00.000Z';

/**
 * One run on a server that keeps the rules of the real one (base revision, the same change once, records only added),
 * behind a network that is slow in both directions by a random while and can be away. Answers may overtake each other.
 */
export class ServerInMemory {
  readonly job: Job;
  doc: RunDoc;
  revision = 0;
  events: RunEvent[] = [];
  changes: (KeptChange & { readonly ops: Change['ops'] })[] = [];
  /** No request arrives, and no answer. */
  isAway = false;
  /** What is said to whatever is sent, in place of taking it; null while it is taken. */
  refusal: object | null = null;
  /** Requests that ever arrived here or were lost on the way. */
  requests = 0;
  /** Answers asked for and not yet given. */
  pending = 0;
  readonly #run: string;
  readonly #random: Random;

  constructor(job: Job, doc: RunDoc, run: string, random: Random) {
    this.job = job;
    this.doc = doc;
    this.#run = run;
    this.#random = random;
  }

  /** In place of the browser's fetch. */
  fetch = async (path: string, init: { method?: string; body?: unknown } = {}): Promise<Response> => {
    this.pending++;
    this.requests++;
    try {
      await this.#travel();
      const answer = this.#answer(path, init.method ?? 'GET', init.body);
      await this.#travel();
      return Response.json(answer);
    } finally {
      this.pending--;
    }
  };

  /** A change made on another device. */
  changeElsewhere(planned: PlannedChange, id: string): void {
    const made = { id, base: this.revision, by: 'Elsewhere', at: AT, ...planned };
    const answer = this.#takeChange(made);
    if ('refusal' in answer)
      throw new Error(`a change made elsewhere was refused: ${JSON.stringify(answer)}`);
  }

  async #travel(): Promise<void> {
    for (let ticks = Math.floor(this.#random() ** 2 * 40); ticks > 0; ticks--) await rest();
    if (this.isAway) throw new TypeError('fetch failed');
  }

  #answer(path: string, method: string, body: unknown): unknown {
    const read: unknown = typeof body === 'string' ? JSON.parse(body) : null;
    if (method === 'GET') return { value: this.#readRun() };
    if (this.refusal) return { refusal: this.refusal };
    if (path.endsWith('/changes')) return this.#takeChange(read as Change);
    if (path.endsWith('/events')) return this.#takeEvent(read as RunEvent);
    throw new Error(`no such address: ${method} ${path}`);
  }

  #readRun(): RunAnswer {
    const { job, doc, revision, events } = this;
    return structuredClone({ job, run: { id: this.#run, name: 'Run', revision }, doc, events });
  }

  #takeChange(change: Change): { value: unknown } | { refusal: unknown } {
    const kept = this.changes.find(({ id }) => id === change.id);
    if (kept) return { value: { revision: kept.revision, atServer: AT } };
    if (change.base !== this.revision) {
      const since = this.changes
        .filter(({ revision }) => revision > change.base)
        .map(({ id, base, by, at, label, revision, atServer }) => ({
          id,
          base,
          by,
          at,
          label,
          revision,
          atServer,
        }));
      return { refusal: { code: 'change-stale', base: change.base, revision: this.revision, since } };
    }
    const applied = applyOps(this.doc, change.ops);
    if (!applied.ok) return { refusal: applied.refusal };
    const read = readRunDoc(applied.value);
    if (!read.ok) return { refusal: read.refusal };
    this.doc = read.value;
    this.revision++;
    this.changes.push({ ...change, revision: this.revision, atServer: AT });
    return { value: { revision: this.revision, atServer: AT } };
  }

  #takeEvent(event: RunEvent): { value: unknown } {
    if (!this.events.some(({ id }) => id === event.id)) this.events.push({ ...event, atServer: AT });
    return { value: { atServer: AT } };
  }
}

/** One turn of the loop: what waits for the device's database or the network goes on by a step. */
export const rest = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
