import { box, NO_MARKS, type LensPicture } from './lens-picture.ts';

/** Two flanges on the ends of pipe of this outside (mm), bolted on a gasket. Shares of the pipe: nothing of them is lettered. */
export function drawFlanges(outside: number): LensPicture {
  const r = outside / 2;
  const [thick, rim, gasket] = [r * 0.45, r * 2.1, r * 0.06];
  const half = (side: 1 | -1): { x: number; y: number }[] =>
    [
      { x: gasket, y: r * 0.82 },
      { x: gasket, y: rim },
      { x: gasket + thick, y: rim },
      { x: gasket + thick, y: r * 1.25 },
      { x: gasket + thick * 2, y: r },
      { x: r * 2.4, y: r },
      { x: r * 2.4, y: r * 0.82 },
    ].map(({ x, y }) => ({ x: side * x, y }));
  const bolt = r * 1.65;
  return {
    ...NO_MARKS,
    dimensions: [],
    shapes: [
      { role: 'female', outline: half(-1) },
      { role: 'male', outline: half(1) },
      { role: 'nut', outline: box(-thick * 1.8, thick * 1.8, bolt - r * 0.12, bolt + r * 0.12) },
      { role: 'seal', outline: box(-gasket, gasket, r * 0.82, r * 1.4) },
    ],
    seals: [
      [
        { x: 0, y: r * 0.82 },
        { x: 0, y: r * 1.4 },
      ],
    ],
    look: { from: -thick * 2, to: thick * 2, radius: r * 1.2 },
    whole: { from: -r * 2.4, to: r * 2.4, radius: rim },
  };
}
