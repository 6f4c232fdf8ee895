import type { MakerSheet } from '#core/catalogue';
import { readAnswer } from './load-module.ts';
import { ShopStore } from './shop-store.svelte.ts';

const loadReader = () => import('./read-maker-sheets.ts');

/** The makers’ sheets the shop keeps, as the server has them. */
export class MakersStore extends ShopStore<MakerSheet> {
  constructor() {
    super({
      path: '/api/makers',
      readPage: (answer) => readAnswer(answer, loadReader, (reader, value) => reader.readSheetsPage(value)),
      readKept: (answer) => readAnswer(answer, loadReader, (reader, value) => reader.readSheetsAnswer(value)),
    });
  }

  /** Takes a sheet away: runs that go by it have their own copy. */
  remove(sheet: MakerSheet): Promise<boolean> {
    return this.keepEdits([{ was: sheet, wanted: null }]);
  }
}
