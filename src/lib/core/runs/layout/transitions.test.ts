import { expect } from 'chai';
import { applyPlan, getLeg, getPiece, layOut, makeIds, makeRun, mustBe } from '#support/make-run.ts';
import { askAbout } from '#support/transition-question.ts';
import { checkRun } from '#core/checks';
import { makeCutSheet } from '#core/cutting';
import { standardCatalogue, type ShopPart, makeTaperEnd } from '#core/catalogue';
import type { End } from '#core/ends';
import { resolveRules } from '#core/house-rules';
import { listChainParts, findTransitions, TransitionIndex } from '#core/transitions';
import { inches } from '#core/units';
import { newAppliance, type RunDoc } from '#core/runs/document';
import { assemble } from './bodies.ts';
import { applyOps, invertOps } from '#core/runs/changes';
import {
  planCloseEnd,
  planDatePart,
  planPickTransition,
  planTakeOutTransition,
  planSayZone,
  planResizeLegs,
  listReductions,
} from '#core/runs/commands';
import { findOpening, findOpeningAt, type OpeningToJoin } from '#core/runs/reading';

const rules = resolveRules({});
const index = new TransitionIndex(standardCatalogue, rules);
const ids = makeIds('transit');

/** Puts the best chain that is found into an opening. */
function join(doc: RunDoc, opening: OpeningToJoin, by = index, shopParts: readonly ShopPart[] = []): RunDoc {
  const answer = findTransitions(by, askAbout(...opening.ends));
  if (!answer.ok)
    throw new Error(`nothing joins ${JSON.stringify(opening.ends)}: ${JSON.stringify(answer.refusal)}`);
  const [{ links, joints }] = answer.chains as [(typeof answer.chains)[0]];
  const chosen = {
    ...opening,
    forEnds: opening.ends,
    parts: links.map(({ chainPart }) => chainPart.part.id),
    agreed: [...new Set(joints.flatMap(({ conditions }) => conditions))],
  };
  return applyPlan(doc, mustBe(planPickTransition(doc, chosen, shopParts, standardCatalogue, ids)));
}

const stops = (doc: RunDoc): string[] =>
  checkRun(layOut(doc)).flatMap(({ severity, code }) => (severity === 'stop' ? [code] : []));
const bought = (doc: RunDoc): string[] => makeCutSheet(layOut(doc)).fittings.map(({ part }) => part.id);

