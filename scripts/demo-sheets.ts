import { newSheetRow, type MakerSheet } from '#core/catalogue';
import { inches, millimetres } from '#core/units';

/** Sheets of makers that exist nowhere: whose tubing Fernhill’s loft is laid with, and whose copper press fittings the shop keeps. */
export const TUBING_SHEET: MakerSheet = {
  id: 'demoquillmere',
  maker: 'Quillmere',
  join: 'csst',
  source: 'fitter’s sheet 4, 2026',
  rows: [
    { ...newSheetRow('1/2'), leastRadius: inches(2), radius: inches(3), torque: 50_000 },
    { ...newSheetRow('1/2', { system: 'NPT', size: '1/2', gender: 'male' }), fitting: inches(1.75) },
    { ...newSheetRow('3/4'), leastRadius: inches(2.5), radius: inches(4), torque: 68_000 },
    { ...newSheetRow('3/4', { system: 'NPT', size: '3/4', gender: 'male' }), fitting: inches(2) },
  ],
};

const pressed = (size: '15 mm' | '22 mm' | '28 mm', depth: number, spacing: number) => ({
  ...newSheetRow(size),
  depth: millimetres(depth),
  spacing: millimetres(spacing),
});

export const SHEETS: readonly MakerSheet[] = [
  TUBING_SHEET,
  {
    id: 'demotolvane0',
    maker: 'Tolvane',
    join: 'press-copper',
    source: 'press depths, revision C',
    rows: [pressed('15 mm', 20, 10), pressed('22 mm', 21, 20), pressed('28 mm', 23, 20)],
  },
];
