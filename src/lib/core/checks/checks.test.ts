import { type RunEvent, foldEvents, NO_FACTS } from '#core/runs/changes';
import { standardCatalogue } from '#core/catalogue';
import { findSegmentDistance } from '#core/geometry';
import { makeRandomRun } from '#support/random-run.ts';
import { checkLegsDoNotCross } from './legs-do-not-cross.ts';
import { takeApart, planPutPart } from '#core/runs/commands';
import { getLegs, centreOf, type RunDoc } from '#core/runs/document';
import { expect } from 'chai';
import { getCraft } from '#core/materials';
import { inches } from '#core/units';
import { applyPlan, getLeg, getPiece, layOut, madeUp, makeIds, makeRun, mustBe } from '#support/make-run.ts';
import { checkRun } from './checks.ts';

const find = (doc: RunDoc, code: string) => checkRun(layOut(doc)).find((finding) => finding.code === code);

describe('checkRun', () => {
  it('has nothing to stop in random runs of one size with measures of a foot and more', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const stops = checkRun(layOut(makeRandomRun(40, seed))).filter(({ severity }) => severity === 'stop');
      expect(stops, `seed ${seed}`).to.deep.equal([]);
    }
  });

  it('says by how much two fittings collide', () => {
    const doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 1.25],
      [2, 'down', 20],
    ]);
    expect(find(doc, 'pieces-collide')).to.include({ mark: '2', by: inches(0.245), severity: 'stop' });
  });

  it('says that a piece is too short to thread, from exactly which length on, and which nipple would do', () => {
    const between = (measure: number) =>
      makeRun([
        [0, 'up', 30],
        [1, 'right', measure],
        [2, 'down', 20],
      ]);
    // Between two 3/4 elbows the allowances take 1.495; two threads and the grip need 2.5.
    const codes = (measure: number) => checkRun(layOut(between(measure))).map(({ code }) => code);
    expect(codes(1.495 + 2.5)).not.to.include.members(['too-short-to-thread', 'nipple-fits']);
    expect(find(between(1.495 + 2.499), 'nipple-fits')).to.include({
      mark: '2',
      nipple: inches(2.5),
      off: inches(0.001),
      severity: 'note',
    });
    expect(find(between(1.495 + 2.0625), 'nipple-fits')).to.include({
      nipple: inches(2),
      off: -inches(0.0625),
    });
    expect(find(between(1.495 + 2.0626), 'too-short-to-thread')).to.include({
      mark: '2',
      cut: inches(2.0626),
      needed: inches(2.5),
      nearest: inches(2),
      move: -inches(0.0626),
      severity: 'stop',
    });
    expect(find(between(1.495 + 1), 'too-short-to-thread')).to.include({
      nearest: inches(1.375),
      move: inches(0.375),
    });
  });

  it('names a measure that is missing, and two that contradict each other', () => {
    const doc = makeRun([[0, 'right', 20]]);
    expect(find({ ...doc, measures: {} }, 'measure-missing')).to.include({ severity: 'ask', mark: '1' });
    const [measure] = Object.values(doc.measures);
    const second = { ...measure!, id: 'zsecond00', value: inches(21) };
    const twice = { ...doc, measures: { ...doc.measures, zsecond00: second } };
    const contradiction = find(twice, 'measures-contradict');
    if (contradiction?.code !== 'measures-contradict') throw new Error('not found');
    expect(contradiction.measures.map(({ value }) => value)).to.deep.equal([inches(21), inches(20)]);
    expect(contradiction.by).to.equal(inches(1));
    const agreeing = { ...doc, measures: { ...doc.measures, zsecond00: { ...second, value: inches(20) } } };
    expect(find(agreeing, 'measures-contradict')).to.equal(undefined);
  });

  it('stops where no fitting is made, and gives no cut there', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 20, { size: '4' }],
    ]);
    expect(find(doc, 'no-fitting')).to.deep.include({ marks: ['1', '2'], severity: 'stop' });
    expect(getPiece(layOut(doc), 1).cut).to.equal(null);
  });

  it('asks for an own engagement figure that is not there, once per size', () => {
    const choices = { 'engagement-figure': { option: 'own-measured', figures: {} } } as const;
    const doc = makeRun(
      [
        [0, 'right', 20],
        [1, 'down', 20],
        [2, 'left', 9],
      ],
      '3/4',
      choices,
    );
    const asked = checkRun(layOut(doc)).filter(({ code }) => code === 'engagement-not-measured');
    expect(asked).to.have.length(1);
    expect(getPiece(layOut(doc), 2).cut).to.equal(null);
  });

  it('notes turns outside the window, a typical length, a length over stock, and open ends but the source', () => {
    const two = makeRun(
      [
        [0, 'right', 300],
        [1, 'down', 20],
      ],
      '2',
    );
    expect(find(two, 'turns-outside-window'), 'the usual figure at 2 in is 3.6 turns: no note').to.equal(
      undefined,
    );
    const choice = { option: 'hand-tight-plus-turns', upTo2in: 4.5, above2in: 2 } as const;
    const tight = { ...two, ruleChoices: { 'engagement-figure': choice } };
    expect(find(tight, 'turns-outside-window')).to.include({ size: '2' });
    expect(find(two, 'longer-than-stock')).to.include({ mark: '1' });
    expect(find(makeRun([[0, 'right', 20, { cap: true }]], '1/4'), 'part-length-typical')).to.deep.include({
      marks: ['1'],
    });
    const open = checkRun(layOut(two)).filter(({ code }) => code === 'open-end');
    expect(open.map(({ subject }) => subject)).to.deep.equal([getLeg(two, 2).to]);
  });

  it('says by how much a loop misses', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'down', 20],
      [2, 'left', 20],
    ]);
    const closing = {
      ...getLeg(doc, 3),
      id: 'closing00',
      from: getLeg(doc, 3).to,
      to: getLeg(doc, 1).from,
      tag: 4,
    };
    const leg = { ...closing, geometry: { kind: 'axis', axis: 'up' } as const };
    const measure = (value: number) => ({
      ...Object.values(doc.measures)[0]!,
      id: 'closing01',
      from: centreOf(leg.from),
      to: centreOf(leg.to),
      value,
    });
    const close = (value: number): RunDoc => ({
      ...doc,
      ...takeApart([...getLegs(doc).values(), leg]),
      measures: { ...doc.measures, closing01: measure(value) },
    });
    expect(find(close(inches(20)), 'loop-misses')).to.equal(undefined);
    expect(find(close(inches(20.5)), 'loop-misses')).to.include({
      by: inches(0.5),
      severity: 'stop',
      mark: '4',
    });
  });

  it('says that the catalogue changed, and keeps pieces cut for a place that is gone', () => {
    const doc = { ...makeRun([[0, 'right', 20]]), catalogueVersion: 'older' };
    expect(find(doc, 'catalogue-changed')).to.include({ pinned: 'older' });
    const layout = {
      ...layOut(doc),
      facts: { ...NO_FACTS, asCut: new Map([['gone', { length: 5, by: 'A', at: '', event: 'e' }]]) },
    };
    expect(checkRun(layout).map(({ code }) => code)).to.include('cut-for-no-place');
  });

  it('puts stops first, then what to ask, then notes', () => {
    const doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 1.25],
      [2, 'down', 20],
    ]);
    const order = checkRun(layOut({ ...doc, catalogueVersion: 'older' })).map(({ severity }) => severity);
    expect(order).to.deep.equal(
      [...order].sort((a, b) => 'stop ask note'.indexOf(a) - 'stop ask note'.indexOf(b)),
    );
  });
});

