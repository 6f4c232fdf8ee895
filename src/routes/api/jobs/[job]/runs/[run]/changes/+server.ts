import { historyQuerySchema, readWith } from '#core/formats';
import { LIMITS } from '#core/shapes';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readBody } from '#server/http/read-body.ts';
import { getDatabase, getDatabaseUrl } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { readHistory } from '#server/use-cases/read-history.ts';
import { weighRun } from '#server/use-cases/weigh-run.ts';
import { isLightChange, readChange } from '#server/work/read-change.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

/** A page of the changes, the oldest first: the newest, or with `?before=` those before a revision. */
export const GET: RequestHandler = ({ locals, params: { job, run }, url }) =>
  answer(locals.request, async () => {
    const asked = readWith(historyQuerySchema, Object.fromEntries(url.searchParams));
    if (!asked.ok) return asked;
    const before = asked.value.before === undefined ? null : Number(asked.value.before);
    const actor = resolveActor();
    const weight = await weighRun(getDatabase(), actor, job, run);
    if (!weight.ok) return weight;
    return weight.value === 'light'
      ? readHistory(getDatabase(), actor, job, run, before)
      : doInThread('readHistory', { url: getDatabaseUrl(), actor, job, run, before });
  });

export const POST: RequestHandler = ({ locals, params: { job, run }, request }) =>
  answer(locals.request, async () => {
    const body = await readBody(request, LIMITS.change);
    if (!body.ok) return body;
    const actor = resolveActor();
    const bytes = body.value;
    if (isLightChange(bytes)) {
      const change = readChange(bytes);
      if (!change.ok) return change;
      const weight = await weighRun(getDatabase(), actor, job, run);
      if (!weight.ok) return weight;
      if (weight.value === 'light') return acceptChange(getDatabase(), actor, job, run, change.value);
    }
    const order = { url: getDatabaseUrl(), actor, job, run, bytes };
    return doInThread('acceptChange', order, { transfer: [bytes.buffer] });
  });
