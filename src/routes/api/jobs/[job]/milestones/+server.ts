import { milestoneInputSchema } from '#core/formats/milestone.schema.ts';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { passMilestone } from '#server/use-cases/pass-milestone.ts';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ locals, params, request }) =>
  answer(locals.request, async () => {
    const input = await readJson(request, milestoneInputSchema);
    return input.ok ? passMilestone(getDatabase(), resolveActor(), params.job, input.value) : input;
  });
