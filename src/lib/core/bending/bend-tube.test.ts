import { expect } from 'chai';
import { addScaled, cross, magnitude, ORIGIN, subtract, type Vector } from '#core/geometry';
import { INCH, inches, millimetres, type Length } from '#core/units';
import { makeRandom } from '#support/random-run.ts';
import { makeBendSheet, type BendSheet } from './bend-sheet.ts';
import { bendTube, traceTube } from './bend-tube.ts';
import { SHOE_MARKS, type Bender } from './bender.ts';
import { develop, findPath, roundCorner, scale } from './bent-path.ts';
import { getLie, getTurnOfTube } from './turn-of-tube.ts';

type Random = ReturnType<typeof makeRandom>;

const unit = (v: Vector): Vector => scale(v, 1 / magnitude(v));
const WAYS: readonly Vector[] = [-1, 0, 1]
  .flatMap((x) => [-1, 0, 1].flatMap((y) => [-1, 0, 1].map((z) => ({ x, y, z }))))
  .filter(
    ({ x, y, z }) =>
      Math.abs(x) + Math.abs(y) + Math.abs(z) === 1 || Math.abs(x) + Math.abs(y) + Math.abs(z) === 2,
  )
  .map(unit);

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

interface Lie {
  at: Vector;
  along: Vector;
  normal: Vector;
}

/** Turns a vector about an axis by little steps, each a shift to the side made unit again. */
function turnBySteps(vector: Vector, axis: Vector, degrees: number): Vector {
  const STEPS = 4000;
  const step = (degrees * Math.PI) / 180 / STEPS;
  let now = vector;
  for (let i = 0; i < STEPS; i++) {
    const half = addScaled(now, cross(axis, now), step / 2);
    now = unit(addScaled(now, cross(axis, half), step));
  }
  return now;
}

