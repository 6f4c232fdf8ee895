/**
 * Presses of buttons that came before the page had its script. The page is painted first and its script follows, on a slow
 * phone by seconds; app.html keeps what is pressed in between, and it is done here, once for each button however often it
 * was pressed in impatience.
 */
export interface EarlyPresses {
  readonly buttons: Set<HTMLButtonElement>;
  readonly keep: (event: MouseEvent) => void;
}

declare global {
  interface Window {
    earlyPresses?: EarlyPresses;
  }
}

/** Does what was pressed early, in order, and from now on leaves presses to the page. */
export function doEarlyPresses(): void {
  const early = window.earlyPresses;
  if (!early) return;
  window.removeEventListener('click', early.keep, true);
  delete window.earlyPresses;
  for (const button of early.buttons) if (button.isConnected) button.click();
}
