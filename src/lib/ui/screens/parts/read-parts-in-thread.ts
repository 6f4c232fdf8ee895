import type { ShopPart } from '#core/catalogue';
import { refuse, type Result } from '#core/outcome';
import { isKnownRefusal, type Refusal } from '#words/refusals.ts';
import { loadModule } from '../../store/load-module.ts';
import type { PartsTableAsked } from './parts-table-message.ts';

/** Reads a table of parts from the text of a file, in a thread: a large one does not stop the window. */
export async function readPartsInThread(text: string): Promise<Result<ShopPart[], Refusal>> {
  const worker = new Worker(new URL('./parts-table.worker.ts', import.meta.url), { type: 'module' });
  const told = await new Promise<unknown>((done) => {
    worker.onmessage = ({ data }: MessageEvent<unknown>) => done(data);
    // Its script could not be fetched.
    worker.onerror = () => done(refuse({ code: 'server-away' } satisfies Refusal));
    worker.postMessage({ text } satisfies PartsTableAsked);
  });
  worker.terminate();
  if (typeof told === 'object' && told !== null) {
    if ('refusal' in told && isKnownRefusal(told.refusal)) return refuse(told.refusal);
    const reader = await loadModule(() => import('../../store/read-shop-parts.ts'));
    if (!reader.ok) return reader;
    if ('value' in told) return reader.value.readShopPartsAnswer(told.value);
  }
  return refuse({ code: 'table-empty' });
}
