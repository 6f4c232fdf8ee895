import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import type { Axis } from '#core/geometry';
import { inches } from '#core/units';
import { getLeg, layOut, makeIds, makeRun, mustBe, offset } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { applyOps, type Op, NO_FACTS } from '#core/runs/changes';
import { layOutRun, getPieces } from '#core/runs/layout';
import { insertLeg, insertOp, removeLeg, removeOp, setOp } from '#core/runs/commands';
import { checkRun } from '#core/checks';
import { centreOf, newRun, type Leg, type Measure, type Ref, type RunDoc } from '#core/runs/document';

const SEEDS = Array.from({ length: 40 }, (_, i) => 100 + i);

/** A straight header of so many legs, its nodes in order from the source, without any measure. */
function makeHeader(count: number, axis: Axis = 'right'): { doc: RunDoc; nodes: string[]; legs: string[] } {
  const doc = makeRun(Array.from({ length: count }, (_, i) => [i, axis, 20] as const));
  const legs = Array.from({ length: count }, (_, i) => getLeg(doc, i + 1));
  const nodes = [legs[0]!.from, ...legs.map(({ to }) => to)];
  return { doc: { ...doc, measures: {} }, nodes, legs: legs.map(({ id }) => id) };
}

const measure = (id: string, from: Ref, to: Ref, value: number, along: Axis | null = null): Measure => ({
  id,
  from,
  to,
  along,
  value,
  typed: '',
  instrument: null,
});
const withMeasures = (doc: RunDoc, measures: readonly Measure[]): RunDoc => ({
  ...doc,
  measures: Object.fromEntries(measures.map((each) => [each.id, each])),
});

/** Rank of a matrix by elimination: small whole numbers, so doubles do. */
function getRank(rows: readonly (readonly number[])[]): number {
  const left = rows.map((row) => [...row]);
  let rank = 0;
  for (let column = 0; column < (left[0]?.length ?? 0); column++) {
    const pivot = left.findIndex((row, i) => i >= rank && Math.abs(row[column]!) > 1e-9);
    if (pivot < 0) continue;
    [left[rank], left[pivot]] = [left[pivot]!, left[rank]!];
    for (let i = rank + 1; i < left.length; i++) {
      const by = left[i]![column]! / left[rank]![column]!;
      left[i] = left[i]!.map((value, j) => value - by * left[rank]![j]!);
    }
    rank++;
  }
  return rank;
}

