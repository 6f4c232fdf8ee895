import { isOutOfReach } from '#core/permissions';
import { trapRule } from './trap-rule.ts';

/** A cap that no hand gets at is never opened. Of a nipple of which nobody said it, it is where the pipe it hangs from is. */
export const outOfReach = trapRule({
  code: 'out-of-reach',
  severity: 'stop',
  find: ({ trap, path, layout: { doc } }) => {
    const said = [trap.nipple.leg, path[trap.at]!].map(({ id }) => doc.zones[id]?.zone);
    const zone = said[0] ?? said[1];
    return zone !== undefined && isOutOfReach(zone) ? { code: 'out-of-reach', zone } : null;
  },
});
