import type { Fitting } from '#core/runs/fittings';
import type { EndReader } from './read-end.ts';
import type { StationParts } from './read-ref.ts';
import type { RunDoc, LegsByNode } from '#core/runs/document';

/** What solving needs of the rest of the run. */
export interface SolveContext {
  readonly doc: RunDoc;
  readonly legsByNode: LegsByNode;
  readonly getFitting: (node: string) => Fitting;
  readonly getStation: (kind: 'node' | 'inline', id: string) => StationParts | null;
  readonly ends: EndReader;
}
