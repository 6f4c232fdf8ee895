import type { Json } from '#core/outcome';

/** What a writer asks of the server, by whatever way: over HTTP, or of the use cases themselves. */
export interface ServerUnderTest {
  /** Sends the change; `away` when the answer says to try again. Anything else is a fault and is thrown. */
  send(run: string, change: NodeChange): Promise<{ revision: number } | 'away'>;
  /** The run's revision and how many nodes it has. */
  read(run: string): Promise<{ revision: number; nodes: number } | 'away'>;
}

export interface NodeChange {
  readonly id: string;
  readonly base: number;
  readonly by: string;
  readonly at: string;
  readonly label: { readonly command: 'write-run'; readonly leg: null; readonly turn: null };
  readonly ops: readonly [
    { readonly op: 'insert'; readonly in: 'nodes'; readonly id: string; readonly value: Json },
  ];
}

export interface Tally {
  readonly kept: number;
  readonly away: number;
  readonly reads: number;
  /** Milliseconds from a disturbance to the next change kept by the same writer, the longest. */
  readonly longestGap: number;
  readonly faults: readonly string[];
}

/** One node more: as small as a change can be, and it tells its place. */
export const makeNodeChange = (id: string, node: string, base: number): NodeChange => ({
  id,
  base,
  by: 'Ada Quill',
  at: '2026-01-01T08:00:00.000Z',
  label: { command: 'write-run', leg: null, turn: null },
  ops: [{ op: 'insert', in: 'nodes', id: node, value: { id: node, part: { kind: 'auto' }, terminal: null } }],
});

/**
 * Writers that send one change after another, each until it is acknowledged, and readers that look meanwhile: no answer but the
 * right one, or the one that says to try again. Nothing acknowledged is ever lost, doubled or out of its place.
 */
export class DisturbedWriters {
  readonly #server: ServerUnderTest;
  readonly #runs: readonly string[];
  readonly #revisions = new Map<string, number>();
  #stopping = false;
  #kept = 0;
  #away = 0;
  #reads = 0;
  #longestGap = 0;
  #disturbedAt: number | null = null;
  readonly #faults: string[] = [];

  constructor(server: ServerUnderTest, runs: readonly string[]) {
    this.#server = server;
    this.#runs = runs;
    for (const run of runs) this.#revisions.set(run, 0);
  }

  /** Begins; `stop` ends it and gives the tally. */
  start(): { stop: () => Promise<Tally> } {
    const work = Promise.all(this.#runs.flatMap((run) => [this.#write(run), this.#look(run)]));
    return {
      stop: async () => {
        this.#stopping = true;
        await work;
        await Promise.all(this.#runs.map((run) => this.#expectWhole(run)));
        return {
          kept: this.#kept,
          away: this.#away,
          reads: this.#reads,
          longestGap: this.#longestGap,
          faults: this.#faults,
        };
      },
    };
  }

  get kept(): number {
    return this.#kept;
  }

  /** Something was done to the database or the server just now. */
  disturbed(): void {
    this.#disturbedAt = performance.now();
  }

  async #write(run: string): Promise<void> {
    while (!this.#stopping) {
      const base = this.#revisions.get(run)!;
      const change = makeNodeChange(`c${run}n${base}`, `n${run}n${base}`, base);
      const began = performance.now();
      for (;;) {
        const answer = await this.#try(() => this.#server.send(run, change));
        if (answer === null) return;
        if (answer !== 'away') {
          if (answer.revision !== base + 1)
            this.#faults.push(`${run}: revision ${answer.revision} after ${base}`);
          break;
        }
        this.#away++;
        if (performance.now() - began > 30_000) {
          this.#faults.push(`${run}: nothing kept for 30 s`);
          return;
        }
        await new Promise((resolve) => setTimeout(resolve, 40));
      }
      if (this.#disturbedAt !== null && began <= this.#disturbedAt) {
        this.#longestGap = Math.max(this.#longestGap, performance.now() - this.#disturbedAt);
      }
      this.#revisions.set(run, base + 1);
      this.#kept++;
    }
  }

  async #look(run: string): Promise<void> {
    while (!this.#stopping) {
      const known = this.#revisions.get(run)!;
      const answer = await this.#try(() => this.#server.read(run));
      if (answer === null) return;
      this.#reads++;
      if (answer === 'away') continue;
      // What is on its way may be in it already; nothing that was acknowledged may be missing.
      const { revision, nodes } = answer;
      if (revision < known || nodes !== revision)
        this.#faults.push(`${run}: read revision ${revision} with ${nodes} nodes, ${known} acknowledged`);
      await new Promise((resolve) => setTimeout(resolve, 15));
    }
  }

  async #try<Value>(work: () => Promise<Value>): Promise<Value | null> {
    try {
      return await work();
    } catch (error) {
      this.#faults.push(String(error).slice(0, 300));
      return null;
    }
  }

  async #expectWhole(run: string): Promise<void> {
    const expected = this.#revisions.get(run)!;
    for (let tries = 0; tries < 200; tries++) {
      const answer = await this.#try(() => this.#server.read(run));
      if (answer === 'away') {
        await new Promise((resolve) => setTimeout(resolve, 50));
        continue;
      }
      if (answer?.revision !== expected || answer.nodes !== expected)
        this.#faults.push(`${run}: ends at ${JSON.stringify(answer)}, ${expected} acknowledged`);
      return;
    }
    this.#faults.push(`${run}: cannot be read at the end`);
  }
}
