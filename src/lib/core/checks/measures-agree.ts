import type { Finding, NamedMeasure } from './finding.ts';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import { nameRef } from '#core/runs/reading';

/** Every leg has one length; measures that cannot all be right are named with by how much, and none of them is used. */
export function checkMeasuresAgree(layout: RunLayout): Finding[] {
  const { doc, solved } = layout;
  const findings: Finding[] = [];
  const contested = new Set<string>();
  for (const { measure, against, by, leg } of solved.contradictions) {
    for (const id of [measure, ...against]) contested.add(id);
    const subject = leg ?? measure;
    const first = nameMeasure(layout, measure);
    const mark = leg === null ? '?' : String(doc.legs[leg]?.tag ?? '?');
    findings.push(
      against.length === 0
        ? { code: 'measure-against-parts', severity: 'stop', subject, mark, measure: first, by }
        : {
            code: 'measures-contradict',
            severity: 'stop',
            subject,
            measures: [first, ...against.map((id) => nameMeasure(layout, id))],
            by,
          },
    );
  }
  for (const [measure, why] of solved.unread) {
    const named = nameMeasure(layout, measure);
    findings.push({ code: 'measure-not-read', severity: 'ask', subject: measure, measure: named, why });
  }
  for (const [leg, by] of solved.reversed) {
    const mark = String(doc.legs[leg]!.tag);
    findings.push({ code: 'measures-reversed', severity: 'stop', subject: leg, mark, by });
  }
  const covered = findCovered(layout, contested);
  const missing = getStretches(layout).legs.flatMap((stretch) => findMissing(stretch, layout));
  return [...findings, ...missing.filter(({ subject }) => !covered.has(subject))];
}

/** What a made-up pair lacks is said by its own finding. */
const findMissing = perStretch(({ legs }: LegStretch): readonly Finding[] =>
  legs.flatMap(({ id, leg, centreToCentre }): Finding[] =>
    centreToCentre === null && leg.geometry.kind === 'axis'
      ? [{ code: 'measure-missing', severity: 'ask', subject: id, mark: String(leg.tag) }]
      : [],
  ),
);

/** Legs without a length for which another finding already says why. */
function findCovered({ doc, solved, legs }: RunLayout, contested: ReadonlySet<string>): Set<string> {
  const covered = new Set<string>(solved.reversed.keys());
  const wrong = [...contested, ...solved.unread.keys()].flatMap((id) => doc.measures[id] ?? []);
  if (wrong.length === 0) return covered;
  for (const { id, near, far } of legs.values()) {
    const ends = [near, far];
    const isIts = wrong.some(({ from, to }) => ends.includes(from.id) || ends.includes(to.id));
    if (isIts) covered.add(id);
  }
  return covered;
}

function nameMeasure(layout: RunLayout, id: string): NamedMeasure {
  const measure = layout.doc.measures[id];
  if (!measure) throw new Error(`no measure with id ${id}`);
  return { value: measure.value, from: nameRef(layout, measure.from), to: nameRef(layout, measure.to) };
}
