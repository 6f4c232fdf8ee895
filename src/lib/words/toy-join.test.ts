import { expect } from 'chai';
import { findDepth, JOINS, standardCatalogue, TUBE_JOINS, type Join, type TubeJoin } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { judgeEnds } from '#core/joints';
import { millimetres } from '#core/units';
import { namePart } from './parts.ts';

/** A way of joining that no counter has: a ring that is cranked on. One row, and its id in the list. */
const cranked: Join = {
  ...JOINS.stab,
  kinds: ['coupling', 'tee'],
  steps: { coupling: 1 },
  findDepth: () => ({ standing: 'entered', length: millimetres(31), by: 'the test' }),
  name: 'cranked',
  kindNames: { coupling: 'sleeve' },
};
const CRANKED = 'cranked' as TubeJoin;
const SIZE = '3/4 IPS SDR 11';

describe('a way of joining that is in no file', () => {
  before(() => {
    Object.assign(JOINS, { [CRANKED]: cranked });
    (TUBE_JOINS as unknown as string[]).push(CRANKED);
  });
  after(() => {
    Reflect.deleteProperty(JOINS, CRANKED);
    (TUBE_JOINS as unknown as string[]).pop();
  });

  const { tubes: tubeParts, ends } = standardCatalogue;

  it('has parts of the kinds and sizes of its row, and no others', () => {
    const sleeve = tubeParts.find('coupling', CRANKED, [SIZE])!;
    expect(sleeve.join).to.equal(CRANKED);
    expect(sleeve.material).to.equal('polyethylene');
    expect(sleeve.ports.map(findDepth)).to.deep.equal([millimetres(31), millimetres(31)]);
    expect(tubeParts.find('elbow-90', CRANKED, [SIZE])).to.equal(null);
    expect(tubeParts.find('coupling', CRANKED, ['3/4'])).to.equal(null);
    expect(tubeParts.find('coupling', CRANKED, [SIZE, '1 IPS SDR 11'])).to.not.equal(null);
    expect(tubeParts.find('coupling', CRANKED, [SIZE, '2 IPS SDR 11'])).to.equal(null);
    expect(tubeParts.find('tee', CRANKED, [SIZE, SIZE, '1/2 IPS SDR 9.3'])).to.equal(null);
  });

  it('is found again by the id of a part, and called by its row', () => {
    const sleeve = tubeParts.find('coupling', CRANKED, [SIZE])!;
    expect(tubeParts.findById(sleeve.id)).to.equal(sleeve);
    expect(namePart(sleeve)).to.equal(`${SIZE} polyethylene cranked sleeve`);
  });

  it('makes the joint of its socket with the tube it is for, and none with another', () => {
    const opening = tubeParts.find('coupling', CRANKED, [SIZE])!.ports[0]!.end;
    const tube = (name: string) =>
      ({ kind: 'tube', of: 'polyethylene', name, prepared: 'plain', temper: null }) as const;
    const rules = resolveRules({});
    expect(judgeEnds(tube(SIZE), opening, ends, rules).joint).to.equal(cranked.socket!.joint);
    expect(judgeEnds(tube('2 IPS SDR 11'), opening, ends, rules).joint).to.equal(null);
  });
});
