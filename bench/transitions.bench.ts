/**
 * Chains between two ends: 2,000 random pairs of the openings of the whole catalogue, and how that grows when the catalogue is
 * doubled by parts of the same shapes under other names.
 */
import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { listChainParts, type ChainPart, findTransitions, TransitionIndex } from '#core/transitions';
import { makeRandom } from '#support/random-run.ts';
import { askAbout } from '#support/transition-question.ts';

const SEED = 20_411;
const PAIRS = 2_000;
const rules = resolveRules({});
const parts = listChainParts(standardCatalogue);
const again = parts.map((each): ChainPart => ({
  ...each,
  part: { ...each.part, id: `own/${each.part.id}` },
}));

function measure(name: string, all: readonly ChainPart[]): number {
  const began = performance.now();
  const index = new TransitionIndex(standardCatalogue, rules, null, all);
  const openings = index.size;
  for (let at = 0; at < openings; at++) index.listMates(at);
  const built = performance.now() - began;
  const random = makeRandom(SEED);
  const pick = () => index.getEnd(Math.floor(random() * openings));
  const times: number[] = [];
  let joined = 0;
  for (let i = 0; i < PAIRS; i++) {
    const asked = askAbout(pick(), pick());
    const start = performance.now();
    if (findTransitions(index, asked).ok) joined++;
    times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  const at = (share: number) => times[Math.floor(times.length * share)]!;
  console.log(
    `${name}: ${all.length} parts, ${openings} openings, index ${built.toFixed(0)} ms; ${joined} of ${PAIRS} joined; median ${at(0.5).toFixed(2)} ms, p95 ${at(0.95).toFixed(2)} ms, worst ${times.at(-1)!.toFixed(1)} ms`,
  );
  return at(0.95);
}

const one = measure('whole catalogue', parts);
const two = measure('doubled', [...parts, ...again]);
console.log(`p95 grows by ${(two / one).toFixed(2)} when the catalogue is doubled`);
