import { fetchLater, noLongerLater } from './fetch-at-rest.ts';
import { missingPart } from './missing-part.svelte.ts';

/**
 * Something of a screen that is fetched when it is asked for, and not with the screen: most who open the screen never need it. When
 * the hand rests it is fetched beforehand.
 */
export class Later<Value> {
  /** Null until it has come. */
  value = $state.raw<Value | null>(null);
  readonly #load: () => Promise<Value>;
  #coming: Promise<Value> | null = null;

  constructor(load: () => Promise<Value>) {
    this.#load = load;
    fetchLater(this.fetch);
  }

  /** Has it come; away from the server it is asked for again the next time. */
  readonly fetch = (): void => {
    void this.get().catch(() => undefined);
  };

  /** Has it come and uses it; where it cannot be fetched that is said, with a way to try again. */
  async use(work: (value: Value) => void): Promise<void> {
    let value: Value;
    try {
      value = await this.get();
    } catch {
      missingPart.again = () => void this.use(work);
      return;
    }
    work(value);
  }

  async get(): Promise<Value> {
    if (this.value !== null) return this.value;
    this.#coming ??= this.#load();
    try {
      const value = await this.#coming;
      noLongerLater(this.fetch);
      this.value = value;
      return value;
    } catch (error) {
      this.#coming = null;
      throw error;
    }
  }
}

/** A panel that is opened: fetched when it is, and open as soon as it has come. */
export class LaterPanel<Panel> {
  isOpen = $state(false);
  readonly #panel: Later<Panel>;

  constructor(load: () => Promise<{ default: Panel }>) {
    this.#panel = new Later(async () => (await load()).default);
  }

  get panel(): Panel | null {
    return this.#panel.value;
  }

  open(): void {
    void this.#panel.use(() => (this.isOpen = true));
  }
}