/** A tube in a bender, by its printed marks alone: fed to the mark, turned, and drawn round the shoe chord by chord. */
function bendByHand(sheet: BendSheet, radius: Length, { mark, ahead }: Bender, held: Lie): Vector {
  let { at, along, normal } = held;
  let fed = 0;
  for (const bend of sheet.bends) {
    const arc = (radius * bend.degrees * Math.PI) / 180;
    const begins = { start: bend.mark, centre: bend.mark - arc / 2, 'shoe-front': bend.mark + ahead }[mark];
    at = addScaled(at, along, begins - fed);
    normal = turnBySteps(normal, along, bend.rotation);
    const CHORDS = 3000;
    for (let i = 0; i < CHORDS; i++) {
      const half = turnALittle(along, normal, bend.degrees / CHORDS / 2);
      at = addScaled(at, half, arc / CHORDS);
      along = turnALittle(along, normal, bend.degrees / CHORDS);
    }
    fed = begins + arc;
  }
  return addScaled(at, along, sheet.cut - fed);
}
/** By so little that its sine is its arc. */
const turnALittle = (vector: Vector, axis: Vector, degrees: number): Vector => {
  const step = (degrees * Math.PI) / 180;
  return unit(addScaled(vector, cross(axis, addScaled(vector, cross(axis, vector), step / 2)), step));
};

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

  for (const mark of SHOE_MARKS)
    it(`bent by hand from the printed marks, ${mark} at the mark, its far end is off by what the sheet says, seeds 1 to 24`, () => {
      const tick = inches(1 / 16);
      for (let seed = 1; seed <= 24; seed++) {
        const { points, radii } = makeRoute(makeRandom(seed), 1 + (seed % 7), seed % 2 === 0);
        const takeOffs = [inches(0.5), inches(0.25)] as const;
        const sheet = makeBendSheet(points, radii, takeOffs, { tick, dial: 1, bender: bender(mark) })!;
        const along = unit(points[1]!);
        const normal = unit(cross(along, subtract(points[2]!, points[1]!)));
        const end = bendByHand(sheet, radii[0]!, bender(mark), {
          at: addScaled(ORIGIN, along, takeOffs[0]),
          along,
          normal,
        });
        const last = unit(subtract(points.at(-1)!, points.at(-2)!));
        const belongs = addScaled(points.at(-1)!, last, -takeOffs[1]);
        expect(magnitude(subtract(end, belongs)), `seed ${seed}`).to.be.closeTo(
          sheet.endOff,
          millimetres(0.05),
        );
      }
    });

  it('the worked-out marks of a sheet are those of the path, less what the near end takes off', () => {
    const { points, radii } = makeRoute(makeRandom(7), 5, true);
    const steps = { tick: inches(1 / 16), dial: 1, bender: bender('start') };
    const sheet = makeBendSheet(points, radii, [inches(0.75), 0], steps)!;
    const path = findPath(points, radii)!;
    for (const [i, bend] of develop(path)!.bends.entries()) {
      const { exact } = sheet.bends[i]!;
      for (const at of ['start', 'centre', 'end'] as const)
        expect(exact[at]).to.be.closeTo(bend[at] - inches(0.75), 1);
    }
    expect(path.turns[0]!.rotation).to.equal(0);
  });

  it('rotation goes once round: from 0 to less than 360°, a quarter back is 270°', () => {
    const back = [ORIGIN, { x: 1e9, y: 0, z: 0 }, { x: 1e9, y: 1e9, z: 0 }, { x: 1e9, y: 1e9, z: -1e9 }];
    expect(findPath(back, [INCH, INCH])!.turns.map(({ rotation }) => rotation)).to.deep.equal([0, 270]);
    for (let seed = 1; seed <= 200; seed++) {
      const { points, radii } = makeRoute(makeRandom(seed), 6, seed % 2 === 0);
      for (const { rotation } of findPath(points, radii)!.turns)
        expect(rotation, `seed ${seed}`).to.be.within(0, 359.9999999);
    }
  });

  it('is traced from its end through every bend to its other end, each arc on its circle', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const { points, radii } = makeRoute(makeRandom(seed), 1 + (seed % 5), true);
      const { bends, length } = develop(findPath(points, radii)!)!;
      const way = unit(points[1]!);
      const held = { at: ORIGIN, way, normal: unit(cross(way, subtract(points[2]!, points[1]!))) };
      const bent = bendTube(held, bends, length);
      const steps = 2 + (seed % 7);
      const traced = traceTube(held, bends, length, steps);
      expect(traced.points.length).to.equal(2 + bends.length * (steps + 1));
      expect(traced.points[0]).to.equal(ORIGIN);
      expect(magnitude(subtract(traced.points.at(-1)!, bent.end))).to.be.lessThan(1);
      let walked = 0;
      for (const [i, { from, to, along, normal }] of traced.parts.entries()) {
        const { radius, degrees, start } = bends[i]!;
        expect(to - from).to.equal(steps);
        const arc = traced.points.slice(from, to + 1);
        const centre = addScaled(arc[0]!, cross(normal, along), radius);
        const chord = 2 * radius * Math.sin((degrees * Math.PI) / 360 / steps);
        for (const [k, point] of arc.entries()) {
          expect(magnitude(subtract(point, centre)), `seed ${seed}`).to.be.closeTo(radius, 1);
          if (k > 0) expect(magnitude(subtract(point, arc[k - 1]!)), `seed ${seed}`).to.be.closeTo(chord, 1);
        }
        expect(magnitude(subtract(arc[0]!, traced.points[from - 1]!))).to.be.closeTo(start - walked, 1);
        walked = start + (radius * degrees * Math.PI) / 180;
        expect(magnitude(subtract(arc.at(-1)!, bent.ends[i]!))).to.be.lessThan(1);
      }
    }
  });

  it('a corner is rounded by the arc that touches both straights', () => {
    for (let seed = 1; seed <= 100; seed++) {
      const random = makeRandom(seed);
      const { points, radii } = makeRoute(random, 1, true);
      const [before, corner, after] = points as [Vector, Vector, Vector];
      const radius = radii[0]!;
      const steps = 1 + (seed % 9);
      const arc = roundCorner(before, corner, after, radius, steps);
      const [back, onward] = [unit(subtract(before, corner)), unit(subtract(after, corner))];
      // The turn is what the two straights lack of half a circle.
      const turn = Math.PI - Math.atan2(magnitude(cross(back, onward)), dotOf(back, onward));
      const setback = radius * Math.tan(turn / 2);
      expect(arc.length).to.equal(steps + 1);
      expect(magnitude(subtract(arc[0]!, addScaled(corner, back, setback))), `seed ${seed}`).to.be.lessThan(
        10,
      );
      expect(magnitude(subtract(arc.at(-1)!, addScaled(corner, onward, setback)))).to.be.lessThan(10);
      for (let i = 1; i < arc.length; i++)
        expect(magnitude(subtract(arc[i]!, arc[i - 1]!))).to.be.closeTo(
          2 * radius * Math.sin(turn / 2 / steps),
          10,
        );
      // It bulges toward the corner, by what the circle stands short of it.
      const middle = roundCorner(before, corner, after, radius, 2)[1]!;
      expect(magnitude(subtract(middle, corner))).to.be.closeTo(radius / Math.cos(turn / 2) - radius, 10);
    }
    const straight = roundCorner(ORIGIN, { x: 1e9, y: 0, z: 0 }, { x: 2e9, y: 0, z: 0 }, INCH, 4);
    for (const { x, y, z } of straight)
      expect([x - 1e9, y, z].every((each) => Math.abs(each) < 10)).to.equal(true);
  });

  for (const [rotation, degrees, lies] of [
    [0, 0, null],
    [30, 30, 'clockwise'],
    [179, 179, 'clockwise'],
    [180, 180, null],
    [181, 179, 'anticlockwise'],
    [270, 90, 'anticlockwise'],
  ] as const)
    it(`a bend ${rotation}° round lies ${degrees}° ${lies ?? 'either way'}, and the tube is turned as much the other way`, () => {
      const turned = lies && ({ clockwise: 'anticlockwise', anticlockwise: 'clockwise' } as const)[lies];
      expect(getLie(rotation)).to.deep.equal({ degrees, sense: lies });
      expect(getTurnOfTube(rotation)).to.deep.equal({ degrees, sense: turned });
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
    const points = [
      ORIGIN,
      { x: inches(10), y: 0, z: 0 },
      { x: inches(10), y: inches(10), z: 0 },
      { x: inches(10), y: inches(10), z: inches(10) },
    ];
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

  it('keeps its plane where it goes straight on, as at a coupling', () => {
    const at = (x: number, y: number, z: number): Vector => ({ x: x * 1e9, y: y * 1e9, z: z * 1e9 });
    // Up out of the plane after a stretch with a point in line, and down out of it.
    for (const [z, rotation] of [
      [1, 90],
      [-1, 270],
    ] as const) {
      const points = [ORIGIN, at(1, 0, 0), at(1, 1, 0), at(1, 2, 0), at(1, 2, z)];
      expect(findPath(points, [INCH, INCH, INCH])!.turns).to.deep.equal([
        { degrees: 90, radius: INCH, rotation: 0 },
        { degrees: 0, radius: INCH, rotation: 0 },
        { degrees: 90, radius: INCH, rotation },
      ]);
    }
    // The same turn whatever the stretches measure: rotation is of directions.
    const long = [ORIGIN, at(9, 0, 0), at(9, 0.5, 0), at(9, 0.5, 30)];
    expect(findPath(long, [INCH, INCH])!.turns[1]!.rotation).to.equal(90);
  });

  it('a tube that does not turn is cut to its ends, whichever way it lies', () => {
    for (const way of WAYS) {
      const steps = { tick: inches(1 / 16), dial: 1, bender: bender('start') };
      const sheet = makeBendSheet([ORIGIN, scale(way, inches(20))], [], [inches(1), inches(2)], steps)!;
      expect([sheet.bends, sheet.cut]).to.deep.equal([[], inches(17)]);
      expect(sheet.endOff).to.be.lessThan(10);
    }
  });

  it('refuses what has no direction and what turns back on itself', () => {
    expect(findPath([ORIGIN], [])).to.equal(null);
    // 149.6° is a bend; on a dial of whole degrees it is one no more.
    const angle = ((180 - 149.6) * Math.PI) / 180;
    const sharp = [
      ORIGIN,
      { x: 1e9, y: 0, z: 0 },
      { x: 1e9 - 1e9 * Math.cos(angle), y: 1e9 * Math.sin(angle), z: 0 },
    ];
    const made = (dial: number) =>
      makeBendSheet(sharp, [INCH], [0, 0], { tick: inches(1 / 16), dial, bender: bender('start') });
    expect([made(0.5) === null, made(1)]).to.deep.equal([false, null]);
    const there = { x: INCH, y: 0, z: 0 };
    const steps = { tick: inches(1 / 16), dial: 1, bender: bender('start') };
    expect(makeBendSheet([ORIGIN, ORIGIN, there], [INCH], [0, 0], steps)).to.equal(null);
    expect(makeBendSheet([ORIGIN, there, ORIGIN], [INCH], [0, 0], steps)).to.equal(null);
  });
});

const isSquare = ({ x, y, z }: Vector): boolean =>
  [x, y, z].filter((each) => Math.abs(each) > 1).length === 1;
