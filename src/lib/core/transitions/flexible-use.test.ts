import { share, shareOf } from '#support/share.ts';
import { expect } from 'chai';
import { askAbout } from '#support/transition-question.ts';
import { standardCatalogue, makeTaperEnd, getOwnSeat, isOfCylinder } from '#core/catalogue';
import type { End, Gender, ThreadFamily } from '#core/ends';
import { resolveRules, GASES, JURISDICTIONS, type Jurisdiction, RULE_PACKS } from '#core/house-rules';
import { findTransitions } from './find-transitions.ts';
import type { TransitionQuestion } from './question.ts';
import { TransitionIndex } from './transition-index.ts';

const indexes = new Map<Jurisdiction, TransitionIndex>();
const indexOf = (jurisdiction: Jurisdiction): TransitionIndex => {
  const known = indexes.get(jurisdiction);
  if (known) return known;
  const where = { zone: null, jurisdiction, ammonia: false };
  const made = new TransitionIndex(standardCatalogue, resolveRules(RULE_PACKS[jurisdiction]), where);
  indexes.set(jurisdiction, made);
  return made;
};
const ask = (from: End, to: End, more: Partial<TransitionQuestion>, jurisdiction: Jurisdiction) =>
  findTransitions(indexOf(jurisdiction), askAbout(from, to, more));
const kindsOf = (answer: ReturnType<typeof ask>): string[][] =>
  answer.ok ? answer.chains.map(({ links }) => links.map(({ chainPart }) => chainPart.part.kind)) : [];
const isHose = (kind: string): boolean => kind.endsWith('hose');

const thread = (family: ThreadFamily, size: string, gender: Gender): End => ({
  kind: 'thread',
  family,
  size,
  gender,
  hand: null,
  seat: getOwnSeat(family),
  metal: 'brass',
});
const flared: End = { kind: 'tube', of: 'copper', name: '1/2 ACR coil', prepared: 'flared', temper: 'soft' };
const csst: End = { kind: 'tube', of: 'csst', name: '1/2 CSST', prepared: 'plain', temper: null };
const PIPES: readonly End[] = [
  ...(['1/2', '3/4'] as const).flatMap((size) => [makeTaperEnd('NPT', size, 'male'), makeTaperEnd('NPT', size, 'female')]),
  flared,
  csst,
]; // prettier-ignore
const INLETS: readonly End[] = [
  ...(['3/8', '1/2', '3/4'] as const).flatMap((size) => [makeTaperEnd('NPT', size, 'male'), makeTaperEnd('NPT', size, 'female')]),
]; // prettier-ignore
const between = (to: 'appliance' | 'movable', gas: 'natural' | 'lp') =>
  ({ bearers: ['pipe', to], gas }) as const;

