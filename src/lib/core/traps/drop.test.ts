import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { kiln, makeTrapped, withParts } from '#support/make-trap.ts';
import { resolveRules, type RuleChoices } from '#core/house-rules';
import { newAppliance, BLANK_PLATE } from '#core/runs/document';
import { planSayZone } from '#core/runs/commands';
import { inches } from '#core/units';
import { getInletSize, listDrops } from './drop.ts';
import { findRequirement } from './requirement.ts';
import { findRoom } from './room-under-cap.ts';
import { judgeDrop } from './judge-drop.ts';
import { findShutOff } from './shut-off.ts';
import { getTrapLengths } from './trap-lengths.ts';

const npt = (gender: 'male' | 'female') =>
  ({ kind: 'thread', family: 'npt', size: '1/2', gender, hand: null, seat: 'none', metal: 'brass' }) as const;
const dropOf = (legs: readonly TestLeg[], at = 0) => listDrops(layOut(makeRun(legs)))[at]!;
/** Down to a tee, out of its branch to the kiln; what else hangs on the tee. */
const withStub = (...stub: readonly TestLeg[]) =>
  dropOf([[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], ...stub]);
const trapOf = (...stub: readonly TestLeg[]) => withStub(...stub).trap;

describe('what is meant for the trap of a drop', () => {
  it('is a single leg that hangs down, closed or bare, however long', () => {
    for (const [stub, closedBy] of [
      [[1, 'down', 5, { cap: true }], 'cap'],
      [[1, 'down', 5, { terminal: { kind: 'plug' } }], 'plug'],
      [[1, 'down', 5], 'nothing'],
      [[1, 'down', 60, { cap: true }], 'cap'],
    ] as const)
      expect(trapOf(stub)?.nipple.closedBy, JSON.stringify(stub)).to.equal(closedBy);
  });

  it('is, where it does not hang down, only a closed one as short as a nipple', () => {
    expect(trapOf([1, 'back', 12, { cap: true }])).not.to.equal(null);
    expect(trapOf([1, 'back', 12.1, { cap: true }])).to.equal(null);
    expect(trapOf([1, 'back', 5])).to.equal(null);
    // One that a valve is in is made to be gone on from, however short; nor is one a trap whose length nobody knows and that lies.
    const legs: readonly TestLeg[] = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'back', 10, { cap: true }],
    ];
    const [valved] = listDrops(layOut(withParts(makeRun(legs), [[3, 'valve', 0.5]])));
    expect(valved!.trap).to.equal(null);
    expect(trapOf([1, 'back', null, { cap: true }])?.nipple.length).to.equal(null);
  });

  it('is nothing that goes on, or ends at what was found in place', () => {
    expect(trapOf([1, 'down', 5], [3, 'down', 5, { cap: true }])).to.equal(null);
    expect(
      trapOf([1, 'down', 5, { terminal: { kind: 'existing', specimen: 'specimen000', end: npt('male') } }]),
    ).to.equal(null);
    const connector = {
      kind: 'connector',
      axis: 'down',
      ends: [npt('male'), npt('male')],
      length: inches(12),
      typed: '12',
      isNew: true,
    } as const;
    expect(trapOf([1, 'down', null, { geometry: connector }])).to.equal(null);
    // Another appliance is a drop of its own.
    const two = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', 10, { terminal: kiln() }],
    ] as const;
    for (const at of [0, 1]) expect(dropOf(two, at).trap).to.equal(null);
  });

  it('of two failing stubs is the last before the appliance; of a failing and a working one the working', () => {
    const legs: readonly TestLeg[] = [
      [0, 'down', 40],
      [1, 'right', 10],
      [2, 'right', 10, { terminal: kiln() }],
      [1, 'left', 5, { cap: true }],
      [2, 'back', 5, { cap: true }],
    ];
    const [failing] = [dropOf(legs).trap!];
    expect([failing.nipple.leg.leg.tag, failing.at]).to.deep.equal([5, 1]);
    const working = dropOf([...legs.slice(0, 3), [1, 'down', 5, { cap: true }], legs[4]!]).trap!;
    expect([working.nipple.leg.leg.tag, working.at, working.verdict]).to.deep.equal([4, 0, 'works']);
  });
});

describe('an inlet', () => {
  it('is of its own thread where the pipe screws over it; where it goes into a fitting, or nobody said, of the pipe', () => {
    const sizeOf = (inlet: ReturnType<typeof npt> | null) =>
      getInletSize(
        dropOf([
          [0, 'down', 40],
          [1, 'right', 10, { terminal: newAppliance('kiln', inlet) }],
        ]),
      );
    expect([sizeOf(npt('female')), sizeOf(npt('male')), sizeOf(null)]).to.deep.equal(['1/2', '3/4', '3/4']);
  });

  it('an appliance of which nobody said what it is is asked for its kind', () => {
    expect(findRequirement(BLANK_PLATE, resolveRules({}))).to.deep.equal({ is: 'ask', about: 'kind' });
    const own = { ...BLANK_PLATE, what: 'own' } as const;
    expect(findRequirement(own, resolveRules({}))).to.deep.equal({ is: 'ask', about: 'own-kind' });
    const every = resolveRules({ 'trap-needed': { option: 'every-appliance' } });
    expect(findRequirement(own, every)).to.deep.equal({ is: 'required', by: 'trap-needed' });
  });
});

