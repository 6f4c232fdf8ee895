import type { LegSupports, Bonding, SupportSpacing } from '#core/supports';
import { inches, millimetres, type LengthUnit, roundToStep } from '#core/units';
import { sayLength } from './length-text.ts';

/** As fine as anybody marks a support. */
const STEPS: Readonly<Record<LengthUnit, number>> = { in: inches(0.5), mm: millimetres(5) };

const SOURCES: Readonly<Record<SupportSpacing['source'], string>> = {
  'model-code': 'the code’s table',
  maker: 'makers’ usual figure, yours goes before it',
  practice: 'usual practice, confirm it',
};

/** `every 8 ft at the most, by the code’s table`; that nobody says it. */
export function saySpacing(
  { spacing, isUpright }: Pick<LegSupports, 'spacing' | 'isUpright'>,
  unit: LengthUnit,
): string {
  if (!spacing) return 'how far apart is not known here: ask the code or the maker';
  const most = isUpright ? spacing.upright : spacing.level;
  const every =
    most === 'floor'
      ? 'at every floor (floors between its ends are not counted here: add them)'
      : `every ${sayLength(most, unit)} at the most`;
  const sure = spacing.confidence === 'certain' ? '' : `, ${spacing.confidence}`;
  return `${every}, by ${SOURCES[spacing.source]}${sure}`;
}

/** The bond of one stretch of metal: conductor, clamp, limit, by whom. */
export function sayBonding(
  { tubing, metal, clampOn, side, conductor, longest }: Bonding,
  unit: LengthUnit,
): string {
  const legs = (laid: Bonding['tubing']): string =>
    `${laid.length === 1 ? 'leg' : 'legs'} ${laid.map(({ leg }) => leg.tag).join(', ')}`;
  const what =
    tubing.length > 0
      ? `Corrugated tubing, ${legs(tubing)}`
      : `Pipe of metal that is cut off by what insulates, ${legs(metal)}`;
  if (side === 'supplier')
    return `${what}: it lies on the supplier’s side of the plastic. No clamp goes on the supplier’s riser or meter: ask the supplier, and a licensed electrician.`;
  const clamp =
    clampOn.length === 0
      ? 'no rigid pipe of this run meets it: ask where the clamp goes'
      : `the clamp on rigid pipe (${legs(clampOn)})${tubing.length > 0 ? ', never on the tubing' : ''}`;
  const by =
    conductor === null || longest === null
      ? 'conductor and its length as the wiring rules of the place say'
      : `typically ${conductor}, at most ${sayLength(longest, unit)} to the electrode system`;
  return `${what}: ${by}; ${clamp}. By whom, and what conductor, the local electrical code and the maker’s listing say: ask.`;
}

/** `4 supports, at 1 ft, 7 ft …`: where they stand from the near end. */
export function saySupports(
  { at, isFished }: Pick<LegSupports, 'at' | 'isFished'>,
  unit: LengthUnit,
): string {
  if (isFished) return 'none: fished, as its maker’s text has it';
  if (at === null) return 'ask';
  if (at.length === 0) return 'none: held by what is beside it';
  const places = at.map((each) => sayLength(roundToStep(each, STEPS[unit]), unit)).join(', ');
  return `${at.length}, about at ${places}`;
}
