import type { NodeChange, ServerUnderTest } from '#support/disturbed-writers.ts';

/** Asks a server over HTTP: 200 is taken, 503 with a sentence means to try again, a server that is down likewise if that is meant to be. */
export function makeHttpServer(
  getUrl: () => string,
  job: string,
  mayBeDown: boolean,
): ServerUnderTest & { make: (run: string) => Promise<void>; health: () => Promise<Health> } {
  const ask = async (path: string, method = 'GET', body?: unknown): Promise<{ value: never } | 'away'> => {
    let response: Response;
    try {
      response = await fetch(`${getUrl()}${path}`, {
        method,
        headers: { origin: getUrl(), 'content-type': 'application/json' },
        body: body === undefined ? null : JSON.stringify(body),
        signal: AbortSignal.timeout(20_000),
      });
    } catch (error) {
      if (mayBeDown) return 'away';
      throw new Error(`no answer: ${String((error as Error).cause ?? error)}`, { cause: error });
    }
    const answer = (await response.json()) as { value: never; refusal?: { code: string } };
    if (response.status === 200) return answer;
    if (response.status === 503 && answer.refusal?.code === 'database-away') return 'away';
    throw new Error(`${method} ${path}: ${response.status} ${answer.refusal?.code ?? ''}`);
  };
  const pathOf = (run: string): string => `/api/jobs/${job}/runs/${run}`;
  return {
    async make(run) {
      const details = {
        name: 'Job',
        place: '',
        units: 'in',
        gas: 'natural',
        jurisdiction: 'us-model',
        edition: '',
        people: [],
      };
      await ask('/api/jobs', 'POST', { id: job, ...details });
      await ask(`/api/jobs/${job}/runs`, 'POST', { id: run, name: run });
    },
    async send(run: string, change: NodeChange) {
      const answer = await ask(`${pathOf(run)}/changes`, 'POST', change);
      return answer === 'away' ? answer : (answer.value as { revision: number });
    },
    async read(run: string) {
      const answer = await ask(pathOf(run));
      if (answer === 'away') return answer;
      const { run: head, doc } = answer.value as { run: { revision: number }; doc: { nodes: object } };
      return { revision: head.revision, nodes: Object.keys(doc.nodes).length };
    },
    health: async () => (await (await fetch(`${getUrl()}/healthz`)).json()) as Health,
  };
}

export interface Health {
  readonly database: string;
  readonly writes: string;
  readonly connections: { readonly total: number; readonly idle: number; readonly waiting: number };
}

export const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
