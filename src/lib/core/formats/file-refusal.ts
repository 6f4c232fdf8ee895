import type { DocumentRefusal } from './read-run-doc.ts';

/** Why a job file, or a job of one, cannot be brought in. */
export type FileRefusal =
  | DocumentRefusal
  | { readonly code: 'file-not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'file-not-ours' }
  | { readonly code: 'file-too-new'; readonly version: number; readonly newest: number }
  | { readonly code: 'file-id-twice'; readonly id: string; readonly what: string }
  | { readonly code: 'file-run-damaged'; readonly run: string; readonly inside: DocumentRefusal }
  | { readonly code: 'file-history-broken'; readonly run: string; readonly revision: number }
  | { readonly code: 'text-unstorable'; readonly path: string };
