import { expect } from 'chai';
import {
  resolveRules,
  type RuleChoices,
  JURISDICTIONS,
  type Jurisdiction,
  RULE_PACKS,
} from '#core/house-rules';
import {
  PERMITS,
  type Permit,
  type PermitCondition,
  type PermitReason,
  type PermitRuling,
} from './permission.ts';
import { PASSAGES } from './passage.ts';
import { findWants, mayPass } from './passages.ts';
import { getWorst, JOINT_RULES, mayJoin, mayRun, mayStand, PART_RULES, PIPE_RULES } from './permissions.ts';
import { PLACED_JOINTS, PLACED_MATERIALS, type BodyPlaced, type JointPlaced } from './placed.ts';
import { PLACED_PARTS, type PartPlaced } from '#core/catalogue';
import { ZONES, type ZoneId } from './zone.ts';

/** Of gas that its supplier says eats no copper: what is asked of it otherwise is a test of its own. */
const rules = resolveRules({ 'corrosive-gas': { option: 'under-limit' } });
const run = (what: BodyPlaced, zone: ZoneId, jurisdiction: Jurisdiction = 'us-model') =>
  mayRun({ what, zone, jurisdiction, rules });
const join = (
  what: JointPlaced,
  zone: ZoneId,
  jurisdiction: Jurisdiction = 'us-model',
  choices: RuleChoices = {},
) =>
  mayJoin({
    what,
    zone,
    jurisdiction,
    rules: resolveRules({ 'corrosive-gas': { option: 'under-limit' }, ...choices }),
  });

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
    // Lengthwise in a cavity nothing under British rules; pressed copper does not rust.
    ['copper-capillary', 'cavity', 'uk', 'forbidden', [], 'lengthwise-in-cavity'],
    ['black-iron', 'cavity', 'uk', 'forbidden', [], 'lengthwise-in-cavity'],
    ['copper-capillary', 'cavity', 'australia', 'ask', [], 'maker-and-code'],
    ['copper-pressed', 'outdoors', 'uk', 'if', ['guarded'], null],
    // Tubing in the ground only in a conduit listed for it; copper there by the local code.
    ['csst', 'buried', 'us-model', 'if', ['listed-sleeve', 'bonded'], null],
    ['csst-arc', 'buried', 'canada', 'if', ['listed-sleeve', 'bonded'], null],
    ['copper-flared', 'buried', 'us-model', 'ask', [], 'maker-and-code'],
    ['copper-capillary', 'buried', 'uk', 'ask', [], 'maker-and-code'],
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
          ...PLACED_PARTS.map((what) => mayStand({ what, zone, jurisdiction, rules })),
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
    const used = new Set(
      ZONES.flatMap((zone) => [
        ...PLACED_MATERIALS.map((what) => run(what, zone).rule),
        ...PLACED_JOINTS.map((what) => join(what, zone).rule),
      ]),
    );
    for (const zone of ZONES)
      for (const what of PLACED_PARTS)
        used.add(mayStand({ what, zone, jurisdiction: 'us-model', rules }).rule);
    for (const { id } of [...PIPE_RULES, ...JOINT_RULES, ...PART_RULES]) expect(used).to.include(id);
  });
});

