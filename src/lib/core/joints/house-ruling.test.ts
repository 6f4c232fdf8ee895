import { expect } from 'chai';
import { HOUSE_RULES, resolveRules, type RuleChoices, type RuleId } from '#core/house-rules';
import {
  standardCatalogue,
  standardThreads,
  standardTubes,
  type FiguredEnd,
  listEnds,
  listTubeEnds,
  makeThreadEnd,
} from '#core/catalogue';
import { checkJoint } from './check-joint.ts';
import { isForbidden, judgeByHouse, ruleByHouse } from './house-ruling.ts';
import { findPractice } from './joint-practice.ts';
import { JOINTS } from './kinds/joint-kinds.ts';
import { JOINT_KINDS } from './pair-verdict.ts';

const ENDS = listEnds(standardThreads, listTubeEnds(standardTubes, standardCatalogue.pipes));
const find = (id: string, more: object = {}): FiguredEnd =>
  makeThreadEnd(standardThreads.findThread(id)!, more);
const judge = (a: FiguredEnd, b: FiguredEnd, choices: RuleChoices) =>
  judgeByHouse(checkJoint(a, b), [a, b], resolveRules(choices));
const OWN = { option: 'own', name: 'Only in the yard', reason: 'Seen every day.' } as const;

describe('what the house says of a joint', () => {
  const male = find('npt-1/2-male', { metal: 'galvanised' });
  const female = find('npt-1/2-female');
  const galvanised: [RuleChoices, string, string | null][] = [
    [{}, 'forbids', null],
    [{ galvanised: { option: 'existing-only' } }, 'only-if', 'existing-work'],
    [{ galvanised: { option: 'allowed' } }, 'allows', null],
    [{ galvanised: OWN }, 'only-if', 'own-way'],
  ];
  for (const [choices, ruling, condition] of galvanised) {
    it(`galvanised pipe: ${JSON.stringify(choices)} ${ruling}`, () => {
      const judged = judge(male, female, choices);
      expect(judged.house).to.deep.equal([{ rule: 'galvanised', ruling, condition }]);
      expect(isForbidden(judged)).to.equal(ruling === 'forbids');
      expect(judged.verdict).to.equal(ruling === 'allows' ? 'makes' : 'makes-only-if');
      expect(judged.conditions).to.deep.equal(['sealant']);
    });
  }

  it('copper is soldered, brazed, or neither, as the house says', () => {
    for (const [option, capillary, brazed] of [
      ['forbidden', 'forbids', 'forbids'],
      ['capillary', 'allows', 'allows'],
      ['brazing', 'forbids', 'allows'],
    ] as const) {
      const rules = resolveRules({ 'soft-solder': { option } });
      const of = (joint: 'capillary' | 'brazed') =>
        ruleByHouse(joint, rules).map(({ rule, ruling }) => [rule, ruling]);
      expect([of('capillary'), of('brazed')], option).to.deep.equal([
        [['soft-solder', capillary]],
        [['soft-solder', brazed]],
      ]);
    }
    expect(ruleByHouse('npt-in-npt', resolveRules({}))).to.deep.equal([]);
  });

  it('compression is forbidden, or made on its conditions, as the house says', () => {
    const [a, b] = ENDS.filter((end) => end.kind === 'thread' && end.thread.family === 'olive');
    const pairs = ENDS.flatMap((end) =>
      end.kind === 'thread' && checkJoint(a!, end).joint === 'compression' ? [end] : [],
    );
    expect(b && pairs.length, 'an olive nut has its body').to.be.above(0);
    const of = (choices: RuleChoices) =>
      judge(a!, pairs[0]!, choices).house.flatMap(({ rule, ruling, condition }) =>
        rule === 'compression' ? [[ruling, condition]] : [],
      );
    expect(of({})).to.deep.equal([['forbids', null]]);
    expect(of({ compression: { option: 'copper-olives' } })).to.deep.equal([['only-if', 'copper-olive']]);
    expect(of({ compression: { option: 'accessible' } })).to.deep.equal([['only-if', 'accessible']]);
  });

  it('what can work loose stays where it is seen: unions, flares, compression', () => {
    const thread = (family: string) =>
      ENDS.filter((end) => end.kind === 'thread' && end.thread.family === family);
    for (const family of ['sae-45', 'connector', 'jic-37', 'inverted-flare', 'olive', 'compression']) {
      const ends = thread(family);
      const [a, b] = ends.flatMap((one) =>
        ends.filter((other) => checkJoint(one, other).joint !== null).map((other) => [one, other] as const),
      )[0]!;
      const ruling = (choices: RuleChoices) =>
        judge(a, b, choices).house.find(({ rule }) => rule === 'concealed');
      expect(ruling({}), family).to.deep.equal({
        rule: 'concealed',
        ruling: 'only-if',
        condition: 'accessible',
      });
      expect(ruling({ concealed: { option: 'allowed' } })?.ruling, family).to.equal('allows');
    }
  });

  it('polyethylene is joined by the school of the house; a union stays where it is seen', () => {
    const isOf = (end: FiguredEnd) =>
      end.kind === 'union-half' || (end.kind !== 'thread' && 'name' in end && end.name.includes('IPS'));
    const some = ENDS.filter(isOf);
    const all = some.flatMap((a) => some.map((b) => [a, b] as const));
    const pick = (joint: string) => all.find(([a, b]) => checkJoint(a, b).joint === joint)!;
    const ruling = (joint: string, choices: RuleChoices) =>
      judge(...pick(joint), choices).house.map((each) => each.ruling);
    for (const [option, fusion, stab] of [
      ['fusion', 'allows', 'forbids'],
      ['stab', 'forbids', 'allows'],
      ['either', 'allows', 'allows'],
    ] as const) {
      expect(ruling('pe-fusion', { 'joining-pe': { option } })).to.deep.equal([fusion]);
      expect(ruling('pe-stab', { 'joining-pe': { option } })).to.deep.equal([stab]);
    }
    expect(ruling('union', {})).to.deep.equal(['only-if']);
    expect(ruling('union', { concealed: { option: 'allowed' } })).to.deep.equal(['allows']);
  });

  it('never turns what does not make into something that does, whatever it chooses', () => {
    const free = resolveRules({
      galvanised: { option: 'allowed' },
      compression: { option: 'accessible' },
      concealed: { option: 'allowed' },
    });
    let judged = 0;
    const some = ENDS.filter((_, i) => i % 9 === 0);
    for (const a of some)
      for (const b of some) {
        const found = checkJoint(a, b);
        const { verdict, house } = judgeByHouse(found, [a, b], free);
        if (found.joint !== null) continue;
        judged++;
        expect(verdict).to.equal(found.verdict);
        expect(house).to.deep.equal([]);
      }
    expect(judged).to.be.above(1000);
  });

  it('with no rule of its business a joint stays what it was', () => {
    const [a, b] = [find('npt-1/2-male'), female];
    expect(judge(a, b, {})).to.deep.equal({ ...checkJoint(a, b), house: [] });
  });
});

