import { expect } from 'chai';
import { isMoment, toMoment } from './moment.ts';

describe('a moment', () => {
  for (const text of [
    '1970-01-01T00:00:00.000Z',
    '2024-02-29T23:59:59.999Z',
    '2026-11-27T08:00:00.000Z',
    '9999-12-31T23:59:59.999Z',
  ])
    it(`is ${text}`, () => expect(isMoment(text)).to.equal(true));
  for (const text of [
    '2026-99-99T99:99:99.999Z',
    '2026-02-30T08:00:00.000Z',
    '2025-02-29T08:00:00.000Z',
    '2026-11-27T24:00:00.000Z',
    '2026-11-27T08:60:00.000Z',
    '0000-01-01T00:00:00.000Z',
    '0001-01-01T00:00:00.000Z',
    '1969-12-31T23:59:59.999Z',
    '+010000-01-01T00:00:00.000Z',
    '2026-11-27T08:00:00Z',
    '2026-11-27',
    '',
  ])
    it(`is not “${text}”`, () => expect(isMoment(text)).to.equal(false));

  it('of a clock is always one, however the clock is set', () => {
    for (const clock of [0, -1, 1e15, 8.64e15, -8.64e15, Infinity, -Infinity, NaN, Date.UTC(2026, 1, 1)]) {
      expect(isMoment(toMoment(clock)), String(clock)).to.equal(true);
    }
    expect(toMoment(Date.UTC(2026, 10, 27, 8))).to.equal('2026-11-27T08:00:00.000Z');
  });
});
