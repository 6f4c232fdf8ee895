import { addCollections, carryRecords, isObject, together } from './step.ts';

const addAgreed = (pick: unknown): unknown => {
  if (!isObject(pick) || 'agreed' in pick || !Array.isArray(pick['parts'])) return pick;
  const parts = (pick['parts'] as unknown[]).map((part) => (isObject(part) ? { ...part, dated: '' } : part));
  return { ...pick, parts, agreed: [] };
};

/** Parts of the shop's own; a transition says what was agreed to and what date is on its parts. Older ones say nothing of it. */
export const to11 = together(addCollections('shopParts'), carryRecords({ picks: addAgreed }));
