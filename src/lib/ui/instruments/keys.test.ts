import { expect } from 'chai';
import fc from 'fast-check';
import { parseMeasure, inches } from '#core/units';
import { AXIS_KEYS, findAxisForKey } from './axis-keys.ts';
import { getPadRows, pressKey, type PadKey } from './press-key.ts';

const keys = getPadRows('in', 'measure').flat();
const find = (name: string): PadKey => {
  const key = keys.find(
    (each) =>
      each.kind === name ||
      (each.kind === 'digit' && each.digit === name) ||
      (each.kind === 'fraction' && `${each.eighths}/8` === name),
  );
  if (!key) throw new Error(name);
  return key;
};
const press = (...names: string[]) => names.map(find).reduce(pressKey, '');

describe('the fraction keypad', () => {
  it('writes what a fitter means', () => {
    expect(press('3', 'feet', '7', '2/8')).to.equal(`3' 7 1/4`);
    expect(press('4', '3', '3/8', 'step')).to.equal('43 7/16');
    expect(press('1', '4', 'step')).to.equal('14 1/16');
    expect(press('7/8', 'step', 'step')).to.equal('');
    expect(press('3', 'feet', '7', '2/8', 'rub-out')).to.equal(`3' 7`);
    expect(press('3', 'feet', 'rub-out')).to.equal('3');
  });

  it('reads as the sum of what was pressed', () => {
    const reading = parseMeasure(press('3', 'feet', '7', '2/8'), 'in');
    expect(reading.ok && reading.value.length).to.equal(inches(43.25));
  });

  it('never writes two fractions or a fraction over 1, whatever is pressed', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...keys), { maxLength: 12 }), (pressed) => {
        const typed = pressed.reduce(pressKey, '');
        expect(typed.match(/\//g)?.length ?? 0).to.be.at.most(1);
        const reading = parseMeasure(typed, 'in');
        const codes = ['length-empty', 'length-zero', 'length-inches-not-under-twelve', 'length-absurd'];
        if (!reading.ok) expect(codes, `“${typed}”`).to.include(reading.refusal.code);
      }),
      { numRuns: 1000 },
    );
  });
});

describe('direction keys', () => {
  it('pick a direction anywhere a measure cannot have that letter', () => {
    for (const [axis, key] of Object.entries(AXIS_KEYS)) expect(findAxisForKey(key, '')).to.equal(axis);
    expect(findAxisForKey('r', `3' 7`)).to.equal('right');
    expect(findAxisForKey('o', '3 f')).to.equal(null);
    expect(findAxisForKey('x', '')).to.equal(null);
  });
});
