import { expect } from 'chai';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { JURISDICTIONS, getOpeningChoices } from '#core/house-rules';
import { newRun } from '#core/runs/document';
import { layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { makeMixedRun, makeRandomRun } from '#support/random-run.ts';
import { listMarks, sayLine, sayRun } from '#support/run-sentences.ts';
import { sayCount } from './counts.ts';
import { sayPipeTotal, sayUnknownCuts } from './pipe-totals.ts';
import { sayChecked, sayMade, sayMeasured } from './standing.ts';
import { sayCost } from './transitions.ts';
import { sayRotation, sayTurn } from './tube.ts';
import { sayFinding } from './findings.ts';

const SEED = 14_005;
const RUNS = 150;

/** A coupling, a union, a nipple are called by a size before them: `4 coupling`. */
const NOUNS =
  'leg|piece|joint|bend|thread|support|length|part|point|floor|trap|drop|stop|measure|source|leak point|crest|print line|change|olive|file|reading|inch|metre';
/** What no sentence says. */
const NEVER: readonly (readonly [string, RegExp])[] = [
  ['one of several', new RegExp(`(?:^|[^\\d/.-])1 (?:${NOUNS})(?:s|es)\\b`)],
  ['several of one', new RegExp(`(?:^|[^\\d/.-])(?:[02-9]|[1-9]\\d+) (?:${NOUNS})\\b(?! (?:of|in) the)`)],
  ['an article before nothing', /\b(?:a|an|the) (?:no|not|none|an|a|the)\b/],
  ['a length of nothing', /(?<![\d/.'’-])\b0 (?:in|mm|ft)\b/],
  ['nothing done', /\bturned (?:not|none)\b|\bturn the tube (?:not|none)\b/],
  ['what script says', /undefined|null|NaN|Infinity|\[object|\$\{|\{[^}]*\|/],
  ['an idle sign', / ,| \.|,,|\.\.(?!\.)| ;|;;|\( | {2}|\(\)/],
  ['an article that does not fit', /\ba (?:elbow|open|appliance|existing|engagement|union)\b(?<!a union)|\ban (?:tee|cap|valve|bend|coupling|union|source)\b/],
]; // prettier-ignore

const findFault = (said: string): string | null =>
  NEVER.find(([, pattern]) => pattern.test(said))?.[0] ?? null;

function expectRight(sentences: Iterable<string>): number {
  let count = 0;
  for (const said of sentences) {
    expect(findFault(said), said).to.equal(null);
    count++;
  }
  return count;
}

describe(`every sentence, whatever it counts (${RUNS} random runs, seed ${SEED})`, () => {
  it('of random runs, in every place and unit', () => {
    let said = 0;
    for (let i = 0; i < RUNS; i++) {
      const jurisdiction = JURISDICTIONS[i % JURISDICTIONS.length]!;
      const unit = i % 2 ? 'mm' : 'in';
      const doc = i % 3 === 0 ? makeRandomRun(1 + (i % 15), SEED + i) : makeMixedRun(1 + (i % 15), SEED + i);
      const layout = layOut({ ...doc, ruleChoices: getOpeningChoices(unit, jurisdiction) });
      said += expectRight(sayRun(layout, jurisdiction, unit)) + expectRight(sayLine(layout, unit));
    }
    expect(said).to.be.greaterThan(6000);
  }).timeout(60_000);

  it('of runs of no leg, one and two, of every kind of pipe', () => {
    const kinds: readonly NonNullable<TestLeg[3]>[] = [
      { size: '3/4', material: 'black-iron' }, { size: '1/2', material: 'csst' }, { size: '3/8 ACR', material: 'copper-flared' },
      { size: '8 mm', material: 'copper-compression' }, { size: '1/2 L', material: 'copper-brazed' }, { size: '1', material: 'steel-pressed' },
      { size: '1 IPS SDR 11', material: 'pe-stabbed' }, { size: '1 IPS SDR 11', material: 'pe-fused' }, { size: '1/2', material: 'steel-r' },
    ]; // prettier-ignore
    for (const jurisdiction of JURISDICTIONS)
      for (const unit of ['in', 'mm'] as const) {
        const ruleChoices = getOpeningChoices(unit, jurisdiction);
        const say = (doc: Parameters<typeof layOut>[0]): void => {
          const layout = layOut({ ...doc, ruleChoices });
          expectRight(sayRun(layout, jurisdiction, unit));
          expectRight(sayLine(layout, unit));
        };
        say(newRun('emptyrun01', '1', {}));
        for (const kind of kinds)
          for (const ways of [['right'], ['right', 'up'], ['right', 'right', 'up']] as const)
            say(
              makeRun(
                ways.map((way, i): TestLeg => [i, way, 30, kind]),
                '3/4',
              ),
            );
      }
  });

  it('no two marks of the tape are called the same', () => {
    for (let i = 0; i < RUNS; i++) {
      const layout = layOut(i % 2 ? makeMixedRun(12, SEED + i) : makeRandomRun(14, SEED + i));
      for (const leg of layout.legs.keys()) {
        const names = listMarks(layout, leg, 'in');
        expect(new Set(names).size, names.join(' | ')).to.equal(names.length);
      }
    }
  });

  it('of counts of nothing, one and two', () => {
    const say = (said: string | null): void => void expectRight([said ?? '']);
    for (const one of [0, 1, 2])
      for (const other of [0, 1, 2])
        for (const third of [0, 1, 2]) {
          say(sayCount(one, 'leg'));
          const standing = {
            legs: one,
            unmeasured: other,
            stops: third,
            asks: other,
            pieces: one,
            cut: third,
            unknown: 0,
          };
          say(sayMeasured(standing));
          say(sayChecked(standing));
          say(sayMade(standing));
          say(
            sayCost(
              {
                leaks: one,
                parts: other + 1,
                bore: 0,
                unmeasured: Math.min(third, other + 1),
                length: 1e9,
                unpriced: other + 1,
                price: 0,
                known: 0,
              } as never,
              'in',
            ),
          );
          for (const stockAtLeast of [null, 0, 1, 2]) {
            const total = {
              size: '3/4',
              material: 'black-iron',
              pieces: one,
              unknown: Math.min(one, other),
              threads: third * 2,
              bends: third,
              length: 0,
              kerf: 0,
              stockAtLeast,
            } as const;
            say(sayPipeTotal(total, 'in', '21 ft'));
            say(sayUnknownCuts(total));
          }
        }
    for (const turn of [0, 90, 180, 270]) {
      say(sayTurn(1, turn));
      say(sayRotation(1, turn));
    }
    for (const count of [1, 2]) {
      say(sayFinding({ code: 'several-sources', severity: 'stop', subject: 'x', count: count + 1 }, 'in'));
      say(
        sayFinding(
          {
            code: 'longer-than-stock',
            severity: 'note',
            subject: 'x',
            mark: '1',
            stock: 1,
            couplings: count,
          },
          'in',
        ),
      );
    }
  });

  it('on the screens a number stands before a noun only where the noun agrees with it', () => {
    const source = (folder: string): string[] =>
      (readdirSync(folder, { recursive: true }) as string[])
        .filter((name) => name.endsWith('.svelte'))
        .map((name) => join(folder, name));
    for (const file of [...source('src/lib/ui'), ...source('src/routes')]) {
      const lines = readFileSync(file, 'utf8').split('\n');
      for (const [i, line] of lines.entries()) {
        if (!/(?<!=)\{[\w.]*(?:length|count|Count)\} [a-z]+s\b/.test(line)) continue;
        const before = lines.slice(Math.max(0, i - 3), i + 1).join(' ');
        expect(/(?:=== 1|> 1|length > |Show)/.test(before), `${file}:${i + 1}: ${line.trim()}`).to.equal(
          true,
        );
      }
    }
  });
});