describe('where a joint may be', () => {
  it('what comes apart is concealed only as the house has it', () => {
    for (const what of ['union', 'flare-45', 'flare-37', 'connector-flare'] as const)
      for (const zone of ['concealed', 'chase'] as const) {
        expect(join(what, zone)).to.deep.include({
          permit: 'forbidden',
          reason: 'comes-apart-concealed',
          by: 'concealed',
        });
        expect(join(what, zone, 'us-model', { concealed: { option: 'allowed' } })).to.deep.include({
          permit: 'if',
          by: 'concealed',
        });
        expect(join(what, zone, 'us-model', { concealed: { option: 'repairs' } }).conditions).to.deep.equal([
          'only-in-a-repair',
        ]);
        expect(
          join(what, zone, 'us-model', {
            concealed: { option: 'own', name: 'Repairs', reason: 'as the inspector says' } as never,
          }).permit,
        ).to.equal('ask');
      }
    expect(join('npt-in-npt', 'concealed').permit).to.equal('allowed');
    expect(join('csst', 'concealed').conditions).to.deep.equal(['listed-concealed']);
  });

  it('what stays together is concealed: screwed and soldered joints as they are, what a maker makes where it is listed for that', () => {
    for (const option of ['forbidden', 'repairs', 'allowed'] as const)
      for (const [what, solder] of [
        ['npt-in-npt', 'forbidden'],
        ['capillary', 'capillary'],
        ['brazed', 'brazing'],
      ] as const)
        expect(
          join(what, 'concealed', 'us-model', { concealed: { option }, 'soft-solder': { option: solder } }),
          `${what}, ${option}`,
        ).to.deep.include({ permit: 'allowed', conditions: [], by: null });
    for (const what of ['press-steel', 'press-copper', 'csst'] as const)
      expect(join(what, 'chase'), what).to.deep.include({ permit: 'if', conditions: ['listed-concealed'] });
  });

  it('in the open its metal is kept from rust, and tubing’s jacket is closed up to its fitting; in the wet tubing is asked about', () => {
    const byHouse: readonly JointPlaced[] = ['compression', 'capillary', 'brazed'];
    for (const what of PLACED_JOINTS.filter((each) => !each.startsWith('pe-') && !byHouse.includes(each)))
      expect(join(what, 'indoors').permit, what).to.equal('allowed');
    for (const zone of ['outdoors', 'wet'] as const) {
      for (const what of ['npt-in-npt', 'press-steel'] as const)
        expect(join(what, zone), what).to.deep.include({ permit: 'if', conditions: ['corrosion-protected'] });
      for (const what of ['press-copper', 'union', 'flare-45'] as const)
        expect(join(what, zone), what).to.deep.include({ permit: 'allowed', conditions: [] });
    }
    expect(join('csst', 'outdoors')).to.deep.include({ permit: 'if', conditions: ['jacket-whole'] });
    expect(join('csst', 'wet')).to.deep.include({ permit: 'ask', reason: 'chlorides' });
  });

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

  it('what the house says of a joint wherever it is, is said in every place', () => {
    for (const zone of ZONES) {
      for (const jurisdiction of JURISDICTIONS) {
        expect(
          join('compression', zone, jurisdiction, { compression: { option: 'forbidden' } }).permit,
        ).to.equal('forbidden');
        expect(
          join('capillary', zone, jurisdiction, { 'soft-solder': { option: 'brazing' } }).permit,
        ).to.equal('forbidden');
        expect(join('pe-stab', zone, jurisdiction, { 'joining-pe': { option: 'fusion' } }).permit).to.equal(
          'forbidden',
        );
      }
    }
    expect(
      join('compression', 'indoors', 'uk-vehicle', { compression: { option: 'copper-olives' } }).conditions,
    ).to.deep.equal(['copper-olives']);
    expect(
      join('compression', 'indoors', 'uk', { compression: { option: 'own', name: 'x', reason: 'y' } }).reason,
    ).to.equal('own-way');
    // Pressed on steel it rusts, on copper not.
    expect(join('press-steel', 'outdoors').conditions).to.deep.equal(['corrosion-protected']);
    expect(join('press-copper', 'outdoors').permit).to.equal('allowed');
  });

  it('the worst of a pipe and its joints counts', () => {
    expect(getWorst(['allowed', 'if', 'ask'])).to.equal('ask');
    expect(getWorst(['forbidden', 'ask'])).to.equal('forbidden');
    expect(getWorst([])).to.equal('allowed');
  });
});

