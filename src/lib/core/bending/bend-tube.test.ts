import { expect } from 'chai';
import { addScaled, cross, magnitude, ORIGIN, subtract, type Vector } from '../geometry/vector.ts';
import { INCH, inches, millimetres, type Length } from '../units/length.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeBendSheet } from './bend-sheet.ts';
import { bendTube } from './bend-tube.ts';
import { SHOE_MARKS, type Bender } from './bender.ts';
import { develop, findPath, scale } from './bent-path.ts';

type Random = ReturnType<typeof makeRandom>;

const unit = (v: Vector): Vector => scale(v, 1 / magnitude(v));
const WAYS: readonly Vector[] = [-1, 0, 1].flatMap((x) =>
  [-1, 0, 1].flatMap((y) => [-1, 0, 1].map((z) => ({ x, y, z }))),
).filter(({ x, y, z }) => Math.abs(x) + Math.abs(y) + Math.abs(z) === 1 || Math.abs(x) + Math.abs(y) + Math.abs(z) === 2).map(unit); // prettier-ignore

/** A route as it may be walked: square, at 45°, or (`free`) any way at all; with room for its bends. */
function makeRoute(random: Random, bends: number, free: boolean): { points: Vector[]; radii: Length[] } {
  const radius = inches(0.5 + random() * 2);
  const pick = (): Vector =>
    free
      ? unit({ x: random() - 0.5, y: random() - 0.5, z: random() - 0.5 })
      : WAYS[Math.floor(random() * WAYS.length)]!;
  const points: Vector[] = [ORIGIN];
  let way: Vector | null = null;
  while (points.length < bends + 2) {
    const next = pick();
    const cosine = way === null ? 0 : next.x * way.x + next.y * way.y + next.z * way.z;
    if (cosine < -0.8 || cosine > 0.999) continue;
    // Room for two setbacks of the sharpest bend there is here, and a little straight.
    points.push(addScaled(points.at(-1)!, next, Math.round(radius * 7 + random() * 40 * INCH)));
    way = next;
  }
  return { points, radii: Array.from({ length: bends }, () => radius) };
}

/** The centre line, walked in little steps: straight, then round each bend by its own small chords. Nothing here knows of setback or gain. */
function walkCentreLine(points: readonly Vector[], radius: Length): number {
  const STEPS = 4000;
  let total = 0;
  let at = points[0]!;
  for (let i = 1; i < points.length; i++) {
    const way = unit(subtract(points[i]!, points[i - 1]!));
    const next = points[i + 1];
    if (!next) return total + magnitude(subtract(points[i]!, at));
    const beyond = unit(subtract(next, points[i]!));
    // The centre of the circle that touches both straights lies on the line that halves the angle between them.
    const half = unit(addScaled(beyond, way, -1));
    const angle = Math.acos(way.x * beyond.x + way.y * beyond.y + way.z * beyond.z);
    const centre = addScaled(points[i]!, half, radius / Math.cos(angle / 2));
    const touch = (to: Vector) => addScaled(points[i]!, to, dotOf(subtract(centre, points[i]!), to));
    const [from, until] = [touch(way), touch(beyond)];
    total += magnitude(subtract(from, at));
    const axis = unit(cross(way, beyond));
    let last = from;
    for (let step = 1; step <= STEPS; step++) {
      const turned = (angle * step) / STEPS;
      const out = subtract(from, centre);
      const side = cross(axis, out);
      const now = addScaled(addScaled(centre, out, Math.cos(turned)), side, Math.sin(turned));
      total += magnitude(subtract(now, last));
      last = now;
    }
    expect(magnitude(subtract(last, until))).to.be.lessThan(INCH / 1e5);
    at = until;
  }
  return total;
}
const dotOf = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y + a.z * b.z;

const bender = (mark: Bender['mark']): Bender => ({ mark, ahead: inches(0.75) });