describe('transitions in a run', () => {
  const meter: End = {
    kind: 'thread',
    family: 'g',
    size: '3/4',
    gender: 'male',
    hand: null,
    seat: 'washer',
    metal: 'brass',
  };
  const atMeter = makeRun([
    [0, 'right', 30],
    [1, 'down', 20],
  ]);
  const source = getLeg(atMeter, 1).from;
  const found = applyPlan(
    atMeter,
    mustBe(planCloseEnd(atMeter, source, { kind: 'existing', specimen: 'specimen00', end: meter })),
  );

  it('what was found in place and does not take the pipe is an opening; the chain that joins it stands, is bought and cut for', () => {
    const opening = findOpeningAt(layOut(found), source)!;
    expect(opening.ends[0]).to.deep.equal(meter);
    expect(stops(found)).to.include('no-fitting');
    const joined = join(found, opening);
    expect(stops(joined)).to.deep.equal([]);
    const pick = Object.values(joined.picks)[0]!;
    for (const { part } of pick.parts) expect(bought(joined)).to.include(part);
    // Nobody has measured a swivel: no cut over it, and it is asked.
    expect(getPiece(layOut(joined), 1).cut).to.equal(null);
    const { joints } = assemble(layOut(joined));
    expect(joints.every(({ verdict }) => verdict.joint !== null)).to.equal(true);
    expect(
      joints.filter(({ sides }) => sides.some(({ body }) => pick.parts.some(({ id }) => id === body))),
    ).to.have.length(pick.parts.length + 1);
    const out = applyPlan(joined, mustBe(planTakeOutTransition(joined, pick.id)));
    expect(out).to.deep.equal(found);
  });

  it('stale when an end changes: shown, and kept', () => {
    const joined = join(found, findOpeningAt(layOut(found), source)!);
    const leg = getLeg(joined, 1);
    const codes = (doc: RunDoc) => checkRun(layOut(doc)).map(({ code }) => code);
    expect(codes(joined)).to.not.include('transition-stale');
    const larger = applyPlan(joined, planResizeLegs(joined, leg.id, { size: '1' })!);
    expect(
      codes(larger).some((code) => code === 'transition-does-not-fit' || code === 'transition-stale'),
    ).to.equal(true);
    expect(Object.keys(larger.picks)).to.have.length(1);
    const other = applyPlan(
      joined,
      mustBe(
        planCloseEnd(joined, source, {
          kind: 'existing',
          specimen: 'specimen00',
          end: { ...meter, seat: '30' },
        }),
      ),
    );
    expect(codes(other)).to.include('transition-stale');
  });

  it('two tubes that go straight on: the first part stands where they meet, the rest in line', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 40, { material: 'csst', size: '1/2', stock: 'coil' }],
      [2, 'right', 36, { material: 'copper-flared', size: '1/2 ACR', stock: 'coil' }],
    ]);
    const node = getLeg(doc, 2).to;
    const opening = findOpeningAt(layOut(doc), node)!;
    expect(opening.ends.map((end) => end.kind === 'tube' && end.of)).to.deep.equal(['csst', 'copper']);
    const joined = join(doc, opening);
    expect(stops(joined)).to.not.include('no-fitting');
    const layout = layOut(joined);
    const { fitting } = layout.nodes.get(node)!;
    expect(fitting.kind === 'part' && fitting.part.join).to.equal('csst');
    // Every part of it is bought, and every joint of it is made.
    const pick = Object.values(joined.picks)[0]!;
    expect(pick.parts.length).to.be.greaterThan(1);
    for (const { part } of pick.parts) expect(bought(joined)).to.include(part);
    expect(assemble(layout).joints.every(({ verdict }) => verdict.joint !== null)).to.equal(true);
    // Taken back it is as it was.
    const planned = mustBe(planTakeOutTransition(joined, pick.id));
    expect(mustBe(applyOps(applyPlan(joined, planned), invertOps(planned.ops)))).to.deep.equal(joined);
  });

  it('American pipe that goes on as British: a made adapter stands between', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 30, { material: 'steel-r' }],
    ]);
    const node = getLeg(doc, 1).to;
    const joined = join(doc, findOpeningAt(layOut(doc), node)!);
    expect(stops(joined)).to.deep.equal([]);
    expect(bought(joined).some((part) => part.startsWith('counter/converter'))).to.equal(true);
  });

  it('an inlet with another thread: the chain ends in it', () => {
    const inlet = makeTaperEnd('R', '1/2', 'female', 'brass');
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'down', 20],
    ]);
    const end = getLeg(doc, 2).to;
    const asked = applyPlan(doc, mustBe(planCloseEnd(doc, end, newAppliance('kiln', inlet))));
    expect(stops(asked)).to.not.deep.equal([]);
    const opening = findOpening(layOut(asked), end, getLeg(asked, 2).id)!;
    expect(stops(join(asked, opening))).to.deep.equal([]);
  });

  it('a connector whose nut does not fit the inlet: an end of its own is screwed in first', () => {
    const nut: End & { kind: 'thread' } = {
      kind: 'thread',
      family: 'connector',
      size: '5/8 tube, 15/16-16 UN',
      gender: 'female',
      hand: null,
      seat: '45',
      metal: 'brass',
    };
    const base = makeRun([
      [0, 'right', 30],
      [
        1,
        'down',
        null,
        {
          geometry: {
            kind: 'connector',
            axis: 'down',
            ends: [nut, nut],
            length: inches(36),
            typed: '36',
            isNew: true,
          },
        },
      ],
    ]);
    const end = getLeg(base, 2).to;
    const doc = applyPlan(
      base,
      mustBe(planCloseEnd(base, end, newAppliance('range', makeTaperEnd('NPT', '3/4', 'female', 'brass')))),
    );
    expect(stops(doc)).to.not.deep.equal([]);
    const joined = join(doc, findOpening(layOut(doc), end, getLeg(doc, 2).id)!);
    const left = assemble(layOut(joined)).joints.filter(({ id }) => id === `${end}:${getLeg(joined, 2).id}`);
    expect(left.map(({ kind }) => kind)).to.deep.equal(['connector-flare']);
    expect(bought(joined).some((part) => part.startsWith('counter/connector-fitting'))).to.equal(true);
  });

  it('a part of the shop’s own comes into the run with its length, and goes with the last that needs it', () => {
    const own: ShopPart = {
      id: 'shopswivel0',
      name: 'meter nut to 3/4',
      kind: 'swivel',
      material: 'brass',
      ends: [{ ...meter, gender: 'female' }, makeTaperEnd('NPT', '3/4', 'female', 'brass')],
      length: inches(2),
      price: 900,
      note: '',
      retired: false,
    };
    const opening = findOpeningAt(layOut(found), source)!;
    const chosen = {
      ...opening,
      forEnds: opening.ends,
      parts: [`own/${own.id}`],
      agreed: ['new-washer'],
    } as const;
    const planned = mustBe(planPickTransition(found, chosen, [own], standardCatalogue, ids));
    const joined = applyPlan(found, planned);
    expect(joined.shopParts).to.deep.equal({ [own.id]: own });
    // 2 in of its own, less what the pipe goes in: the pipe is that much shorter.
    const { takeOff } = getPiece(layOut(joined), 1).ends[0];
    expect(takeOff).to.equal(inches(2) - inches(0.5625));
    expect(getPiece(layOut(joined), 1).cut).to.not.equal(null);
    const out = applyPlan(joined, mustBe(planTakeOutTransition(joined, Object.keys(joined.picks)[0]!)));
    expect(out).to.deep.equal(found);
  });

  it('what does not go there is refused; a date is kept as it was read', () => {
    const opening = findOpeningAt(layOut(found), source)!;
    const chosen = { ...opening, forEnds: opening.ends, parts: ['malleable-150/coupling/3/4'], agreed: [] };
    const refused = planPickTransition(found, chosen, [], standardCatalogue, ids);
    expect(!refused.ok && refused.refusal).to.deep.equal({ code: 'transition-does-not-go', mark: '1' });
    const joined = join(found, opening);
    const [pick] = Object.values(joined.picks);
    const dated = applyPlan(joined, mustBe(planDatePart(joined, pick!.id, pick!.parts[0]!.id, '2026-05')));
    expect(Object.values(dated.picks)[0]!.parts[0]!.dated).to.equal('2026-05');
    expect(planTakeOutTransition(found, 'nosuchpick').ok).to.equal(false);
  });
});

