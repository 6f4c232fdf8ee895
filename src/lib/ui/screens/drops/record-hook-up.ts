import { RULE_PACK_VERSION } from '#core/house-rules';
import { accept, refuse, type Result } from '#core/outcome';
import type { HookUpEvent, HookUpItem } from '#core/runs/changes';
import type { Refusal } from '#words/refusals.ts';
import { bench } from '../../store/bench.svelte.ts';
import { getNow } from '../../store/get-now.ts';
import { newId } from '../../store/new-id.ts';
import type { RunStore } from '../../store/run-store.svelte.ts';

/** Makes the record that an item of a hook-up was looked at, or no longer holds. Nobody at the bench is refused. */
export function makeHookUpEvent(
  store: RunStore,
  node: string,
  name: string,
  item: HookUpItem,
  is: boolean,
): Result<HookUpEvent, Refusal> {
  if (store.finish) return refuse({ code: 'job-finished', by: store.finish.by, at: store.finish.at });
  const people = store.details?.people ?? [];
  if (people.length > 0 && !people.some((each) => each.name === bench.name))
    return refuse({ code: 'nobody-at-the-bench' });
  return accept({
    id: newId(),
    kind: 'hook-up',
    subject: node,
    runRevision: store.revision,
    asked: { name, catalogueVersion: store.doc?.catalogueVersion ?? '', rulePackVersion: RULE_PACK_VERSION },
    said: { item, is },
    instrument: 'by eye',
    simulated: false,
    by: bench.signature,
    atDevice: getNow(),
    atServer: null,
    corrects: null,
  });
}