describe('solveLengths', () => {
  it(`finds exactly the lengths that measures on a header determine, seeds ${SEEDS[0]} to ${SEEDS.at(-1)}`, () => {
    for (const seed of SEEDS) {
      const random = makeRandom(seed);
      const count = 2 + Math.floor(random() * 6);
      const { doc, nodes, legs } = makeHeader(count, random() < 0.5 ? 'right' : 'up');
      const real = legs.map(() => inches(6 + Math.floor(random() * 1600) / 16));
      const said = Array.from({ length: Math.floor(random() * (count + 3)) }, (_, i) => {
        const a = Math.floor(random() * count);
        const b = a + 1 + Math.floor(random() * (count - a));
        const value = real.slice(a, b).reduce((sum, each) => sum + each, 0);
        const [from, to] = random() < 0.5 ? [a, b] : [b, a];
        return {
          a,
          b,
          measure: measure(`measure${i}x`, centreOf(nodes[from]!), centreOf(nodes[to]!), value),
        };
      });
      const { solved } = layOut(
        withMeasures(
          doc,
          said.map((each) => each.measure),
        ),
      );
      const rows = said.map(({ a, b }) => legs.map((_, i) => (i >= a && i < b ? 1 : 0)));
      expect(solved.contradictions, `seed ${seed}`).to.deep.equal([]);
      for (const [i, leg] of legs.entries()) {
        const unit = legs.map((_, j) => (j === i ? 1 : 0));
        const isDetermined = getRank([...rows, unit]) === getRank(rows);
        expect(solved.lengths.get(leg) ?? null, `seed ${seed}, leg ${i + 1}`).to.equal(
          isDetermined ? real[i]! : null,
        );
      }
    }
  });

  it('explains a length that was worked out by steps that add up to it', () => {
    const { doc, nodes, legs } = makeHeader(3);
    const run = withMeasures(doc, [
      measure('datum000a', centreOf(nodes[0]!), centreOf(nodes[1]!), inches(20)),
      measure('datum000b', centreOf(nodes[0]!), centreOf(nodes[2]!), inches(52)),
      measure('datum000c', centreOf(nodes[0]!), centreOf(nodes[3]!), inches(90)),
    ]);
    const how = layOut(run).solved.derived.get(legs[2]!);
    if (how?.kind !== 'worked-out') throw new Error('not worked out');
    const steps = how.steps();
    expect(steps.map((step) => step.measure)).to.have.members(['datum000b', 'datum000c']);
    expect(steps.reduce((sum, { sign, distance }) => sum + sign * distance, 0)).to.equal(inches(38));
  });

  it('takes an overall measure along a square way across an offset', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 12]) }],
      [2, 'right', 20],
    ]);
    const [first, , last] = [1, 2, 3].map((tag) => getLeg(doc, tag));
    const kept = Object.values(doc.measures).filter(({ to }) => to.id !== last!.to);
    const run = withMeasures(doc, [
      ...kept,
      measure('overall00', centreOf(first!.from), centreOf(last!.to), inches(100), 'right'),
    ]);
    expect(layOut(run).solved.lengths.get(last!.id)).to.equal(inches(100 - 30 - 12));
    const notInLine = withMeasures(doc, [
      ...kept,
      measure('overall00', centreOf(first!.from), centreOf(last!.to), inches(100)),
    ]);
    expect(layOut(notInLine).solved.unread.get('overall00')).to.equal('not-in-line');
    const finding = checkRun(layOut(notInLine)).find(({ code }) => code === 'measure-not-read');
    expect(finding?.severity).to.equal('ask');
  });

  it('finds a slanting leg from the square distance it covers', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'up-right', 20],
      [2, 'up', 20],
    ]);
    const slant = getLeg(doc, 2);
    const kept = Object.values(doc.measures).filter(({ to }) => to.id !== slant.to);
    const run = withMeasures(doc, [
      ...kept,
      measure('square000', centreOf(slant.from), centreOf(slant.to), inches(15), 'up'),
    ]);
    expect(layOut(run).solved.lengths.get(slant.id)).to.equal(Math.round(inches(15) * Math.SQRT2));
  });

  it('names both measures that contradict each other and by how much, and uses neither', () => {
    const { doc, nodes, legs } = makeHeader(2);
    const run = withMeasures(doc, [
      measure('first0000', centreOf(nodes[0]!), centreOf(nodes[1]!), inches(20)),
      measure('second000', centreOf(nodes[1]!), centreOf(nodes[2]!), inches(30)),
      measure('overall00', centreOf(nodes[0]!), centreOf(nodes[2]!), inches(51)),
    ]);
    const { solved } = layOut(run);
    expect(solved.contradictions).to.have.length(1);
    const { measure: wrong, against, by } = solved.contradictions[0]!;
    expect([wrong, ...against]).to.have.members(['overall00', 'first0000', 'second000']);
    expect(by).to.equal(inches(1));
    expect(legs.map((leg) => solved.lengths.get(leg))).to.deep.equal([undefined, undefined]);
    const codes = checkRun(layOut(run)).map(({ code }) => code);
    expect(codes).to.include('measures-contradict').and.not.to.include('measure-missing');
  });

  it('says when measures put the far end before the near one', () => {
    const { doc, nodes, legs } = makeHeader(2);
    const run = withMeasures(doc, [
      measure('first0000', centreOf(nodes[0]!), centreOf(nodes[1]!), inches(50)),
      measure('overall00', centreOf(nodes[0]!), centreOf(nodes[2]!), inches(40)),
    ]);
    expect(layOut(run).solved.reversed.get(legs[1]!)).to.equal(inches(10));
    expect(checkRun(layOut(run)).map(({ code }) => code)).to.include('measures-reversed');
  });

  it('says when an offset is measured otherwise than its set and roll make it', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 10]) }],
      [2, 'right', 20],
    ]);
    const travel = getLeg(doc, 2);
    const measured = (value: number) =>
      withMeasures(doc, [
        ...Object.values(doc.measures),
        measure('travel000', centreOf(travel.from), centreOf(travel.to), value),
      ]);
    expect(layOut(measured(inches(14.14))).solved.contradictions).to.deep.equal([]);
    const finding = checkRun(layOut(measured(inches(15)))).find(
      ({ code }) => code === 'measure-against-parts',
    );
    expect(finding).to.include({ by: inches(15) - Math.round(inches(10) * Math.SQRT2) });
  });
});

