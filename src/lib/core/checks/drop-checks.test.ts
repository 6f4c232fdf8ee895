import { expect } from 'chai';
import { layOut, makeRun, offset, type TestLeg } from '#support/make-run.ts';
import { kiln } from '#support/make-trap.ts';
import { UNKNOWN_END, type ThreadEnd } from '#core/ends';
import type { Gas, RuleChoices } from '#core/house-rules';
import { newAppliance, type Plate, type ConnectorGeometry } from '#core/runs/document';
import { inches } from '#core/units';
import { checkRun } from './checks.ts';

const NPT: ThreadEnd = {
  kind: 'thread',
  family: 'npt',
  size: '3/4',
  gender: 'male',
  hand: null,
  seat: 'unknown',
  metal: 'black-iron',
};
const connector = (typed: string, isNew: boolean | null): ConnectorGeometry => ({
  kind: 'connector',
  axis: 'right',
  ends: [NPT, NPT],
  length: inches(Number(typed)),
  typed,
  isNew,
});
const toKiln = (plate: Partial<Plate>): readonly TestLeg[] => [[0, 'right', 30, { terminal: kiln(plate) }]];
const byConnector = (typed: string, isNew: boolean | null, terminal = true): readonly TestLeg[] => [
  [0, 'down', 40],
  [1, 'right', null, { geometry: connector(typed, isNew), ...(terminal ? { terminal: kiln() } : {}) }],
];
const burns = (unit: 'kW' | 'Btu/h', basis: 'net' | 'gross' | null): readonly TestLeg[] =>
  toKiln({ input: { amount: 11, unit, basis, typed: `11 ${unit}` } });
const WET: RuleChoices = { drips: { option: 'wet-gas' } };
/** Down into a level leg, then up again: a pocket from one corner to the other. */
const POCKET: readonly TestLeg[] = [
  [0, 'down', 40],
  [1, 'right', 30],
  [2, 'up', 30],
];

/** The code asked about, the run, the gas of its job and its rules; how severe it is at which legs, empty where it is not said. */
const CASES: readonly (readonly [
  name: string,
  code: string,
  legs: readonly TestLeg[],
  said: readonly string[],
  more?: { gas?: Gas; rules?: RuleChoices },
])[] = [
  ['set for the gas of the job', 'other-gas', toKiln({ gas: 'natural' }), [], { gas: 'natural' }],
  ['set for another gas', 'other-gas', toKiln({ gas: 'lp' }), ['stop kiln'], { gas: 'natural' }],
  ['its gas not read yet', 'other-gas', toKiln({}), [], { gas: 'natural' }],
  ['another gas, without a job', 'other-gas', toKiln({ gas: 'lp' }), []],
  ['kilowatts, net or gross not read', 'input-basis-unknown', burns('kW', null), ['note kiln']],
  ['kilowatts, net', 'input-basis-unknown', burns('kW', 'net'), []],
  ['Btu/h, which are gross', 'input-basis-unknown', burns('Btu/h', null), []],
  ['a connector used before', 'connector-used', byConnector('36', false), ['stop 2']],
  ['a new one', 'connector-used', byConnector('36', true), []],
  ['one nobody asked about', 'connector-used', byConnector('36', null), []],
  ['a connector of six feet', 'connector-long', byConnector('72', true), []],
  ['a connector of more', 'connector-long', byConnector('72.001', true), ['ask 2']],
  ['a connector to an appliance', 'connector-elsewhere', byConnector('36', true), []],
  ['a connector to nothing yet', 'connector-elsewhere', byConnector('36', true, false), ['ask 2']],
  ['a pocket, dry gas', 'drip-missing', POCKET, []],
  ['a pocket, wet gas: both its corners', 'drip-missing', POCKET, ['ask 1', 'ask 2'], { rules: WET }],
  ['a drip at one corner', 'drip-missing', [...POCKET, [1, 'down', 6, { cap: true }]], ['ask 2'], { rules: WET }],
  ['a drip that does not hang', 'drip-missing', [...POCKET, [1, 'left', 6, { cap: true }]], ['ask 1', 'ask 2'], { rules: WET }],
  ['an offset that falls away', 'drip-missing', [[0, 'down', 40], [1, 'right', 30, { geometry: offset('right', ['down', 6]) }]], [], { rules: WET }],
]; // prettier-ignore

describe('what is checked at a drop', () => {
  for (const [name, code, legs, said, more = {}] of CASES) {
    it(`${code}: ${name}`, () => {
      const layout = layOut(makeRun(legs, '3/4', more.rules));
      const found = checkRun(layout, more.gas ? { gas: more.gas, jurisdiction: 'us-model' } : null).filter(
        (finding) => finding.code === code,
      );
      const where = found.map(
        (each) => `${each.severity} ${'mark' in each ? each.mark : 'name' in each ? each.name : ''}`,
      );
      expect(where).to.deep.equal(said);
    });
  }

  it('asks for an inlet that is not told apart, and stops at one that takes no pipe', () => {
    const at = (inlet: Parameters<typeof newAppliance>[1]) =>
      checkRun(layOut(makeRun([[0, 'right', 30, { terminal: newAppliance('kiln', inlet) }]]))).flatMap(
        (finding) => (finding.code === 'no-fitting' ? [`${finding.severity} ${finding.refusal.code}`] : []),
      );
    expect(at(null)).to.deep.equal([]);
    expect(at(UNKNOWN_END)).to.deep.equal(['ask inlet-not-told-apart']);
    expect(at({ ...NPT, gender: 'female' })).to.deep.equal([]);
    expect(at({ ...NPT, gender: 'female', size: '1/2' })).to.deep.equal(['stop inlet-takes-no-pipe']);
    expect(at(NPT)).to.deep.equal(['stop male-meets-male']);
  });
});
