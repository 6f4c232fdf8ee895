import type { WireRefusal } from '#core/formats/wire.ts';
import type { Result } from '#core/outcome/result.ts';
import { answer } from './answer.ts';

/** Answers with a file to be saved; a refusal is answered as everywhere. Text is JSON, unless `type` says otherwise. */
export async function answerFile(
  request: string,
  name: string,
  useCase: () => Promise<Result<unknown, WireRefusal>>,
  type = 'application/json; charset=utf-8',
): Promise<Response> {
  let made: unknown;
  const answered = await answer(request, async () => {
    const result = await useCase();
    if (result.ok) made = result.value;
    return result.ok ? { ok: true, value: null } : result;
  });
  if (!answered.ok) return answered;
  const body = typeof made === 'string' || made instanceof Uint8Array ? made : `${JSON.stringify(made)}\n`;
  return new Response(body as BodyInit, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name.replace(/[^A-Za-z0-9._-]+/g, '-')}"`,
      'cache-control': 'no-store',
    },
  });
}
