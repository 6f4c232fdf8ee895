import {
  SAID_OF,
  type SaidOf,
  type Collection,
  getSpecId,
  type InlinePart,
  type Leg,
  type LegRecord,
  type LegSpec,
  type RunDoc,
  type RecordRef,
  listHangingOn,
} from '#core/runs/document';
import type { Op } from '#core/runs/changes';
import { isSameJson, type Json } from '#core/outcome';

/** Documents are JSON by construction; their types say more than Json can. */
export const asJson = (value: unknown): Json => value as Json;

/** Puts an entry into a collection, under its id. */
export const insertOp = (collection: Collection, value: { readonly id: string }): Op => ({
  op: 'insert',
  in: collection,
  id: value.id,
  value: asJson(value),
});

/** Takes an entry out of a collection. */
export const removeOp = (collection: Collection, old: { readonly id: string }): Op => ({
  op: 'remove',
  in: collection,
  id: old.id,
  old: asJson(old),
});

/** Puts an entry in place of one of the same id; nothing where they are alike. */
export const replaceOp = (
  collection: Collection,
  old: { readonly id: string },
  value: { readonly id: string },
): Op[] =>
  isSameJson(asJson(old), asJson(value))
    ? []
    : [{ op: 'replace', in: collection, id: old.id, old: asJson(old), value: asJson(value) }];

/** Sets one field of something the document has. */
export function setOp<
  Name extends 'nodes' | 'legs' | 'specs' | 'parts' | 'measures' | 'anchors' | 'zones' | 'passages' | 'picks',
  Entity extends RunDoc[Name][string],
  Field extends keyof Entity & string,
>(collection: Name, entity: Entity & { readonly id: string }, field: Field, value: Entity[Field]): Op {
  return {
    op: 'set',
    in: collection,
    id: entity.id,
    field,
    old: asJson(entity[field]),
    value: asJson(value),
  };
}

/** A leg as it stands in the document, and its settings. */
export function partLeg(leg: Leg): { entry: LegRecord; spec: LegSpec } {
  const { id, from, to, geometry, system, rank, tag, material, size, stock } = leg;
  const entry = { id, from, to, geometry, system, rank, tag };
  return { entry, spec: { id: getSpecId(id, system), leg: id, system, material, size, stock } };
}

/** Puts in a leg with its settings and its parts. */
export function insertLeg(leg: Leg): Op[] {
  const { entry, spec } = partLeg(leg);
  return [
    insertOp('legs', entry),
    insertOp('specs', spec),
    ...Object.values(leg.inline).map((part) => insertOp('parts', part)),
  ];
}

/** Takes out a record with all that hangs on it, or was said of it: those first. */
const removeWithHanging = (doc: RunDoc, from: RecordRef): Op[] => [
  ...listHangingOn(doc, from).flatMap(({ in: name, record }) =>
    name === 'parts' ? removeWithHanging(doc, { to: name, id: record.id }) : [removeOp(name, record)],
  ),
  removeOp(from.to, doc[from.to][from.id]!),
];

/** Takes out a leg with its settings in every material, its parts, the transitions chosen for it, and where it runs. */
export const removeLeg = (doc: RunDoc, id: string): Op[] => removeWithHanging(doc, { to: 'legs', id });

/** Takes out a node with what was said of it. What meets there, and measures to it, are another matter. */
export const removeNode = (doc: RunDoc, id: string): Op[] => removeWithHanging(doc, { to: 'nodes', id });

/** Takes back all that was said of something. */
export const removeSaid = (doc: RunDoc, id: string): Op[] =>
  SAID_OF.flatMap((collection) => {
    const said = Object.hasOwn(doc[collection], id) ? doc[collection][id] : undefined;
    return said ? [removeOp(collection, said)] : [];
  });

/** Says something of a leg, a node or a part, in place of what was said; null takes it back. What is said already is left. */
export function sayOf(
  doc: RunDoc,
  collection: SaidOf,
  id: string,
  said: Readonly<Record<string, unknown>> | null,
): Op[] {
  const before = Object.hasOwn(doc[collection], id) ? doc[collection][id]! : null;
  if (said === null) return before ? [removeOp(collection, before)] : [];
  const value = { id, ...said };
  if (!before) return [insertOp(collection, value)];
  if (isSameJson(asJson(before), asJson(value))) return [];
  return [{ op: 'replace', in: collection, id, old: asJson(before), value: asJson(value) }];
}

/** Legs with their settings and parts, as the collections of a document. */
export function takeApart(legs: Iterable<Leg>): {
  legs: Record<string, LegRecord>;
  specs: Record<string, LegSpec>;
  parts: Record<string, InlinePart>;
} {
  const apart = {
    legs: {} as Record<string, LegRecord>,
    specs: {} as Record<string, LegSpec>,
    parts: {} as Record<string, InlinePart>,
  };
  for (const leg of legs) {
    const { entry, spec } = partLeg(leg);
    apart.legs[entry.id] = entry;
    apart.specs[spec.id] = spec;
    Object.assign(apart.parts, leg.inline);
  }
  return apart;
}
