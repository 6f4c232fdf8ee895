import {
  findSupportRow,
  SUPPORT_SOURCES,
  supportFeet,
  type FindSupports,
  type SupportRow,
} from '../support-figures.ts';

/** Corrugated tubing everywhere: what makers ask typically; the maker's own sheet goes before it. That it needs none is a mistake that circulates. */
const TUBING: readonly SupportRow[] = [
  { upTo: '3/8', ...supportFeet(4, 10), ...SUPPORT_SOURCES.byMaker },
  { upTo: '1/2', ...supportFeet(6, 10), ...SUPPORT_SOURCES.byMaker },
  { upTo: '2', ...supportFeet(8, 10), ...SUPPORT_SOURCES.byMaker },
];

/** What corrugated tubing is held by. */
export const findTubingSupports: FindSupports = (size) => findSupportRow(TUBING, size);