describe('reducing where legs meet', () => {
  const doc = makeRun([
    [0, 'right', 30],
    [1, 'right', 30],
    [1, 'down', 20, { size: '1/2' }],
  ]);
  const node = getLeg(doc, 1).to;

  it('a reducing fitting, a bushing, a nipple with a reducing coupling: leak points and length of each', () => {
    const offers = listReductions(layOut(doc), node, ids);
    expect(offers.map(({ kind, leaks }) => [kind, leaks])).to.deep.equal([
      ['fitting', 3],
      ['bushing', 4],
      ['reducer', 5],
    ]);
    const [fitting, bushing, reducer] = offers.map(({ length }) => length!);
    expect(fitting! < bushing! && bushing! < reducer!).to.equal(true);
    // It is so already: there is nothing to do.
    expect(offers.map(({ plan }) => plan === null)).to.deep.equal([true, false, false]);
    // Taken, it is what stands, and the others are offered.
    const bushed = applyPlan(doc, offers[1]!.plan!);
    expect(stops(bushed)).to.deep.equal([]);
    expect(bought(bushed)).to.include('malleable-150/hex-bushing/3/4x1/2');
    expect(layOut(bushed).nodes.get(node)!.fitting).to.have.nested.property(
      'part.id',
      'malleable-150/tee/3/4',
    );
    const again = listReductions(layOut(bushed), node, ids);
    expect(again.map(({ plan }) => plan === null)).to.deep.equal([false, true, false]);
    const back = applyPlan(bushed, again[0]!.plan!);
    expect(back).to.deep.equal(doc);
  });

  it('a bushing that was put in is judged by its place like any other', () => {
    const bushed = applyPlan(doc, listReductions(layOut(doc), node, ids)[1]!.plan!);
    const drop = getLeg(bushed, 3).id;
    const concealed = applyPlan(bushed, mustBe(planSayZone(bushed, [drop], 'concealed')));
    const said = checkRun(layOut(concealed)).filter((finding) => finding.code === 'place');
    expect(said.some(({ what }) => what.kind === 'part' && what.part === 'bushing')).to.equal(true);
  });

  it('nothing where nothing reduces', () => {
    const plain = makeRun([
      [0, 'right', 30],
      [1, 'down', 20],
    ]);
    expect(listReductions(layOut(plain), getLeg(plain, 1).to, ids)).to.deep.equal([]);
  });
});

it('parts of the shop join the search, but for those that are retired', () => {
  const ends = [
    makeTaperEnd('NPT', '3/4', 'male'),
    {
      kind: 'thread',
      family: 'garden-hose',
      size: '3/4-11.5NH garden hose thread (GHT)',
      gender: 'male',
      hand: null,
      seat: 'washer',
      metal: 'brass',
    },
  ] as const;
  const gauge: End = {
    kind: 'thread',
    family: 'metric',
    size: 'M20x1.5 (gauge; 12S; gas hoses in parts of Europe)',
    gender: 'male',
    hand: null,
    seat: 'washer',
    metal: 'brass',
  };
  const own: ShopPart = {
    id: 'shopgauge00',
    name: 'gauge nut',
    kind: 'swivel',
    material: 'brass',
    ends: [{ ...gauge, gender: 'female' }, makeTaperEnd('NPT', '3/4', 'female', 'brass')],
    length: null,
    price: null,
    note: '',
    retired: false,
  };
  const search = (parts: readonly ShopPart[], to: End) =>
    findTransitions(
      new TransitionIndex(standardCatalogue, rules, null, listChainParts(standardCatalogue, parts)),
      askAbout(ends[0], to),
    );
  expect(search([], gauge).ok).to.equal(false);
  const answer = search([own], gauge);
  expect(answer.ok && answer.chains[0]!.links.map(({ chainPart }) => chainPart.part.id)).to.deep.equal([
    'own/shopgauge00',
  ]);
  expect(search([{ ...own, retired: true }], gauge).ok).to.equal(false);
  // What is never for gas no part of a shop's own makes good.
  expect(search([own], ends[1]).ok).to.equal(false);
});
