import { expect } from 'chai';
import { kiln } from '#support/make-trap.ts';
import { getLeg, layOut, makeRun } from '#support/make-run.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { checkRun } from '#core/checks';
import type { RunDoc } from '#core/runs/document';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { listUsedPorts, traceFlow } from './flow.ts';

const header = makeRun([
  [0, 'right', 60],
  [1, 'down', 40, { terminal: kiln() }],
  [1, 'right', 60],
  [3, 'down', 40],
  [4, 'right', 20, { terminal: kiln() }],
  [4, 'down', 6, { cap: true }],
]);
const codes = (doc: RunDoc): string[] => checkRun(layOut(doc)).map(({ code }) => code);

/** The legs by which gas comes to a node, from the source on; ends early where the way is not known. */
function listUpstream(layout: RunLayout, node: string): LaidLeg[] {
  const { arriving } = traceFlow(layout);
  const up: LaidLeg[] = [];
  const reach = (at: string): LaidLeg | undefined => layout.legs.get(arriving.get(at) ?? '');
  for (let leg = reach(node); leg; leg = reach(leg.near)) up.unshift(leg);
  return up;
}

/** The legs beyond a leg, in walking order, itself first. */
function listDownstream(layout: RunLayout, leg: string): LaidLeg[] {
  const reached = new Set<string>();
  return [...layout.legs.values()].filter((laid) => {
    const isBeyond = laid.id === leg || reached.has(laid.near);
    if (isBeyond) reached.add(laid.far);
    return isBeyond;
  });
}

const listDirected = (layout: RunLayout): string[] =>
  [...layout.legs.keys()].filter((id) => traceFlow(layout).directed.has(id));
const countDirected = (layout: RunLayout): number => listDirected(layout).length;

describe('flow', () => {
  it('goes from the source outward, whatever way a leg was drawn', () => {
    const turned: RunDoc = {
      ...header,
      anchors: { anchor0000: { id: 'anchor0000', node: getLeg(header, 5).to, role: 'source' } },
    };
    for (const doc of [header, turned]) {
      const layout = layOut(doc);
      const flow = traceFlow(layout);
      expect(flow.state).to.equal('known');
      expect(countDirected(layout)).to.equal(6);
      for (const laid of layout.legs.values()) {
        const up = listUpstream(layout, laid.far);
        expect(up.at(-1)).to.equal(laid);
        expect(up[0]!.near).to.equal(flow.sources[0]);
        expect(listDownstream(layout, laid.id)[0]).to.equal(laid);
      }
    }
  });

  it('counts what each leg serves, and says what an opening is for', () => {
    const layout = layOut(header);
    const { serves } = traceFlow(layout);
    const count = (tag: number) => serves.get(getLeg(header, tag).id) ?? 0;
    expect([1, 2, 3, 4, 5, 6].map(count)).to.deep.equal([2, 1, 1, 1, 1, 0]);
    const tee = layout.nodes.get(getLeg(header, 4).to)!;
    const uses = listUsedPorts(layout, tee).map(({ use, port }) => `${port.id} ${use}`);
    expect(uses.sort()).to.deep.equal(['branch outlet', 'run-a inlet', 'run-b idle']);
  });

  it('is never guessed: no source, several, a ring, what the source does not reach', () => {
    const none: RunDoc = { ...header, anchors: {} };
    expect(countDirected(layOut(none))).to.equal(0);
    expect(codes(none)).to.include('no-source').and.include('trap');
    const two: RunDoc = {
      ...header,
      anchors: {
        ...header.anchors,
        anchor0002: { id: 'anchor0002', node: getLeg(header, 5).to, role: 'source' },
      },
    };
    expect(countDirected(layOut(two))).to.equal(0);
    expect(codes(two)).to.include('several-sources');
    const square = makeRun([
      [0, 'right', 30],
      [1, 'right', 30],
      [2, 'down', 30],
      [3, 'left', 30],
      [3, 'down', 30, { terminal: kiln() }],
    ]);
    const last = getLeg(square, 4);
    const ring: RunDoc = {
      ...square,
      legs: { ...square.legs, [last.id]: { ...square.legs[last.id]!, to: getLeg(square, 1).to } },
    };
    const { ringed } = traceFlow(layOut(ring));
    expect(ringed.size).to.equal(3);
    expect(listDirected(layOut(ring))).to.have.members([getLeg(square, 1).id, getLeg(square, 5).id]);
    expect(codes(ring)).to.include('gas-goes-round');
  });

  it('over random runs: every leg has a direction, serves add up, ways up and down agree', () => {
    const seed = 20_251_128;
    for (let i = 0; i < 60; i++) {
      const random = makeRandom(seed + i);
      const doc = makeRandomRun(2 + Math.floor(random() * 40), seed + i);
      const layout = layOut(doc);
      expect(countDirected(layout), `seed ${seed + i}`).to.equal(layout.legs.size);
      for (const laid of layout.legs.values()) {
        const beyond = listDownstream(layout, laid.id);
        for (const other of beyond)
          expect(listUpstream(layout, other.far), `seed ${seed + i}`).to.include(laid);
      }
    }
  });
});
