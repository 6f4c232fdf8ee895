export { type Bonding, listBondings } from './bonding.ts';
export { type LegSupports, type SupportTotal, countSupports, listSupports } from './list-supports.ts';
export { type SupportSpacing, findSpacing } from './support-spacing.ts';
