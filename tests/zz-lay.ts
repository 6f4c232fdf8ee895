import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { NO_FACTS } from '#core/runs/changes';
import { layOutRun } from '#core/runs/layout';
import { makeMixedRun, makeRandomRun } from '#support/random-run.ts';
for (const make of [makeRandomRun, makeMixedRun])
  for (const n of [300, 1000, 3000]) {
    const ts: number[] = [];
    for (let r = 0; r < 7; r++) {
      const doc = make(n, 500 + r);
      const t = performance.now();
      layOutRun(doc, standardCatalogue, resolveRules({}), NO_FACTS);
      ts.push(performance.now() - t);
    }
    ts.sort((a, b) => a - b);
    console.log(make.name, n, ts[3]!.toFixed(1));
  }
