import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { standardCatalogue } from '../catalogue/standard-catalogue.ts';
import { makeTaperEnd, type TaperFamily } from '../catalogue/taper-end.ts';
import type { End, Gender } from '../ends/end.ts';
import type { NominalSize } from '../ends/size.ts';
import { resolveRules } from '../house-rules/house-rules.ts';
import { isForbidden } from '../joints/house-ruling.ts';
import { judgeEnds } from '../joints/judge-ends.ts';
import { findBore, listChainParts, type ChainPart } from './chain-part.ts';
import {
  compareChains,
  findTransitions,
  getCost,
  keepDifferent,
  listSorts,
  MOVEMENTS,
  SLACK,
  WISHES,
  type Chain,
  type TransitionQuestion,
} from './find-transitions.ts';
import { TransitionIndex, type Turned } from './transition-index.ts';

const SEED = 20_410;
const rules = resolveRules({});
const ALL = listChainParts(standardCatalogue);
const index = new TransitionIndex(standardCatalogue, rules);

const taper = (size: NominalSize, gender: Gender, system: TaperFamily = 'NPT') => makeTaperEnd(system, size, gender); // prettier-ignore
const question = (from: End, to: End, more: Partial<TransitionQuestion> = {}): TransitionQuestion => ({
  from,
  to,
  moves: ['turns', 'fixed'],
  leastBore: null,
  wish: 'leaks',
  ...more,
});
const say = (from: End, to: End, more: Partial<TransitionQuestion> = {}, by = index): string[] => {
  const answer = findTransitions(by, question(from, to, more));
  if (answer.ok)
    return answer.chains.map(({ links, cost }) => `${cost.leaks} ${links.map(({ chainPart }) => chainPart.part.id).join(' + ')}`); // prettier-ignore
  const { refusal } = answer;
  return [refusal.code === 'nothing-joins' ? `nothing-joins ${refusal.unless}` : refusal.code];
};
const flared: End = { kind: 'tube', of: 'copper', name: '3/8 ACR coil', prepared: 'flared', temper: 'soft' };
const csst: End = { kind: 'tube', of: 'csst', name: '1/2 CSST', prepared: 'plain', temper: null };
const pe: End = { kind: 'tube', of: 'polyethylene', name: '1 IPS SDR 11', prepared: 'plain', temper: null };
const olive: End = { kind: 'tube', of: 'copper', name: '8 mm', prepared: 'plain', temper: 'soft' };

