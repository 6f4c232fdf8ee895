import { looksDown } from '../tee-use.ts';
import { trapRule } from './trap-rule.ts';

/** Gas that rises into the tee brings its grit up with it: it comes down into a trap that works. */
export const supplyRises = trapRule({
  code: 'supply-rises',
  severity: 'ask',
  find: ({ trap: { use } }) =>
    use && looksDown(use.inlet.way) ? { code: 'supply-rises', port: use.inlet.port } : null,
});
