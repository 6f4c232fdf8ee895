import { sheetEditsSchema } from '#core/formats';
import { isId, LIMITS } from '#core/shapes';
import { resolveActor } from '#server/actor.ts';
import { answer } from '#server/http/answer.ts';
import { readJson } from '#server/http/read-json.ts';
import { getDatabase } from '#server/service.ts';
import { keepMakerSheets, readMakerSheets } from '#server/use-cases/keep-maker-sheets.ts';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, url }) =>
  answer(locals.request, () => {
    const after = url.searchParams.get('after') ?? undefined;
    return readMakerSheets(getDatabase(), resolveActor(), isId(after) ? after! : null);
  });

export const PUT: RequestHandler = ({ locals, request }) =>
  answer(locals.request, async () => {
    const edits = await readJson(request, sheetEditsSchema, LIMITS.partsBody);
    return edits.ok ? keepMakerSheets(getDatabase(), resolveActor(), edits.value) : edits;
  });
