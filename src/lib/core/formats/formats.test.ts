import { expect } from 'chai';
import fc from 'fast-check';
import { parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { makeCutSheet } from '#core/cutting';
import { toInches } from '#core/units';
import { getPieces } from '#core/runs/layout';
import { HOUSE_RULES, makeChoice } from '#core/house-rules';
import { planChooseRule } from '#core/runs/commands';
import { applyPlan, getLeg, getPiece, layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { changeSchema } from './change.schema.ts';
import { makeCutSheetTable } from './cut-sheet-csv.ts';
import { arrivedEventSchema, eventSchema } from './event.schema.ts';
import { jobInputSchema } from './job.schema.ts';
import { readRunDoc } from './read-run-doc.ts';
import { readWith } from './read-with.ts';

const doc = makeRun([
  [0, 'right', 20],
  [1, 'down', 20, { cap: true }],
]);
const [nodeId] = Object.keys(doc.nodes) as [string];
const legId = getLeg(doc, 1).id;
const measureId = Object.keys(doc.measures)[0]!;

function refusalOf(input: unknown): string {
  const result = readRunDoc(input);
  return result.ok
    ? 'read'
    : result.refusal.code === 'input-invalid'
      ? result.refusal.path
      : result.refusal.code;
}

describe('readRunDoc', () => {
  it('reads every document the commands make, as it is', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const run = makeRandomRun(40, seed);
      expect(readRunDoc(JSON.parse(JSON.stringify(run)))).to.deep.equal({ ok: true, value: run });
    }
  });

  type Damaged = Record<string, Record<string, object>>;
  /** Damage done to a good document, and where the reader says it is. */
  const DAMAGE: readonly [string, (copy: Damaged) => void, string][] = [
    ['a newer schema', (d) => Object.assign(d, { schema: 99 }), 'document-too-new'],
    ['no schema', (d) => Object.assign(d, { schema: null }), 'schema'],
    ['an unknown field', (d) => Object.assign(d, { extra: 1 }), 'extra'],
    ['a leg to nowhere', (d) => Object.assign(d['legs']![legId]!, { to: 'nosuchnode' }), 'run-reference-broken'],
    ['a leg to itself', (d) => Object.assign(d['legs']![legId]!, { to: getLeg(doc, 1).from }), `legs.${legId}.to`],
    ['a size nobody makes', (d) => Object.assign(d['specs']![`${legId}.threaded-steel`]!, { size: '7/8' }), `specs.${legId}.threaded-steel.size`],
    ['settings of a leg that is not there', (d) => Object.assign(d['specs']!, { 'nosuchleg.threaded-steel': { ...d['specs']![`${legId}.threaded-steel`]!, id: 'nosuchleg.threaded-steel', leg: 'nosuchleg' } }), 'run-reference-broken'],
    ['a leg without settings', (d) => Object.assign(d, { specs: {} }), 'run-reference-broken'],
    ['settings of another leg', (d) => Object.assign(d['specs']![`${legId}.threaded-steel`]!, { leg: getLeg(doc, 2).id }), `specs.${legId}.threaded-steel`],
    ['a way nobody goes', (d) => Object.assign(d['legs']![legId]!, { geometry: { kind: 'axis', axis: 'x' } }), `legs.${legId}.geometry.axis`],
    ['a negative measure', (d) => Object.assign(d['measures']![measureId]!, { value: -5 }), `measures.${measureId}.value`],
    ['half a nanometre', (d) => Object.assign(d['measures']![measureId]!, { value: 0.5 }), `measures.${measureId}.value`],
    ['an id under another key', (d) => Object.assign(d['nodes']![nodeId]!, { id: 'another00' }), ''],
    ['a part in a leg under another key', (d) => Object.assign(d['parts']!, { another00: { id: 'partinleg0', leg: legId, part: 'union', share: 0.5 } }), ''],
    ['a share over 1', (d) => Object.assign(d['parts']!, { partinleg0: { id: 'partinleg0', leg: legId, part: 'union', share: 2 } }), 'parts.partinleg0.share'],
    ['thirteen parts in a leg', (d) => Object.assign(d['parts']!, Object.fromEntries(Array.from({ length: 13 }, (_, i) => [`partinleg${i}`, { id: `partinleg${i}`, leg: legId, part: 'union', share: 0.5 }]))), 'parts'],
    ['a part in no leg', (d) => Object.assign(d['parts']!, { partinleg0: { id: 'partinleg0', leg: 'nosuchleg', part: 'union', share: 0.5 } }), 'run-reference-broken'],
    ['an offset that sets along itself', (d) => Object.assign(d['legs']![legId]!, { geometry: { kind: 'offset', along: 'up', set: { way: 'down', length: 5, typed: '' }, roll: null, angle: 45 } }), `legs.${legId}.geometry`],
    ['an offset of 30°', (d) => Object.assign(d['legs']![legId]!, { geometry: { kind: 'offset', along: 'up', set: { way: 'left', length: 5, typed: '' }, roll: null, angle: 30 } }), `legs.${legId}.geometry.angle`],
    ['a chosen part nobody makes', (d) => Object.assign(d['nodes']![nodeId]!, { part: { kind: 'chosen', part: 'cross' } }), `nodes.${nodeId}.part`],
    ['a measure to a part that is not there', (d) => Object.assign(d['measures']![measureId]!, { to: { kind: 'inline', id: 'nosuchpart', at: 'centre', gap: 0 } }), 'run-reference-broken'],
    ['a point of reference nobody has', (d) => Object.assign(d['measures']![measureId]!, { to: { kind: 'node', id: nodeId, at: 'edge', gap: 0 } }), `measures.${measureId}.to.at`],
    ['a kerf of a foot', (d) => Object.assign(d, { ruleChoices: { 'saw-kerf': { option: 'saw', width: 304_800_000 } } }), 'ruleChoices.saw-kerf'],
    ['figures beyond 3 in', (d) => Object.assign(d, { ruleChoices: { 'engagement-figure': { option: 'own-measured', figures: { '1/2': 1e9 } } } }), 'ruleChoices.engagement-figure'],
  ]; // prettier-ignore
  for (const [name, damage, where] of DAMAGE) {
    it(`refuses ${name} at “${where}”`, () => {
      const copy = JSON.parse(JSON.stringify(doc)) as Damaged;
      damage(copy);
      expect(refusalOf(copy)).to.equal(where);
    });
  }

  it('drops a hostile key rather than carry it on', () => {
    const copy = JSON.parse(
      JSON.stringify(doc).replace('"nodes":{', '"nodes":{"__proto__":{"id":1},'),
    ) as unknown;
    const result = readRunDoc(copy);
    expect(result.ok && Object.keys(result.value.nodes)).to.deep.equal(Object.keys(doc.nodes));
  });

  it('answers anything at all with a refusal, never an exception', () => {
    fc.assert(
      fc.property(fc.anything(), (input) => {
        expect(readRunDoc(input).ok).to.equal(false);
      }),
      { numRuns: 300 },
    );
  });
});