describe('what goes between two ends', () => {
  const SAID: readonly (readonly [string, End, End, string])[] = [
    ['two pipes', taper('3/4', 'male'), taper('3/4', 'male'), '2 malleable-150/coupling/3/4'],
    ['two openings', taper('3/4', 'female'), taper('3/4', 'female'), '2 counter/nipple/3-4'],
    ['a larger pipe and a smaller', taper('3/4', 'male'), taper('1/2', 'male'), '2 malleable-150/coupling/3/4x1/2'],
    ['an opening and a smaller pipe', taper('3/4', 'female'), taper('1/2', 'male'), '2 malleable-150/hex-bushing/3/4x1/2'],
    ['American and British pipe', taper('3/4', 'male'), taper('3/4', 'male', 'R'), '2 counter/converter/3-4/NPT-female-R-female'],
    ['a flared tube and an opening', flared, taper('1/2', 'female'), '2 tube/flare/adapter/3-8-ACR/NPT-1-2-male'],
    ['a flared tube and a pipe', flared, taper('1/2', 'male'), '2 tube/flare/adapter/3-8-ACR/NPT-1-2-female'],
    ['tubing and pipe', csst, taper('1/2', 'male'), '2 tube/csst/adapter/1-2/NPT-1-2-female'],
    ['polyethylene and pipe', pe, taper('1', 'male'), '2 tube/stab/adapter/1-IPS-SDR-11/NPT-1-female'],
    ['8 mm copper and a British elbow', olive, taper('1/4', 'female', 'R'), '2 tube/brazed/adapter/8-mm/R-1-4-male'],
  ]; // prettier-ignore
  for (const [name, from, to, best] of SAID)
    it(name, () => {
      // Of two as good the names decide: what is soldered before what is clamped.
      expect(say(from, to).filter((each) => each.startsWith('2 '))).to.include(best);
      // And the other way round.
      expect(findTransitions(index, question(to, from)).ok).to.equal(true);
    });

  it('soft copper cut square may be flared, which is asked first; hard copper may not', () => {
    const plain = (temper: 'soft' | 'hard' | 'unknown'): End => ({ kind: 'tube', of: 'copper', name: '1/2 L', prepared: 'plain', temper }); // prettier-ignore
    const flareOf = (end: End) => {
      const answer = findTransitions(index, question(end, taper('1/2', 'male')));
      const chain = answer.ok && answer.chains.find(({ links }) => links[0]!.chainPart.part.join === 'flare');
      return chain ? chain.joints[0]!.conditions : null;
    };
    expect(flareOf(plain('soft')))
      .to.include('flare-the-tube')
      .and.not.include('soft-tube');
    expect(flareOf(plain('unknown'))).to.include.members(['flare-the-tube', 'soft-tube']);
    expect(flareOf(plain('hard'))).to.equal(null);
  });

  it('olives only where the house lets them', () => {
    const allowed = new TransitionIndex(
      standardCatalogue,
      resolveRules({ compression: { option: 'accessible' } }),
    );
    const ends = [olive, taper('1/4', 'female', 'R')] as const;
    const isOlive = (each: string): boolean => each.includes('compression');
    expect(say(...ends).some(isOlive)).to.equal(false);
    expect(say(...ends, {}, allowed)).to.include('2 tube/compression/adapter/8-mm/R-1-4-male');
  });

  it('between two that are fixed something draws together: a union in place of a coupling', () => {
    const ends = [taper('3/4', 'male'), taper('3/4', 'male')] as const;
    expect(say(...ends, { moves: ['fixed', 'fixed'] })[0]).to.equal('3 malleable-150/union/3/4');
    expect(say(...ends, { moves: ['fixed', 'turns'] })[0]).to.equal('2 malleable-150/coupling/3/4');
  });

  it('never narrower than was asked for, and says that it is that', () => {
    const ends = [taper('3/4', 'male'), taper('1/2', 'male')] as const;
    const bore = (end: End) => findBore(end, standardCatalogue);
    expect(say(...ends, { leastBore: bore(ends[0]) })).to.deep.equal(['nothing-joins narrower']);
    const answer = findTransitions(index, question(...ends, { leastBore: bore(ends[1]) }));
    expect(answer.ok && answer.chains.every(({ cost }) => cost.bore >= bore(ends[1])!)).to.equal(true);
  });

  it('the same end twice needs something; a pair that makes needs nothing where one side can turn', () => {
    expect(say(taper('3/4', 'male'), taper('3/4', 'male'))[0]).to.include('coupling');
    expect(say(taper('3/4', 'male'), taper('3/4', 'female'))).to.deep.equal(['nothing-needed']);
    expect(say(taper('3/4', 'male'), taper('3/4', 'female'), { moves: ['fixed', 'fixed'] })[0]).to.include('union'); // prettier-ignore
  });

  it('an end that is not known, hose thread, a cylinder without a regulator, another gas: refused, and why', () => {
    const thread = (family: 'garden-hose' | 'cylinder'): End[] =>
      standardCatalogue.ends.threads.threads
        .filter((each) => each.family === family)
        .map(({ size, gender }) => ({ kind: 'thread', family, size, gender, hand: null, seat: 'unknown', metal: 'brass' })); // prettier-ignore
    expect(say({ kind: 'unknown', among: [], certainty: 'tie' }, taper('3/4', 'male'))).to.deep.equal(['end-unknown']); // prettier-ignore
    for (const end of [...thread('garden-hose'), ...thread('cylinder')])
      expect(say(end, taper('1/2', 'female')), JSON.stringify(end)).to.deep.equal(['nothing-joins null']);
  });

  it('what the house forbids, and what may not be in a place, is in no chain', () => {
    const concealed = new TransitionIndex(standardCatalogue, rules, { zone: 'concealed', jurisdiction: 'us-model' }); // prettier-ignore
    expect(say(flared, taper('1/2', 'female'), {}, concealed)).to.deep.equal(['nothing-joins null']);
    expect(
      say(taper('3/4', 'male'), taper('3/4', 'male'), { moves: ['fixed', 'fixed'] }, concealed),
    ).to.deep.equal(['nothing-joins not-fixed']);
  });

  it('every joint of a chain is one that may be offered, by construction', () => {
    for (const [, from, to] of SAID) {
      const answer = findTransitions(index, question(from, to));
      if (!answer.ok) throw new Error('refused');
      for (const { joints, links, cost } of answer.chains) {
        expect(joints).to.have.length(links.length + 1);
        for (const joint of joints) {
          expect(joint.joint).not.to.equal(null);
          expect(isForbidden(joint)).to.equal(false);
        }
        expect(cost.leaks).to.equal(joints.length + links.reduce((sum, { chainPart }) => sum + chainPart.seats, 0)); // prettier-ignore
      }
    }
  });
});

