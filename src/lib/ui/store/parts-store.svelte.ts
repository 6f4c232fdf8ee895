import type { ShopPart } from '#core/catalogue/shop-part.ts';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';

/** The shop's own parts, as the server has them. */
export class PartsStore {
  parts = $state.raw<readonly ShopPart[]>([]);
  /** Whether they were read at all. */
  isRead = $state(false);
  trouble = $state.raw<Refusal | null>(null);
  keeping = $state(false);

  async load(): Promise<void> {
    await this.#take(await askServer('GET', '/api/parts'));
  }

  /** Keeps parts, all or none; tells whether they were taken. What was refused is said, and nothing is lost. */
  async keep(parts: readonly ShopPart[]): Promise<boolean> {
    this.keeping = true;
    const kept = await this.#take(await askServer('PUT', '/api/parts', parts));
    this.keeping = false;
    return kept;
  }

  async #take(answer: Awaited<ReturnType<typeof askServer>>): Promise<boolean> {
    const { readShopPartsAnswer } = await import('./read-shop-parts.ts');
    const read = answer.ok ? readShopPartsAnswer(answer.value) : answer;
    this.trouble = read.ok ? null : read.refusal;
    if (!read.ok) return false;
    this.parts = read.value;
    this.isRead = true;
    return true;
  }
}