describe('checks of parts and ways', () => {
  it('note legs that cross without meeting, and not those that meet', () => {
    const doc = makeRun([
      [0, 'right', 60],
      [1, 'back', 20],
      [2, 'left', 30],
      [3, 'out', 40],
    ]);
    expect(find(doc, 'legs-cross')).to.deep.include({ marks: ['1', '4'], severity: 'note' });
    expect(
      find(
        makeRun([
          [0, 'right', 60],
          [1, 'back', 20],
          [2, 'left', 30],
        ]),
        'legs-cross',
      ),
    ).to.equal(undefined);
  });

  it('ask for the length of a valve once, and say that a part stands by eye', () => {
    const doc = makeRun([[0, 'right', 60]]);
    const leg = getLeg(doc, 1);
    const put = applyPlan(doc, mustBe(planPutPart(doc, leg.id, 'valve', { share: 0.5 }, makeIds('parts'))));
    expect(find(put, 'part-length-unknown')).to.deep.include({ marks: ['1'], severity: 'ask' });
    expect(find(put, 'part-placed-by-eye')).to.include({ mark: '1', part: 'valve' });
  });

  it('note a chosen part that the legs do not fit any more, and ask what a male end becomes', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 20],
      [1, 'down', 20],
    ]);
    const { to } = getLeg(doc, 1);
    const chosen = { kind: 'chosen', part: 'union' } as const;
    const stale = { ...doc, nodes: { ...doc.nodes, [to]: { ...doc.nodes[to]!, part: chosen } } };
    expect(find(stale, 'choice-does-not-fit')).to.deep.include({ part: 'union', stands: 'tee' });
    const male = makeRun([
      [0, 'right', 30],
      [1, 'down', null, { geometry: madeUp('down') }],
    ]);
    expect(find(male, 'no-fitting')).to.deep.include({
      severity: 'ask',
      refusal: { code: 'fitting-undecided' },
    });
  });
});