describe('schemas at the border', () => {
  for (const { id, options } of HOUSE_RULES) {
    it(`let every choice of the house rule ${id} through, in a run and on its way to the server`, () => {
      for (const option of options) {
        const doc = makeRun([[0, 'right', 30]]);
        const planned = planChooseRule(doc, id, makeChoice(id, option as never, 'in'));
        const change = { id: 'changeofrule', base: 1, by: 'Ada', at: '2026-01-02T03:04:05.678Z', ...planned };
        expect(readWith(changeSchema, change), option).to.deep.equal({ ok: true, value: change });
        expect(readRunDoc(applyPlan(doc, planned)).ok, option).to.equal(true);
      }
    });
  }

  const op = { op: 'set', in: 'legs', id: legId, field: 'size', old: '3/4', value: '1' };
  const change = {
    id: 'change0001',
    base: 0,
    by: 'A',
    at: '2026-01-01T00:00:00.000Z',
    label: { command: 'resize-legs', leg: 1, turn: null },
    ops: [op],
  };
  const event = {
    id: 'event00001',
    kind: 'as-cut',
    subject: 'node00001:leg00001~node00002:leg00001',
    runRevision: 1,
    asked: { mark: '1', size: '3/4', exact: 5, onTape: 5, catalogueVersion: '1', rulePackVersion: '1' },
    said: { length: 5, typed: '5' },
    instrument: 'tape',
    simulated: false,
    by: 'A',
    atDevice: '2026-01-01T00:00:00.000Z',
    atServer: null,
    corrects: null,
  };
  const job = { name: 'A', place: '', units: 'in', gas: 'lp', jurisdiction: 'ask', edition: '', people: [] };

  it('take what is right', () => {
    expect(readWith(changeSchema, change).ok).to.equal(true);
    expect(readWith(eventSchema, event).ok).to.equal(true);
    expect(
      readWith(eventSchema, {
        ...event,
        kind: 'correction',
        corrects: 'event00000',
        said: { length: null, typed: '' },
      }).ok,
    ).to.equal(true);
    expect(readWith(jobInputSchema, job).ok).to.equal(true);
  });

  it('refuse changes with unknown operations, collections, fields or moments', () => {
    const wrong = [
      { ...change, ops: [] },
      { ...change, ops: [{ ...op, op: 'merge' }] },
      { ...change, ops: [{ ...op, in: 'obstacles' }] },
      { ...change, ops: [{ ...op, id: '__proto__' }] },
      { ...change, ops: [{ ...op, field: '__proto__' }] },
      { ...change, ops: [{ ...op, extra: 1 }] },
      { ...change, at: 'yesterday' },
      { ...change, base: -1 },
      { ...change, id: 'x' },
    ];
    for (const input of wrong)
      expect(readWith(changeSchema, input).ok, JSON.stringify(input)).to.equal(false);
  });

  it('take a tick without a length', () => {
    const tick = { ...event, kind: 'ticked', said: { length: null, typed: '' } };
    expect(readWith(eventSchema, tick).ok).to.equal(true);
    const subject = 'node00001:leg00001~leg00001#1.a:leg00001';
    expect(readWith(eventSchema, { ...tick, subject }).ok).to.equal(true);
  });

  it('take an item of a hook-up, which says no length', () => {
    const asked = { name: 'kiln', catalogueVersion: '1', rulePackVersion: '1' };
    const said = { item: 'leak-checked', is: true };
    const hookUp = { ...event, kind: 'hook-up', subject: 'node00001', asked, said };
    expect(readWith(eventSchema, hookUp).ok).to.equal(true);
    expect(readWith(arrivedEventSchema, { ...hookUp, atServer: event.atDevice }).ok).to.equal(true);
    for (const wrong of [
      { ...hookUp, said: { length: 5, typed: '5' } },
      { ...hookUp, said: { item: 'prayed', is: true } },
      { ...hookUp, asked: event.asked },
      { ...hookUp, corrects: 'event00000' },
    ])
      expect(readWith(eventSchema, wrong).ok, JSON.stringify(wrong)).to.equal(false);
    expect(readWith(arrivedEventSchema, hookUp).ok).to.equal(false);
  });

  it('let only a correction withdraw, and make it name what it corrects', () => {
    expect(readWith(eventSchema, { ...event, said: { length: null, typed: '' } }).ok).to.equal(false);
    expect(readWith(eventSchema, { ...event, corrects: 'event00000' }).ok).to.equal(false);
    expect(readWith(eventSchema, { ...event, kind: 'correction' }).ok).to.equal(false);
  });

  it('refuse jobs without a name, with control characters, or with one person twice', () => {
    for (const wrong of [
      { name: '' },
      { name: '   ' },
      { name: 'a\u0007' },
      { people: ['A', 'A'] },
      { gas: 'town' },
    ]) {
      expect(readWith(jobInputSchema, { ...job, ...wrong }).ok, JSON.stringify(wrong)).to.equal(false);
    }
  });
});