/** Every simple chain, with nothing left out but what costs more than may be shown. */
function listAll(
  parts: readonly ChainPart[],
  { from, to, moves, leastBore, wish }: TransitionQuestion,
): readonly Chain[] {
  const makes = (a: End, b: End) => {
    const verdict = judgeEnds(a, b, standardCatalogue.ends, rules);
    return verdict.joint !== null && !isForbidden(verdict) ? verdict : null;
  };
  const name = (end: End) => JSON.stringify({ ...end, metal: '' });
  const nut = new Set(['union', 'flare-45', 'flare-37', 'connector-flare', 'npsm-swivel', 'g-washer', 'contact', 'flange', 'csst', 'inverted-flare']); // prettier-ignore
  const push = new Set(['press', 'pe-stab', 'pe-fusion', 'cutting-ring', 'valve', 'capillary', 'brazed']);
  const turnedParts = parts.flatMap((chainPart): Turned[] => {
    const [a, b] = chainPart.ports;
    const one = { chainPart, inner: a.end, outer: b.end, innerAt: 0, outerAt: 0 };
    const other = { chainPart, inner: b.end, outer: a.end, innerAt: 0, outerAt: 0 };
    return name(a.end) === name(b.end) ? [one] : [one, other];
  });
  const closes = (joint: string): boolean =>
    nut.has(joint) || (moves.includes('slides') && (push.has(joint) || joint === 'compression'));
  const found: Chain[] = [];
  const isFreeBy = (joint: string, { chainPart }: Turned): boolean => closes(joint) || chainPart.seats > 0;
  const go = (end: End, links: readonly Turned[], wants: boolean, met: readonly string[]): void => {
    const last = links.length > 0 ? makes(end, to) : null;
    if (last) {
      const joints = [
        ...links.map(({ inner }, i) => makes(i === 0 ? from : links[i - 1]!.outer, inner)!),
        last,
      ];
      const seats = links.reduce((sum, { chainPart }) => sum + chainPart.seats, 0);
      if (!wants || closes(last.joint!))
        found.push({ links, joints, cost: getCost(links, joints.length + seats) });
    }
    for (const turned of turnedParts) {
      const { chainPart, inner, outer } = turned;
      if (leastBore !== null && (chainPart.bore ?? 0) < leastBore) continue;
      const verdict = makes(end, inner);
      if (!verdict || (links.length > 0 && push.has(verdict.joint!))) continue;
      const still = wants && !isFreeBy(verdict.joint!, turned);
      const state = `${still} ${name(outer)}`;
      if (!met.includes(state)) go(outer, [...links, turned], still, [...met, state]);
    }
  };
  const wanted = !moves.includes('turns');
  go(from, [], wanted, [`${wanted} ${name(from)}`]);
  const least = Math.min(...found.map(({ cost }) => cost.leaks));
  const near = found.filter(({ cost }) => cost.leaks <= least + SLACK);
  const best = new Map<string, Chain>();
  for (const chain of near) {
    const sort = listSorts(chain.links).join(' + ');
    const before = best.get(sort);
    if (!before || compareChains(chain, before, wish) < 0) best.set(sort, chain);
  }
  return keepDifferent([...best.values()].sort((a, b) => compareChains(a, b, wish)));
}

it(`chains are those of a search that leaves nothing out, on 500 random catalogues (seed ${SEED})`, () => {
  // Of sizes that meet often, so that there are chains to be found.
  const near = ALL.filter(({ ports }) => ports.every(({ end }) => end.kind !== 'thread' || ['1/2', '3/4', '3/8 tube', '1/2 tube'].includes(end.size))); // prettier-ignore
  const threaded = near.filter(({ ports }) =>
    ports.every(({ end }) => end.kind === 'thread' && end.family === 'npt'),
  );
  let [joined, refused, several] = [0, 0, 0];
  for (let i = 0; i < 500; i++) {
    const random = makeRandom(SEED + i);
    const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
    const parts = [
      ...new Set(Array.from({ length: 11 }, () => (random() < 0.9 ? pick(threaded) : pick(near)))),
    ];
    const ends: readonly End[] = [
      ...parts.flatMap(({ ports }) => ports.map(({ end }) => end)),
      taper('1/2', 'male'), taper('3/4', 'female'), flared,
    ].filter((end) => end.kind === 'thread' || random() < 0.2); // prettier-ignore
    const asked = question(pick(ends), pick(ends), {
      moves: [pick(MOVEMENTS), pick(MOVEMENTS)],
      leastBore: random() < 0.3 ? findBore(pick(ends), standardCatalogue) : null,
      wish: pick(WISHES),
    });
    const answer = findTransitions(new TransitionIndex(standardCatalogue, rules, null, parts), asked);
    if (!answer.ok && answer.refusal.code === 'nothing-needed') continue;
    const all = listAll(parts, asked);
    const sayAll = (chains: readonly Chain[]) =>
      chains.map(({ links, cost }) => [links.map(({ chainPart }) => chainPart.part.id), cost]);
    expect(sayAll(answer.ok ? answer.chains : []), `seed ${SEED + i}`).to.deep.equal(sayAll(all));
    if (all.length === 0) refused++;
    else joined++;
    if (all.length > 1) several++;
  }
  expect(Math.min(joined, refused)).to.be.greaterThan(60);
  expect(several).to.be.greaterThan(15);
});
