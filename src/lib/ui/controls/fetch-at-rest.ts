/** What waits to be fetched when the hand rests: so that it is there without a signal too. */
const waiting = new Set<() => void>();

/** Milliseconds after a screen came to rest until what it may need later is fetched. */
export const REST = 4000;

export const fetchLater = (fetch: () => void): void => void waiting.add(fetch);
export const noLongerLater = (fetch: () => void): void => void waiting.delete(fetch);

/** Fetches what waits, as soon as the hand has rested for a while; gives what calls it off. */
export function fetchAtRest(): () => void {
  const timer = setTimeout(() => {
    const idle = (globalThis as { requestIdleCallback?: (then: () => void) => void }).requestIdleCallback;
    const fetchAll = (): void => waiting.forEach((fetch) => fetch());
    if (idle) idle(fetchAll);
    else fetchAll();
  }, REST);
  return () => clearTimeout(timer);
}