describe('room under a cap', () => {
  const floor = { from: 'inlet', length: inches(40), typed: '40' } as const;
  const roomOf = (legs: readonly TestLeg[]) => {
    const drop = dropOf(legs);
    return findRoom({ ...drop, trap: drop.trap! });
  };
  const stub = (way: 'down' | 'right', out: 'right' | 'up' | 'back') =>
    roomOf([
      [0, out === 'right' ? 'down' : 'right', 40],
      [1, out, 10, { terminal: kiln({ floor }) }],
      [1, way, 5, { cap: true }],
    ]);

  it('is asked of what hangs down: one that works and one that only rises; none of one that lies', () => {
    for (const out of ['right', 'up'] as const) expect(stub('down', out).has, out).to.be.greaterThan(0);
    expect(stub('right', 'back')).to.include({ has: null, isUntied: false });
    expect(stub('right', 'back').needs).to.be.greaterThan(0);
  });

  it('is not known where the floor was not measured', () => {
    const legs: readonly TestLeg[] = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', 5, { cap: true }],
    ];
    expect(roomOf(legs)).to.include({ has: null, isUntied: true });
  });

  it('of a plug, how deep its pocket is is not known: it goes into the nipple', () => {
    const { depth, pocket, exposed } = getTrapLengths(
      trapOf([1, 'down', 5, { terminal: { kind: 'plug' } }])!,
    );
    expect([depth, pocket]).to.deep.equal([null, null]);
    const bare = getTrapLengths(trapOf([1, 'down', 5])!);
    expect([bare.depth, bare.engagements[1]]).to.deep.equal([null, null]);
    expect(exposed === null || exposed > 0).to.equal(true);
  });
});

describe('a way of the shop’s own', () => {
  it('is said by the rule it stands in: the nipple’s always, that of a trap gone straight through only there', () => {
    const own = (rule: 'trap-nipple' | 'straight-trap') =>
      ({ [rule]: { option: 'own', name: 'ours', reason: 'as we do' } }) as RuleChoices;
    const findings = (rules: RuleChoices, legs?: readonly TestLeg[]) => {
      const { headline, further } = judgeDrop(
        listDrops(layOut(makeTrapped({ rules, ...(legs ? { legs } : {}) })))[0]!,
      );
      return [headline, ...further].flatMap(({ finding }) => (finding.code === 'own-way' ? [finding] : []));
    };
    const straight: readonly TestLeg[] = [
      [0, 'right', 60],
      [1, 'down', 40],
      [2, 'down', 12, { terminal: kiln() }],
      [2, 'right', 5.155, { cap: true }],
    ];
    const nipple = [{ code: 'own-way', rule: 'trap-nipple', name: 'ours' }];
    expect(findings(own('trap-nipple'))).to.deep.equal(nipple);
    expect(findings(own('straight-trap'))).to.deep.equal([]);
    expect(findings(own('straight-trap'), straight)).to.deep.equal([{ ...nipple[0], rule: 'straight-trap' }]);
    expect(findings({})).to.deep.equal([]);
  });
});

describe('a shut-off', () => {
  it('that no hand gets at stops, and is said once', () => {
    const doc = makeTrapped();
    const hidden = applyPlan(doc, mustBe(planSayZone(doc, [getLeg(doc, 2).id], 'concealed')));
    const { headline, further } = judgeDrop(listDrops(layOut(hidden))[0]!);
    const codes = [headline, ...further].map(({ severity, finding }) => `${severity} ${finding.code}`);
    expect(codes.filter((code) => code.includes('shut-off'))).to.deep.equal(['stop shut-off-unreached']);
    const reached = judgeDrop(listDrops(layOut(doc))[0]!);
    expect(
      [reached.headline, ...reached.further].some(({ finding }) => finding.code.startsWith('shut-off')),
    ).to.equal(false);
  });

  it('whose leg was not measured, or its way on, is asked for its distance', () => {
    const legs = (down: number | null, out: number | null): readonly TestLeg[] => [
      [0, 'right', 20],
      [1, 'down', down],
      [2, 'right', out, { terminal: kiln() }],
    ];
    for (const [down, out, length] of [
      [null, 12, null],
      [30, null, null],
      [30, 12, 15 + 12],
    ] as const) {
      const drop = listDrops(layOut(withParts(makeRun(legs(down, out)), [[2, 'valve', 0.5]])))[0]!;
      const fault = findShutOff(drop)!.fault;
      if (length !== null) expect(fault).to.equal(null);
      else expect(fault).to.include({ code: 'shut-off-asked', length: null });
    }
  });
});
