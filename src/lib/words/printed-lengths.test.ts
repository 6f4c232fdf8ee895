import { expect } from 'chai';
import { type RuleChoices, RULE_PACKS } from '#core/house-rules';
import { layOut } from '#support/make-run.ts';
import { expectOneLength } from '#support/printed-lengths.ts';
import { makeMixedRun } from '#support/random-run.ts';

const SEED = 14_001;
const RUNS = 200;

describe(`the length of a piece, wherever it is printed (${RUNS} random runs, seed ${SEED})`, () => {
  const kinds = new Map<string, number>();
  const packs: readonly RuleChoices[] = Object.values(RULE_PACKS);
  for (let i = 0; i < RUNS; i++) {
    it(`is one in run ${i}`, () => {
      const base = makeMixedRun(3 + (i % 12), SEED + i);
      const doc = { ...base, ruleChoices: { ...base.ruleChoices, ...packs[i % packs.length] } };
      for (const kind of expectOneLength(layOut(doc), String(SEED + i)))
        kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    });
  }

  it('was held for straight pipe and for tube that is cut longer, in every place', () => {
    for (const [kind, least] of [
      ['black-iron', 300],
      ['black-iron: why', 300],
      ['black-iron: tape', 200],
      ['black-iron: drawing', 200],
      ['black-iron: lines', 400],
      ['csst, cut longer', 40],
      ['copper-flared, cut longer', 1],
      ['shorthand', 100],
    ] as const)
      expect(kinds.get(kind) ?? 0, `${kind} of ${JSON.stringify([...kinds])}`).to.be.at.least(least);
  });
});
