import type { ShopPart } from '#core/catalogue';
import { readAnswer } from './load-module.ts';
import { ShopStore } from './shop-store.svelte.ts';

const loadReader = () => import('./read-shop-parts.ts');

/** The shop's own parts, as the server has them. */
export class PartsStore extends ShopStore<ShopPart> {
  constructor() {
    super({
      path: '/api/parts',
      readPage: (answer) =>
        readAnswer(answer, loadReader, (reader, value) => reader.readShopPartsPage(value)),
      readKept: (answer) =>
        readAnswer(answer, loadReader, (reader, value) => reader.readShopPartsAnswer(value)),
    });
  }
}
