import { accept } from '#core/outcome/result.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { getDatabase } from '#server/service.ts';
import { readRun } from '#server/use-cases/read-run.ts';
import { JsonText } from '#server/work/json-text.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, async () => {
    const run = await readRun(getDatabase(), resolveActor(), params.job, params.run);
    return run.ok ? accept(JsonText.object({ ...run.value, doc: new JsonText(run.value.doc) })) : run;
  });