describe('where a part may stand', () => {
  const stand = (
    what: PartPlaced,
    zone: ZoneId,
    jurisdiction: Jurisdiction = 'us-model',
    choices: RuleChoices = {},
  ) => mayStand({ what, zone, jurisdiction, rules: resolveRules(choices) });
  const HIDDEN = ['concealed', 'chase', 'cavity', 'under-slab', 'buried', 'duct'] as const;
  const OPTIONS = ['forbidden', 'repairs', 'allowed'] as const;

  it('valves, caps, drips and regulators are reached, under every pack and whatever the house lets be concealed', () => {
    for (const jurisdiction of JURISDICTIONS)
      for (const option of OPTIONS)
        for (const zone of HIDDEN)
          for (const what of ['valve', 'cap', 'regulator'] as const)
            expect(
              stand(what, zone, jurisdiction, { concealed: { option } }).permit,
              `${what} ${zone} ${jurisdiction}`,
            ).to.equal('forbidden');
    expect(stand('cap', 'concealed').reason).to.equal('must-be-reached');
    expect(stand('valve', 'indoors').permit).to.equal('allowed');
    expect(stand('regulator', 'indoors').conditions).to.deep.equal(['vent-led']);
  });

  it('connectors and hoses are never concealed, whatever the rule; outdoors where listed; wet as corrugated tubing; they pass nothing', () => {
    for (const what of ['connector', 'hose'] as const)
      for (const jurisdiction of JURISDICTIONS) {
        for (const option of OPTIONS)
          for (const zone of HIDDEN)
            expect(stand(what, zone, jurisdiction, { concealed: { option } }).permit).to.equal('forbidden');
        expect(stand(what, 'outdoors', jurisdiction).conditions).to.deep.equal(['listed-outdoors']);
        const [wet, tubing] = [stand(what, 'wet', jurisdiction), run('csst', 'wet', jurisdiction)];
        expect([wet.permit, wet.reason]).to.deep.equal([tubing.permit, tubing.reason]);
        for (const kind of PASSAGES)
          expect(mayPass({ what: 'connector', kind, jurisdiction }).permit).to.equal('forbidden');
      }
  });

  it('a union and a bushing are what comes apart: as the house has it', () => {
    for (const what of ['union', 'bushing'] as const)
      for (const zone of ZONES)
        expect(stand(what, zone)).to.deep.equal(
          mayJoin({ what: 'union', zone, jurisdiction: 'us-model', rules: resolveRules({}) }),
        );
  });
});

