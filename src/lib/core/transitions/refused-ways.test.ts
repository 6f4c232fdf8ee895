import { expect } from 'chai';
import { standardCatalogue, makeTaperEnd } from '#core/catalogue';
import type { End, Gender, ThreadFamily } from '#core/ends';
import { resolveRules, type RuleChoices } from '#core/house-rules';
import { judgeEnds } from '#core/joints';
import { listRefusedWays, REFUSED_WAYS, type RefusedWay } from './refused-ways.ts';
import type { Where } from './transition-index.ts';

const thread = (
  family: ThreadFamily,
  size: string,
  gender: Gender,
  seat: 'none' | '30' | '37' | '45' = 'none',
): End => ({ kind: 'thread', family, size, gender, hand: null, seat, metal: 'brass' });
const copper: End = { kind: 'tube', of: 'copper', name: '1/2 L', prepared: 'plain', temper: 'soft' };
const pipe = makeTaperEnd('NPT', '1/2', 'female');
const list = (
  a: End,
  b: End,
  choices: RuleChoices = {},
  where: Where | null = null,
): readonly RefusedWay[] => {
  const rules = resolveRules(choices);
  return listRefusedWays({
    ends: [a, b],
    verdict: judgeEnds(a, b, standardCatalogue.ends, rules),
    rules,
    where,
  });
};
const here = (zone: Where['zone'], ammonia = false): Where => ({ zone, jurisdiction: 'us-model', ammonia });

describe('ways that are refused by name', () => {
  const SAID: readonly (readonly [RefusedWay, readonly RefusedWay[], readonly RefusedWay[]])[] = [
    ['straight-in-taper', list(thread('npsm', '1/2', 'male'), pipe), list(makeTaperEnd('NPT', '1/2', 'male'), pipe)],
    ['sixty-in-fifty-five', list(makeTaperEnd('R', '1/2', 'male'), pipe), list(makeTaperEnd('NPT', '1/2', 'male'), pipe)],
    ['cones-differ', list(thread('jic-37', '-8 (1/2 tube)', 'male', '37'), thread('sae-45', '1/2 tube', 'female', '45')), list(thread('sae-45', '1/2 tube', 'male', '45'), thread('sae-45', '1/2 tube', 'female', '45'))],
    ['push-fit', list(copper, pipe), list(pipe, makeTaperEnd('NPT', '1/2', 'male'))],
    ['conduit', list(pipe, makeTaperEnd('NPT', '1/2', 'male')), list(makeTaperEnd('R', '1/2', 'male'), makeTaperEnd('R', '1/2', 'male'))],
    ['galvanised', list(pipe, pipe), list(pipe, pipe, { galvanised: { option: 'allowed' } })],
    ['soft-solder', list(copper, pipe, { 'soft-solder': { option: 'brazing' } }), list(copper, pipe, { 'soft-solder': { option: 'capillary' } })],
    ['compression', list(copper, pipe, { compression: { option: 'forbidden' } }), list(copper, pipe, { compression: { option: 'accessible' } })],
    ['concealed', list(pipe, pipe, {}, here('concealed')), list(pipe, pipe, {}, here('indoors'))],
    ['ammonia', list(pipe, pipe, {}, here(null, true)), list(pipe, pipe, {}, here(null))],
    ['hose-barb', list(pipe, pipe), list(copper, copper)],
  ]; // prettier-ignore
  for (const [way, asked, not] of SAID)
    it(`${way} is said where it is anyone’s business, and nowhere else`, () => {
      expect(asked).to.include(way);
      expect(not).to.not.include(way);
    });

  it('each of them is here', () =>
    expect(SAID.map(([way]) => way)).to.have.members(REFUSED_WAYS as unknown as string[]));
});
