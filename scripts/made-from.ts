import { createHash } from 'node:crypto';
import type { Catalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';

/** What a page that follows from a catalogue and the house rules was made from, in sixteen digits: they change when either does. */
export const hashOfSources = ({ version, parts, counter, ends }: Catalogue): string =>
  createHash('sha256')
    .update(JSON.stringify([version, parts, counter, ends, resolveRules({})]))
    .digest('hex')
    .slice(0, 16);

/** The line of a page that says it. */
export const sayMadeFrom = (catalogue: Catalogue): string =>
  `<!-- made from ${hashOfSources(catalogue)} -->\n`;
