import { nameRef } from '#core/runs/reading';
import type { RunLayout } from '#core/runs/layout';
import { namePartKind } from '#words/parts.ts';
import { sayAt } from '#words/refs.ts';

/** A place of the run from or to which can be measured. */
export interface StationChoice {
  readonly kind: 'node' | 'inline';
  readonly id: string;
  readonly name: string;
}

/** Every place of a run by its name, in walking order: fittings and ends, and the parts in legs. */
export function listStations(layout: RunLayout): StationChoice[] {
  const nodes = [...layout.nodes.keys()].map((id): StationChoice => {
    const { part, mark } = nameRef(layout, { kind: 'node', id, at: 'centre', gap: 0 });
    const what =
      part === 'open'
        ? 'open end'
        : part === 'none'
          ? 'point'
          : part === 'source'
            ? 'source'
            : part === 'bend'
              ? 'bend'
              : namePartKind(part);
    return { kind: 'node', id, name: part === 'source' ? 'the source' : `${what} ${sayAt(mark)}` };
  });
  const parts = [...layout.legs.values()].flatMap(({ leg }) =>
    Object.values(leg.inline).map(({ id, part }): StationChoice => {
      return { kind: 'inline', id, name: `${namePartKind(part)} in leg ${leg.tag}` };
    }),
  );
  return [...nodes, ...parts];
}
