import type { WireRefusal } from '#core/formats/wire.ts';
import type { Result } from '#core/outcome/result.ts';
import { JsonText } from '../work/json-text.ts';
import { answer } from './answer.ts';

const JSON_TYPE = 'application/json; charset=utf-8';

/** Answers with a file to be saved; a refusal is answered as everywhere. */
export async function answerFile(
  request: string,
  name: string,
  useCase: () => Promise<Result<JsonText | Uint8Array, WireRefusal>>,
  type = JSON_TYPE,
): Promise<Response> {
  let body: BodyInit = '';
  const answered = await answer(request, async () => {
    const result = await useCase();
    if (!result.ok) return result;
    body = result.value instanceof JsonText ? `${result.value.text}\n` : (result.value as BodyInit);
    return { ok: true, value: null };
  });
  return answered.ok ? saveAs(body, name, type) : answered;
}

/**
 * Answers with a file that is written piece by piece while it is sent, at the pace at which it is taken. What is refused before
 * the first piece is answered as everywhere; what breaks off later breaks the file off, so that it is not taken for whole.
 */
export async function answerStream(
  request: string,
  name: string,
  useCase: (take: (text: string) => Promise<void>) => Promise<Result<void, WireRefusal>>,
): Promise<Response> {
  const { readable, writable } = new TextEncoderStream();
  const writer = writable.getWriter();
  let begin: (response: Response | null) => void = () => undefined;
  const begun = new Promise<Response | null>((done) => (begin = done));
  const take = async (text: string): Promise<void> => {
    begin(null);
    await writer.ready;
    await writer.write(text);
  };
  const finished = answer(request, async () => {
    const result = await useCase(take);
    if (result.ok) await writer.close();
    return result.ok ? { ok: true, value: null } : result;
  }).then(async (response) => {
    begin(response);
    if (!response.ok) await writer.abort(new Error('broke off'));
  });
  finished.catch(() => undefined);
  const refused = await begun;
  return refused && !refused.ok ? refused : saveAs(readable as unknown as BodyInit, name, JSON_TYPE);
}

const saveAs = (body: BodyInit, name: string, type: string): Response =>
  new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name.replace(/[^A-Za-z0-9._-]+/g, '-')}"`,
      'cache-control': 'no-store',
    },
  });
