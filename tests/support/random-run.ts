import { takeApart } from '#core/runs/commands';
import { NOMINAL_SIZES } from '#core/ends';
import { AXES, getOpposite, type Axis } from '#core/geometry';
import {
  type Leg,
  type Measure,
  type RunDoc,
  type RunNode,
  centreOf,
  getSpecId,
  newRun,
} from '#core/runs/document';
import { type Settings, makeSettings } from '#core/materials';
import { standardCatalogue } from '#core/catalogue';
import { INCH } from '#core/units';

/** A small seeded generator (mulberry32): the same run for the same seed, everywhere. */
export function makeRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/**
 * A random run of so many legs, written straight into a document: about one leg in five branches off an earlier
 * point in line with nothing, the rest go on from the newest.
 */
export function makeRandomRun(count: number, seed: number): RunDoc {
  const random = makeRandom(seed);
  const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
  const nodes: Record<string, RunNode> = {};
  const legs: Record<string, Leg> = {};
  const measures: Record<string, Measure> = {};
  const ways = new Map<string, Axis[]>();
  const addNode = (id: string) => {
    nodes[id] = { id, part: { kind: 'auto' }, terminal: null };
    ways.set(id, []);
    return id;
  };
  const size = pick(NOMINAL_SIZES);
  const source = addNode('node000000');
  let tip = source;
  for (let tag = 1; tag <= count; tag++) {
    const from = random() < 0.2 ? findBranchPoint(ways, pick, tip) : tip;
    const free = AXES.filter((axis) => isMakeable([...ways.get(from)!, axis]));
    const axis = pick(free);
    const to = addNode(`node${String(tag).padStart(6, '0')}`);
    const id = `leg${String(tag).padStart(6, '0')}`;
    legs[id] = {
      id,
      from,
      to,
      geometry: { kind: 'axis', axis },
      size,
      system: 'threaded-steel',
      material: 'black-iron',
      stock: 'length',
      inline: {},
      // An order key does not end in a nought.
      rank: `a${tag.toString(36)}`.replace(/0$/, '0V'),
      tag,
    };
    const measure = `measure${String(tag).padStart(6, '0')}`;
    const sixteenths = 16 * 12 + Math.floor(random() * 16 * 180);
    measures[measure] = {
      id: measure,
      from: centreOf(from),
      to: centreOf(to),
      along: null,
      value: (sixteenths * INCH) / 16,
      typed: `${sixteenths}/16`,
      instrument: null,
    };
    ways.get(from)!.push(axis);
    ways.get(to)!.push(getOpposite(axis));
    tip = to;
  }
  for (const [id, axes] of ways) {
    if (axes.length === 1 && id !== source && random() < 0.5)
      nodes[id] = { ...nodes[id]!, terminal: { kind: 'cap' } };
  }
  const anchors = { anchor0000: { id: 'anchor0000', node: source, role: 'source' as const } };
  return {
    ...newRun('randomrun', standardCatalogue.version, {}),
    nodes,
    ...takeApart(Object.values(legs)),
    measures,
    anchors,
  };
}

/** A fitting exists for these ways: one, two that differ, or a straight pair and one square to it. */
function isMakeable(axes: readonly Axis[]): boolean {
  if (new Set(axes).size !== axes.length || axes.length > 3) return false;
  return axes.length < 3 || axes.filter((axis) => axes.includes(getOpposite(axis))).length === 2;
}

function findBranchPoint(
  ways: ReadonlyMap<string, Axis[]>,
  pick: <Value>(values: readonly Value[]) => Value,
  tip: string,
): string {
  const ids = [...ways.keys()];
  for (let tries = 0; tries < 8; tries++) {
    const id = pick(ids);
    if (ways.get(id)!.length < 3) return id;
  }
  return tip;
}

/** The same run with about a third of its legs of corrugated tubing or flared copper, several in a row more often than not. */
export function makeMixedRun(count: number, seed: number): RunDoc {
  const doc = makeRandomRun(count, seed);
  const random = makeRandom(seed + 1);
  const legs = { ...doc.legs };
  const specs = { ...doc.specs };
  let tube: Settings | null = null;
  for (const [id, leg] of Object.entries(doc.legs)) {
    if (random() < 0.3)
      tube =
        random() < 0.35
          ? random() < 0.7
            ? makeSettings('csst', '1/2')
            : makeSettings('copper-flared', '3/8 ACR')
          : null;
    if (!tube) continue;
    legs[id] = { ...leg, system: tube.system };
    const spec = { id: getSpecId(id, tube.system), leg: id, ...tube };
    specs[spec.id] = spec;
  }
  return { ...doc, legs, specs };
}
