import { NOMINAL_SIZES } from '../../ends/size.ts';
import { getInletSize } from '../drop.ts';
import { trapRule } from './trap-rule.ts';

/** The nipple is of the size of the pipe that comes to it, or of the inlet of the appliance: never less than both. */
export const reducedNipple = trapRule({
  code: 'reduced-nipple',
  severity: 'stop',
  find: (drop) => {
    const { size } = drop.trap.nipple;
    const sizes = [drop.path[drop.trap.at]!.leg.size, getInletSize(drop)].flatMap((each) => each ?? []);
    const [least] = sizes.sort((a, b) => NOMINAL_SIZES.indexOf(a) - NOMINAL_SIZES.indexOf(b));
    return least && NOMINAL_SIZES.indexOf(size) < NOMINAL_SIZES.indexOf(least)
      ? { code: 'reduced-nipple', size, least }
      : null;
  },
});
