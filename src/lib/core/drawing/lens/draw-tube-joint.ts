import type { Point } from '#core/geometry';
import { acrossAxis, box, type LensPicture, type LensShape } from './lens-picture.ts';

/** A tube in what is made for tube, lengths in mm. */
export interface TubeJoint {
  readonly how: 'olive' | 'flare-nut' | 'stab' | 'press' | 'csst' | 'solder';
  readonly outside: number;
  /** What the socket or nut is made for. */
  readonly takes: number;
  readonly wall: number;
  readonly makes: boolean;
}

const ROUND = 18;
/** A ring of round section, squeezed between two radii. */
const ring = (x: number, inner: number, outer: number, width: number): Point[] =>
  Array.from({ length: ROUND }, (_, i) => {
    const t = (2 * Math.PI * i) / ROUND;
    return { x: x + (Math.cos(t) * width) / 2, y: (inner + outer) / 2 + (Math.sin(t) * (outer - inner)) / 2 };
  });

/** Wave of corrugated tubing from left to right. */
const wave = (from: number, to: number, top: number, depth: number, pitch: number): Point[] => {
  const points: Point[] = [];
  for (let x = from; x <= to; x += pitch / 12)
    points.push({ x, y: top - (depth * (1 - Math.cos((2 * Math.PI * (x - from)) / pitch))) / 2 });
  return points;
};

/** A tube from the right in a socket or nut to the left. What is made for another size leaves a gap that is to scale. */
export function drawTubeJoint({ how, outside, takes, wall, makes }: TubeJoint): LensPicture {
  const [r, R] = [outside / 2, takes / 2];
  const inner = r - wall;
  const deep = -takes * 0.9;
  const far = takes * 1.3;
  const shapes: LensShape[] = [];
  const seals: Point[][] = [];
  const sleeve = R * 0.34;
  if (how === 'csst') {
    const pitch = outside * 0.22;
    const top = wave(deep * 0.6, far, r, outside * 0.09, pitch);
    shapes.push({
      role: 'tube',
      outline: [...top, ...top.map(({ x, y }) => ({ x, y: y - wall * 2 })).toReversed()],
    });
    shapes.push({
      role: 'female',
      outline: [
        { x: deep * 1.6, y: R * 0.72 },
        { x: deep * 0.6, y: R * 0.72 },
        { x: deep * 0.6, y: R + sleeve * 0.4 },
        { x: deep * 1.6, y: R + sleeve * 0.4 },
      ],
    });
    shapes.push({ role: 'nut', outline: box(deep * 0.9, far * 0.35, R + sleeve * 0.45, R + sleeve * 1.2) });
    shapes.push({ role: 'nut', outline: box(far * 0.1, far * 0.35, r + 0.2, R + sleeve * 0.45) });
    seals.push([
      { x: deep * 0.6, y: r - outside * 0.09 },
      { x: deep * 0.6, y: r },
    ]);
  } else {
    shapes.push({ role: 'tube', outline: box(deep, far, inner, r) });
    const stop = { x: deep - takes * 0.06, inner: R - wall * 0.9 };
    const body: Point[] = [
      { x: deep * 1.5, y: stop.inner },
      { x: stop.x, y: stop.inner },
      { x: stop.x, y: R + 0.05 },
    ];
    if (how === 'olive' || how === 'flare-nut') {
      const mouth = -takes * 0.28;
      shapes.push({
        role: 'female',
        outline: [
          ...body,
          { x: mouth, y: R + 0.05 },
          { x: mouth * 0.35, y: R + sleeve * 0.5 },
          { x: mouth * 0.35, y: R + sleeve },
          { x: deep * 1.5, y: R + sleeve },
        ],
      });
      const olive = [
        { x: mouth * 0.95, y: r },
        { x: 0, y: Math.max(r, R) + sleeve * 0.36 },
        { x: -mouth * 0.5, y: Math.max(r, R) + sleeve * 0.2 },
        { x: -mouth * 0.6, y: makes ? r : R },
      ];
      if (how === 'olive') shapes.push({ role: 'seal', outline: olive });
      shapes.push({
        role: 'nut',
        outline: [
          { x: -mouth * 0.62, y: R + 0.1 },
          { x: far * 0.62, y: R + 0.1 },
          { x: far * 0.62, y: R + sleeve * 1.7 },
          { x: deep * 0.75, y: R + sleeve * 1.7 },
          { x: deep * 0.75, y: R + sleeve * 1.06 },
          { x: -mouth * 0.62, y: R + sleeve * 1.06 },
        ],
      });
      if (how === 'olive')
        seals.push(
          [olive[0]!, olive[1]!],
          [
            { x: mouth * 0.9, y: r },
            { x: -mouth * 0.6, y: r },
          ],
        );
    } else {
      const outer = R + sleeve;
      shapes.push({
        role: 'female',
        outline: [...body, { x: 0, y: R + 0.1 }, { x: 0, y: outer }, { x: deep * 1.5, y: outer }],
      });
      if (how === 'solder' && makes) {
        shapes.push({ role: 'seal', outline: box(deep * 0.97, 0, r, R + 0.1) });
        seals.push([
          { x: deep * 0.97, y: r },
          { x: 0, y: r },
        ]);
      }
      const rings = how === 'solder' ? [] : how === 'stab' ? [deep * 0.62, deep * 0.34] : [deep * 0.45];
      for (const x of rings) {
        const groove = R + sleeve * 0.5;
        shapes.push({ role: 'seal', outline: ring(x, makes ? r : R - 0.02 * takes, groove, takes * 0.09) });
        seals.push([
          { x: x - takes * 0.03, y: r },
          { x: x + takes * 0.03, y: r },
        ]);
      }
      if (how === 'stab')
        shapes.push({
          role: 'stiffener',
          outline: box(deep * 1.02, -takes * 0.1, R - wall - takes * 0.035, R - wall),
        });
    }
  }
  const gap: Point[][] =
    makes || r >= R
      ? []
      : [
          [
            { x: deep * 0.5, y: r },
            { x: deep * 0.5, y: R },
          ],
        ];
  return {
    shapes,
    seals: makes ? seals : [],
    touches: gap,
    showing: [],
    angles: [],
    dimensions: [acrossAxis('male', -deep * 0.5, outside), acrossAxis('female', deep * 0.5, takes)],
    look: { from: deep * 1.1, to: -deep * 0.9, radius: R },
    whole: { from: deep * 1.5, to: far, radius: R + sleeve * 1.7 },
  };
}

