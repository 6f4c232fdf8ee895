import { untrack } from 'svelte';

/**
 * A value that follows another one frame later: what a key says is painted first, the larger picture that follows from it
 * in the next frame. Several changes before that frame are one. `watch` reads what it depends on and costs nothing; `get`
 * does the work.
 */
export function afterPaint<Value>(watch: () => unknown, get: () => Value): { readonly current: Value } {
  let current = $state.raw(untrack(get));
  let frame = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isWaiting = false;
  $effect(() => {
    watch();
    if (isWaiting) return;
    isWaiting = true;
    // The second frame begins when the first was handed over to be shown.
    frame = requestAnimationFrame(() => {
      frame = requestAnimationFrame(() => {
        timer = setTimeout(() => {
          isWaiting = false;
          current = untrack(get);
        });
      });
    });
  });
  $effect(() => () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  });
  return {
    get current() {
      return current;
    },
  };
}
