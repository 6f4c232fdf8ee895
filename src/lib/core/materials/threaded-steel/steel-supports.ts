import type { Jurisdiction } from '#core/house-rules';
import {
  findSupportRow,
  SUPPORT_SOURCES,
  supportFeet,
  supportMetres,
  type FindSupports,
  type SupportRow,
} from '../support-figures.ts';

/** Steel by nominal size. Source: tables of support of each jurisdiction, as published or met. */
const ROWS: Readonly<Record<Jurisdiction, readonly SupportRow[]>> = {
  'us-model': [
    { upTo: '1/2', ...supportFeet(6, 6), ...SUPPORT_SOURCES.code },
    { upTo: '1', ...supportFeet(8, 8), ...SUPPORT_SOURCES.code },
    { upTo: '4', ...supportFeet(10, 'floor'), ...SUPPORT_SOURCES.code },
  ],
  canada: [
    { upTo: '1/2', ...supportFeet(6, 'floor'), ...SUPPORT_SOURCES.likely },
    { upTo: '1', ...supportFeet(8, 'floor'), ...SUPPORT_SOURCES.likely },
    { upTo: '2-1/2', ...supportFeet(10, 'floor'), ...SUPPORT_SOURCES.likely },
    { upTo: '4', ...supportFeet(15, 'floor'), ...SUPPORT_SOURCES.rough },
  ],
  uk: [
    { upTo: '1/2', ...supportMetres(2, 2.5), ...SUPPORT_SOURCES.likely },
    { upTo: '1', ...supportMetres(2.5, 3), ...SUPPORT_SOURCES.likely },
    { upTo: '1-1/4', ...supportMetres(2.7, 3), ...SUPPORT_SOURCES.rough },
  ],
  australia: [
    { upTo: '1/2', ...supportMetres(2, 2), ...SUPPORT_SOURCES.rough },
    { upTo: '1', ...supportMetres(2.5, 2.5), ...SUPPORT_SOURCES.rough },
  ],
  'uk-vehicle': [{ upTo: '1', ...supportMetres(1, 1), ...SUPPORT_SOURCES.practice }],
  ask: [],
};

/** What steel pipe is held by, screwed or pressed. */
export const findSteelSupports: FindSupports = (size, jurisdiction) =>
  findSupportRow(ROWS[jurisdiction], size);
