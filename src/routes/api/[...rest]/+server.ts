import { answerRefusal } from '#server/http/answer.ts';
import type { RequestHandler } from './$types';

/** Any other address of the API: said as data, not as a page. */
export const fallback: RequestHandler = () => answerRefusal({ code: 'route-unknown' });
