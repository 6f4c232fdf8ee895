import {
  JOINS,
  listJoinSizes,
  newSheetRow,
  SHEET_JOINS,
  type MakerSheet,
  type SheetRow,
  type TaperEnd,
  type TubeJoin,
} from '#core/catalogue';
import { inches } from '#core/units';

/** A sheet that holds together: some sizes of a way of joining, some figures of each. */
export function makeRandomSheet(
  random: () => number,
  id: string,
  join: TubeJoin = SHEET_JOINS[Math.floor(random() * SHEET_JOINS.length)]!,
  maker = ['Quillmere', 'Tolvane', 'Oskerry, Ltd.'][Math.floor(random() * 3)]!,
): MakerSheet {
  const length = (most: number): number => inches(Math.ceil(random() * most * 16) / 16);
  const sizes = listJoinSizes(join).filter((_, i) => i === 0 || random() < 0.4);
  const figures = JOINS[join].sheet;
  const rows = sizes.flatMap((size): SheetRow[] => {
    const radius = inches(1 / 4) + length(6);
    const says: { -readonly [Field in keyof SheetRow]?: SheetRow[Field] } = {};
    if (figures.includes('depth')) says.depth = length(2);
    if (figures.includes('spacing')) says.spacing = length(4);
    if (figures.includes('torque')) says.torque = Math.ceil(random() * 90_000);
    if (figures.includes('radius')) [says.leastRadius, says.radius] = [radius / 2, radius];
    const thread: TaperEnd = { system: 'NPT', size: '1/2', gender: random() < 0.5 ? 'male' : 'female' };
    const fitting = figures.includes('fitting') ? [{ ...newSheetRow(size, thread), fitting: length(3) }] : [];
    return [{ ...newSheetRow(size), ...says }, ...fitting];
  });
  return { id, maker, join, source: `sheet ${Math.ceil(random() * 9)}`, rows };
}
