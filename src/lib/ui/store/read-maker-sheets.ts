import type { MakerSheet } from '#core/catalogue';
import { readWith, sheetsPageSchema, sheetsSchema, type SheetsPage } from '#core/formats';
import { accept, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** Reads a page of the shop’s sheets as the server answers it. */
export function readSheetsPage(value: unknown) {
  const page: Result<SheetsPage, Refusal> = readWith(sheetsPageSchema, value);
  return page.ok ? accept({ items: page.value.sheets, next: page.value.next }) : page;
}

/** Reads sheets as the server says that it has kept them. */
export const readSheetsAnswer = (value: unknown): Result<MakerSheet[], Refusal> =>
  readWith<MakerSheet[]>(sheetsSchema, value);
