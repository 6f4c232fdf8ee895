import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { findWayFrom } from '#core/runs/document';
import type { LengthUnit } from '#core/units';
import { sayLength } from './length-text.ts';
import { nameFitting, namePart, namePartKind } from './parts.ts';
import { nameFoundEnd } from './threads.ts';
import { sayWay } from './ways.ts';

/** The run in words, leg by leg from the source: what the drawing shows, for those who cannot see it. */
export function describeRun(layout: RunLayout, unit: LengthUnit): string[] {
  const legs = [...layout.legs.values()];
  if (legs.length === 0) return ['An empty run.'];
  return [
    `A run of ${legs.length} ${legs.length === 1 ? 'leg' : 'legs'}.`,
    ...legs.map((leg) => describeLeg(leg, layout, unit)),
  ];
}

function describeLeg(laid: LaidLeg, layout: RunLayout, unit: LengthUnit): string {
  const near = layout.nodes.get(laid.near)!;
  const far = layout.nodes.get(laid.far)!;
  const before = near.legs[0];
  const from =
    laid.depth === 0
      ? `from the source${near.node.terminal?.kind === 'existing' ? `, ${nameFoundEnd(near.node.terminal.end)}` : ''}`
      : `from ${near.fitting.kind === 'none' ? '' : `the ${nameFitting(near.fitting)} at `}the end of leg ${before?.tag ?? '?'}`;
  const to = far.node.terminal?.kind === 'appliance' ? far.node.terminal.name : '';
  const end = `${withArticle(nameFitting(far.fitting))}${to ? ` (${to})` : ''}`;
  return `Leg ${laid.leg.tag}, ${laid.leg.size}: ${from}, ${sayCourse(laid, unit)}${sayParts(laid)}${sayChains(laid, layout)}, to ${end}.`;
}

/** What transitions were put in at its ends. */
const sayChains = ({ id, near, far }: LaidLeg, { chains }: RunLayout): string =>
  [near, far]
    .flatMap((node) => {
      const chain = chains.at.get(`${node}:${id}`);
      const names = chain?.links.map(({ part }) => namePart(part)).join(' and ');
      return names ? [`, with ${names} at its ${node === near ? 'beginning' : 'end'}`] : [];
    })
    .join('');

/** The way and the length of a leg, or what takes its place. */
function sayCourse({ leg, near, centreToCentre }: LaidLeg, unit: LengthUnit): string {
  const length = centreToCentre === null ? 'not measured' : sayLength(centreToCentre, unit);
  const { geometry } = leg;
  if (geometry.kind === 'offset') {
    const { set, roll, along } = geometry;
    const sides = [set, ...(roll ? [roll] : [])].map((side) => `${sayLength(side.length, unit)} ${side.way}`);
    return `offset ${sides.join(' and ')} while going ${along}, travel ${length}`;
  }
  const way = sayWay(findWayFrom(leg, near)!);
  if (geometry.kind === 'connector') {
    const { length: long } = geometry;
    return `a flexible connector ${way}${long === null ? '' : `, ${sayLength(long, unit)} long`}`;
  }
  return geometry.kind === 'made-up' ? `${way}, fitting straight into fitting` : `${way}, ${length}`;
}

const sayParts = ({ leg, inline }: LaidLeg): string => {
  const names = inline.map(({ id, part }) => part?.kind ?? leg.inline[id]?.part ?? 'coupling');
  return names.length === 0
    ? ''
    : `, with ${names.map((kind) => withArticle(namePartKind(kind))).join(' and ')} in it`;
};

/** `a tee`, `an elbow`; of what is not there nothing: `no fitting`. */
const withArticle = (name: string): string =>
  name.startsWith('no ') ? name : /^[aeio]/.test(name) ? `an ${name}` : `a ${name}`;
