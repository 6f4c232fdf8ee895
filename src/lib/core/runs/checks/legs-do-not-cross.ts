import { magnitude, subtract, type Vector } from '../../geometry/vector.ts';
import { findSegmentDistance } from '../../geometry/segment-distance.ts';
import type { Finding } from '../finding.ts';
import type { LaidLeg, RunLayout } from '../layout.ts';

interface Segment {
  readonly laid: LaidLeg;
  readonly a: Vector;
  readonly b: Vector;
  readonly radius: number;
  readonly least: Vector;
  readonly most: Vector;
}

/**
 * Two legs that do not meet run clear of each other: their centre lines are farther apart than their radii. A note, since
 * positions are only as good as the measures. Legs are sorted along x, so that each is held against its neighbours only.
 */
export function checkLegsDoNotCross(layout: RunLayout): Finding[] {
  const segments = [...layout.legs.values()].flatMap((laid) => readSegment(laid, layout) ?? []);
  segments.sort((s, t) => s.least.x - t.least.x);
  const findings: Finding[] = [];
  for (let i = 0; i < segments.length; i++) {
    const s = segments[i]!;
    for (let j = i + 1; j < segments.length; j++) {
      const t = segments[j]!;
      if (t.least.x > s.most.x) break;
      if (t.least.y > s.most.y || t.most.y < s.least.y || t.least.z > s.most.z || t.most.z < s.least.z)
        continue;
      if (doMeet(s.laid, t.laid)) continue;
      const apart = findSegmentDistance(s.a, s.b, t.a, t.b);
      if (apart < s.radius + t.radius) findings.push(cross(s.laid, t.laid, apart));
    }
  }
  return findings;
}

function readSegment(laid: LaidLeg, { nodes, catalogue }: RunLayout): Segment | null {
  const pipe = catalogue.findPipe(laid.leg.size);
  if (!pipe || laid.centreToCentre === null) return null;
  const [a, b] = [nodes.get(laid.near)!.position, nodes.get(laid.far)!.position];
  // A leg that closes a loop is drawn to where the loop arrives; checkLoopsClose speaks of those.
  if (Math.abs(magnitude(subtract(b, a)) - laid.centreToCentre) > pipe.outside) return null;
  const radius = pipe.outside / 2;
  const least = {
    x: Math.min(a.x, b.x) - radius,
    y: Math.min(a.y, b.y) - radius,
    z: Math.min(a.z, b.z) - radius,
  };
  const most = {
    x: Math.max(a.x, b.x) + radius,
    y: Math.max(a.y, b.y) + radius,
    z: Math.max(a.z, b.z) + radius,
  };
  return { laid, a, b, radius, least, most };
}

const doMeet = (s: LaidLeg, t: LaidLeg): boolean =>
  s.near === t.near || s.near === t.far || s.far === t.near || s.far === t.far;

const cross = (s: LaidLeg, t: LaidLeg, apart: number): Finding => ({
  code: 'legs-cross',
  severity: 'note',
  subject: s.id,
  marks: [String(s.leg.tag), String(t.leg.tag)],
  apart: Math.round(apart),
});
