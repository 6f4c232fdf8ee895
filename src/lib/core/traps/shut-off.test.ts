import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { kiln, makeTrapped, withParts } from '#support/make-trap.ts';
import { checkRun } from '#core/checks';
import { type RuleChoices, JURISDICTIONS, RULE_PACKS } from '#core/house-rules';
import {
  isPassedUpright,
  PASSAGES,
  type PassageKind,
  isOutOfReach,
  ZONES,
  type ZoneId,
} from '#core/permissions';
import { planPutPassage, planSayZone } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { inches } from '#core/units';
import { findDrop, listDrops } from './drop.ts';
import { judgeDrop } from './judge-drop.ts';
import { findShutOff } from './shut-off.ts';

const newId = makeIds('shutoff');
const codesOf = (doc: RunDoc): string[] => {
  const { headline, further } = judgeDrop(listDrops(layOut(doc))[0]!);
  return [headline, ...further].map(({ severity, finding }) => `${severity} ${finding.code}`);
};
const shutOffOf = (doc: RunDoc) => {
  const found = findShutOff(listDrops(layOut(doc))[0]!);
  return found ? (found.fault?.code ?? 'own') : 'none';
};
const say = (doc: RunDoc, tag: number, zone: ZoneId): RunDoc =>
  applyPlan(doc, mustBe(planSayZone(doc, [getLeg(doc, tag).id], zone)));
const pass = (doc: RunDoc, tag: number, kind: PassageKind, share: number): RunDoc =>
  applyPlan(doc, mustBe(planPutPassage(doc, getLeg(doc, tag).id, { kind, share, guard: 'sleeve' }, newId)));

/** Along, down to the appliance, out to it, and a trap; a valve so many inches of pipe from the inlet. */
const withValveAt = (away: number, choices: RuleChoices = {}): RunDoc => {
  const legs: readonly TestLeg[] = [
    [0, 'right', 700],
    [1, 'down', 30],
    [2, 'right', 12, { terminal: kiln() }],
    [2, 'down', 5.155, { cap: true }],
  ];
  const doc = makeRun(legs, '3/4', choices);
  return away <= 42
    ? withParts(doc, [[2, 'valve', (42 - away) / 30]])
    : withParts(doc, [[1, 'valve', (742 - away) / 700]]);
};

