import { accept, refuse, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** Loads a part of the app when it is wanted; where the server is away that is said as it is of anything else that is asked of it. */
export async function loadModule<Module>(load: () => Promise<Module>): Promise<Result<Module, Refusal>> {
  try {
    return accept(await load());
  } catch {
    return refuse({ code: 'server-away' });
  }
}

/** Reads what the server answered, with a reader that is loaded for it. */
export async function readAnswer<Reader, Value>(
  answer: Result<unknown, Refusal>,
  load: () => Promise<Reader>,
  read: (reader: Reader, value: unknown) => Result<Value, Refusal>,
): Promise<Result<Value, Refusal>> {
  if (!answer.ok) return answer;
  const reader = await loadModule(load);
  return reader.ok ? read(reader.value, answer.value) : reader;
}
