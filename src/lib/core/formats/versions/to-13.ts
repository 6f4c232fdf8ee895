import type { Step } from './step.ts';

/** No obstacles: a collection that never had an entry. */
export const to13: Step = {
  document: (doc) => Object.fromEntries(Object.entries(doc).filter(([field]) => field !== 'obstacles')),
  operation: (op) => [op],
};
