/** Work that must not overlap: each begins when the one before is done, whether that went well or not. */
export class TurnQueue {
  #last: Promise<unknown> = Promise.resolve();

  take<Value>(work: () => Promise<Value>): Promise<Value> {
    const done = this.#last.then(work);
    this.#last = done.catch(() => undefined);
    return done;
  }
}
