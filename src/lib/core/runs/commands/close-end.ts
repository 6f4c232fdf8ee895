import { accept, refuse, type Result } from '../../outcome/result.ts';
import type { Json, PlannedChange } from '../change.ts';
import type { RunDoc, Terminal } from '../run.ts';

export interface NotAnEnd {
  readonly code: 'node-is-not-an-end';
  readonly node: string;
}

/** Plans what stands at a node with one leg: a cap, a bare end, or nothing said yet. Refuses where legs meet. */
export function planCloseEnd(
  doc: RunDoc,
  node: string,
  terminal: Terminal | null,
): Result<PlannedChange, NotAnEnd> {
  const legs = Object.values(doc.legs).filter((leg) => leg.from === node || leg.to === node);
  if (legs.length !== 1 || !Object.hasOwn(doc.nodes, node))
    return refuse({ code: 'node-is-not-an-end', node });
  const old = doc.nodes[node]!.terminal;
  return accept({
    label: { command: 'close-end', leg: legs[0]!.tag, turn: null },
    ops: [{ op: 'set', in: 'nodes', id: node, field: 'terminal', old: asJson(old), value: asJson(terminal) }],
  });
}

/** Documents are JSON by construction; their types say more than Json can. */
const asJson = (terminal: Terminal | null): Json => terminal as unknown as Json;
