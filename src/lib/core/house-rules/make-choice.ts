import { MODEL_TRAP_KINDS } from '../catalogue/appliance-kinds.ts';
import { INCH } from '../units/length.ts';
import { USUAL_AHEAD } from './bender-mark.ts';
import { USUAL_TEMPERATURES } from './contraction.ts';
import { DEFAULT_TURNS } from './engagement-figure.ts';
import { USUAL_WINDOWS } from './how-tight.ts';
import type { HouseRules, RuleId } from './house-rules.ts';
import { NIPPLE_TOLERANCE } from './nipples.ts';
import { USUAL_KERF } from './saw-kerf.ts';

/** What an option begins with beside its name: figures to be set by the shop (turns, nm). */
const BEGINS_WITH: Readonly<Record<string, object>> = {
  'engagement-figure hand-tight-plus-turns': DEFAULT_TURNS,
  'engagement-figure own-measured': { figures: {} },
  'nipples bought-to-12': { tolerance: NIPPLE_TOLERANCE },
  'nipples bought-when-too-short': { tolerance: NIPPLE_TOLERANCE },
  'nipples cut-in-house': { tolerance: NIPPLE_TOLERANCE },
  'threading-grip own': { length: INCH },
  'saw-kerf saw': { width: USUAL_KERF },
  'how-tight own-window': USUAL_WINDOWS,
  'trap-kinds own-list': { kinds: MODEL_TRAP_KINDS },
  'trap-room own': { length: 2 * INCH },
  'bender-radius own': { radii: {} },
  'bender-mark shoe-front': { length: USUAL_AHEAD },
  'bend-straight own': { length: INCH },
  'press-spacing own': { length: 2 * INCH },
  'support-ends own': { length: 12 * INCH },
  'fusion-loss own': { length: (3 * INCH) / 4 },
  'contraction own': USUAL_TEMPERATURES,
};

/** The choice an option of a rule stands for when it is first picked. */
export const makeChoice = <Id extends RuleId>(rule: Id, option: HouseRules[Id]['option']): HouseRules[Id] =>
  ({ option, ...BEGINS_WITH[`${rule} ${option}`] }) as HouseRules[Id];
