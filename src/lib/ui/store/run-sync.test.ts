import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import type { Change } from '#core/runs/changes';
import { newRun } from '#core/runs/document';
import { ServerInMemory } from '#support/server-in-memory.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { JOB } from '#support/run-trial.ts';
import { ID } from '#core/shapes';
import { makeCopyIds, sendCopy } from './run-sync.ts';

/** Runs of a job on a server whose answers are lost one after another, each after what was asked is done. */
class LosingServer {
  readonly runs = new Map<string, ServerInMemory>();
  readonly names = new Map<string, string>();
  lost: number;
  #asked = 0;

  constructor(lost: number) {
    this.lost = lost;
  }

  fetch = async (path: string, init: { method?: string; body?: unknown } = {}): Promise<Response> => {
    const answer = await this.#take(path, init);
    if (this.#asked++ === this.lost) throw new TypeError('fetch failed');
    return answer;
  };

  async #take(path: string, init: { method?: string; body?: unknown }): Promise<Response> {
    if (!path.endsWith('/runs')) return this.runs.get(path.split('/')[5]!)!.fetch(path, init);
    const { id, name } = JSON.parse(String(init.body)) as { id: string; name: string };
    if ((this.names.get(id) ?? name) !== name) return Response.json({ refusal: { code: 'id-taken', id } });
    this.names.set(id, name);
    if (!this.runs.has(id))
      this.runs.set(id, new ServerInMemory(JOB, newRun(id, standardCatalogue.version, {}), id, () => 0));
    return Response.json({ value: { id, name, revision: 0 } });
  }
}

describe('a copy that is sent', () => {
  const fetched = globalThis.fetch;
  after(() => {
    globalThis.fetch = fetched;
  });
  const doc = makeRandomRun(6, 31);

  for (const lost of [0, 1, 2])
    it(`again after the answer to its request ${lost + 1} was lost is one run, whole, and one change`, async () => {
      const server = new LosingServer(lost);
      globalThis.fetch = server.fetch as typeof fetch;
      const ids = makeCopyIds('d0123456789abcdef01234567');
      const first = await sendCopy(JOB.id, doc, 'Kept', 'A', ids);
      expect(first.ok).to.equal(false);
      // Under another name by now, as it may be typed meanwhile.
      expect(await sendCopy(JOB.id, doc, 'Kept 2', 'A', ids)).to.deep.equal({ ok: true, value: ids.run });
      expect([...server.runs.keys()]).to.deep.equal([ids.run]);
      const run = server.runs.get(ids.run)!;
      expect(run.doc.legs).to.deep.equal(doc.legs);
      expect(run.changes.map((change: { id: Change['id'] }) => change.id)).to.deep.equal([ids.change]);
    });

  it('has ids that the server takes, for the longest that a change has', () => {
    for (const first of ['d0123456789abcdef01234567', `d${'9'.repeat(39)}`])
      for (const id of Object.values(makeCopyIds(first))) expect(id).to.match(ID);
  });
});
