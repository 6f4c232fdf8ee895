import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { standardCatalogue } from '../catalogue/standard-catalogue.ts';
import { makeTaperEnd } from '../catalogue/taper-end.ts';
import type { End } from '../ends/end.ts';
import { resolveRules } from '../house-rules/house-rules.ts';
import { listChainParts, type ChainPart } from './chain-part.ts';
import { compareChains, findTransitions, getCost, SLACK, WISHES, type Chain, type TransitionQuestion } from './find-transitions.ts'; // prettier-ignore
import { nameOf, TransitionIndex, type Turned } from './transition-index.ts';
import type { JointKindId } from '../joints/pair-verdict.ts';

const SEED = 20_410;
const rules = resolveRules({});
const ALL = listChainParts(standardCatalogue);
const index = new TransitionIndex(standardCatalogue, rules);

const npt = (size: '1/4' | '3/8' | '1/2' | '3/4' | '1', gender: 'male' | 'female') => makeTaperEnd('NPT', size, gender);
const ask = (from: End, to: End, more: Partial<TransitionQuestion> = {}) =>
  findTransitions(index, { from, to, moves: ['turns', 'fixed'], leastBore: null, wish: 'leaks', ...more });
const say = (from: End, to: End, more: Partial<TransitionQuestion> = {}) => {
  const answer = ask(from, to, more);
  return answer.ok
    ? answer.chains.map(({ links, cost }) => `${links.map(({ chainPart }) => chainPart.part.id).join(' + ')}: ${cost.leaks}`)
    : [answer.refusal.code + ('unless' in answer.refusal ? ` ${answer.refusal.unless}` : '')];
}; // prettier-ignore

it('probe', () => {
  console.log(ALL.length, index.size);
  const t0 = performance.now();
  console.log(say(npt('3/4', 'male'), npt('3/4', 'male')));
  console.log(say(npt('3/4', 'female'), npt('3/4', 'female')));
  console.log(say(npt('3/4', 'male'), npt('1/2', 'male')));
  console.log(say(npt('3/4', 'male'), npt('1/2', 'female')));
  console.log(say(npt('3/4', 'male'), makeTaperEnd('R', '3/4', 'male')));
  const flare: End = { kind: 'tube', of: 'copper', name: '3/8 ACR coil', prepared: 'flared', temper: 'soft' };
  console.log(say(flare, npt('1/2', 'female')), say(flare, npt('1/2', 'male')));
  console.log(say(npt('3/4', 'male'), npt('3/4', 'male'), { moves: ['fixed', 'fixed'] }));
  console.log(performance.now() - t0);
  void [makeRandom, SEED, compareChains, getCost, SLACK, WISHES, nameOf]; void (null as unknown as [Chain, Turned, ChainPart, JointKindId]);
});
