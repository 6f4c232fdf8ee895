import { getShopPartId, type ShopPart } from '#core/catalogue';
import { type EndClass, listCounterParts, Counter, type CounterReading } from '#core/transitions';
import { catalogue } from '../../catalogue.ts';
import { filterParts, listClassesOf, listPart, listSizesOf } from './part-list.ts';

/** So many are shown before the rest is asked for. */
export const MOST_SHOWN = 24;

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
  #listed = $derived.by(() => this.#parts.map(listPart));
  /** Classes that some part has. */
  classes = $derived.by(() => listClassesOf(this.#listed));
  sizes = $derived.by(() => listSizesOf(this.#listed));
  reading = $derived.by((): CounterReading | null => (this.said.trim() ? this.#read() : null));
  /** A part of the shop's own goes by the name the shop gave it too. */
  #read(): CounterReading {
    const reading = this.#counter.read(this.said);
    const wanted = this.said.trim().toLowerCase();
    const own = this.#shopParts().filter(
      ({ name, retired }) => !retired && name.toLowerCase().includes(wanted),
    );
    const ids = own.map(({ id }) => getShopPartId(id));
    const named = this.#parts.filter(({ id }) => ids.includes(id));
    return { ...reading, parts: [...named, ...reading.parts.filter((part) => !named.includes(part))] };
  }

  found = $derived.by(() => {
    const { one, other, size, reading } = this;
    return filterParts(this.#listed, { named: reading && reading.parts, one, other, size });
  });
  isAsked = $derived(this.said.trim() !== '' || this.one !== '' || this.other !== '' || this.size !== '');
}
