/** Begins a thread that looks for chains. */
export const beginTransitionThread = (): Worker =>
  new Worker(new URL('./transitions.worker.ts', import.meta.url), { type: 'module' });