/** Two polyethylene ends melted together: a double bead, even all round; of unlike walls a step that the melt does not fill. */
export function drawFusion(
  a: { outside: number; wall: number },
  b: { outside: number; wall: number },
  makes: boolean,
): LensPicture {
  const r = a.outside / 2;
  const long = a.outside * 0.9;
  // 1/32 to 1/16 in of bead for small pipe; as wide as it is high, twice.
  const bead = Math.min(2, Math.max(1, a.wall * 0.4));
  const roll = (side: 1 | -1, wall: number): Point[] => {
    const outward = Array.from({ length: 10 }, (_, i) => {
      const t = (Math.PI * i) / 9;
      return { x: side * (bead - Math.cos(t) * bead), y: r + Math.sin(t) * bead };
    });
    const inward = Array.from({ length: 10 }, (_, i) => {
      const t = (Math.PI * i) / 9;
      return { x: side * (bead + Math.cos(t) * bead), y: r - wall - Math.sin(t) * bead };
    });
    return [
      { x: side * long, y: r - wall },
      { x: side * long, y: r },
      ...outward.toReversed(),
      ...inward.toReversed(),
    ];
  };
  const joined = Math.min(a.wall, b.wall);
  const line = [
    { x: 0, y: r - joined },
    { x: 0, y: r },
  ];
  return {
    shapes: [
      { role: 'female', outline: roll(-1, a.wall) },
      { role: 'male', outline: roll(1, b.wall) },
    ],
    seals: makes ? [line] : [],
    touches: makes
      ? []
      : [
          [
            { x: 0, y: r - Math.max(a.wall, b.wall) },
            { x: 0, y: r - joined },
          ],
        ],
    showing: [],
    angles: [],
    dimensions: [
      { kind: 'wall', of: 'female', at: { x: -a.wall * 1.6, y: r }, length: a.wall },
      { kind: 'wall', of: 'male', at: { x: a.wall * 1.6, y: r }, length: b.wall },
    ],
    look: { from: -a.wall * 2.4, to: a.wall * 2.4, radius: r - a.wall / 2 },
    whole: { from: -long, to: long, radius: r + bead },
  };
}
