import { MODEL_TRAP_KINDS } from '#core/catalogue';
import { type LengthUnit, roundInches } from '#core/units';
import { USUAL_AHEAD } from './bender-mark.ts';
import { USUAL_TEMPERATURES } from './contraction.ts';
import { DEFAULT_TURNS } from './engagement-figure.ts';
import { USUAL_WINDOWS } from './how-tight.ts';
import type { HouseRules, RuleId } from './house-rules.ts';
import { NIPPLE_TOLERANCES } from './nipples.ts';
import { FUSION_LOSS } from './fusion-loss.ts';
import { PRESS_SPACING } from './press-spacing.ts';
import { USUAL_KERFS } from './saw-kerf.ts';
import { SUPPORT_END } from './support-ends.ts';
import { USUAL_GRIP } from './threading-grip.ts';
import { WRENCH_ROOM } from './trap-room.ts';

/** What an option begins with beside its name: figures to be set by the shop (turns, nm). */
const beginsWith = (unit: LengthUnit): Readonly<Record<string, object>> => ({
  'engagement-figure hand-tight-plus-turns': DEFAULT_TURNS,
  'engagement-figure own-measured': { figures: {} },
  'nipples bought-to-12': { tolerance: NIPPLE_TOLERANCES[unit] },
  'nipples bought-when-too-short': { tolerance: NIPPLE_TOLERANCES[unit] },
  'nipples cut-in-house': { tolerance: NIPPLE_TOLERANCES[unit] },
  'threading-grip own': { length: USUAL_GRIP[unit] },
  'saw-kerf saw': { width: USUAL_KERFS[unit] },
  'how-tight own-window': USUAL_WINDOWS,
  'trap-kinds own-list': { kinds: MODEL_TRAP_KINDS },
  'trap-room own': { length: WRENCH_ROOM[unit] },
  'bender-radius own': { radii: {} },
  'bender-mark shoe-front': { length: USUAL_AHEAD[unit] },
  'bend-straight own': { length: roundInches(1)[unit] },
  'press-spacing own': { length: PRESS_SPACING[unit] },
  'support-ends own': { length: SUPPORT_END[unit] },
  'fusion-loss own': { length: FUSION_LOSS[unit] },
  'contraction own': USUAL_TEMPERATURES,
});

/** The choice an option of a rule stands for when it is first picked, its figures round on the tape of the unit. */
export const makeChoice = <Id extends RuleId>(
  rule: Id,
  option: HouseRules[Id]['option'],
  unit: LengthUnit,
): HouseRules[Id] => ({ option, ...beginsWith(unit)[`${rule} ${option}`] }) as HouseRules[Id];
