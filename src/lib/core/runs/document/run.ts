import type { Settings } from '#core/materials';
import type { RuleChoices } from '#core/house-rules';
import type { LegRecord } from './records/leg.ts';
import type { RunNode, Terminal } from './records/node.ts';
import type { InlinePart } from './records/part.ts';
import { RECORD_NAMES } from './records/names.ts';
import type { Collections } from './records/records.ts';

/** The version of the stored shape below; formats/ carries older documents up to it. */
export const RUN_SCHEMA = 14;

/**
 * The run document: what the fitter said, and nothing that follows from it. Collections of records by client-made id (`records/`), never
 * arrays by index; every field is always present, so that a change can name its old value.
 */
export interface RunDoc extends Collections {
  readonly schema: typeof RUN_SCHEMA;
  readonly id: string;
  /** The catalogue the run was laid out with: after an update the screen says what changed. */
  readonly catalogueVersion: string;
  readonly ruleChoices: RuleChoices;
}

/** A leg with its settings and the parts in its pipe: what everything but the document works with (legs.ts puts it together). */
export interface Leg extends LegRecord, Settings {
  readonly inline: Readonly<Record<string, InlinePart>>;
}

/** An empty run, laid out with a given catalogue under a copy of the shop's rules. */
export const newRun = (id: string, catalogueVersion: string, ruleChoices: RuleChoices): RunDoc => ({
  schema: RUN_SCHEMA,
  id,
  catalogueVersion,
  ruleChoices,
  ...(Object.fromEntries(RECORD_NAMES.map((name) => [name, {}])) as Collections),
});

/** A run that begins at something found in place. */
export function newRunFromSpecimen(
  empty: RunDoc,
  specimen: string,
  end: Extract<Terminal, { kind: 'existing' }>['end'],
  ids: { readonly node: string; readonly anchor: string },
): RunDoc {
  const source: RunNode = {
    id: ids.node,
    part: { kind: 'auto' },
    terminal: { kind: 'existing', specimen, end },
  };
  return {
    ...empty,
    nodes: { [ids.node]: source },
    anchors: { [ids.anchor]: { id: ids.anchor, node: ids.node, role: 'source' } },
  };
}

/** The node from which the gas comes, or null in a run without legs. */
export const findSource = (doc: RunDoc): string | null =>
  Object.values(doc.anchors).find((anchor) => anchor.role === 'source')?.node ?? null;