describe('the shut-off of an appliance', () => {
  it('is its own within six feet of pipe by the model rules, and too far beyond', () => {
    for (const away of [20, 40, 60, 71.9]) expect(shutOffOf(withValveAt(away)), String(away)).to.equal('own');
    for (const away of [72.1, 100, 600])
      expect(shutOffOf(withValveAt(away)), String(away)).to.equal('shut-off-far');
    expect(codesOf(withValveAt(600))[0]).to.equal('stop shut-off-far');
    const far = findShutOff(listDrops(layOut(withValveAt(600)))[0]!)!.fault!;
    expect(far.code === 'shut-off-far' && Math.abs(far.length! - inches(600)) < 1000).to.equal(true);
    const asked = codesOf(withValveAt(20, { 'shut-off-reach': { option: 'ask' } }));
    expect(asked).to.include('ask shut-off-asked');
    const three = { 'shut-off-reach': { option: 'three-feet' } } as const;
    expect([35, 37].map((away) => shutOffOf(withValveAt(away, three)))).to.deep.equal([
      'own',
      'shut-off-far',
    ]);
  });

  it('is asked about, however near, where the pack says no distance, and where the pipe was not measured', () => {
    for (const jurisdiction of JURISDICTIONS) {
      const isAmerican = jurisdiction === 'us-model';
      expect(shutOffOf(withValveAt(20, RULE_PACKS[jurisdiction])), jurisdiction).to.equal(
        isAmerican ? 'own' : 'shut-off-asked',
      );
    }
    const legs: readonly TestLeg[] = [
      [0, 'right', 700],
      [1, 'down', 30],
      [2, 'right', null, { terminal: kiln() }],
    ];
    expect(shutOffOf(withParts(makeRun(legs), [[2, 'valve', 0.5]]))).to.equal('shut-off-asked');
  });

  it('is none where no hand gets at it', () => {
    for (const zone of ZONES)
      expect(shutOffOf(say(withValveAt(20), 2, zone)), zone).to.equal(
        isOutOfReach(zone) ? 'shut-off-unreached' : 'own',
      );
  });

  it('is none beyond a floor or a wall; one before the valve is no matter', () => {
    for (const kind of PASSAGES) {
      const upright = isPassedUpright(kind);
      // The valve stands in the leg that comes down, 8 in before its end: behind it, and before it.
      const beyond = upright ? pass(withValveAt(20), 2, kind, 0.9) : pass(withValveAt(20), 3, kind, 0.5);
      const before = upright ? pass(withValveAt(20), 2, kind, 0.2) : pass(withValveAt(20), 1, kind, 0.9);
      expect([shutOffOf(beyond), shutOffOf(before)], kind).to.deep.equal(['shut-off-beyond', 'own']);
    }
  });

  it('is none beyond a passage of its own leg where either place along it is not known', () => {
    const legs = (down: number | null): readonly TestLeg[] => [
      [0, 'right', 700],
      [1, 'down', down],
      [2, 'right', 12, { terminal: kiln() }],
    ];
    const doc = (down: number | null) =>
      pass(withParts(makeRun(legs(down)), [[2, 'valve', 0.5]]), 2, 'floor', 0.2);
    expect([shutOffOf(doc(30)), shutOffOf(doc(null))]).to.deep.equal(['own', 'shut-off-beyond']);
    // A valve that stands at the node at the end of a leg has all of the leg before it.
    expect(shutOffOf(pass(withValveAt(20), 2, 'floor', 0.74))).to.equal('shut-off-beyond');
  });

  it('a nearer one counts, whatever stands farther off', () => {
    const both = withParts(withValveAt(600), [[2, 'valve', 0.5]]);
    expect(shutOffOf(both)).to.equal('own');
    expect(findShutOff(listDrops(layOut(both))[0]!)!.at).to.be.greaterThan(0);
  });

  it('is asked for where no trap is judged, too', () => {
    const drop = (choices: RuleChoices, parts: Parameters<typeof withParts>[1]) =>
      checkRun(
        layOut(
          withParts(
            makeRun(
              [
                [0, 'right', 20],
                [1, 'down', 30, { terminal: kiln() }],
              ],
              '3/4',
              choices,
            ),
            parts,
          ),
        ),
      ).flatMap((finding) =>
        finding.code === 'shut-off' ? [`${finding.severity} ${finding.fault.code}`] : [],
      );
    const none = { 'trap-needed': { option: 'none' } } as const;
    expect(drop(none, [])).to.deep.equal(['ask no-shut-off']);
    expect(drop(none, [[2, 'valve', 0.5]])).to.deep.equal([]);
    // A plate that says that it has none: nothing is left to ask, but for a distance that nobody said.
    const said = (choices: RuleChoices, parts: Parameters<typeof withParts>[1]) =>
      checkRun(
        layOut(
          withParts(
            makeRun(
              [
                [0, 'right', 20],
                [1, 'down', 30, { terminal: kiln({ hasShutOff: false }) }],
              ],
              '3/4',
              { ...none, ...choices },
            ),
            parts,
          ),
        ),
      ).flatMap((finding) =>
        finding.code === 'shut-off' ? [`${finding.severity} ${finding.fault.code}`] : [],
      );
    expect(said({}, [])).to.deep.equal(['stop no-shut-off']);
    expect(said({ 'shut-off-reach': { option: 'ask' } }, [[2, 'valve', 0.5]])).to.deep.equal([
      'ask shut-off-asked',
    ]);
    const own = makeRun([[0, 'down', 30, { terminal: kiln({ hasShutOff: true }) }]], '3/4', none);
    expect(checkRun(layOut(own)).some(({ code }) => code === 'shut-off')).to.equal(false);
  });
});

describe('a trap that no hand gets at', () => {
  it('stops, wherever it was said to run: of a nipple nobody said it, it is where the pipe is that it hangs from', () => {
    for (const zone of ZONES) {
      const own = codesOf(say(makeTrapped(), 4, zone));
      expect(own[0], zone).to.equal(isOutOfReach(zone) ? 'stop out-of-reach' : 'note works');
      const hung = codesOf(say(makeTrapped(), 2, zone));
      expect(hung.includes('stop out-of-reach'), zone).to.equal(isOutOfReach(zone));
    }
  });

  it('is a finding of its place besides: cap, valve and union each', () => {
    const concealed = [2, 4].reduce((doc, tag) => say(doc, tag, 'concealed'), makeTrapped());
    const layout = layOut(concealed);
    const placed = checkRun(layout, { gas: 'natural', jurisdiction: 'us-model' }).flatMap((finding) =>
      finding.code === 'place' && finding.what.kind === 'part'
        ? [`${finding.severity} ${finding.what.part} ${finding.marks.join()}`]
        : [],
    );
    expect(placed.sort()).to.deep.equal(['stop cap 4', 'stop union 2', 'stop valve 2']);
    expect(findDrop(layout, getLeg(concealed, 3).to)).not.to.equal(null);
  });
});