describe('a bent tube', () => {
  for (const free of [false, true]) {
    const kind = free ? 'any way' : 'square and at 45°';
    it(`develops to the length of its centre line walked in small steps, ${kind}, seeds 1 to 40`, () => {
      for (let seed = 1; seed <= 40; seed++) {
        const { points, radii } = makeRoute(makeRandom(seed), 1 + (seed % 6), free);
        const { length } = develop(findPath(points, radii)!)!;
        expect(length, `seed ${seed}`).to.be.closeTo(walkCentreLine(points, radii[0]!), INCH / 500);
      }
    });

    it(`bent from the exact marks lands on every crossing within 0.01 mm, ${kind}, seeds 1 to 300`, () => {
      for (let seed = 1; seed <= 300; seed++) {
        const { points, radii } = makeRoute(makeRandom(seed), 1 + (seed % 9), free);
        const path = findPath(points, radii)!;
        const { bends, length } = develop(path)!;
        const way = unit(points[1]!);
        const normal = unit(cross(way, subtract(points[2]!, points[1]!)));
        const bent = bendTube({ at: ORIGIN, way, normal }, bends, length);
        for (const [i, crossing] of [...bent.crossings, bent.end].entries())
          expect(magnitude(subtract(crossing, points[i + 1]!)), `seed ${seed}, ${i}`).to.be.lessThan(
            millimetres(0.01),
          );
      }
    });
  }

  for (const mark of SHOE_MARKS)
    it(`bent from the sheet, ${mark} at the mark, ends where the sheet says, and no farther off for more bends, seeds 1 to 60`, () => {
      const tick = inches(1 / 16);
      const worst = new Map<number, number>();
      for (const bends of [1, 2, 4, 8, 16, 32])
        for (let seed = 1; seed <= 60; seed++) {
          const { points, radii } = makeRoute(makeRandom(seed * 100 + bends), bends, false);
          const sheet = makeBendSheet(points, radii, [inches(0.5), inches(0.25)], {
            tick,
            dial: 0.5,
            bender: bender(mark),
          })!;
          for (const { mark: at } of sheet.bends) expect(at % tick).to.equal(0);
          expect(sheet.cut % tick).to.equal(0);
          worst.set(bends, Math.max(worst.get(bends) ?? 0, sheet.endOff));
        }
      // Half a graduation along, and what half a step of the dial swings the last straights by.
      const swing = inches(60) * 2 * Math.sin((0.5 * Math.PI) / 360);
      for (const [bends, off] of worst) expect(off, `${bends} bends`).to.be.lessThan(tick + 3 * swing);
      expect(worst.get(32)!).to.be.lessThan(3 * Math.max(worst.get(2)!, tick));
    });

  it('square routes end within a graduation of where they belong, whatever their bends', () => {
    const tick = inches(1 / 16);
    for (let seed = 1; seed <= 200; seed++) {
      const random = makeRandom(seed);
      let { points, radii } = makeRoute(random, 1 + (seed % 12), false);
      const square = points.map(({ x, y, z }) => ({ x: Math.round(x), y: Math.round(y), z: Math.round(z) }));
      if (points.some((point, i) => i > 0 && !isSquare(subtract(point, points[i - 1]!)))) continue;
      points = square;
      radii = [...radii];
      const sheet = makeBendSheet(points, radii, [0, 0], { tick, dial: 1, bender: bender('start') })!;
      expect(sheet.endOff, `seed ${seed}`).to.be.lessThan(tick);
    }
  });

  it('the sheet: marks from the end of the tube, the rotation between the planes clockwise', () => {
    // Right, then back, then up: seen along the tube going back, “up” lies a quarter turn from where “right” came from.
    const points = [ORIGIN, { x: inches(10), y: 0, z: 0 }, { x: inches(10), y: inches(10), z: 0 }, { x: inches(10), y: inches(10), z: inches(10) }]; // prettier-ignore
    const sheet = makeBendSheet(points, [inches(1.5), inches(1.5)], [inches(1), inches(0.5)], {
      tick: inches(1 / 16),
      dial: 1,
      bender: bender('start'),
    })!;
    expect(sheet.bends.map(({ degrees, rotation }) => [degrees, rotation])).to.deep.equal([
      [90, 0],
      [90, 90],
    ]);
    expect(sheet.bends[0]!.mark).to.equal(inches(7.5));
    expect(sheet.bends[0]!.exact.start / INCH).to.be.closeTo(7.5, 1e-9);
    expect(sheet.exact / INCH).to.be.closeTo(30 - 2 * 0.6438 - 1.5, 2e-4);
    expect(sheet.endOff).to.be.lessThan(inches(1 / 16));
  });

  it('refuses what has no direction and what turns back on itself', () => {
    const there = { x: INCH, y: 0, z: 0 };
    const steps = { tick: inches(1 / 16), dial: 1, bender: bender('start') };
    expect(makeBendSheet([ORIGIN, ORIGIN, there], [INCH], [0, 0], steps)).to.equal(null);
    expect(makeBendSheet([ORIGIN, there, ORIGIN], [INCH], [0, 0], steps)).to.equal(null);
  });
});

const isSquare = ({ x, y, z }: Vector): boolean =>
  [x, y, z].filter((each) => Math.abs(each) > 1).length === 1;
