import type { Op } from '#core/runs/changes';
import { isSameJson, type Json } from '#core/outcome';

/*
 * Older versions of what is stored, carried up to the present one. Each version has two steps: for documents, and for operations on them
 * (which know nothing of the document they are for). What events are about has kept its name in every version. A test replays histories of every version to
 * their snapshot. Named here, kept for ever; damaged values are left as they are, and the schema says where.
 */

type Fields = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Carries each entry of a collection. */
const mapEntries = (entries: unknown, carry: (value: unknown) => unknown): unknown =>
  isObject(entries)
    ? Object.fromEntries(Object.entries(entries).map(([id, value]) => [id, carry(value)]))
    : entries;

interface Step {
  readonly document: (doc: Fields) => Fields;
  /** Operations in the form of the version before become those of this one; what has this one's form already stays. */
  readonly operation: (op: Op) => readonly Op[];
}

const stays = { operation: (op: Op): readonly Op[] => [op] };

/** Version n → the step that carries version n to n + 1. */
export const STEPS: Readonly<Record<number, Step>> = {
  // 2: an end of a run may be something found in place. Older documents have none.
  1: { document: (doc) => ({ ...doc, schema: 2 }), ...stays },
  // 3: measures name any two references; offsets, parts in a leg, own parts. Older measures are centre to centre.
  2: {
    ...stays,
    document: (doc) => ({ ...doc, schema: 3, measures: mapEntries(doc['measures'], widenMeasure) }),
    operation: (op) => (op.in === 'measures' ? [mapWhole(op, (value) => widenMeasure(value) as Json)] : [op]),
  },
  // 4: joints that are clocked. Older documents have none.
  3: { document: (doc) => ({ ...doc, schema: 4, clockings: {} }), ...stays },
  // 5: a house may judge by a window of turns of its own, and add its own way to more rules. Older choices stand as they are.
  4: { document: (doc) => ({ ...doc, schema: 5 }), ...stays },
  // 6: settings of a leg stand by material system, and parts in a leg on their own; inlets and what was found are ends.
  5: {
    document: takeLegsApart,
    operation: (op) => (op.in === 'legs' ? takeLegOpApart(op) : op.in === 'nodes' ? [carryNodeOp(op)] : [op]),
  },
  // 7: appliances say what stands on their plate; legs may be flexible connectors. Older appliances say nothing, older legs are none.
  6: {
    ...stays,
    document: (doc) => ({ ...doc, schema: 7, nodes: mapEntries(doc['nodes'], addPlate) }),
    operation: (op) => (op.in === 'nodes' ? [addPlateOp(op)] : [op]),
  },
  // 8: settings say what stock a leg is of, own parts how far tube goes into them. Older legs are of straight lengths, older parts say nothing.
  7: {
    ...stays,
    document: (doc) => ({
      ...doc,
      schema: 8,
      specs: mapEntries(doc['specs'], addStock),
      ownParts: mapEntries(doc['ownParts'], addDepths),
    }),
    operation: (op) => [addToSettings(op)],
  },
  // 9: legs say where they run. Of older legs nobody said it.
  8: { document: (doc) => ({ ...doc, schema: 9 }), ...stays },
  // 10: what is buried says how deep it lies, which way, and what is printed on it; legs pass floors and walls. Older runs say nothing of it.
  9: {
    ...stays,
    document: (doc) => ({
      ...doc,
      schema: 10,
      covers: {},
      bearings: {},
      prints: {},
      passages: {},
      fished: {},
    }),
  },
  // 11: parts of the shop's own; a transition says what was agreed to and what date is on its parts. Older ones say nothing of it.
  10: {
    ...stays,
    document: (doc) => ({ ...doc, schema: 11, shopParts: {}, picks: mapEntries(doc['picks'], addAgreed) }),
    operation: (op) => [op.in === 'picks' ? mapWhole(op, (value) => addAgreed(value) as Json) : op],
  },
  // 12: a floor says whence it was measured. Older ones were measured from the inlet, over a connector too.
  11: {
    ...stays,
    document: (doc) => ({ ...doc, schema: 12, nodes: mapEntries(doc['nodes'], addFloorPoint) }),
    operation: (op) => (op.in === 'nodes' ? [addFloorPointOp(op)] : [op]),
  },
};

