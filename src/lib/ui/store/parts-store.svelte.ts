import type { ShopPart } from '#core/catalogue/shop-part.ts';
import type { ShopPartEdit, ShopPartsPage } from '#core/formats/shop-part.schema.ts';
import type { Result } from '#core/outcome/result.ts';
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

  /**
   * Keeps parts, all or none; tells whether they were taken. What was refused is said, and nothing is lost. An edit rests on the part as it was when it
   * was begun (`was`), otherwise on what is read here; where that was changed meanwhile it is read anew, so that the edit can be put in again.
   */
  async keep(parts: readonly ShopPart[], was: ReadonlyMap<string, ShopPart> | null = null): Promise<boolean> {
    this.keeping = true;
    const known = was ?? new Map(this.parts.map((part) => [part.id, part]));
    const edits = parts.map((wanted): ShopPartEdit => ({ was: known.get(wanted.id) ?? null, wanted }));
    const kept = await this.#send(edits);
    if (!kept.ok && kept.refusal.code === 'changed-elsewhere') await this.load();
    this.trouble = kept.ok ? null : kept.refusal;
    this.keeping = false;
    if (!kept.ok) return false;
    const changed = new Map(kept.value.map((part) => [part.id, part]));
    const there = new Set(this.parts.map(({ id }) => id));
    this.parts = [
      ...this.parts.map((part) => changed.get(part.id) ?? part),
      ...[...changed.values()].filter(({ id }) => !there.has(id)),
    ];
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
