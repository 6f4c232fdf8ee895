import type { Working } from '#core/runs/explaining';
import { INCH } from '#core/units';

/** Turns a working back into its result (nm or a number): the explanation is a check on the layout. */
export function evaluateWorking({ formula, terms }: Working): number {
  const values = terms.map((each) => each.value);
  const [a = 0, b = 0, c = 0] = values;
  switch (formula) {
    case 'cut-by-allowances':
    case 'face-to-face':
      return a - b - c;
    case 'cut-by-make-in':
    case 'measure-to-centres':
      return a + b + c;
    case 'made-up':
      return a + b - c;
    case 'sum-of-measures':
    case 'developed':
    case 'on-tape-tube':
      return values.reduce((sum, value) => sum + value, 0);
    case 'on-tape':
    case 'on-tape-in-line':
    case 'nipple':
      return a + b;
    case 'take-off':
    case 'between-places':
      return a - b;
    case 'along-slant':
      return a * b;
    case 'setback':
      return a * Math.tan((b * Math.PI) / 360);
    case 'arc':
      return (Math.PI * a * b) / 180;
    case 'gain':
      return 2 * a - b;
    case 'true-set':
      return Math.round(Math.hypot(a, b));
    case 'travel':
      return Math.round(Math.hypot(a, b) * Math.SQRT2);
    case 'run-of-offset':
    case 'engagement-shop-table':
    case 'engagement-own-measured':
      return a;
    case 'engagement-hand-tight-plus-turns':
      return Math.round(a + (b * INCH) / c);
    case 'turns-past-hand-tight':
    case 'threads-showing':
      return ((a - b) / INCH) * c;
  }
}