const addFloorPointTo = (terminal: unknown): unknown => {
  const plate = isObject(terminal) ? terminal['plate'] : null;
  const floor = isObject(plate) ? plate['floor'] : null;
  return isObject(terminal) && isObject(plate) && isObject(floor) && !('from' in floor)
    ? { ...terminal, plate: { ...plate, floor: { from: 'inlet', ...floor } } }
    : terminal;
};
const addFloorPoint = (node: unknown): unknown =>
  isObject(node) && 'terminal' in node ? { ...node, terminal: addFloorPointTo(node['terminal']) } : node;

function addFloorPointOp(op: Op): Op {
  if (op.op !== 'set') return mapWhole(op, (value) => addFloorPoint(value) as Json);
  if (op.field !== 'terminal') return op;
  return { ...op, old: addFloorPointTo(op.old) as Json, value: addFloorPointTo(op.value) as Json };
}

const addAgreed = (pick: unknown): unknown => {
  if (!isObject(pick) || 'agreed' in pick || !Array.isArray(pick['parts'])) return pick;
  const parts = (pick['parts'] as unknown[]).map((part) => (isObject(part) ? { ...part, dated: '' } : part));
  return { ...pick, parts, agreed: [] };
};

function addToSettings(op: Op): Op {
  if (op.in === 'specs') return mapWhole(op, (value) => addStock(value) as Json);
  return op.in === 'ownParts' ? mapWhole(op, (value) => addDepths(value) as Json) : op;
}
const addStock = (spec: unknown): unknown =>
  isObject(spec) && !('stock' in spec) ? { ...spec, stock: 'length' } : spec;
const addDepths = (own: unknown): unknown =>
  isObject(own) && !('depths' in own) ? { ...own, depths: {} } : own;

/** As version 7 has it: every later step must find what this one wrote, whatever a plate has come to hold since. */
const NO_PLATE = {
  what: null,
  ownKind: '',
  input: null,
  gas: null,
  pressure: null,
  hasTrap: null,
  moves: null,
  hasShutOff: null,
  floor: null,
};

const addPlateTo = (terminal: unknown): unknown =>
  isObject(terminal) && terminal['kind'] === 'appliance' && !('plate' in terminal)
    ? { ...terminal, plate: NO_PLATE }
    : terminal;

const addPlate = (node: unknown): unknown =>
  isObject(node) ? { ...node, terminal: addPlateTo(node['terminal']) } : node;

function addPlateOp(op: Op): Op {
  if (op.op !== 'set') return mapWhole(op, (value) => addPlate(value) as Json);
  if (op.field !== 'terminal') return op;
  return { ...op, old: addPlateTo(op.old) as Json, value: addPlateTo(op.value) as Json };
}

/** A document of any version in the form of the present one; what is none, and what is newer, as it is. */
export function carryUpDocument(doc: Fields): Fields {
  let carried = doc;
  for (
    let version = doc['schema'];
    typeof version === 'number' && STEPS[version];
    version = carried['schema']
  )
    carried = STEPS[version]!.document(carried);
  return carried;
}

/** Operations of any version in the form of the present one. */
export const carryUpOps = (ops: readonly Op[]): Op[] =>
  Object.values(STEPS).reduce<readonly Op[]>(
    (carried, { operation }) => carried.flatMap(operation),
    ops,
  ) as Op[];

/** Carries the values of an operation on a whole entry. */
function mapWhole(op: Op, carry: (value: Json) => Json): Op {
  switch (op.op) {
    case 'insert':
      return { ...op, value: carry(op.value) };
    case 'remove':
      return { ...op, old: carry(op.old) };
    case 'replace':
      return { ...op, old: carry(op.old), value: carry(op.value) };
    case 'set':
      return op;
  }
}

function widenMeasure(measure: unknown): unknown {
  if (!isObject(measure) || 'along' in measure) return measure;
  const widenRef = (ref: unknown): unknown => {
    if (!isObject(ref) || !('node' in ref)) return ref;
    const { node, ...rest } = ref;
    return { ...rest, id: node, gap: 0 };
  };
  return { ...measure, from: widenRef(measure['from']), to: widenRef(measure['to']), along: null };
}

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
    schema: 6,
    legs: isObject(doc['legs']) ? legs : doc['legs'],
    specs,
    parts,
    nodes: mapEntries(doc['nodes'], carryNode),
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

const carryNode = (node: unknown): unknown =>
  isObject(node) ? { ...node, terminal: carryTerminal(node['terminal']) } : node;

function carryNodeOp(op: Op): Op {
  if (op.op !== 'set') return mapWhole(op, (value) => carryNode(value) as Json);
  if (op.field !== 'terminal') return op;
  return { ...op, old: carryTerminal(op.old) as Json, value: carryTerminal(op.value) as Json };
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
