import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** A line of text on a page: where it begins, points from the left edge, and how high its letters are. */
export interface PdfText {
  readonly page: number;
  readonly x: number;
  readonly y: number;
  readonly height: number;
  readonly text: string;
}

/** What a PDF says, in the order in which it was written. */
export async function readPdf(pdf: Uint8Array): Promise<readonly PdfText[]> {
  const task = getDocument({ data: new Uint8Array(pdf), verbosity: 0, useSystemFonts: false });
  const document = await task.promise;
  const found: PdfText[] = [];
  for (let page = 1; page <= document.numPages; page++) {
    const { items } = await (await document.getPage(page)).getTextContent();
    for (const item of items) {
      if (!('str' in item) || item.str.trim() === '') continue;
      const [, , , , x, y] = item.transform as number[];
      found.push({ page, x: x!, y: y!, height: item.height, text: item.str });
    }
  }
  await task.destroy();
  return found;
}
