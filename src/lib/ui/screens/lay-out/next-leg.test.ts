import { expect } from 'chai';
import { NOTHING_SAID, say, type NextLeg, type Saying } from './next-leg.ts';

const sayAll = (...sayings: readonly Saying[]): NextLeg => sayings.reduce(say, NOTHING_SAID);
const face = { at: 'face', gap: 0 } as const;

describe('what is said of the next leg', () => {
  it('is nothing at first, and nothing again once it is entered but for its material and its datum', () => {
    const next = sayAll(
      { says: 'material', material: 'csst', isTube: true },
      { says: 'kind', kind: 'route' },
      { says: 'way', axis: 'up' },
      { says: 'size', size: '1' },
      { says: 'typed', typed: '30' },
      { says: 'datum', datum: 'point' },
      { says: 'from', point: face },
      { says: 'to', point: face },
      { says: 'entered' },
    );
    expect(next).to.deep.equal({
      going: NOTHING_SAID.going,
      of: { material: 'csst', size: null },
      measure: { ...NOTHING_SAID.measure, datum: 'point', from: face },
    });
  });

  it('without a datum the point it is measured from is let go with it', () => {
    const next = sayAll({ says: 'from', point: face }, { says: 'entered' });
    expect(next.measure).to.deep.equal(NOTHING_SAID.measure);
  });

  it('keeps its way whatever it becomes, and whose end is male only while it is fitting in fitting', () => {
    const fitting = sayAll({ says: 'way', axis: 'left' }, { says: 'kind', kind: 'fitting' });
    expect(fitting.going).to.deep.equal({ kind: 'fitting', axis: 'left', slanting: false, male: 'to' });
    const turned = say(fitting, { says: 'male', male: 'from' });
    expect(turned.going).to.include({ male: 'from' });
    const pipe = say(turned, { says: 'kind', kind: 'pipe' });
    expect(pipe.going).to.deep.equal({ kind: 'pipe', axis: 'left', slanting: false });
    expect(say(pipe, { says: 'male', male: 'from' })).to.equal(pipe);
  });

  it('is pipe again where its material is no such thing', () => {
    for (const [kind, isTube, left] of [
      ['offset', true, 'pipe'],
      ['fitting', true, 'pipe'],
      ['route', false, 'pipe'],
      ['offset', false, 'offset'],
      ['fitting', false, 'fitting'],
      ['route', true, 'route'],
      ['connector', true, 'connector'],
      ['connector', false, 'connector'],
    ] as const) {
      const next = sayAll({ says: 'kind', kind }, { says: 'material', material: 'csst', isTube });
      expect(next.going.kind, `${kind} ${String(isTube)}`).to.equal(left);
    }
  });

  it('two directions make a 45°, and the one after them is square again', () => {
    const slanted = sayAll(
      { says: 'way', axis: 'up' },
      { says: 'slant' },
      { says: 'diagonal', axis: 'up-right' },
    );
    expect(slanted.going).to.include({ axis: 'up-right', slanting: false });
  });

  it('what was not spoken of is the very same object', () => {
    const typed = sayAll({ says: 'typed', typed: '3' });
    expect(typed.going).to.equal(NOTHING_SAID.going);
    expect(typed.of).to.equal(NOTHING_SAID.of);
    const same = say(typed, { says: 'kind', kind: 'pipe' });
    expect(same).to.equal(typed);
  });
});
