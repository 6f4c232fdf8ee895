import type { LengthUnit } from '#core/units';
import type { FindSupports } from './support-figures.ts';

/** What places and supports care about in a pipe. */
export type PipeFamily = 'steel' | 'pressed-steel' | 'csst' | 'copper' | 'polyethylene';

/** What there is to say of a material without working in it. Each stands in the folder of its system. */
export interface MaterialTraits {
  /** How it is shown: the unit its trade measures in, the ink of its line, the number of its colour in a DXF file. */
  readonly unit: LengthUnit;
  readonly ink: 'pipe' | 'pipe-r' | 'corrugated' | 'copper' | 'pressed' | 'plastic';
  readonly colour: number;
  readonly family: PipeFamily;
  /** How far apart what holds it may stand. */
  readonly findSupports: FindSupports;
  /** The jacket it comes in; null where it has none. */
  readonly jacket: 'yellow' | 'black' | null;
  /** What it is called; what tells a leg of it in a list, beside its size (empty for what needs no telling); what is bought by the length. */
  readonly names: { readonly whole: string; readonly short: string; readonly bought: string };
  /** Its words in the shorthand, the one that is written first. */
  readonly writtenAs: readonly string[];
  /**
   * What stands ready in the shop for its pieces: tools, and how its ends are prepared. `{size}` is the size, `{both}` copper by both its
   * names, `{insert}` the size without its wall, `{wrench}` what holds and turns by the house.
   */
  readonly readyInShop: string;
}
