import type { Site } from './site.ts';
import { getZoneOf, isEmpty, type Passage } from '#core/runs/document';
import { traceFlow } from '#core/flow';
import type { Jurisdiction } from '#core/house-rules';
import type { Severity } from '#core/outcome';
import { findWants, mayPass, PASSAGE_WANTS, type PassageWant, type PermitRuling } from '#core/permissions';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

const SEVERITIES: Readonly<Record<PassageWant, Severity>> = {
  'not-this-pipe': 'stop',
  'above-grade': 'stop',
  'guard-missing': 'stop',
  'guard-unsaid': 'ask',
  'shut-off': 'ask',
  'maker-and-code': 'ask',
};

/** A floor or a wall that is passed, with what is asked of it and what it still wants. */
export interface JudgedPassage {
  readonly passage: Passage;
  readonly laid: LaidLeg;
  readonly ruling: PermitRuling;
  readonly wants: readonly PassageWant[];
}

/** Every floor and wall a run passes, in walking order. */
export function judgePassages(layout: RunLayout, jurisdiction: Jurisdiction): readonly JudgedPassage[] {
  const { passages } = layout.doc;
  if (isEmpty(passages)) return [];
  const byLeg = new Map<string, Passage[]>();
  for (const passage of Object.values(passages)) {
    const own = byLeg.get(passage.leg);
    if (own) own.push(passage);
    else byLeg.set(passage.leg, [passage]);
  }
  const judged: JudgedPassage[] = [];
  for (const laid of layout.legs.values())
    for (const passage of byLeg.get(laid.id) ?? NONE)
      judged.push(judgePassage(layout, laid, passage, jurisdiction));
  return judged;
}

const NONE: readonly never[] = [];

function judgePassage(
  layout: RunLayout,
  laid: LaidLeg,
  passage: Passage,
  jurisdiction: Jurisdiction,
): JudgedPassage {
  const what = laid.leg.geometry.kind === 'connector' ? 'connector' : laid.leg.material;
  const ruling = mayPass({ what, kind: passage.kind, jurisdiction });
  const isBuried = getZoneOf(layout, laid.leg) === 'buried';
  const state = { guard: passage.guard, isBuried, hasShutOff: hasShutOffBefore(layout, laid, passage) };
  return { passage, laid, ruling, wants: findWants(ruling, state) };
}

/** Whether a valve stands between the source and the passage; null where it is not known which way the gas goes. */
function hasShutOffBefore(layout: RunLayout, laid: LaidLeg, { share }: Passage): boolean | null {
  const flow = traceFlow(layout);
  if (!flow.directed.has(laid.id)) return null;
  const fromNear = laid.leg.from === laid.near ? share : 1 - share;
  const reached = laid.centreToCentre === null ? Infinity : laid.centreToCentre * fromNear;
  if (laid.inline.some(({ part, at }) => part?.kind === 'valve' && at !== null && at <= reached)) return true;
  const { nodes, legs } = layout;
  const before = (leg: LaidLeg): LaidLeg | undefined => legs.get(flow.arriving.get(leg.near) ?? '');
  for (let leg: LaidLeg | undefined = laid; leg; leg = before(leg)) {
    const { fitting } = nodes.get(leg.near)!;
    if (fitting.kind === 'part' && fitting.part.kind === 'valve') return true;
    if (leg !== laid && leg.inline.some(({ part }) => part?.kind === 'valve')) return true;
  }
  return false;
}

/** What passages want, the worst of each; and tubing that was fished, as its maker's text has it. */
export function checkPassagesAreGuarded(layout: RunLayout, { jurisdiction }: Site): Finding[] {
  const passed = judgePassages(layout, jurisdiction).flatMap(({ passage, laid, wants }): Finding[] => {
    const worst = PASSAGE_WANTS.find((want) => wants.includes(want));
    if (!worst) return [];
    const mark = String(laid.leg.tag);
    return [
      {
        code: 'passage',
        severity: SEVERITIES[worst],
        subject: laid.id,
        mark,
        passage: passage.kind,
        wants: worst,
      },
    ];
  });
  const fished = Object.values(layout.doc.fished).flatMap(({ id, text, reason }): Finding[] => {
    const laid = layout.legs.get(id);
    return laid
      ? [{ code: 'fished', severity: 'note', subject: id, mark: String(laid.leg.tag), text, reason }]
      : [];
  });
  return [...passed, ...fished];
}
