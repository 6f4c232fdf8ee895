/** What the browser says of the room it gives Porthole: whether it may be cleared by itself, and how much there is. */
export class DeviceRoom {
  /** Null: the browser does not say. */
  isKept = $state<boolean | null>(null);
  used = $state<number | null>(null);
  room = $state<number | null>(null);

  /** Asks that what is kept here is not cleared when space runs short; a browser answers as it sees fit. */
  async ask(): Promise<void> {
    try {
      const { storage } = navigator;
      this.isKept = (await storage.persisted()) || (await storage.persist());
      const { usage, quota } = await storage.estimate();
      [this.used, this.room] = [usage ?? null, quota ?? null];
    } catch {
      // No such question can be asked (plain http, an old browser): then nothing is promised.
      this.isKept = null;
    }
  }
}
