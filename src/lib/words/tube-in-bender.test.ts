import { expect } from 'chai';
import { layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import { standardCatalogue } from '#core/catalogue';
import { makeCutSheet, makeTubeSheet, type TubeSheet } from '#core/cutting';
import { makeCutSheetTable } from '#core/formats';
import { AXES, type Axis } from '#core/geometry';
import { parseLength, INCH, toInches } from '#core/units';
import { sayRotation, sayTubeSheet, sayTurn } from './tube.ts';

/*
 * A tube bent by what is printed, with nothing of the code that worked it out: a bender that always bends to the same side, and a tube in it that a
 * hand turns as the words say. Inches; x lies along the straight that is left, away from end A; the bender bends toward y.
 */
type Point = readonly [number, number, number];
interface Printed {
  readonly mark: number;
  readonly degrees: number;
  /** As the words tell the hand: degrees about the tube, clockwise seen from end A. */
  readonly turn: number;
}

const RADIANS = Math.PI / 180;
/** Everything that was bent already, turned about the straight: clockwise for an eye at end A that looks along it (toward +x). */
const turnTube = (points: readonly Point[], clockwise: number): Point[] => {
  // To an eye that looks toward +x with y up, z lies to the right: clockwise takes y to z.
  const [cos, sin] = [Math.cos(clockwise * RADIANS), Math.sin(clockwise * RADIANS)];
  return points.map(([x, y, z]) => [x, y * cos - z * sin, y * sin + z * cos]);
};

/** Bends a straight tube of this length; gives its crossings and its end from end A on, however it lies. */
function bend(printed: readonly Printed[], length: number, radius: number): Point[] {
  // The tube lies along x, end A at 0; what is fed past the shoe is kept as points behind x = 0.
  let made: Point[] = [[0, 0, 0]];
  let used = 0;
  for (const { mark, degrees, turn } of printed) {
    made = turnTube(made, turn).map(([x, y, z]) => [x - (mark - used), y, z]);
    const setback = radius * Math.tan((degrees * RADIANS) / 2);
    made.push([setback, 0, 0]);
    // The rest goes round to +y; then all is laid so that the rest is along x again, its bend's end at 0.
    const [cos, sin] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
    const [endX, endY] = [radius * sin, radius * (1 - cos)];
    made = made.map(([x, y, z]) => [
      (x - endX) * cos + (y - endY) * sin,
      -(x - endX) * sin + (y - endY) * cos,
      z,
    ]);
    used = mark + radius * degrees * RADIANS;
  }
  made.push([length - used, 0, 0]);
  return made;
}

/** What two shapes have in common wherever they lie: every distance, and of every four points which way round they are. */
function sameShape(
  a: readonly Point[],
  b: readonly Point[],
  slack: number,
): { far: number; mirrored: boolean } {
  let far = 0;
  const apart = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  for (let i = 0; i < a.length; i++)
    for (let j = 0; j < i; j++) far = Math.max(far, Math.abs(apart(a[i]!, a[j]!) - apart(b[i]!, b[j]!)));
  const volume = (of: readonly Point[], i: number): number => {
    const [u, v, w] = [1, 2, 3].map((k) => of[i + k]!.map((each, axis) => each - of[i]![axis]!)) as [
      number[],
      number[],
      number[],
    ];
    return (
      u[0]! * (v[1]! * w[2]! - v[2]! * w[1]!) -
      u[1]! * (v[0]! * w[2]! - v[2]! * w[0]!) +
      u[2]! * (v[0]! * w[1]! - v[1]! * w[0]!)
    );
  };
  let mirrored = false;
  for (let i = 0; i + 3 < a.length; i++)
    if (Math.abs(volume(b, i)) > slack && Math.sign(volume(a, i)) !== Math.sign(volume(b, i)))
      mirrored = true;
  return { far, mirrored };
}

/** Reads a turn of the tube back from words: `90° anticlockwise`, `half round`, `none`. */
function readTurn(words: string): number {
  if (/as it lies|none|\bnot( turned)?\b/.test(words)) return 0;
  if (/half round/.test(words)) return 180;
  const [, degrees, anti] =
    /turn(?:ed)? the tube (\d+)° (anti)?clockwise/.exec(words) ??
    /^(\d+)° (anti)?clockwise$/.exec(words) ??
    [];
  if (degrees === undefined) throw new Error(`no turn in “${words}”`);
  return anti ? -Number(degrees) : Number(degrees);
}
const readLength = (typed: string): number => {
  const read = parseLength(typed, 'in');
  if (!read.ok) throw new Error(`no length: ${typed}`);
  return toInches(read.value.length);
};

const flared = { material: 'copper-flared', size: '1/2 ACR' } as const;
/** A tube that turns in space: each leg square to the one before, and some in the plane of the two before. */
function makeTube(random: () => number): readonly TestLeg[] {
  const legs: TestLeg[] = [];
  let way: Axis | null = null;
  const count = 3 + Math.floor(random() * 4);
  for (let i = 0; i < count; i++) {
    const free: readonly Axis[] = AXES.filter(
      (each) => way === null || (each !== way && each !== OPPOSITE[way]),
    );
    way = free[Math.floor(random() * free.length)]!;
    legs.push([i, way, 8 + Math.floor(random() * 300) / 16, flared]);
  }
  return legs;
}
const OPPOSITE: Readonly<Record<Axis, Axis>> = {
  up: 'down',
  down: 'up',
  left: 'right',
  right: 'left',
  back: 'out',
  out: 'back',
};

describe('a tube bent by the printed words', () => {
  const SEED = 13_012;
  const cases = Array.from({ length: 200 }, (_, i) => {
    const layout = layOut(makeRun(makeTube(makeRandom(SEED + i)), '1/2'));
    const piece = [...layout.pieces.values()].flat()[0]!;
    const sheet = makeTubeSheet(piece, layout)!;
    const belongs = piece.path!.points.map(({ x, y, z }): Point => [x / INCH, y / INCH, z / INCH]);
    return { i, layout, piece, sheet, belongs };
  });
  const radius = (sheet: TubeSheet): number => toInches(sheet.bends[0]!.exact.radius);
  const isSpatial = ({ sheet }: (typeof cases)[number]) =>
    sheet.bends.some(({ rotation }) => rotation % 180 !== 0);

  it(`comes out as it was laid out and never as its mirror image, by the steps at the bender, 200 tubes (seed ${SEED})`, () => {
    expect(cases.filter(isSpatial).length).to.be.greaterThan(120);
    for (const { i, sheet, piece, belongs } of cases) {
      const printed = sheet.bends.map(({ mark, degrees, rotation }, at) => ({
        mark: toInches(mark),
        degrees,
        turn: readTurn(sayRotation(at, rotation)),
      }));
      const { far, mirrored } = sameShape(
        bend(printed, toInches(piece.cut!.onTape.length), radius(sheet)),
        belongs,
        5,
      );
      expect(mirrored, `seed ${SEED + i}`).to.equal(false);
      // A sixteenth of a mark, and half a degree over the longest legs.
      expect(far, `seed ${SEED + i}`).to.be.lessThan(0.6);
    }
  });

  it('says the far end to be off by what the tube of the printed cut is off by', () => {
    for (const { i, sheet, piece, belongs } of cases) {
      const printed = sheet.bends.map(({ mark, degrees, rotation }, at) => ({
        mark: toInches(mark),
        degrees,
        turn: readTurn(sayTurn(at, rotation)),
      }));
      const made = bend(printed, toInches(piece.cut!.onTape.length), radius(sheet));
      // Laid on what belongs there by its first straight and the plane of its first bend, as the sheet reckons.
      const off = measureOff(made, belongs);
      expect(toInches(sheet.endOff), `seed ${SEED + i}`).to.be.closeTo(off, 2e-3);
    }
  });

  it('by the sentence of paper and by the table of the cut list alike', () => {
    for (const { sheet, piece, layout, belongs } of cases.slice(0, 60)) {
      const said = sayTubeSheet(sheet, piece.cut!.onTape.length, 'in', '1/16');
      const bySentence = [
        ...said.matchAll(
          /bend \d+, mark at ([^,]+), (\d+)°(?:, the tube turned (not|half round|\d+° (?:anti)?clockwise))?/g,
        ),
      ].map(([, mark, degrees, turn]) => ({
        mark: readLength(mark!),
        degrees: Number(degrees),
        turn: turn ? readTurn(turn) : 0,
      }));
      const cut = readLength(/cut at ([^;,]+)/.exec(said)![1]!);
      const [headings, row] = makeCutSheetTable(makeCutSheet(layout), '1/16', {
        app: '1',
        catalogue: standardCatalogue.version,
        rulePack: '1',
      } as never) as [string[], string[]];
      const cells = (heading: string): string[] => row[headings.indexOf(heading)]!.split('; ');
      const turns = cells('tube turned before each (degrees, seen from end A)');
      const byTable = cells('bend marks on the tape').map((mark, at) => ({
        mark: readLength(mark),
        degrees: Number(cells('bend angles (degrees)')[at]),
        turn: /clockwise/.test(turns[at]!) ? readTurn(turns[at]!.replace(' ', '° ')) : Number(turns[at]),
      }));
      for (const printed of [bySentence, byTable]) {
        expect(printed).to.have.length(sheet.bends.length);
        expect(sameShape(bend(printed, cut, radius(sheet)), belongs, 5)).to.deep.include({ mirrored: false });
        expect(sameShape(bend(printed, cut, radius(sheet)), belongs, 5).far).to.be.lessThan(0.6);
      }
    }
  });
});

/** How far the ends of two shapes lie apart when they are laid on each other by their first straight and first turn. */
function measureOff(made: readonly Point[], belongs: readonly Point[]): number {
  const frame = (of: readonly Point[]) => {
    const minus = (p: Point, q: Point): number[] => p.map((each, k) => each - q[k]!);
    const dot = (p: readonly number[], q: readonly number[]): number =>
      p.reduce((sum, each, k) => sum + each * q[k]!, 0);
    const unit = (p: readonly number[]): number[] => p.map((each) => each / Math.sqrt(dot(p, p)));
    const x = unit(minus(of[1]!, of[0]!));
    const next = minus(of[2]!, of[1]!);
    const y = unit(next.map((each, k) => each - dot(next, x) * x[k]!));
    const z = [x[1]! * y[2]! - x[2]! * y[1]!, x[2]! * y[0]! - x[0]! * y[2]!, x[0]! * y[1]! - x[1]! * y[0]!];
    const end = minus(of.at(-1)!, of[0]!);
    return [x, y, z].map((axis) => dot(end, axis));
  };
  const [a, b] = [frame(made), frame(belongs)];
  return Math.hypot(...a.map((each, k) => each - b[k]!));
}
