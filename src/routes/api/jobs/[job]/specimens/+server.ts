import { specimenInputSchema } from '#core/formats';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { readSpecimens } from '#server/use-cases/read-specimens.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, params }) =>
  answer(locals.request, () => readSpecimens(getDatabase(), resolveActor(), params.job));

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, specimenInputSchema);
    if (!input.ok) return input;
    return keepSpecimen(getDatabase(), resolveActor(), params.job, input.value);
  });