describe('makeCutSheetTable', () => {
  it('reads back from CSV as the figures of the sheet, with units in the headings', () => {
    const layout = layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
        [2, 'down', 20, { cap: true }],
      ]),
    );
    const versions = { app: '1', catalogue: '2', rulePack: '3', run: 'A "run", quoted', revision: 4 };
    const table = makeCutSheetTable(makeCutSheet(layout), '1/16', versions);
    const text = stringify(table, { record_delimiter: 'windows', bom: true });
    const rows = parse(text, { columns: true, bom: true }) as Record<string, string>[];
    expect(rows).to.have.length(3);
    for (const row of rows) {
      const { cut } = getPiece(layout, Number(row['mark']));
      expect(Number(row['cut exact (in)'])).to.be.closeTo(toInches(cut!.exact), 1e-5);
      expect(row['run']).to.equal('A "run", quoted');
    }
    expect(rows[1]).to.include({
      'fitting A': 'elbow-90 3/4',
      'allowance A (in)': '0.7475',
      'cut on the tape': '3 ft 5 3/4 in',
    });
  });

  it('leaves a cut that is not known empty', () => {
    const layout = layOut(
      makeRun([
        [0, 'right', 30],
        [1, 'right', 30, { size: '4' }],
      ]),
    );
    const versions = { app: '1', catalogue: '2', rulePack: '3', run: 'r', revision: 4 };
    const [headings, first] = makeCutSheetTable(makeCutSheet(layout), '1/16', versions);
    expect(first![headings!.indexOf('cut exact (in)')]).to.equal('');
  });
});

describe('makeCutSheet', () => {
  it('sums pieces, threads and fittings by size', () => {
    const layout = layOut(
      makeRun([
        [0, 'right', 30],
        [1, 'right', 25],
        [1, 'down', 20, { cap: true }],
      ]),
    );
    const sheet = makeCutSheet(layout);
    expect(sheet.rows.map(({ piece }) => piece.mark)).to.deep.equal(['1', '2', '3']);
    const total = [...getPieces(layout)].reduce((sum, piece) => sum + piece.cut!.onTape.length, 0);
    expect(sheet.sizes).to.deep.equal([
      {
        size: '3/4',
        material: 'black-iron',
        pieces: 3,
        length: total,
        kerf: 0,
        stockAtLeast: 1,
        threads: 6,
        bends: 0,
        unknown: 0,
      },
    ]);
    expect(sheet.fittings.map(({ kind, count }) => [kind, count])).to.deep.equal([
      ['cap', 1],
      ['tee', 1],
    ]);
  });
});
