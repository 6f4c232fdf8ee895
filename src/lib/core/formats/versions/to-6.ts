import { isSameJson, type Json } from '#core/outcome';
import type { Op } from '#core/runs/changes';
import { carryTerminals, isObject, together, type Fields } from './step.ts';

/** Fields of a leg that stand elsewhere since version 6. */
const MOVED: ReadonlySet<string> = new Set(['size', 'material', 'specs', 'inline']);

/** A leg of version 5 as its three kinds of entries; null for what has no such form. */
function partLeg(
  leg: unknown,
): { entry: Fields; spec: Fields & { id: string }; parts: (Fields & { id: string })[] } | null {
  if (!isObject(leg) || !('size' in leg) || typeof leg['id'] !== 'string') return null;
  const { id, size, material, inline } = leg as Fields & { id: string };
  const entry = Object.fromEntries(Object.entries(leg).filter(([field]) => !MOVED.has(field)));
  return {
    entry: { ...entry, system: 'threaded-steel' },
    spec: { id: `${id}.threaded-steel`, leg: id, system: 'threaded-steel', material, size },
    parts: listParts(inline, id),
  };
}

const listParts = (inline: unknown, leg: string): (Fields & { id: string })[] =>
  isObject(inline)
    ? Object.entries(inline).map(([id, part]) => (isObject(part) ? { ...part, id, leg } : { id, leg }))
    : [];

function takeLegsApart(doc: Fields): Fields {
  const [legs, specs, parts]: Record<string, unknown>[] = [{}, {}, {}];
  const whole = isObject(doc['legs']) ? Object.entries(doc['legs']) : [];
  for (const [id, leg] of whole) {
    const apart = partLeg(leg);
    legs![id] = apart ? apart.entry : leg;
    if (apart) specs![apart.spec.id] = apart.spec;
    for (const part of apart?.parts ?? []) parts![part.id] = part;
  }
  return {
    ...doc,
    legs: isObject(doc['legs']) ? legs : doc['legs'],
    specs,
    parts,
  };
}

function takeLegOpApart(op: Op): readonly Op[] {
  if (op.op === 'set') return takeFieldApart(op);
  const before = op.op === 'insert' ? null : partLeg(op.old);
  const after = op.op === 'remove' ? null : partLeg(op.value);
  if (!before && !after) return [op];
  const entries = [
    ...between('legs', op.id, before?.entry, after?.entry),
    ...between('specs', `${op.id}.threaded-steel`, before?.spec, after?.spec),
    ...betweenParts(before?.parts ?? [], after?.parts ?? []),
  ];
  // What is taken out goes in the order opposite to that in which it is put in.
  return op.op === 'remove' ? entries.reverse() : entries;
}

function takeFieldApart(op: Extract<Op, { op: 'set' }>): readonly Op[] {
  if (op.field === 'size' || op.field === 'material')
    return [{ ...op, in: 'specs', id: `${op.id}.threaded-steel` }];
  return op.field === 'inline' ? betweenParts(listParts(op.old, op.id), listParts(op.value, op.id)) : [op];
}

/** What makes of one value of an entry another; nothing where they are the same. */
function between(into: Op['in'], id: string, before: unknown, after: unknown): Op[] {
  const [old, value] = [before as Json | undefined, after as Json | undefined];
  const place = { in: into, id };
  if (old === undefined) return value === undefined ? [] : [{ op: 'insert', ...place, value }];
  if (value === undefined) return [{ op: 'remove', ...place, old }];
  return isSameJson(old, value) ? [] : [{ op: 'replace', ...place, old, value }];
}

function betweenParts(
  before: readonly (Fields & { id: string })[],
  after: readonly (Fields & { id: string })[],
): Op[] {
  const ids = new Set([...before, ...after].map(({ id }) => id));
  const find = (parts: typeof before, wanted: string) => parts.find(({ id }) => id === wanted);
  return [...ids].flatMap((id) => between('parts', id, find(before, id), find(after, id)));
}

/** Inlets were said by gender alone: they are as their leg needs them. */
function carryTerminal(terminal: unknown): unknown {
  if (!isObject(terminal)) return terminal;
  if (terminal['kind'] === 'appliance' && 'gender' in terminal)
    return { kind: 'appliance', name: terminal['name'], inlet: null };
  const { end } = terminal;
  return terminal['kind'] === 'existing' && isObject(end) && !('kind' in end)
    ? { ...terminal, end: carryFound(end) }
    : terminal;
}

/** What was found in place, said by the verdict on it. */
function carryFound(end: Fields): Fields {
  const { thread, family, size, gender, certainty, orElse } = end;
  if (certainty === 'tie' || (Array.isArray(orElse) && orElse.length > 0))
    return {
      kind: 'unknown',
      among: [thread, ...(Array.isArray(orElse) ? (orElse as unknown[]) : [])],
      certainty: certainty === 'tie' ? 'tie' : 'likely',
    };
  return { kind: 'thread', family, size, gender, hand: null, seat: 'unknown', metal: 'black-iron' };
}

/** Settings of a leg stand by material system, and parts in a leg on their own; inlets and what was found are ends. */
export const to6 = together(carryTerminals(carryTerminal), {
  document: takeLegsApart,
  operation: (op) => (op.in === 'legs' ? takeLegOpApart(op) : [op]),
});