describe('what is flexible, by its listing and the pack', () => {
  it(`${PIPES.length * INLETS.length} questions from pipe to an appliance that stays, in North America: no hose, and the listed connector among what is offered`, () => {
    let asked = 0;
    let chains = 0;
    for (const jurisdiction of ['us-model'] as const)
      for (const gas of GASES)
        for (const from of PIPES)
          for (const to of INLETS) {
            asked++;
            const answer = ask(from, to, between('appliance', gas), jurisdiction);
            const name = `${jurisdiction} ${gas} ${JSON.stringify([from, to])}`;
            for (const kinds of kindsOf(answer)) expect(kinds.some(isHose), name).to.equal(false);
            expect(answer.usual, name).not.to.equal(null);
            const usual = answer.usual!;
            expect(
              usual.links.filter(({ chainPart }) => chainPart.part.kind === 'connector'),
              name,
            ).to.have.length(1);
            // Its two adapters and four places to leak; two more where tube is brought to pipe thread first, one for a size that has to change.
            expect(usual.cost.leaks, name).to.be.at.least(4).and.at.most(6);
            if (answer.ok) expect(answer.chains, name).to.include(usual);
            else expect(answer.refusal.code).to.equal('nothing-needed');
            if (usual.cost.leaks === 4) chains++;
          }
    expect(asked).to.equal(72);
    expect(chains).to.be.greaterThan(45);
  }).timeout(60_000);

  it('a hose for liquefied petroleum goes to what is moved, and for natural gas nowhere, under every pack', () => {
    const ends = [makeTaperEnd('NPT', '1/2', 'female'), makeTaperEnd('NPT', '1/2', 'female')] as const;
    const toFlare = [thread('sae-45', '3/8 tube', 'male'), thread('sae-45', '3/8 tube', 'male')] as const;
    for (const jurisdiction of JURISDICTIONS)
      for (const [from, to] of [ends, toFlare])
        for (const bearer of ['appliance', 'movable'] as const)
          for (const gas of [...GASES, null]) {
            const kinds = kindsOf(ask(from, to, { bearers: ['pipe', bearer], gas }, jurisdiction)).flat();
            const name = `${jurisdiction} ${bearer} ${gas}`;
            if (kinds.includes('hose')) expect([bearer, gas], name).to.deep.equal(['movable', 'lp']);
          }
    expect(kindsOf(ask(...toFlare, between('movable', 'lp'), 'us-model')).flat()).to.include('hose');
  });

  it('a bayonet hose is for a British cooker, one clipped to its nozzle for British liquefied petroleum', () => {
    const [wall, inlet] = [makeTaperEnd('R', '1/2', 'male'), makeTaperEnd('R', '1/2', 'female')];
    const [tap, ring] = [makeTaperEnd('R', '1/4', 'female'), makeTaperEnd('R', '1/4', 'female')];
    for (const jurisdiction of JURISDICTIONS)
      for (const gas of GASES) {
        const cooker = kindsOf(
          ask(wall, inlet, { ...between('appliance', gas), moves: ['fixed', 'fixed'] }, jurisdiction),
        ).flat();
        expect(cooker.includes('cooker-hose'), jurisdiction).to.equal(jurisdiction === 'uk');
        const ringed = kindsOf(ask(tap, ring, between('movable', gas), jurisdiction)).flat();
        const isBritish = jurisdiction === 'uk' || jurisdiction === 'uk-vehicle';
        expect(ringed.includes('clipped-hose'), `${jurisdiction} ${gas}`).to.equal(isBritish && gas === 'lp');
      }
  });

  it('nothing rigid hangs on a cylinder: a regulator and a hose, or a pigtail and a regulator that is fixed', () => {
    const cylinders = standardCatalogue.ends.threads.threads
      .filter(({ family }) => family === 'cylinder')
      .map(({ family, size, gender }) => thread(family, size, gender))
      .filter((end) => isOfCylinder(end) && indexOf('us-model').findOtherGas(end) === null);
    const rigid = [
      ...INLETS,
      makeTaperEnd('R', '1/2', 'male'),
      makeTaperEnd('R', '1/2', 'female'),
      thread('sae-45', '3/8 tube', 'male'),
    ];
    let joined = 0;
    for (const jurisdiction of ['us-model', 'uk'] as const)
      for (const from of shareOf(cylinders, 3))
        for (const to of rigid)
          for (const bearer of ['appliance', 'movable', 'pipe'] as const) {
            const answer = ask(
              from,
              to,
              { bearers: ['cylinder', bearer], sides: ['cylinder', 'appliance'], gas: 'lp' },
              jurisdiction,
            );
            if (!answer.ok) continue;
            joined++;
            for (const { links } of answer.chains) {
              const traits = links.map(({ chainPart }) => chainPart.traits);
              expect(traits.filter(({ isFlexible }) => isFlexible)).to.have.length(1);
              expect(traits.some(({ lowers }) => lowers !== null)).to.equal(true);
            }
          }
    expect(joined).to.be.greaterThan(share(40, 12));
    // Soft tube gives by itself.
    const tube = ask(
      cylinders[0]!,
      { ...flared, name: '3/8 ACR coil' } as End,
      { bearers: ['cylinder', 'pipe'], sides: ['cylinder', 'appliance'], gas: 'lp' },
      'us-model',
    );
    expect(tube.ok).to.equal(true);
  }).timeout(60_000);

  it('a flared tube against a nut that is another part’s own gets a flare union: two places to leak', () => {
    for (const size of ['1/4', '3/8', '1/2', '5/8', '3/4']) {
      const tube = { ...flared, name: `${size} ACR coil` } as End;
      const answer = ask(
        tube,
        thread('sae-45', `${size} tube`, 'female'),
        { bearers: ['pipe', 'flexible'] },
        'us-model',
      );
      expect(answer.ok && answer.chains[0]!.cost.leaks, size).to.equal(2);
      expect(kindsOf(answer)[0], size).to.deep.equal(['coupling']);
    }
  });
});
