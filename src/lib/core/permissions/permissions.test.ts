import { expect } from 'chai';
import { resolveRules, type RuleChoices } from '../house-rules/house-rules.ts';
import { JURISDICTIONS, type Jurisdiction } from '../house-rules/jurisdictions.ts';
import { PERMITS, type Permit, type PermitCondition, type PermitReason } from './permission.ts';
import { getWorst, JOINT_RULES, mayJoin, mayRun, PIPE_RULES } from './permissions.ts';
import { PLACED_JOINTS, PLACED_MATERIALS, type BodyPlaced, type JointPlaced } from './placed.ts';
import { ZONES, type ZoneId } from './zone.ts';

const rules = resolveRules({});
const run = (what: BodyPlaced, zone: ZoneId, jurisdiction: Jurisdiction = 'us-model') =>
  mayRun({ what, zone, jurisdiction, rules });
const join = (
  what: JointPlaced,
  zone: ZoneId,
  jurisdiction: Jurisdiction = 'us-model',
  choices: RuleChoices = {},
) => mayJoin({ what, zone, jurisdiction, rules: resolveRules(choices) });

describe('where a pipe may run', () => {
  const SAID: readonly (readonly [BodyPlaced, ZoneId, Jurisdiction, Permit, readonly PermitCondition[], PermitReason | null])[] = [
    // Polyethylene: in the ground only, under a building in a listed sleeve only, never in a vehicle.
    ['pe-stabbed', 'buried', 'us-model', 'if', ['cover-and-tracer', 'tested-before-fill'], null],
    ['pe-stabbed', 'under-slab', 'us-model', 'if', ['listed-sleeve'], null],
    ['pe-stabbed', 'indoors', 'uk', 'forbidden', [], 'only-in-the-ground'],
    ['pe-stabbed', 'outdoors', 'us-model', 'forbidden', [], 'only-in-the-ground'],
    ['pe-stabbed', 'vehicle', 'uk-vehicle', 'forbidden', [], 'only-in-the-ground'],
    // Nothing of steel bare in the ground.
    ['black-iron', 'buried', 'us-model', 'if', ['coated', 'tested-before-fill'], null],
    ['black-iron', 'indoors', 'us-model', 'allowed', [], null],
    ['black-iron', 'concealed', 'us-model', 'allowed', [], null],
    ['steel-r', 'wet', 'uk', 'if', ['corrosion-protected'], null],
    // Corrugated tubing: bonded, behind plates, normally indoors.
    ['csst', 'indoors', 'us-model', 'if', ['bonded'], null],
    ['csst-arc', 'concealed', 'us-model', 'if', ['bonded', 'strike-plates'], null],
    ['csst', 'vehicle', 'uk-vehicle', 'ask', [], 'maker-and-code'],
    ['csst', 'vibration', 'us-model', 'ask', [], 'moves-with-what-shakes'],
    // Copper: plates, no other metal in the wet, clipped in a vehicle.
    ['copper-flared', 'concealed', 'us-model', 'if', ['strike-plates'], null],
    ['copper-compression', 'vehicle', 'uk-vehicle', 'if', ['clips-and-grommets'], null],
    ['copper-compression', 'vehicle', 'us-model', 'ask', [], 'maker-and-code'],
    ['copper-brazed', 'wet', 'us-model', 'if', ['no-dissimilar-metal'], null],
    ['black-iron', 'under-slab', 'uk', 'ask', [], 'maker-and-code'],
  ]; // prettier-ignore
  for (const [what, zone, jurisdiction, permit, conditions, reason] of SAID)
    it(`${what}, ${zone}, ${jurisdiction}: ${permit}`, () => {
      expect(run(what, zone, jurisdiction)).to.deep.include({ permit, conditions, reason });
    });

  it('is answered for every material and joint, in every place and jurisdiction, by a rule', () => {
    for (const zone of ZONES)
      for (const jurisdiction of JURISDICTIONS) {
        const answers = [
          ...PLACED_MATERIALS.map((what) => run(what, zone, jurisdiction)),
          ...PLACED_JOINTS.map((what) => join(what, zone, jurisdiction)),
        ];
        for (const { permit, conditions, reason, rule } of answers) {
          expect(PERMITS).to.include(permit);
          expect(rule, `${zone} ${jurisdiction}`).not.to.equal(null);
          // What is allowed on conditions says them, and what is not says why.
          expect(conditions.length > 0).to.equal(permit === 'if');
          expect(reason !== null).to.equal(permit === 'ask' || permit === 'forbidden');
          if (zone === 'duct') expect(permit).to.equal('forbidden');
        }
      }
  });

  it('of a place that no rule speaks of is asked, never fine', () => {
    const nowhere = 'on-the-moon' as ZoneId;
    expect(run('black-iron', nowhere)).to.deep.include({ permit: 'ask', reason: 'not-settled', rule: null });
    expect(join('npt-in-npt', nowhere)).to.deep.include({ permit: 'ask', rule: null });
  });

  it('has rules that all have some business', () => {
    const used = new Set(ZONES.flatMap((zone) => [...PLACED_MATERIALS.map((what) => run(what, zone).rule), ...PLACED_JOINTS.map((what) => join(what, zone).rule)])); // prettier-ignore
    for (const { id } of [...PIPE_RULES, ...JOINT_RULES]) expect(used).to.include(id);
  });
});

describe('where a joint may be', () => {
  it('what comes apart is concealed only as the house has it', () => {
    for (const what of ['union', 'flare-45', 'flare-37', 'connector-flare'] as const)
      for (const zone of ['concealed', 'chase'] as const) {
        expect(join(what, zone)).to.deep.include({ permit: 'forbidden', reason: 'comes-apart-concealed', by: 'concealed' });
        expect(join(what, zone, 'us-model', { concealed: { option: 'allowed' } })).to.deep.include({ permit: 'if', by: 'concealed' });
        expect(join(what, zone, 'us-model', { concealed: { option: 'repairs' } }).conditions).to.deep.equal(['only-in-a-repair']);
        expect(join(what, zone, 'us-model', { concealed: { option: 'own', name: 'Repairs', reason: 'as the inspector says' } as never }).permit).to.equal('ask');
      }
    expect(join('npt-in-npt', 'concealed').permit).to.equal('allowed');
    expect(join('csst', 'concealed').conditions).to.deep.equal(['listed-concealed']);
  }); // prettier-ignore

  it('nothing that comes apart is buried, and nothing at all is joined under a building', () => {
    for (const what of PLACED_JOINTS) expect(join(what, 'under-slab').permit, what).to.equal('forbidden');
    for (const what of ['union', 'flare-45', 'compression', 'csst'] as const)
      expect(join(what, 'buried').permit, what).to.equal('forbidden');
    for (const what of ['pe-fusion', 'pe-stab'] as const) {
      expect(join(what, 'buried').conditions).to.deep.equal(['tested-before-fill']);
      for (const zone of ZONES.filter((each) => each !== 'buried'))
        expect(join(what, zone).permit).to.equal('forbidden');
    }
  });

  it('the worst of a pipe and its joints counts', () => {
    expect(getWorst(['allowed', 'if', 'ask'])).to.equal('ask');
    expect(getWorst(['forbidden', 'ask'])).to.equal('forbidden');
    expect(getWorst([])).to.equal('allowed');
  });
});
