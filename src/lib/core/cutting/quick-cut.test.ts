import { getThreadSystem } from '#core/materials';
import { expect } from 'chai';
import { findReach, THREADED_MATERIALS, standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { readRunDoc } from '#core/formats';
import { findBrokenReference } from '#core/runs/document';
import { NO_FACTS } from '#core/runs/changes';
import { layOutRun } from '#core/runs/layout';
import { inches, type Length } from '#core/units';
import { makeIds as makeRunIds } from '#support/make-run.ts';
import {
  findUnmeasuredPart,
  FIRST_QUICK_CUT,
  groupAlike,
  isQuickKindMade,
  makeQuickRun,
  QUICK_KINDS,
  QUICK_POINTS,
  type QuickCut,
  type QuickEnd,
  type QuickKind,
} from './quick-cut.ts';

const BEGIN = { id: 'quickcut00', catalogueVersion: standardCatalogue.version, ruleChoices: {} };
function makeIds(): () => string {
  let made = 0;
  return () => `quick${String(made++).padStart(4, '0')}`;
}
function cutOf(cut: QuickCut): Length | null {
  const { doc, leg } = makeQuickRun(cut, BEGIN, makeIds());
  expect(findBrokenReference(doc)).to.equal(null);
  const layout = layOutRun(doc, standardCatalogue, resolveRules({}), NO_FACTS);
  return layout.pieces.get(leg)?.[0]?.cut?.exact ?? null;
}

/** By hand, apart from the layout: which port the piece is made up in, and what lies behind the part's centre. */
const PORTS: Readonly<Record<QuickKind, { part: 'elbow-90' | 'elbow-45' | 'tee' | 'coupling' | 'union' | 'valve' | 'cap' | null; port: string; behind: 'band' | 'other' | 'nothing' }>> = {
  'elbow-90': { part: 'elbow-90', port: 'a', behind: 'band' },
  'elbow-45': { part: 'elbow-45', port: 'a', behind: 'band' },
  'tee-run': { part: 'tee', port: 'run-a', behind: 'other' },
  'tee-branch': { part: 'tee', port: 'branch', behind: 'band' },
  coupling: { part: 'coupling', port: 'a', behind: 'other' },
  union: { part: 'union', port: 'a', behind: 'other' },
  valve: { part: 'valve', port: 'a', behind: 'other' },
  cap: { part: 'cap', port: 'a', behind: 'nothing' },
  open: { part: null, port: '', behind: 'nothing' },
}; // prettier-ignore

/** What an end takes off the measure (nm): from the point it was held to, to where the pipe ends. */
function takesOff({ kind, at }: QuickEnd, { size, material }: QuickCut): Length | null {
  const { part: name, port: id, behind } = PORTS[kind];
  if (name === null) return 0;
  const family = getThreadSystem({ material });
  const part = standardCatalogue.findPart(name, size, family)!;
  const reach = findReach(part.ports.find((port) => port.id === id)!);
  const engagement = standardCatalogue.findThread(size, family)!.normalEngagement;
  if (reach === null) return null;
  if (at === 'end') return 0;
  if (at === 'centre') return reach - engagement;
  if (at === 'face') return -engagement;
  const other =
    behind === 'other'
      ? reach
      : behind === 'nothing'
        ? 0
        : part.outside === null
          ? null
          : Math.round(part.outside / 2);
  return other === null ? null : other + reach - engagement;
}

it('the run of a quick cut is one that files and server take', () => {
  for (const from of QUICK_KINDS)
    for (const to of QUICK_KINDS) {
      const ends = [
        { ...FIRST_QUICK_CUT.ends[0], kind: from },
        { ...FIRST_QUICK_CUT.ends[1], kind: to },
      ] as const;
      const { doc } = makeQuickRun({ ...FIRST_QUICK_CUT, ends }, BEGIN, makeRunIds('quickcut'));
      expect(readRunDoc(JSON.parse(JSON.stringify(doc))), `${from} ${to}`).to.deep.equal({
        ok: true,
        value: doc,
      });
    }
});

describe('a quick cut', () => {
  for (const material of THREADED_MATERIALS) {
    for (const size of ['1/2', '1', '2'] as const) {
      it(`${material} ${size}: every pair of ends, from every point to every point, comes to what the hand works out`, () => {
        const kinds = QUICK_KINDS.filter((kind) =>
          isQuickKindMade(kind, { material, size }, standardCatalogue),
        );
        const ends = kinds.flatMap((kind) => QUICK_POINTS.map((at) => ({ kind, at })));
        let compared = 0;
        for (const one of ends) {
          for (const other of ends) {
            const measure = { value: inches(43.25), typed: '43 1/4' };
            const cut: QuickCut = { ...FIRST_QUICK_CUT, material, size, ends: [one, other], measure };
            const [a, b] = [takesOff(one, cut), takesOff(other, cut)];
            const expected = a === null || b === null ? null : measure.value - a - b;
            expect(cutOf(cut), `${one.kind} ${one.at} to ${other.kind} ${other.at}`).to.equal(expected);
            compared++;
          }
        }
        expect(compared).to.equal(ends.length ** 2);
      }).timeout(60_000);
    }
  }

  it('the trade’s own example: 3/4 between two elbows, 3 ft 7-1/4 in between centres', () => {
    const measure = { value: inches(43.25), typed: `3' 7 1/4"` };
    expect(cutOf({ ...FIRST_QUICK_CUT, measure })).to.equal(inches(41.755));
    expect(cutOf(FIRST_QUICK_CUT)).to.equal(null);
  });

  it('a valve is measured first: then it counts with its own length', () => {
    const ends = [FIRST_QUICK_CUT.ends[0], { kind: 'valve', at: 'centre' }] as const;
    const measure = { value: inches(30), typed: '30' };
    const cut: QuickCut = { ...FIRST_QUICK_CUT, ends, measure };
    const valve = findUnmeasuredPart(ends[1], cut, standardCatalogue)!;
    expect(valve).to.equal('brass/valve/3/4');
    expect(cutOf(cut)).to.equal(null);
    const known = { ...cut, own: { [valve]: { length: inches(3), typed: '3' } } };
    expect(findUnmeasuredPart(ends[1], known, standardCatalogue)).to.equal(null);
    expect(cutOf(known)).to.equal(inches(30 - (1.31 - 0.5625) - (1.5 - 0.5625)));
  });

  it('R has elbows and tees: what has no figure is not offered', () => {
    const made = (kind: QuickKind) =>
      isQuickKindMade(kind, { material: 'steel-r', size: '3/4' }, standardCatalogue);
    expect(QUICK_KINDS.filter(made)).to.deep.equal(['elbow-90', 'tee-run', 'tee-branch', 'open']);
  });

  it('a leg longer than the stock: every piece is there, those cut alike as one, and they come to the measure', () => {
    for (const [feet, counts] of [
      [20, [1]],
      [42, [1, 1]],
      [124, [5, 1]],
      [126.5, [5, 1, 1]],
    ] as const) {
      const { doc, leg } = makeQuickRun(
        { ...FIRST_QUICK_CUT, measure: { value: inches(feet * 12), typed: `${feet} ft` } },
        BEGIN,
        makeIds(),
      );
      const pieces = layOutRun(doc, standardCatalogue, resolveRules({}), NO_FACTS).pieces.get(leg)!;
      const alike = groupAlike(pieces);
      expect(
        alike.map(({ count }) => count),
        `${feet} ft`,
      ).to.deep.equal(counts);
      // The elbows take off 0.7475 in at each end, and every coupling holds two ends apart by its length less both engagements.
      const apart = pieces.length - 1;
      const coupling =
        findReach(standardCatalogue.findPart('coupling', '3/4', 'NPT')!.ports[0]!)! * 2 -
        2 * standardCatalogue.findThread('3/4', 'NPT')!.normalEngagement;
      const sum = pieces.reduce((all, { cut }) => all + cut!.exact, 0);
      expect(sum).to.equal(inches(feet * 12) - 2 * inches(0.7475) - apart * coupling);
    }
  });
});
