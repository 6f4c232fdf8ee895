import { expect } from 'chai';
import {
  JURISDICTIONS,
  findDepartures,
  HOUSE_RULES,
  resolveRules,
  getOpeningChoices,
  USUAL_WINDOWS,
  getWraps,
  tapeWrapsRule,
  makeChoice,
} from '#core/house-rules';
import { ruleChoicesSchema } from '#core/formats';
import { getRuleWords, sayChoice } from './house-rules.ts';

describe('house rules', () => {
  for (const rule of HOUSE_RULES) {
    it(`${rule.id}: its default is one of its sides, each side has its say, and every side can be kept`, () => {
      expect(rule.options as readonly string[]).to.include(rule.default);
      expect(new Set(rule.options).size).to.equal(rule.options.length);
      const words = getRuleWords(rule.id, 'in');
      expect(Object.keys(words.options).sort()).to.deep.equal([...rule.options].sort());
      for (const side of Object.values(words.options) as { says: string }[])
        expect(side.says.length).to.be.above(12);
      expect(words.reason.length).to.be.above(12);
      for (const option of rule.options) {
        const choices = { [rule.id]: makeChoice(rule.id, option as never, 'in') };
        expect(ruleChoicesSchema.validate(choices).error, option).to.equal(undefined);
      }
    });
  }

  it('an own way needs a name and a reason, and only where a shop may add one', () => {
    const check = (choices: object) => ruleChoicesSchema.validate(choices).error === undefined;
    expect(check({ 'trap-nipple': { option: 'own', name: '6 in', reason: 'Well water.' } })).to.equal(true);
    expect(check({ 'trap-nipple': { option: 'own', name: '6 in', reason: '' } })).to.equal(false);
    expect(check({ 'trap-nipple': { option: 'own', name: '', reason: 'Well water.' } })).to.equal(false);
    // That corrugated tubing needs no supports is a way no shop can add.
    expect(check({ 'csst-supports': { option: 'own', name: 'None', reason: 'Cheap.' } })).to.equal(false);
  });

  it('a window of our own has its least under its most, in turns that can be made', () => {
    const check = (upTo2in: object) =>
      ruleChoicesSchema.validate({ 'how-tight': { option: 'own-window', ...USUAL_WINDOWS, upTo2in } })
        .error === undefined;
    expect(check({ least: 2.25, most: 2.75 })).to.equal(true);
    for (const wrong of [{ least: 3, most: 2 }, { least: -1, most: 2 }, { least: 1, most: 7 }, { least: 1 }])
      expect(check(wrong), JSON.stringify(wrong)).to.equal(false);
    const own = sayChoice('how-tight', { option: 'own-window', ...USUAL_WINDOWS }, 'in');
    expect(own).to.include('2 to 3.5 up to size 2').and.include('1.5 to 2.75 for R');
  });

  it('every jurisdiction opens with choices that can be kept; what departs is named', () => {
    for (const jurisdiction of JURISDICTIONS) {
      for (const unit of ['in', 'mm'] as const) {
        const choices = getOpeningChoices(unit, jurisdiction);
        expect(ruleChoicesSchema.validate(choices).error).to.equal(undefined);
      }
    }
    expect(findDepartures(resolveRules({}))).to.deep.equal([]);
    expect(findDepartures(resolveRules(getOpeningChoices('in', 'uk')))).to.deep.equal([
      'compression',
      'soft-solder',
      'corrosive-gas',
      'trap-needed',
      'shut-off-reach',
    ]);
  });

  it('no school of tape is reckoned with fewer wraps than it names', () => {
    const wraps = tapeWrapsRule.options.map((option) => getWraps({ option }));
    expect(wraps).to.deep.equal([3, 3, 5, 8]);
  });
});