describe('foldEvents', () => {
  const asked = { mark: '1', size: '3/4', exact: 1, onTape: 1, catalogueVersion: '1', rulePackVersion: '1' };
  const base = {
    subject: 'piece',
    runRevision: 1,
    asked,
    instrument: 'tape',
    simulated: false,
    by: 'A',
    atDevice: '',
    atServer: null,
  } as const;
  const tick = (id: string): RunEvent => ({
    ...base,
    id,
    kind: 'ticked',
    said: { length: null, typed: '' },
    corrects: null,
  });
  const event = (id: string, length: number | null, corrects: string | null = null): RunEvent =>
    corrects === null
      ? { ...base, id, kind: 'as-cut', said: { length: length!, typed: '' }, corrects }
      : { ...base, id, kind: 'correction', said: { length, typed: '' }, corrects };
  it('keeps a tick until it is taken back, beside what was measured', () => {
    const back = event('u', null, 't');
    expect(foldEvents([tick('t')]).ticked.get('piece')?.event).to.equal('t');
    expect(foldEvents([tick('t'), back]).ticked.size).to.equal(0);
    const both = foldEvents([event('a', 10), tick('t'), back]);
    expect([both.asCut.get('piece')?.length, both.ticked.size]).to.deep.equal([10, 0]);
    expect(foldEvents([tick('t'), event('a', 10), event('b', 11, 'a')]).ticked.size).to.equal(1);
  });
  const fold = (...events: RunEvent[]) => foldEvents(events).asCut.get('piece')?.length;

  it('keeps the last thing said that still stands', () => {
    expect(fold(event('a', 10))).to.equal(10);
    expect(fold(event('a', 10), event('b', 11, 'a'))).to.equal(11);
    expect(fold(event('a', 10), event('b', null, 'a'))).to.equal(undefined);
    expect(fold(event('a', 10), event('b', 11, 'a'), event('c', 12, 'a'))).to.equal(11);
  });
});

describe('legs that cross', () => {
  const SEED = 20_282;
  it(`are those that brute force finds, however the run lies in space (seed ${SEED})`, () => {
    let found = 0;
    for (let run = 0; run < 8; run++) {
      const layout = layOut(makeRandomRun(220, SEED + run));
      const legs = [...layout.legs.values()];
      const at = (node: string) => layout.nodes.get(node)!.position;
      const expected: string[] = [];
      for (const [i, s] of legs.entries()) {
        for (const t of legs.slice(i + 1)) {
          if ([s.near, s.far].some((node) => node === t.near || node === t.far)) continue;
          const radii = [s, t].map(({ leg }) => getCraft(leg).findOutside(leg, standardCatalogue)! / 2);
          const apart = findSegmentDistance(at(s.near), at(s.far), at(t.near), at(t.far));
          if (apart < radii[0]! + radii[1]!) expected.push([s.leg.tag, t.leg.tag].sort().join(' '));
        }
      }
      const told = checkLegsDoNotCross(layout).map((finding) =>
        finding.code === 'legs-cross' ? finding.marks.map(Number).sort().join(' ') : '',
      );
      expect(told.toSorted()).to.deep.equal(expected.toSorted());
      found += told.length;
    }
    expect(found).to.be.above(20);
  });
});
