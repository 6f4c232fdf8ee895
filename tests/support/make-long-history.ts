import { standardCatalogue } from '#core/catalogue';
import type { JobFile } from '#core/formats';
import { newRun } from '#core/runs/document';
import { makeRandomJobFile } from './make-job-file.ts';

const MOMENT = '2026-01-02T03:04:05.678Z';

/** A job file of one run that was changed so many times (an even number): a point is put in and taken away again, over and over. */
export function makeLongHistory(job: string, run: string, count: number): JobFile {
  const file = makeRandomJobFile(3);
  const changes = Array.from({ length: count }, (_, i) => {
    const id = `point${String(i >> 1).padStart(8, '0')}`;
    const value = { id, part: { kind: 'auto' }, terminal: null } as const;
    return {
      id: `${run}c${String(i).padStart(8, '0')}`,
      base: i,
      by: 'Ada Quill',
      at: MOMENT,
      label: { command: 'write-run', leg: null, turn: null } as const,
      ops: [
        i % 2 === 0
          ? ({ op: 'insert', in: 'nodes', id, value } as const)
          : ({ op: 'remove', in: 'nodes', id, old: value } as const),
      ],
      revision: i + 1,
      atServer: MOMENT,
    };
  });
  const doc = newRun(run, standardCatalogue.version, {});
  return {
    ...file,
    job: { ...file.job, id: job },
    runs: [
      {
        id: run,
        name: 'Long',
        revision: count,
        createdAt: MOMENT,
        changedAt: MOMENT,
        doc,
        changes,
        events: [],
      },
    ],
  };
}
