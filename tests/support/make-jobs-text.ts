import { giveNewIds } from '#core/formats';
import { makeRandomJobFile } from './make-job-file.ts';

/** The text of a file of several jobs of at least so many bytes (all ASCII), each of four runs that were worked on. */
export function makeJobsText(bytes: number, prefix: string): string {
  const models = [11, 12, 13, 14].map(makeRandomJobFile);
  const texts: string[] = [];
  let size = 0;
  for (let i = 0; size < bytes; i++) {
    const [first, ...others] = models.map((model, k) =>
      giveNewIds(model, (old) => `${prefix}${i}x${k}${old}`),
    );
    const text = JSON.stringify({ ...first!, runs: [first!, ...others].flatMap(({ runs }) => runs) });
    texts.push(text);
    size += text.length + 1;
  }
  return `{"porthole":"jobs","version":2,"jobs":[${texts.join(',')}]}`;
}