describe('lengths solved with what was solved before an edit', () => {
  /** Four legs along, up and along, each measured from centre to centre. */
  const doc = makeRun([
    [0, 'right', 20],
    [1, 'up', 30],
    [2, 'right', 40],
    [1, 'right', 50],
  ]);
  const legs = [1, 2, 3, 4].map((tag) => getLeg(doc, tag));
  const own = (leg: Leg) =>
    Object.values(doc.measures).find(({ from, to }) => from.id === leg.from && to.id === leg.to)!;
  const [first, second, third, fourth] = legs as [Leg, Leg, Leg, Leg];
  const other: Leg = { ...third, id: 'secondleg0', tag: 9 };
  const setMeasure = <Field extends 'value' | 'from' | 'to'>(
    measure: Measure,
    field: Field,
    value: Measure[Field],
  ): Op => setOp('measures', measure, field, value);
  const setLeg = <Field extends 'from' | 'to' | 'geometry'>(leg: Leg, field: Field, value: Leg[Field]): Op =>
    setOp('legs', leg, field, value);
  const face = { ...own(second).to, at: 'face' } as const;
  const unlike: Measure = { ...own(third), id: 'again00000', value: inches(41) };

  for (const [what, ops] of [
    ['a measure altered', [setMeasure(own(second), 'value', inches(31))]],
    [
      'a measure altered, and another',
      [setMeasure(own(second), 'value', inches(31)), setMeasure(own(fourth), 'value', inches(5))],
    ],
    ['a measure gone', [removeOp('measures', own(second))]],
    ['a measure taken to the face', [setMeasure(own(second), 'to', face)]],
    ['a measure taken from the face', [setMeasure(own(second), 'from', { ...own(second).from, at: 'face' })]],
    ['a measure that goes over two legs', [setMeasure(own(third), 'from', centreOf(second.from))]],
    [
      'a measure turned round',
      [setMeasure(own(third), 'from', own(third).to), setMeasure(own(third), 'to', own(third).from)],
    ],
    ['a second measure that says the same', [insertOp('measures', { ...own(third), id: 'again00000' })]],
    ['a second measure that says something else', [insertOp('measures', unlike)]],
    ['a leg turned round', [setLeg(third, 'from', third.to), setLeg(third, 'to', third.from)]],
    ['a leg hung elsewhere, its measure left behind', [setLeg(fourth, 'from', third.from)]],
    [
      'a leg hung elsewhere with its measure',
      [setLeg(fourth, 'from', third.from), setMeasure(own(fourth), 'from', centreOf(third.from))],
    ],
    ['a leg gone, its measure left behind', removeLeg(doc, third.id)],
    ['a leg gone with its measure', [...removeLeg(doc, third.id), removeOp('measures', own(third))]],
    ['a second leg between the same ends', insertLeg(other)],
    [
      'a second leg between the same ends, the other way',
      insertLeg({ ...other, from: third.to, to: third.from }),
    ],
    ['a second leg between the same ends for the first', [...insertLeg(other), ...removeLeg(doc, third.id)]],
    [
      'an older leg hung beside a measured one, which has its measure then',
      [setLeg(third, 'from', fourth.from), setLeg(third, 'to', fourth.to), removeOp('measures', own(third))],
    ],
    ['a way of a leg that is none of the squares', [setLeg(third, 'geometry', offset('right', ['up', 8]))]],
  ] as const satisfies readonly (readonly [string, readonly Op[]])[])
    it(`are those solved from nothing: ${what}`, () => {
      const before = layOut(doc);
      const after = mustBe(applyOps(doc, ops));
      const carried = layOutRun(after, standardCatalogue, before.rules, NO_FACTS, before).solved;
      const anew = layOut(after).solved;
      for (const part of ['lengths', 'derived', 'unread', 'reversed', 'places'] as const)
        expect(JSON.stringify([...carried[part]].toSorted()), part).to.equal(
          JSON.stringify([...anew[part]].toSorted()),
        );
      expect(carried.contradictions).to.deep.equal(anew.contradictions);
      // And once more, on from there: what was solved of an odd run is no ground to go on from.
      const further = mustBe(applyOps(after, [setOp('measures', own(first), 'value', inches(22))]));
      const on = layOutRun(
        further,
        standardCatalogue,
        before.rules,
        NO_FACTS,
        layOutRun(after, standardCatalogue, before.rules, NO_FACTS, before),
      ).solved;
      expect([...on.lengths].toSorted()).to.deep.equal([...layOut(further).solved.lengths].toSorted());
      // And with whatever was measured of the third leg taken out again.
      const of = Object.values(after.measures).filter(
        ({ id }) => id === own(third).id || id === 'again00000',
      );
      const without = mustBe(
        applyOps(
          after,
          of.map((each) => removeOp('measures', each)),
        ),
      );
      const last = layOutRun(
        without,
        standardCatalogue,
        before.rules,
        NO_FACTS,
        layOutRun(after, standardCatalogue, before.rules, NO_FACTS, before),
      ).solved;
      expect([...last.lengths].toSorted()).to.deep.equal([...layOut(without).solved.lengths].toSorted());
      expect(last.contradictions).to.deep.equal(layOut(without).solved.contradictions);
      expect(on.lengths.get(first.id)).to.equal(inches(22));
    });

  it('read no measure again that the edit left alone', () => {
    let reads = 0;
    const watched = Object.fromEntries(
      Object.entries(doc.measures).map(([id, measure]) => [
        id,
        Object.defineProperty({ ...measure }, 'value', {
          enumerable: true,
          get: () => (reads++, measure.value),
        }),
      ]),
    );
    const before = layOut({ ...doc, measures: watched });
    const readsAfter = (ops: readonly Op[]): number => {
      const after = mustBe(applyOps(before.doc, ops));
      reads = 0;
      layOutRun(after, standardCatalogue, before.rules, NO_FACTS, before);
      return reads;
    };
    const grown: Leg = { ...third, id: 'grownleg00', from: third.to, to: 'grownnode0', tag: 9 };
    const node = { ...doc.nodes[third.to]!, id: 'grownnode0' };
    const measured = measure('grownmeas0', centreOf(grown.from), centreOf(grown.to), inches(12));
    // One whose end is another's beginning, one that is gone with its leg, one more at the end of what is there.
    expect(readsAfter([setMeasure(own(second), 'value', inches(31))])).to.equal(0);
    expect(readsAfter([...removeLeg(doc, fourth.id), removeOp('measures', own(fourth))])).to.equal(0);
    expect(
      readsAfter([insertOp('nodes', node), ...insertLeg(grown), insertOp('measures', measured)]),
    ).to.equal(0);
    // Where something else than one measure a leg is said, all of them are.
    expect(readsAfter([setMeasure(own(second), 'to', face)])).to.be.greaterThan(2);
  });

  it('a measure to the face of what stands at the end is so much longer from centre to centre', () => {
    const after = mustBe(applyOps(doc, [setMeasure(own(second), 'to', face)]));
    const [was, is] = [layOut(doc), layOut(after)].map(
      ({ legs: laid }) => laid.get(second.id)!.centreToCentre!,
    );
    expect(is! - was!).to.be.greaterThan(inches(0.5));
  });
});

describe('the order of the keys of a document', () => {
  it('changes nothing of what is worked out (25 runs of random commands)', () => {
    for (let seed = 0; seed < 25; seed++) {
      const random = makeRandom(9_000 + seed);
      const newId = makeIds();
      let doc = newRun('orderedrun', standardCatalogue.version, {});
      for (let i = 0; i < 60; i++) {
        const planned = planRandomCommand(doc, random, newId);
        const applied = planned && applyOps(doc, planned.ops);
        if (applied?.ok) doc = applied.value;
      }
      const turned = <Value>(map: Readonly<Record<string, Value>>) =>
        Object.fromEntries(Object.entries(map).reverse());
      const other = {
        ...doc,
        measures: turned(doc.measures),
        legs: turned(doc.legs),
        nodes: turned(doc.nodes),
      };
      const cuts = (run: typeof doc) =>
        [...getPieces(layOut(run))].map(({ id, cut }) => `${id} ${cut?.exact ?? 'none'}`).sort();
      expect(cuts(other), String(seed)).to.deep.equal(cuts(doc));
    }
  });
});
