/**
 * Trouble with the device's own database (fake-indexeddb): it refuses to keep anything, as a full one does, or the site's data is
 * wiped while pages are open.
 */
export class DeviceTrouble {
  refuses = false;
  /** No database is opened at all. */
  isShut = false;
  readonly #put = IDBObjectStore.prototype.put;
  readonly #add = IDBObjectStore.prototype.add;
  readonly #open = IDBFactory.prototype.open;
  readonly #transaction = IDBDatabase.prototype.transaction;

  constructor() {
    const [put, add] = [this.#put, this.#add];
    const [open, transaction] = [this.#open, this.#transaction];
    const isShut = (): boolean => this.isShut;
    IDBFactory.prototype.open = function (...args) {
      if (isShut()) throw new DOMException('The operation is insecure.', 'SecurityError');
      return open.apply(this, args);
    };
    IDBDatabase.prototype.transaction = function (...args) {
      if (isShut()) throw new DOMException('The connection is closing.', 'InvalidStateError');
      return transaction.apply(this, args);
    };
    const check = (): void => {
      if (this.refuses) throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = function (...args) {
      check();
      return put.apply(this, args);
    };
    IDBObjectStore.prototype.add = function (...args) {
      check();
      return add.apply(this, args);
    };
  }

  /** The browser's “clear site data”: connections are told to let go, and then nothing is there. */
  wipe(): Promise<void> {
    return new Promise((done, fail) => {
      const request = indexedDB.deleteDatabase('porthole');
      request.onsuccess = () => done();
      request.onerror = () => fail(request.error ?? new Error('not wiped'));
    });
  }

  end(): void {
    IDBObjectStore.prototype.put = this.#put;
    IDBObjectStore.prototype.add = this.#add;
    IDBFactory.prototype.open = this.#open;
    IDBDatabase.prototype.transaction = this.#transaction;
  }
}
