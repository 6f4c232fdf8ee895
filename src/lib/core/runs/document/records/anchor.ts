import { oneOf, type TypeOf } from '#core/shapes';
import { entry, idOf, recordKind } from './record-kind.ts';

const shape = entry({ node: idOf, role: oneOf(['source']) });

/** A fixed place: flow runs from the source, whatever order the legs were drawn in. */
export type Anchor = TypeOf<typeof shape>;

export const ANCHORS = recordKind<Anchor>(shape, 24_000, {
  beginsWith: 1,
  refersTo: ({ node }) => [{ to: 'nodes', id: node }],
});
