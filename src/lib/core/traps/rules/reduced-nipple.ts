import { rankSize } from '#core/ends';
import { getInletSize } from '../drop.ts';
import { trapRule } from './trap-rule.ts';

/** The nipple is of the size of the pipe that comes to it, or of the inlet of the appliance: never less than both. */
export const reducedNipple = trapRule({
  code: 'reduced-nipple',
  severity: 'stop',
  find: (drop) => {
    const { size } = drop.trap.nipple;
    const sizes = [drop.path[drop.trap.at]!.leg.size, getInletSize(drop)].flatMap((each) => each ?? []);
    const [least] = sizes.sort((a, b) => rankSize(a) - rankSize(b));
    return least && rankSize(size) < rankSize(least) ? { code: 'reduced-nipple', size, least } : null;
  },
});
