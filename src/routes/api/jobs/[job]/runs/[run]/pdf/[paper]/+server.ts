import { refuse } from '#core/outcome';
import { resolveActor } from '#server/actor.ts';
import { answerFile } from '#server/http/answer-file.ts';
import { getDatabaseUrl } from '#server/service.ts';
import { doInThread } from '#server/work/work-force.ts';
import type { RequestHandler } from './$types';

const PAPERS = { a4: 'A4', letter: 'LETTER' } as const;

/** Drawing and cut sheet on `a4` or `letter` paper. */
export const GET: RequestHandler = ({ locals, params, request }) => {
  const asked = params.paper;
  const make = () => {
    const paper = Object.hasOwn(PAPERS, asked) ? PAPERS[asked as keyof typeof PAPERS] : null;
    if (!paper) {
      const limit = Object.keys(PAPERS).join(', ');
      return Promise.resolve(
        refuse({ code: 'input-invalid', path: 'paper', rule: 'any.only', limit } as const),
      );
    }
    const { job, run } = params;
    const order = { url: getDatabaseUrl(), actor: resolveActor(), job, run, paper };
    return doInThread('printRun', order, { signal: request.signal });
  };
  return answerFile(locals.request, `porthole-${params.run}-${asked}.pdf`, make, 'application/pdf');
};
