import { type Ref, type RunDoc, getLegs, getLegsByNode } from '#core/runs/document';

const compare = (a: string, b: string): number => (a < b ? -1 : Number(a > b));

/**
 * Everything a run says without its ids: legs by their numbers, points by the legs that meet in them. Two runs are the same
 * up to ids when their shapes are equal.
 */
export function getShape(doc: RunDoc): unknown {
  const byNode = getLegsByNode(doc);
  // A rank is the order among the legs that leave a point.
  const nameNode = (id: string): string => {
    const meeting = byNode.get(id) ?? [];
    const ends = meeting
      .filter(({ to }) => to === id)
      .map(({ tag }) => tag)
      .sort((a, b) => a - b);
    const begins = meeting.filter(({ from }) => from === id).map(({ tag }) => tag);
    return `ends ${ends.join(' ')}, begins ${begins.join(' ')}`;
  };
  const partNames = new Map<string, string>();
  for (const leg of [...getLegs(doc).values()]) {
    const measured = (id: string) =>
      Object.values(doc.measures)
        .filter((measure) => measure.to.id === id || measure.from.id === id)
        .map(({ value }) => value)
        .join(' ');
    const parts = Object.values(leg.inline).map((part) => ({
      ...part,
      key: `${part.share} ${part.part} ${measured(part.id)}`,
    }));
    parts.sort((a, b) => compare(a.key, b.key));
    for (const [i, { id }] of parts.entries()) partNames.set(id, `part ${i} of ${leg.tag}`);
  }
  const nameRef = ({ kind, id, at, gap }: Ref) =>
    `${kind === 'node' ? nameNode(id) : partNames.get(id)} ${at} ${gap}`;
  const sorted = (values: readonly unknown[]) => values.map((value) => JSON.stringify(value)).sort(compare);
  return {
    nodes: sorted(Object.values(doc.nodes).map(({ id, part, terminal }) => [nameNode(id), part, terminal])),
    legs: sorted(
      [...getLegs(doc).values()].map((leg) => [
        leg.tag,
        nameNode(leg.from),
        nameNode(leg.to),
        leg.geometry,
        leg.size,
        leg.material,
        sorted(Object.values(leg.inline).map(({ id, part, share }) => [partNames.get(id), part, share])),
      ]),
    ),
    measures: sorted(
      Object.values(doc.measures).map(({ from, to, along, value, typed, instrument }) => [
        nameRef(from),
        nameRef(to),
        along,
        value,
        typed,
        instrument,
      ]),
    ),
    own: sorted(
      Object.values(doc.ownParts).map(({ of, reaches, typed, by }) => [
        of,
        sorted(Object.entries(reaches)),
        typed,
        by,
      ]),
    ),
    anchors: sorted(Object.values(doc.anchors).map(({ node, role }) => [nameNode(node), role])),
  };
}