describe('what the house does at a joint', () => {
  const rules = resolveRules({});
  for (const id of JOINT_KINDS) {
    it(`${id}: sealant only where it goes, and each rule that decided is one`, () => {
      const practice = findPractice(JOINTS[id], rules);
      expect(practice.sealant !== null).to.equal(JOINTS[id].sealant === 'required');
      expect(practice.holds).to.deep.equal(JOINTS[id].secondWrench ? rules['who-holds'] : null);
      expect(practice.grips).to.deep.equal(JOINTS[id].turnedBy === 'pipe-wrench' ? rules.gripping : null);
      const ids = HOUSE_RULES.map((rule): RuleId => rule.id);
      const places = practice.decidedBy.map((rule) => ids.indexOf(rule));
      expect(places).to.not.include(-1);
      expect(places).to.deep.equal(places.toSorted((a, b) => a - b));
    });
  }

  it('a taper joint names the rules of tape only where tape goes on; made again or not as the house says', () => {
    const of = (choices: RuleChoices) => findPractice(JOINTS['npt-in-npt'], resolveRules(choices));
    expect(of({}).decidedBy).to.include('tape-wraps');
    expect(of({}).decidedBy).to.include.members([
      'engagement-figure',
      'how-tight',
      'sealant',
      'who-holds',
      'gripping',
      'remaking',
    ]);
    expect(findPractice(JOINTS['flare-45'], resolveRules({})).decidedBy).to.not.include('gripping');
    expect(of({ sealant: { option: 'compound' } }).decidedBy).to.not.include('tape-wraps');
    expect(of({}).madeAgain).to.equal('clean-once');
    expect(of({ remaking: { option: 'never' } }).madeAgain).to.equal('never');
    expect(
      findPractice(JOINTS['flare-45'], resolveRules({ remaking: { option: 'never' } })).madeAgain,
    ).to.equal('flare-again');
  });
});
