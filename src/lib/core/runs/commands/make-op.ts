import type { Collection, Json, Op } from '../change.ts';
import type { RunDoc } from '../run.ts';

/** Documents are JSON by construction; their types say more than Json can. */
export const asJson = (value: unknown): Json => value as Json;

export const insertOp = (collection: Collection, value: { readonly id: string }): Op => ({
  op: 'insert',
  in: collection,
  id: value.id,
  value: asJson(value),
});

export const removeOp = (collection: Collection, old: { readonly id: string }): Op => ({
  op: 'remove',
  in: collection,
  id: old.id,
  old: asJson(old),
});

/** Sets one field of something the document has. */
export function setOp<
  Name extends 'nodes' | 'legs' | 'measures' | 'anchors',
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
