import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';

/** A change of something the shop keeps, with what it rests on; null where it was not there, or is to go. */
interface Edit<Item> {
  readonly was: Item | null;
  readonly wanted: Item | null;
}
interface Page<Item> {
  readonly items: readonly Item[];
  readonly next: string | null;
}
type Answer = Result<unknown, Refusal>;

/** Where what a shop keeps is asked for, and how the answers are read. */
export interface ShopSource<Item> {
  readonly path: string;
  readonly readPage: (answer: Answer) => Promise<Result<Page<Item>, Refusal>>;
  readonly readKept: (answer: Answer) => Promise<Result<readonly Item[], Refusal>>;
}

/** What the shop keeps of one kind, as the server has it. */
export class ShopStore<Item extends { readonly id: string }> {
  items = $state.raw<readonly Item[]>([]);
  /** Whether they were read at all. */
  isRead = $state(false);
  trouble = $state.raw<Refusal | null>(null);
  keeping = $state(false);
  readonly #source: ShopSource<Item>;

  constructor(source: ShopSource<Item>) {
    this.#source = source;
  }

  async load(): Promise<void> {
    const { path, readPage } = this.#source;
    const items: Item[] = [];
    for (let after: string | null = null; ;) {
      const page: Result<Page<Item>, Refusal> = await readPage(
        await askServer('GET', after === null ? path : `${path}?after=${after}`),
      );
      this.trouble = page.ok ? null : page.refusal;
      if (!page.ok) return;
      items.push(...page.value.items);
      after = page.value.next;
      if (after === null) break;
    }
    this.items = items;
    this.isRead = true;
  }

  /** Sees that they were read, before anything is compared with them; tells whether they were. */
  async ready(): Promise<boolean> {
    if (!this.isRead) await this.load();
    return this.isRead;
  }

  /** Keeps items, all or none: what is made of them rests on what is read here. */
  keep(items: readonly Item[]): Promise<boolean> {
    const known = Object.fromEntries(this.items.map((item) => [item.id, item]));
    return this.keepEdits(items.map((wanted) => ({ was: known[wanted.id] ?? null, wanted })));
  }

  /**
   * Keeps edits, all or none; tells whether they were taken. What was refused is said, and nothing is lost: where something was changed meanwhile all is
   * read anew, so that the edit can be put in again.
   */
  async keepEdits(edits: readonly Edit<Item>[]): Promise<boolean> {
    this.keeping = true;
    const kept = await this.#source.readKept(await askServer('PUT', this.#source.path, edits));
    if (!kept.ok && kept.refusal.code === 'changed-elsewhere') await this.load();
    this.trouble = kept.ok ? null : kept.refusal;
    this.keeping = false;
    if (!kept.ok) return false;
    const gone = edits.flatMap(({ was, wanted }) => (was && !wanted ? [was.id] : []));
    const items = Object.fromEntries(this.items.map((item) => [item.id, item]));
    for (const item of kept.value) items[item.id] = item;
    this.items = Object.values(items).filter(({ id }) => !gone.includes(id));
    return true;
  }
}
