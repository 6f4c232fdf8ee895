/**
 * What goes on around a window: other windows of this device that share its database, the network that is back, the window
 * that is looked at again. Where the browser has none of these, nothing is heard.
 */
export class DeviceWindows {
  readonly #channel: BroadcastChannel | null;
  readonly #onwake: () => void;

  /** `onchange`: another window did something with a run; `onwake`: it may be worth asking the server again. */
  constructor(run: string, onchange: () => void, onwake: () => void) {
    this.#onwake = onwake;
    this.#channel =
      typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`porthole-run-${run}`);
    if (this.#channel) this.#channel.onmessage = onchange;
    for (const name of ['online', 'focus']) globalThis.addEventListener?.(name, onwake);
  }

  /** Tells the other windows that something was done with the run. */
  tell(): void {
    this.#channel?.postMessage('changed');
  }

  close(): void {
    this.#channel?.close();
    for (const name of ['online', 'focus']) globalThis.removeEventListener?.(name, this.#onwake);
  }
}
