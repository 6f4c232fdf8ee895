import type { ShopPart } from '#core/catalogue';
import type { ShopPartEdit, ShopPartsPage } from '#core/formats';
import type { Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';
import { askServer } from './ask-server.ts';
import { readAnswer } from './load-module.ts';

/** The shop's own parts, as the server has them. */
export class PartsStore {
  parts = $state.raw<readonly ShopPart[]>([]);
  /** Whether they were read at all. */
  isRead = $state(false);
  trouble = $state.raw<Refusal | null>(null);
  keeping = $state(false);

  async load(): Promise<void> {
    const parts: ShopPart[] = [];
    for (let after: string | null = null; ;) {
      const answer = await askServer('GET', after === null ? '/api/parts' : `/api/parts?after=${after}`);
      const page: Result<ShopPartsPage, Refusal> = await readAnswer(
        answer,
        () => import('./read-shop-parts.ts'),
        (reader, value) => reader.readShopPartsPage(value),
      );
      this.trouble = page.ok ? null : page.refusal;
      if (!page.ok) return;
      parts.push(...page.value.parts);
      after = page.value.next;
      if (after === null) break;
    }
    this.parts = parts;
    this.isRead = true;
  }

  /** Keeps parts, all or none: what is made of them rests on what is read here. */
  keep(parts: readonly ShopPart[]): Promise<boolean> {
    const known = Object.fromEntries(this.parts.map((part) => [part.id, part]));
    return this.keepEdits(parts.map((wanted) => ({ was: known[wanted.id] ?? null, wanted })));
  }

  /**
   * Keeps edits of parts, all or none; tells whether they were taken. What was refused is said, and nothing is lost: where a part was changed meanwhile
   * it is read anew, so that the edit can be put in again.
   */
  async keepEdits(edits: readonly ShopPartEdit[]): Promise<boolean> {
    this.keeping = true;
    const kept = await this.#send(edits);
    if (!kept.ok && kept.refusal.code === 'changed-elsewhere') await this.load();
    this.trouble = kept.ok ? null : kept.refusal;
    this.keeping = false;
    if (!kept.ok) return false;
    const parts = Object.fromEntries(this.parts.map((part) => [part.id, part]));
    for (const part of kept.value) parts[part.id] = part;
    this.parts = Object.values(parts);
    return true;
  }

  async #send(edits: readonly ShopPartEdit[]): Promise<Result<ShopPart[], Refusal>> {
    const answer = await askServer('PUT', '/api/parts', edits);
    return readAnswer(
      answer,
      () => import('./read-shop-parts.ts'),
      (reader, value) => reader.readShopPartsAnswer(value),
    );
  }
}
