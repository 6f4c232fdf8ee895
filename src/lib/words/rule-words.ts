import type { LengthUnit } from '#core/units';

/** Words as they are said in a unit: of `{4 in|100 mm}` the one or the other. */
export const inUnit = (words: string, unit: LengthUnit): string =>
  words.replace(/\{([^|}]*)\|([^}]*)\}/g, unit === 'in' ? '$1' : '$2');

export interface RuleWords<Option extends string> {
  readonly title: string;
  readonly question: string;
  /** Why the default is the default. */
  readonly reason: string;
  readonly options: Readonly<Record<Option, { readonly name: string; readonly says: string }>>;
}
