import { expect } from 'chai';
import type { End } from '#core/ends';
import { toPlainEnd } from './figured-end.ts';
import { listEnds } from './list-ends.ts';
import { standardCatalogue } from './standard-catalogue.ts';

const { ends } = standardCatalogue;

describe('the registry of ends', () => {
  it('gives every end that is listed its figures back, from plain JSON', () => {
    const all = listEnds(ends.threads, ends.tubes);
    expect(all.length).to.be.above(700);
    for (const end of all) {
      const plain = JSON.parse(JSON.stringify(toPlainEnd(end))) as End;
      expect(ends.figure(plain)).to.deep.equal(end);
    }
  });

  it('a hand that is said goes before the list', () => {
    const end: End = {
      kind: 'thread',
      family: 'npt',
      size: '1/2',
      gender: 'female',
      hand: 'left',
      seat: 'none',
      metal: 'black-iron',
    };
    const figured = ends.figure(end);
    expect(figured.kind === 'thread' && [figured.thread.id, figured.thread.hand]).to.deep.equal([
      'npt-1/2-female',
      'left',
    ]);
    const asListed = ends.figure({ ...end, hand: null });
    expect(asListed.kind === 'thread' && asListed.thread.hand).to.equal('right');
  });

  it('a fusion face is polyethylene that was faced', () => {
    const face = ends.figure({ kind: 'fusion-face', takes: { of: 'polyethylene', name: '1 IPS SDR 11' } });
    expect(face).to.include({ kind: 'tube', tube: 'polyethylene', prepared: 'faced', sdr: 11 });
  });

  it('what no list has is not known; between threads it is one only if no reading parts them', () => {
    const unlisted: End[] = [
      { kind: 'thread', family: 'npt', size: '7', gender: 'male', hand: null, seat: 'none', metal: 'steel' },
      { kind: 'tube', of: 'copper', name: '13 mm', prepared: 'plain', temper: null },
      { kind: 'socket', how: 'press', takes: { of: 'copper', name: '15 mm' } },
      { kind: 'unknown', among: ['npt-1/2-male', 'nptf-1/2-male'], certainty: 'tie' },
      { kind: 'unknown', among: ['npt-1/2-male', 'r-1/2-male'], certainty: 'likely' },
    ];
    for (const end of unlisted) expect(ends.figure(end).kind, JSON.stringify(end)).to.equal('unknown');
    const sister = ends.threads.threads.find(({ sisterOf }) => sisterOf !== null)!;
    const likely = ends.figure({
      kind: 'unknown',
      among: [sister.sisterOf!, sister.id],
      certainty: 'likely',
    });
    expect(likely.kind === 'thread' && likely.thread.id).to.equal(sister.sisterOf);
  });
});
