import type { Length } from '#core/units';
import { judgeOwnEngagement } from '#core/allowances';
import { getPlusMinus, type Part, type PartLength, type Port } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import type { Finding } from './finding.ts';
import { findPort } from '#core/runs/fittings';
import { listDistinctEnds } from '#core/runs/reading';
import type { LaidEnd } from '#core/runs/measuring';
import {
  getStretches,
  perStretch,
  type LegStretch,
  type NodeStretch,
  type RunLayout,
} from '#core/runs/layout';

/** Every end has its figures: a size without them is named once, a part without a sure length once with all its places. */
export function checkFiguresAreKnown(layout: RunLayout): Finding[] {
  return [...checkSizes(layout), ...checkParts(layout)];
}

function checkSizes(layout: RunLayout): Finding[] {
  const bySize = new Map<LegSize, Finding>();
  const isOwn = layout.rules['engagement-figure'].option === 'own-measured';
  for (const end of listDistinctEnds(layout)) {
    const finding = checkSize(end) ?? (isOwn ? checkOwn(end) : null);
    if (finding && !bySize.has(end.size)) bySize.set(end.size, finding);
  }
  return [...bySize.values()];
}

function checkSize({ id: subject, size, unknown }: LaidEnd): Finding | null {
  if (unknown === 'size-not-carried') return { code: 'size-not-carried', severity: 'ask', subject, size };
  if (unknown === 'engagement-not-measured') {
    return { code: 'engagement-not-measured', severity: 'ask', subject, size };
  }
  return null;
}

/** An own figure is held against the thread it is of; of a clocked joint the figure is not used. */
function checkOwn({ id: subject, size, thread, joint }: LaidEnd): Finding | null {
  const figure = joint?.engagement ?? null;
  const doubt = thread && figure !== null ? judgeOwnEngagement(thread, figure) : null;
  if (!doubt || figure === null) return null;
  const severity = doubt.code === 'over-thread' ? 'stop' : 'ask';
  return { code: 'engagement-doubted', severity, subject, size, figure, doubt };
}

interface DoubtedPart {
  readonly part: Part;
  readonly subject: string;
  readonly marks: Set<string>;
  isUnknown: boolean;
  plusMinus: number;
}

const DOUBTED: ReadonlySet<PartLength['standing']> = new Set(['typical', 'unknown']);

/** Of an opening for tube both count: how far it reaches, and how far the tube goes in. */
function getWorst({ reach, depth }: Port): PartLength['standing'] {
  const standings = [reach.standing, ...(depth ? [depth.standing] : [])];
  return (
    standings.find((each) => each === 'unknown') ??
    standings.find((each) => each === 'typical') ??
    reach.standing
  );
}

const doubtful = new WeakMap<Part, boolean>();

/** Whether any length of a part is typical only, or not known: asked once for a part of the catalogue. */
function isDoubtful(part: Part): boolean {
  const before = doubtful.get(part);
  if (before !== undefined) return before;
  const is = part.ports.some((port) => DOUBTED.has(getWorst(port)));
  doubtful.set(part, is);
  return is;
}

const listDoubtfulNodes = perStretch(({ nodes }: NodeStretch) =>
  nodes.filter(
    ({ fitting }) =>
      fitting.kind === 'part' &&
      (isDoubtful(fitting.part) ||
        Object.values(fitting.adapters ?? {}).some(({ part }) => isDoubtful(part))),
  ),
);
const listDoubtfulLegs = perStretch(({ legs }: LegStretch) =>
  legs.filter(({ inline }) => inline.some(({ part }) => part && isDoubtful(part))),
);

/** By how much a part may vary (nm): over all of a union both halves do; of other parts one opening at a time counts. */
function getSpread({ kind, ports }: Part): Length {
  const spreads = ports.map(({ reach, depth }) => getPlusMinus(reach) + (depth ? getPlusMinus(depth) : 0));
  const isWhole = kind === 'union' || kind === 'coupling';
  return isWhole ? spreads.reduce((sum, each) => sum + each, 0) : Math.max(...spreads);
}

/** Parts whose length is typical only, or not known, wherever a leg is made up in them. */
function checkParts(layout: RunLayout): Finding[] {
  const doubted = new Map<string, DoubtedPart>();
  const look = (part: Part, port: Port, subject: string, mark: string) => {
    const standing = getWorst(port);
    if (standing !== 'typical' && standing !== 'unknown') return;
    const known = doubted.get(part.id);
    const found = known ?? {
      part,
      subject,
      marks: new Set(),
      isUnknown: false,
      plusMinus: getSpread(part),
    };
    found.marks.add(mark);
    found.isUnknown ||= standing === 'unknown';
    if (!known) doubted.set(part.id, found);
  };
  const { nodes, legs } = getStretches(layout);
  for (const { id, fitting } of nodes.flatMap((stretch) => listDoubtfulNodes(stretch, layout))) {
    if (fitting.kind !== 'part') continue;
    for (const [leg, { part, outer, id: adapter }] of Object.entries(fitting.adapters ?? {}))
      if (isDoubtful(part)) look(part, outer, adapter, String(layout.legs.get(leg)!.leg.tag));
    if (!isDoubtful(fitting.part)) continue;
    for (const leg of fitting.legs) look(fitting.part, findPort(fitting, leg.id)!, id, String(leg.tag));
  }
  for (const { leg, links } of layout.chains.at.values())
    for (const { id, part, inner, outer } of links)
      if (isDoubtful(part)) for (const port of [inner, outer]) look(part, port, id, String(leg.tag));
  for (const { leg, inline } of legs.flatMap((stretch) => listDoubtfulLegs(stretch, layout))) {
    for (const { id, part, ports } of inline) {
      if (part && ports && isDoubtful(part)) for (const port of ports) look(part, port, id, String(leg.tag));
    }
  }
  return [...doubted.values()].map(({ part, subject, marks, isUnknown, plusMinus }) =>
    isUnknown
      ? { code: 'part-length-unknown', severity: 'ask', subject, part, marks: [...marks] }
      : { code: 'part-length-typical', severity: 'note', subject, part, marks: [...marks], plusMinus },
  );
}
