import { standardCatalogue } from '#core/catalogue';
import type { JobFile } from '#core/formats';
import { applyOps } from '#core/runs/changes';
import { newRun } from '#core/runs/document';
import { makeIds } from './make-run.ts';
import { planRandomCommand } from './random-command.ts';
import { makeRandom } from './random-run.ts';

/** A job file of random content, made without a database. */
export function makeRandomJobFile(seed: number): JobFile {
  const random = makeRandom(seed);
  const newId = makeIds('randomthing');
  const moment = '2026-01-02T03:04:05.678Z';
  let doc = newRun('randomrun0', standardCatalogue.version, {});
  const changes: JobFile['runs'][number]['changes'][number][] = [];
  for (let i = 0; i < 25; i++) {
    const planned = planRandomCommand(doc, random, newId);
    const applied = planned && planned.ops.length > 0 ? applyOps(doc, planned.ops) : null;
    if (!planned || !applied?.ok) continue;
    doc = applied.value;
    const base = changes.length;
    changes.push({
      id: newId(),
      base,
      by: 'Ada',
      at: moment,
      atServer: moment,
      revision: base + 1,
      ...planned,
    });
  }
  return {
    porthole: 'job',
    version: 3,
    written: { app: '0', catalogue: '1', rulePack: '1' },
    job: {
      id: 'randomjob0', createdAt: moment, name: 'Random', place: '', units: 'in', gas: 'natural',
      jurisdiction: 'us-model', edition: '', ruleChoices: {}, people: ['Ada'],
    }, // prettier-ignore
    runs: [
      {
        id: doc.id,
        name: 'Run',
        revision: changes.length,
        createdAt: moment,
        changedAt: moment,
        doc,
        changes,
        events: [],
      },
    ],
    specimens: [],
    milestones: [],
  };
}
