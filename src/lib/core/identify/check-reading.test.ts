import { expect } from 'chai';
import { INCH, inches, MILLIMETRE } from '#core/units';
import { checkDiameter, findContradictions, parseCount } from './check-reading.ts';
import { putReading, type Observation, type Reading } from './observation.ts';

const mm = (value: number) => Math.round(value * MILLIMETRE);

describe('readings', () => {
  it('inches typed as mm and back are noticed, with what they would be', () => {
    const slipped = checkDiameter(inches(21.3), '21.3', 'in');
    expect(slipped.ok).to.equal(false);
    if (!slipped.ok && slipped.refusal.code === 'reading-other-unit') {
      expect(slipped.refusal.meant).to.equal(mm(21.3));
    }
    const back = checkDiameter(mm(0.84), '0.84', 'mm');
    if (!back.ok && back.refusal.code === 'reading-other-unit')
      expect(back.refusal.meant).to.equal(inches(0.84));
    else expect.fail('0.84 mm was taken');
  });
  for (const [length, typed] of [
    [0, '0'],
    [-inches(1), '-1'],
    [inches(40), '40'],
  ] as const) {
    it(`${typed} in is not a thread`, () => {
      const read = checkDiameter(length, typed, 'in');
      expect(read.ok).to.equal(false);
    });
  }
  for (const [typed, threads] of [
    ['7', 7],
    ['11.5', 11.5],
    ['11½', 11.5],
    ['11 1/2', 11.5],
    ['0', null],
    ['1', null],
    ['99', null],
    ['x', null],
  ] as const) {
    it(`a count of “${typed}” is ${threads ?? 'refused'}`, () => {
      const read = parseCount(typed);
      expect(read.ok ? read.value : null).to.equal(threads);
    });
  }
  it('that contradict each other are named in pairs', () => {
    const outside: Observation = {
      kind: 'diameter', side: 'outside', length: inches(1), instrument: 'caliper', place: 'first',
    }; // prettier-ignore
    const set: Observation[] = [
      { kind: 'gender', value: 'female' },
      outside,
      { kind: 'leaf', perInch: 14, fit: 'fits' },
      { kind: 'leaf', perInch: 18, fit: 'fits' },
      { kind: 'count', threads: 20, over: INCH, instrument: 'rule' },
      { kind: 'taper', value: 'taper' },
      { ...outside, place: 'last' },
    ];
    expect(new Set(findContradictions(set).map(({ code }) => code))).to.deep.equal(
      new Set(['side-and-gender', 'leaf-and-leaf', 'leaf-and-count', 'taper-and-diameters']),
    );
    expect(findContradictions([set[1]!, set[2]!])).to.deep.equal([]);
  });
  it('of a kind take each other’s place, but leaves and diameters stand side by side', () => {
    const reading = (id: string, observation: Observation): Reading => ({
      id,
      observation,
      instrument: null,
      simulated: false,
    });
    let all: Reading[] = [];
    all = putReading(all, reading('a', { kind: 'gender', value: 'male' }));
    all = putReading(all, reading('b', { kind: 'gender', value: 'female' }));
    all = putReading(all, reading('c', { kind: 'leaf', perInch: 14, fit: 'no' }));
    all = putReading(all, reading('d', { kind: 'leaf', perInch: 18, fit: 'fits' }));
    expect(all.map(({ id }) => id)).to.deep.equal(['b', 'c', 'd']);
  });
});
