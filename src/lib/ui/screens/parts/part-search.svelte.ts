import type { Part } from '#core/catalogue/part.ts';
import { getShopPartId, type ShopPart } from '#core/catalogue/shop-part.ts';
import { getEndSize } from '#core/ends/end.ts';
import { END_CLASSES, findEndClass, type EndClass } from '#core/transitions/end-class.ts';
import { getEndFigure, toInches } from '#core/transitions/counter-words.ts';
import { listCounterParts } from '#core/transitions/list-counter-parts.ts';
import { Counter, type CounterReading } from '#core/transitions/read-counter-name.ts';
import { catalogue } from '../../catalogue.ts';

/** So many are shown before the rest is asked for. */
export const MOST_SHOWN = 24;

/** A part with what it joins, worked out once. */
interface Listed {
  readonly part: Part;
  readonly classes: readonly (EndClass | null)[];
  readonly figures: readonly string[];
}

/** Parts by what is said of them: a name as at the counter, and what they join. */
export class PartSearch {
  said = $state('');
  one = $state<EndClass | ''>('');
  other = $state<EndClass | ''>('');
  size = $state('');
  most = $state(MOST_SHOWN);
  readonly #shopParts: () => readonly ShopPart[];

  constructor(shopParts: () => readonly ShopPart[]) {
    this.#shopParts = shopParts;
  }

  #parts = $derived.by(() => listCounterParts(catalogue, this.#shopParts()));
  #counter = $derived.by(() => new Counter(this.#parts));
  #listed = $derived.by((): readonly Listed[] =>
    this.#parts.map((part) => ({
      part,
      classes: part.ports.map(({ end }) => findEndClass(end)),
      figures: part.ports.map(({ end }) => getEndFigure(getEndSize(end))),
    })),
  );
  /** Classes that some part has. */
  classes = $derived.by(() => {
    const met = new Set(this.#listed.flatMap(({ classes }) => classes));
    return END_CLASSES.filter((each) => met.has(each));
  });
  sizes = $derived.by(() =>
    [...new Set(this.#listed.flatMap(({ figures }) => figures))]
      .filter((figure) => figure !== '')
      .toSorted((a, b) => toInches(a) - toInches(b)),
  );
  reading = $derived.by((): CounterReading | null => (this.said.trim() ? this.#read() : null));
  /** A part of the shop's own goes by the name the shop gave it too. */
  #read(): CounterReading {
    const reading = this.#counter.read(this.said);
    const wanted = this.said.trim().toLowerCase();
    const own = this.#shopParts().filter(
      ({ name, retired }) => !retired && name.toLowerCase().includes(wanted),
    );
    const ids = new Set(own.map(({ id }) => getShopPartId(id)));
    const named = this.#parts.filter(({ id }) => ids.has(id));
    return { ...reading, parts: [...named, ...reading.parts.filter((part) => !named.includes(part))] };
  }

  found = $derived.by((): readonly Part[] => {
    const { one, other, size } = this;
    const named = this.reading && new Set(this.reading.parts);
    const fits = ({ classes, figures, part }: Listed): boolean => {
      if (named && !named.has(part)) return false;
      if (size && !figures.includes(size)) return false;
      const at = one ? classes.indexOf(one) : -1;
      if (one && at < 0) return false;
      if (!other) return true;
      return classes.some((each, i) => each === other && (i !== at || !one));
    };
    const kept = this.#listed.filter(fits).map(({ part }) => part);
    // Named ones in the order in which they were likely meant.
    return this.reading ? this.reading.parts.filter((part) => kept.includes(part)) : kept;
  });
  isAsked = $derived(this.said.trim() !== '' || this.one !== '' || this.other !== '' || this.size !== '');
}
