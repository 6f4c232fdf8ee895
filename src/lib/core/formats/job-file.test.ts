import { share } from '#support/share.ts';
import { Ajv } from 'ajv';
import { expect } from 'chai';
import { readJobFile } from '#support/read-job-file.ts';
import { makeTaperEnd } from '#core/catalogue';
import { RUN_SCHEMA } from '#core/runs/document';
import { readFileSync } from 'node:fs';
import { sayRefusal } from '#words/refusals.ts';
import { damage, DAMAGES } from '#support/damage.ts';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeJobFileSchema } from '../../../../scripts/make-json-schema.ts';
import { JOB_FILE_VERSION, type JobFile } from './job-file.ts';
import { readRunDoc } from './read-run-doc.ts';
import { giveNewIds, parseText, readJobs, summariseFile } from './read-job-file.ts';

const SEED = 20_265;
const FOUND = makeTaperEnd('NPT', '3/4', 'female');

describe(`job files (seed ${SEED})`, () => {
  it('come back as they were', () => {
    for (let i = 0; i < share(40, 14); i++) {
      const file = makeRandomJobFile(SEED + i);
      expect(readJobFile(JSON.stringify(file))).to.deep.equal({ ok: true, value: [file] });
      const several = { porthole: 'jobs', version: 2, jobs: [file] };
      expect(readJobFile(`\uFEFF${JSON.stringify(several, null, 2)}`)).to.deep.equal({
        ok: true,
        value: [file],
      });
    }
  });

  it('keep what belongs together under ids of their own', () => {
    const file = makeRandomJobFile(SEED);
    let made = 0;
    const copy = giveNewIds(file, () => `copiedthing${made++}`);
    expect(copy.job.id).to.equal('copiedthing0');
    expect(copy.runs[0]!.doc).to.deep.equal({ ...file.runs[0]!.doc, id: copy.runs[0]!.id });
    expect(readJobFile(JSON.stringify(copy)).ok).to.equal(true);
  });

  it('get new ids only where the job’s own things are named: what is in a run keeps its ids, though they be the same', () => {
    const file = makeRandomJobFile(SEED);
    const run = file.runs[0]!;
    const [node, leg] = [Object.keys(run.doc.nodes)[0]!, Object.keys(run.doc.legs)[0]!];
    const specimen = {
      id: node,
      name: node,
      note: node,
      readings: [],
      end: null,
      by: node,
      at: run.createdAt,
    };
    const same: JobFile = {
      ...file,
      job: { ...file.job, id: node, name: node },
      runs: [
        {
          ...run,
          id: leg,
          name: node,
          doc: {
            ...run.doc,
            id: leg,
            nodes: {
              ...run.doc.nodes,
              [node]: { ...run.doc.nodes[node]!, terminal: { kind: 'existing', specimen: node, end: FOUND } },
            },
          },
          changes: [],
          revision: 0,
        },
      ],
      specimens: [
        {
          specimen: specimen as unknown as JobFile['specimens'][number]['specimen'],
          atServer: run.createdAt,
        },
      ],
    };
    const copy = giveNewIds(same, (old) => `new${old}`);
    expect(copy.job).to.deep.equal({ ...same.job, id: `new${node}` });
    const doc = copy.runs[0]!.doc;
    expect(doc.nodes[node]).to.deep.equal({
      ...same.runs[0]!.doc.nodes[node],
      terminal: { kind: 'existing', specimen: `new${node}`, end: FOUND },
    });
    expect(doc).to.deep.equal({
      ...same.runs[0]!.doc,
      id: `new${leg}`,
      nodes: { ...same.runs[0]!.doc.nodes, [node]: doc.nodes[node] },
    });
    expect(readRunDoc(doc).ok).to.equal(true);
    expect(copy.specimens[0]!.specimen).to.include({ id: `new${node}`, name: node, by: node });
  });

  it('of several jobs give those that are whole, and name the damaged ones', () => {
    const files = [0, 1, 2].map((i) => {
      const file = makeRandomJobFile(SEED + i);
      return {
        ...file,
        job: { ...file.job, id: `severaljob${i}`, name: `Job ${i}` },
        runs: i === 2 ? [] : file.runs,
      };
    });
    const say = (jobs: unknown[]) => {
      const read = readJobs(JSON.stringify({ porthole: 'jobs', version: 2, jobs }));
      return read.ok
        ? read.value.map((job) => (job.ok ? job.value.job.name : `${job.name}: ${job.refusal.code}`))
        : read.refusal.code;
    };
    // The second has the runs of the first.
    expect(say(files)).to.deep.equal(['Job 0', 'Job 1: file-id-twice', 'Job 2']);
    const damaged = { ...files[2]!, job: { ...files[2]!.job, units: 'ells' } };
    expect(say([files[0]!, damaged])).to.deep.equal(['Job 0', 'Job 2: input-invalid']);
    expect(say([1, files[0]!])).to.equal('input-invalid');
    expect(say([{}, files[0]!])).to.deep.equal(['?: input-invalid', 'Job 0']);
  });

  it('with a name that programs keep for themselves are refused, wherever and however it is written', () => {
    const text = JSON.stringify(makeRandomJobFile(SEED));
    for (const name of ['__proto__', '\\u005f_proto__', '__pr\\u006fto__'])
      for (const at of ['"nodes":{', '"job":{', '"ops":[{']) {
        const read = readJobFile(text.replace(at, `${at}"${name}":{"x":1},`));
        expect(read.ok ? 'none' : read.refusal.code, `${name} ${at}`).to.equal('text-unstorable');
      }
  });

  const wrong: [string, (text: string) => string, string][] = [
    ['a text that breaks off', (text) => text.slice(0, 500), 'file-not-json'],
    ['a table', () => 'a\tb', 'file-not-json'],
    ['a file of another program', () => '{"type":"x"}', 'file-not-ours'],
    ['a newer file', DAMAGES['newer'] as (text: string) => string, 'file-too-new'],
    [
      'a newer run',
      (text) => text.replace(`"schema":${RUN_SCHEMA}`, `"schema":${RUN_SCHEMA + 1}`),
      'document-too-new',
    ],
    ['a damaged run', (text) => text.replace('"anchors":{', '"anchors":{"x":1,'), 'file-run-damaged'],
    ['a length in words', (text) => text.replace('"revision":1,', '"revision":"one",'), 'input-invalid'],
    [
      'an id that stands for two',
      (text) => {
        const file = JSON.parse(text) as { runs: [{ doc: { nodes: Record<string, { id: string }> } }] };
        const [one, other] = Object.values(file.runs[0].doc.nodes);
        one!.id = other!.id;
        return JSON.stringify(file);
      },
      'file-run-damaged',
    ],
  ];
  for (const [name, change, code] of wrong) {
    it(`refuse ${name}, saying where`, () => {
      const read = readJobFile(change(JSON.stringify(makeRandomJobFile(SEED))));
      expect(read.ok ? 'none' : read.refusal.code).to.equal(code);
    });
  }

  it('name the line and the character where a text is damaged', () => {
    expect(parseText('{\n  "porthole": "job",\n  "version": }')).to.deep.equal({
      ok: false,
      refusal: { code: 'file-not-json', line: 3, column: 14 },
    });
  });

  it('can be looked at when they are newer', () => {
    const file = { ...makeRandomJobFile(SEED), version: JOB_FILE_VERSION + 1 };
    const summary = summariseFile(file)!;
    expect([summary.isNewer, summary.jobs[0]!.name]).to.deep.equal([true, 'Random']);
    expect(summary.jobs[0]!.runs[0]!.legs).to.equal(Object.keys(file.runs[0]!.doc.legs).length);
    expect(summariseFile('nonsense')).to.equal(null);
  });

  it('give a sentence and no crash, whatever was done to them (300 files)', () => {
    const random = makeRandom(SEED);
    const text = JSON.stringify(makeRandomJobFile(SEED));
    let refused = 0;
    for (let i = 0; i < share(300, 150); i++) {
      const read = readJobFile(damage(text, random));
      if (read.ok) continue;
      refused++;
      expect(sayRefusal(read.refusal)).to.match(/^[A-Z“].*[.]$/s);
    }
    expect(refused).to.be.above(share(200, 100));
  }).timeout(20_000);
});

describe('the published schema of a job file', () => {
  const published = JSON.parse(readFileSync('static/schemas/porthole-job-3.schema.json', 'utf8')) as object;
  const validate = new Ajv({ strict: false }).compile(published);

  it('is made from the schemas that read one (npm run schemas)', () => {
    expect(published).to.deep.equal(JSON.parse(JSON.stringify(makeJobFileSchema())));
  });

  it('accepts what Porthole writes, and refuses what it refuses', () => {
    for (let i = 0; i < share(40, 14); i++) {
      const file = makeRandomJobFile(SEED + i);
      expect(validate(file), JSON.stringify(validate.errors)).to.equal(true);
    }
    const file = makeRandomJobFile(SEED);
    for (const bad of [
      { ...file, porthole: 'jobs' },
      { ...file, job: { ...file.job, gas: 'coal' } },
      { ...file, runs: [{ ...file.runs[0], doc: { ...file.runs[0]!.doc, schema: RUN_SCHEMA + 1 } }] },
      {
        ...file,
        runs: [
          { ...file.runs[0], doc: { ...file.runs[0]!.doc, legs: { legnumber1: { id: 'legnumber1' } } } },
        ],
      },
    ]) {
      expect(validate(bad)).to.equal(false);
    }
  });
});
