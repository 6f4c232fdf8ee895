export interface RuleWords<Option extends string> {
  readonly title: string;
  readonly question: string;
  /** Why the default is the default. */
  readonly reason: string;
  readonly options: Readonly<Record<Option, { readonly name: string; readonly says: string }>>;
}
