import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import type { Result } from '#core/outcome';
import type { PlannedChange } from '#core/runs/changes';
import { planPutPart, planPutPassage, planSayFished, planSayZone } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { checkRun } from './checks.ts';

const stabbed = { material: 'pe-stabbed', size: '1 IPS SDR 11' } as const;
const site = { gas: 'natural', jurisdiction: 'us-model' } as const;
const say = (doc: RunDoc, planned: Result<PlannedChange, unknown>): RunDoc => applyPlan(doc, mustBe(planned));
const codes = (doc: RunDoc, about: RegExp) =>
  checkRun(layOut(doc), site)
    .map(({ code, severity }) => `${code} ${severity}`)
    .filter((each) => about.test(each));

describe('floors and walls that are passed', () => {
  const newId = makeIds('passage');
  const put = (
    doc: RunDoc,
    tag: number,
    kind: Parameters<typeof planPutPassage>[2]['kind'],
    guard: 'sleeve' | 'none' | null = null,
  ) => planPutPassage(doc, getLeg(doc, tag).id, { kind, share: 0.5, guard }, newId);
  it('a level leg passes no floor, an upright one no wall', () => {
    const doc = makeRun(
      [
        [0, 'right', 60],
        [1, 'up', 60],
        [2, 'up-right', 60],
      ],
      '1',
    );
    const refusal = (tag: number, kind: 'floor' | 'wall') => {
      const planned = put(doc, tag, kind);
      return planned.ok ? null : (planned.refusal as { code: string }).code;
    };
    expect([refusal(1, 'floor'), refusal(1, 'wall')]).to.deep.equal(['passage-at-no-wall', null]);
    expect([refusal(2, 'floor'), refusal(2, 'wall')]).to.deep.equal([null, 'passage-at-no-wall']);
    expect([refusal(3, 'floor'), refusal(3, 'wall')]).to.deep.equal([null, null]);
    const planned = planPutPassage(doc, 'nosuchleg000', { kind: 'wall', share: 0.5, guard: null }, newId);
    expect(planned.ok).to.equal(false);
  });

  const wants = (
    legs: readonly TestLeg[],
    tag: number,
    kind: 'floor' | 'wall' | 'outer-wall' | 'vehicle-floor',
    guard: 'sleeve' | 'none' | null,
    more = (doc: RunDoc) => doc,
  ) => {
    const doc = more(makeRun(legs, '1'));
    const found = checkRun(layOut(say(doc, put(doc, tag, kind, guard))), site).find(
      ({ code }) => code === 'passage',
    );
    return found?.code === 'passage' ? `${found.wants} ${found.severity}` : null;
  };
  it('steel passes a floor as it is; copper and tubing want a sleeve or a grommet', () => {
    expect(wants([[0, 'up', 60]], 1, 'floor', null)).to.equal(null);
    const copper: TestLeg = [0, 'up', 60, { material: 'copper-flared', size: '1/2 ACR' }];
    expect(wants([copper], 1, 'floor', null)).to.equal('guard-unsaid ask');
    expect(wants([copper], 1, 'floor', 'none')).to.equal('guard-missing stop');
    expect(wants([copper], 1, 'floor', 'sleeve')).to.equal(null);
  });

  it('an outer wall is passed above the ground, in a sleeve, behind a shut-off; never by polyethylene', () => {
    const legs: readonly TestLeg[] = [
      [0, 'right', 60],
      [1, 'right', 40, { size: '3/4' }],
    ];
    expect(wants(legs, 2, 'outer-wall', 'sleeve')).to.equal('shut-off ask');
    const withValve = (doc: RunDoc) =>
      say(doc, planPutPart(doc, getLeg(doc, 1).id, 'valve', { share: 0.5 }, newId));
    expect(wants(legs, 2, 'outer-wall', 'sleeve', withValve)).to.equal(null);
    const buried = (doc: RunDoc) => say(withValve(doc), planSayZone(doc, [getLeg(doc, 2).id], 'buried'));
    expect(wants(legs, 2, 'outer-wall', 'sleeve', buried)).to.equal('above-grade stop');
    expect(wants([[0, 'right', 60, stabbed]], 1, 'outer-wall', 'sleeve')).to.equal('not-this-pipe stop');
  });

  it('a valve after the wall, in the same leg, does not close the building', () => {
    const after = (share: number) => (doc: RunDoc) =>
      say(doc, planPutPart(doc, getLeg(doc, 1).id, 'valve', { share }, newId));
    expect(wants([[0, 'right', 60]], 1, 'outer-wall', 'sleeve', after(0.8))).to.equal('shut-off ask');
    expect(wants([[0, 'right', 60]], 1, 'outer-wall', 'sleeve', after(0.2))).to.equal(null);
  });

  it('tubing is fished by its maker’s own text and a reason only; its leg then has no supports', () => {
    const doc = makeRun(
      [
        [0, 'right', 60],
        [1, 'up', 120, { material: 'csst', size: '1/2' }],
      ],
      '1/2',
    );
    const leg = getLeg(doc, 2).id;
    const text = { text: 'Sheet 7: may be fished', reason: 'the wall is closed' };
    expect(planSayFished(doc, getLeg(doc, 1).id, text).ok).to.equal(false);
    for (const missing of [
      { ...text, text: ' ' },
      { ...text, reason: '' },
    ])
      expect(planSayFished(doc, leg, missing).ok).to.equal(false);
    const fished = say(doc, planSayFished(doc, leg, text));
    expect(codes(fished, /fished/)).to.deep.equal(['fished note']);
    expect(say(fished, planSayFished(fished, leg, null)).fished).to.deep.equal({});
  });
});
