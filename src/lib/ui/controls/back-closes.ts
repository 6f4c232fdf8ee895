/** What is open over the page; gives false where it must be answered first. */
export interface Layer {
  close(): boolean;
}

/** What of a window this needs. */
export interface Steps {
  readonly history: Pick<History, 'state' | 'pushState' | 'back'>;
  readonly location: { readonly href: string };
  addEventListener(type: 'popstate', heard: (event: { readonly state: unknown }) => void): void;
}

/**
 * Back closes what is open before it leaves the page, the uppermost first. Each layer has a step of its own in the window's history,
 * at the same address. A layer that was closed otherwise leaves its step behind: the next one takes it over, and Back passes it by.
 * The steps carry the state of the page they lie on, so that its router sees nothing happen.
 */
export class BackCloses {
  readonly #window: Steps;
  readonly #layers: Layer[] = [];
  /** How many layers the step that one is at was made for, and where. */
  #over = 0;
  #href = '';

  constructor(window: Steps) {
    this.#window = window;
    this.arrive();
    window.addEventListener('popstate', ({ state }) => this.#pop(readOver(state)));
  }

  /** Another page was come to: what lies behind is the router's. */
  arrive(): void {
    this.#over = readOver(this.#window.history.state);
    this.#href = this.#window.location.href;
  }

  /** A layer was opened; gives what is to be called when it is closed, however that came about. */
  open(layer: Layer): () => void {
    this.#layers.push(layer);
    if (this.#layers.length > this.#over) this.#push();
    return () => {
      const at = this.#layers.indexOf(layer);
      if (at >= 0) this.#layers.splice(at, 1);
    };
  }

  #push(): void {
    const { history } = this.#window;
    const state: unknown = history.state;
    this.#over = this.#layers.length;
    history.pushState({ ...(typeof state === 'object' ? state : null), over: this.#over }, '');
  }

  #pop(over: number): void {
    const isBack = this.#window.location.href === this.#href && over < this.#over;
    this.#over = over;
    this.#href = this.#window.location.href;
    if (!isBack) return;
    if (this.#layers.length <= over) {
      this.#window.history.back();
      return;
    }
    while (this.#layers.length > over) {
      const top = this.#layers.at(-1)!;
      if (!top.close()) {
        this.#push();
        return;
      }
      if (this.#layers.at(-1) === top) this.#layers.pop();
    }
  }
}

const readOver = (state: unknown): number => {
  const over: unknown = typeof state === 'object' && state && 'over' in state ? state.over : 0;
  return typeof over === 'number' && Number.isInteger(over) && over > 0 ? over : 0;
};

let made: BackCloses | null = null;

/** The window's own. */
export const getBackCloses = (): BackCloses => (made ??= new BackCloses(window));
