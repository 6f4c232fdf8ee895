import { accept, refuse, type Result } from '#core/outcome';
import type { PlannedChange } from '#core/runs/changes';
import { isMaleAt, type RunDoc, type Terminal } from '#core/runs/document';
import { findLegsAt } from './leg-ways.ts';
import { setOp } from './make-op.ts';

export type NotAnEnd =
  | { readonly code: 'node-is-not-an-end'; readonly node: string }
  /** A plug goes into an opening: it closes no pipe. */
  | { readonly code: 'plug-takes-no-pipe' };

/** Plans what stands at a node with one leg: a cap, an appliance, what is there already, a bare end, or nothing said
 * yet. Refuses where legs meet, and a plug on a pipe. */
export function planCloseEnd(
  doc: RunDoc,
  node: string,
  terminal: Terminal | null,
): Result<PlannedChange, NotAnEnd> {
  const legs = findLegsAt(doc, node);
  const at = Object.hasOwn(doc.nodes, node) ? doc.nodes[node]! : null;
  if (!at || legs.length !== 1) return refuse({ code: 'node-is-not-an-end', node });
  if (terminal?.kind === 'plug' && !isMaleAt(legs[0]!, node)) return refuse({ code: 'plug-takes-no-pipe' });
  return accept({
    label: { command: 'close-end', leg: legs[0]!.tag, turn: null },
    ops: [setOp('nodes', at, 'terminal', terminal)],
  });
}
