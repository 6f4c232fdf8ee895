import { expect } from 'chai';
import { makeMixedRun } from '#support/random-run.ts';
import { standardCatalogue } from '#core/catalogue';
import { inferFitting } from './infer-fitting.ts';
import { getLegsByNode } from '#core/runs/document';

const SEED = 20_280;

describe('recallFitting', () => {
  it(`gives what is inferred anew, whatever was met before (seed ${SEED})`, () => {
    const doc = makeMixedRun(400, SEED);
    const legsByNode = getLegsByNode(doc);
    const adapted = new Set<string>();
    for (const [node, legs] of legsByNode) {
      const recalled = inferFitting(doc.nodes[node]!, legs, standardCatalogue);
      // A catalogue nothing was inferred from yet.
      expect(recalled, node).to.deep.equal(inferFitting(doc.nodes[node]!, legs, { ...standardCatalogue }));
      if (recalled.kind !== 'part') continue;
      for (const leg of recalled.legs) expect(legs, node).to.include(leg);
      for (const { id } of Object.values(recalled.adapters ?? {})) adapted.add(id);
    }
    expect(adapted.size).to.be.greaterThan(50);
  });
});
