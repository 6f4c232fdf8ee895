import { error } from '@sveltejs/kit';
import { isId } from '#core/shapes';

/** What an address names is shown only if it could be there: addresses to its other screens are made of it. */
export const load = ({ params }: { params: Partial<Record<'job' | 'run', string>> }): void => {
  if (!isId(params.job) || (params.run !== undefined && !isId(params.run))) error(404);
};
