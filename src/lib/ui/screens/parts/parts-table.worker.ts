import { newId } from '../../store/new-id.ts';
import type { PartsTableAsked, PartsTableTold } from './parts-table-message.ts';
import { readPartsFile } from './read-parts-file.ts';

const isAsked = (data: unknown): data is PartsTableAsked =>
  typeof data === 'object' && data !== null && 'text' in data && typeof data.text === 'string';

addEventListener('message', ({ data }: MessageEvent<unknown>) =>
  postMessage((isAsked(data) ? readPartsFile(data.text, newId) : null) satisfies PartsTableTold),
);
