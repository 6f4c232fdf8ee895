import { expect } from 'chai';
import { sayAgo, sayDay, sayMoment } from './days.ts';

describe('days', () => {
  it('are said as a person reads them; what is no moment stands as it was written', () => {
    expect(sayDay('2026-11-28T12:00:00.000Z')).to.equal('28 November 2026');
    expect(sayMoment('2026-11-28T12:00:00.000Z')).to.match(/^28 Nov 2026, \d\d:\d\d$/);
    for (const say of [sayDay, sayMoment]) expect(say('yesterday')).to.equal('“yesterday”');
    expect(sayAgo('yesterday', 0)).to.equal('“yesterday”');
  });

  const NOW = Date.parse('2026-11-28T12:00:00.000Z');
  const [MINUTE, HOUR, DAY] = [60_000, 3_600_000, 86_400_000];
  const CASES: readonly [passed: number, says: string][] = [
    [0, 'less than a minute ago'],
    [MINUTE - 1, 'less than a minute ago'],
    // A clock that runs ahead of this one.
    [-HOUR, 'less than a minute ago'],
    [MINUTE, '1 minute ago'],
    [HOUR - 1, '59 minutes ago'],
    [HOUR, '1 hour ago'],
    [DAY - 1, '23 hours ago'],
    [3 * DAY, '3 days ago'],
    [59 * DAY, '1 month ago'],
    [364 * DAY, '12 months ago'],
    [800 * DAY, '2 years ago'],
  ];
  for (const [passed, says] of CASES)
    it(`say ${says} of ${passed} ms`, () =>
      expect(sayAgo(new Date(NOW - passed).toISOString(), NOW)).to.equal(says));
});