describe('what nobody said yet', () => {
  it('gas that may eat copper: copper and its brass are asked about in every place, under every pack, or forbidden anyway', () => {
    const copper = PLACED_MATERIALS.filter((what) => what.startsWith('copper'));
    const brass = ['flare-45', 'compression', 'capillary', 'brazed', 'press-copper'] as const;
    for (const option of ['not-known', 'over-limit'] as const) {
      const doubted = resolveRules({ 'corrosive-gas': { option } });
      for (const zone of ZONES)
        for (const jurisdiction of JURISDICTIONS) {
          const where = { zone, jurisdiction, rules: doubted };
          for (const what of copper)
            expect(mayRun({ what, ...where }).permit).to.be.oneOf(['ask', 'forbidden']);
          for (const what of brass)
            expect(mayJoin({ what, ...where }).permit).to.be.oneOf(['ask', 'forbidden']);
          expect(mayRun({ what: 'black-iron', ...where }).reason).not.to.equal('gas-may-eat-copper');
        }
    }
  });

  it('a jurisdiction that is not known is nowhere looser than the strictest, over all rules', () => {
    const rank = (permit: Permit) => PERMITS.indexOf(permit);
    const settled = JURISDICTIONS.filter((each) => each !== 'ask');
    const isNoLooser = (answer: (jurisdiction: Jurisdiction) => PermitRuling, name: string): void => {
      const open = answer('ask');
      for (const jurisdiction of settled) {
        const { permit, conditions } = answer(jurisdiction);
        expect(rank(open.permit), `${name} ${jurisdiction}`).to.be.at.least(rank(permit));
        if (open.permit === permit && permit === 'if')
          expect(open.conditions, name).to.include.members([...conditions]);
      }
    };
    const CHOICES: readonly RuleChoices[] = [
      {},
      ...Object.values(RULE_PACKS),
      { concealed: { option: 'allowed' } },
    ];
    for (const choices of CHOICES)
      for (const zone of ZONES) {
        const said = resolveRules(choices);
        for (const what of PLACED_MATERIALS)
          isNoLooser((jurisdiction) => mayRun({ what, zone, jurisdiction, rules: said }), `${what} ${zone}`);
        for (const what of PLACED_JOINTS)
          isNoLooser((jurisdiction) => mayJoin({ what, zone, jurisdiction, rules: said }), `${what} ${zone}`);
        for (const what of PLACED_PARTS)
          isNoLooser(
            (jurisdiction) => mayStand({ what, zone, jurisdiction, rules: said }),
            `${what} ${zone}`,
          );
      }
    for (const kind of PASSAGES)
      for (const what of [...PLACED_MATERIALS, 'connector'] as const)
        isNoLooser((jurisdiction) => mayPass({ what, kind, jurisdiction }), `${what} ${kind}`);
  });

  it('so are the house rules a job begins with', () => {
    // Of each rule that a pack settles, its schools from the loosest to the strictest.
    const ORDERS = {
      compression: ['accessible', 'copper-olives', 'forbidden'],
      'soft-solder': ['capillary', 'brazing', 'forbidden'],
      'trap-needed': ['none', 'model-list', 'every-appliance'],
      'corrosive-gas': ['under-limit', 'not-known', 'over-limit'],
      'shut-off-reach': ['six-feet', 'three-feet', 'ask'],
      'trap-nipple': ['any', 'three-inch', 'four-inch'],
    } as const;
    const settled = new Set(Object.values(RULE_PACKS).flatMap((pack) => Object.keys(pack)));
    expect([...settled].sort()).to.deep.equal(Object.keys(ORDERS).sort());
    for (const [id, order] of Object.entries(ORDERS))
      for (const pack of Object.values(RULE_PACKS)) {
        const at = (choices: RuleChoices) =>
          (order as readonly string[]).indexOf(resolveRules(choices)[id as keyof typeof ORDERS].option);
        expect(at(RULE_PACKS.ask), id).to.be.at.least(at(pack));
      }
  });

  it('an edge is asked for by the packs that want a sleeve, a wall across which steel goes too', () => {
    for (const kind of ['floor', 'wall'] as const) {
      const wants = (jurisdiction: Jurisdiction, guard: 'sleeve' | 'none' | null) =>
        findWants(mayPass({ what: 'black-iron', kind, jurisdiction }), {
          guard,
          isBuried: false,
          hasShutOff: true,
        });
      for (const jurisdiction of ['uk', 'australia', 'uk-vehicle', 'ask'] as const) {
        expect(wants(jurisdiction, null)).to.deep.equal(['guard-unsaid']);
        expect(wants(jurisdiction, 'none')).to.deep.equal(['guard-missing']);
        expect(wants(jurisdiction, 'sleeve')).to.deep.equal([]);
      }
      for (const jurisdiction of ['us-model', 'canada'] as const)
        expect(wants(jurisdiction, null)).to.deep.equal([]);
    }
  });
});

describe('the shut-off by which a building is closed', () => {
  const ruling = mayPass({ what: 'black-iron', kind: 'outer-wall', jurisdiction: 'us-model' });
  it('of a passage that is asked about, the maker and the code are wanted besides; of one that is forbidden nothing else is', () => {
    const state = { guard: null, isBuried: true, hasShutOff: false } as const;
    const conditions = ['above-grade', 'sleeve-or-grommet', 'building-shut-off'] as const;
    const asked = { permit: 'ask', conditions, reason: null, by: null } as const;
    expect(findWants(asked, state)).to.deep.equal([
      'maker-and-code',
      'above-grade',
      'guard-unsaid',
      'shut-off',
    ]);
    expect(findWants({ ...asked, permit: 'if' }, state)).to.deep.equal([
      'above-grade',
      'guard-unsaid',
      'shut-off',
    ]);
    expect(findWants({ ...asked, permit: 'forbidden' }, state)).to.deep.equal(['not-this-pipe']);
  });

  it('is wanted where none stands before the wall, and where nobody knows; never taken for there', () => {
    for (const [hasShutOff, wanted] of [
      [true, false],
      [false, true],
      [null, true],
    ] as const)
      expect(
        findWants(ruling, { guard: 'sleeve', isBuried: false, hasShutOff }).includes('shut-off'),
        String(hasShutOff),
      ).to.equal(wanted);
  });
});
