import type { Point } from '#core/geometry';
import type { LaidNode } from '#core/runs/pieces';
import { strokeAcross, along, getDistance } from './sheet-geometry.ts';
import { getMaterialTraits } from '#core/materials';
import { getBendInset, strokePipe } from './stroke-pipe.ts';
import type { Sink } from './sink.ts';

/** Draws what stands at a node: a tick across the pipe at every face, bars at a cap or plug, a ring at a bare end. */
export function drawNode(
  sink: Sink,
  node: LaidNode,
  at: Point,
  others: readonly Point[],
  isSource: boolean,
  letter: number,
): void {
  const size = letter * 0.5;
  const [other] = others;
  const { fitting } = node;
  if (fitting.kind === 'none') sink.mark('no-fitting', at, size * 1.4, node.id);
  else if (fitting.kind === 'bend') drawBend(sink, node, at, others, letter);
  else if (fitting.kind === 'open') {
    if (isSource && other) sink.stroke('source', drawSourceArrow(at, other, size * 2), node.id);
    else sink.mark('open-end', at, size * 0.8, node.id);
  } else if (other && others.length === 1) drawEnd(sink, node, fitting.part.kind, at, other, size);
  else {
    const reach = Math.min(size * 1.6, ...others.map((each) => getDistance(at, each) / 3));
    for (const each of others) {
      sink.stroke('face', strokeAcross(along(at, each, reach), at, each, size * 0.9), node.id);
    }
  }
  sink.mark('node', at, size * 0.45, node.id);
}

/** Where a tube goes round a corner its line does: the legs end short of it, as drawLeg has it. */
function drawBend(
  sink: Sink,
  { id, legs }: LaidNode,
  at: Point,
  others: readonly Point[],
  letter: number,
): void {
  const [from, to] = others.map((other) => along(at, other, getBendInset(at, other, letter)));
  if (!from || !to) return;
  const points = Array.from({ length: STEPS + 1 }, (_, i) => roundOff(from, at, to, i / STEPS));
  strokePipe(sink, getMaterialTraits(legs[0]!.material).ink, points, letter, id);
}

/** Points of a drawn bend. */
const STEPS = 8;

/** A point of the curve that leaves one straight and joins the other, at its share of the way. */
const roundOff = (from: Point, corner: Point, to: Point, share: number): Point => {
  const [a, b, c] = [(1 - share) ** 2, 2 * share * (1 - share), share ** 2];
  return { x: a * from.x + b * corner.x + c * to.x, y: a * from.y + b * corner.y + c * to.y };
};

/** An appliance stands at the end of its pipe: how far it goes on, and half its breadth, on a sheet of this lettering. */
export const getApplianceBox = (letter: number): { readonly length: number; readonly half: number } => ({
  length: letter * 1.2,
  half: letter * 0.8,
});

function drawEnd(sink: Sink, { id }: LaidNode, kind: string, at: Point, other: Point, size: number): void {
  if (kind === 'cap') {
    for (const back of [0, size * 0.8]) {
      sink.stroke('cap', strokeAcross(along(at, other, back), at, other, size * 1.3), id);
    }
  } else if (kind === 'plug') {
    sink.stroke('plug', strokeAcross(at, at, other, size * 0.6), id);
    sink.stroke('plug', strokeAcross(along(at, other, size * 0.7), at, other, size * 1.2), id);
  } else if (kind === 'appliance') {
    const box = getApplianceBox(size * 2);
    const [a, b] = strokeAcross(at, at, other, box.half);
    const [d, c] = strokeAcross(along(at, other, -box.length), at, other, box.half);
    sink.stroke('appliance', [a, b, c, d, a], id);
  } else sink.stroke('face', strokeAcross(at, at, other, size * 0.9), id);
}

/** A barbed arrow that ends at the source: here the gas comes in. */
function drawSourceArrow(at: Point, other: Point, size: number): Point[] {
  const tail = along(at, other, -size);
  const [left, right] = strokeAcross(tail, at, other, size * 0.55);
  return [left, at, right, left];
}
