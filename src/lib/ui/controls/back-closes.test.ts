import { expect } from 'chai';
import { BackCloses } from './back-closes.ts';

/** A window's history as browsers keep it: entries with an address and a state, and where one is. */
class Window {
  entries = [{ href: '/a', state: null as unknown }];
  at = 0;
  #heard: ((event: { state: unknown }) => void)[] = [];
  readonly location: { readonly href: string };
  readonly history: {
    readonly state: unknown;
    pushState(state: unknown, unused: string, to?: string): void;
    back(): void;
  };
  constructor() {
    const here = () => this.entries[this.at]!;
    this.location = {
      get href() {
        return here().href;
      },
    };
    this.history = {
      get state() {
        return here().state;
      },
      pushState: (state, _, to) => {
        this.entries = [...this.entries.slice(0, this.at + 1), { href: to ?? here().href, state }];
        this.at++;
      },
      back: () => this.go(-1),
    };
  }
  go(by: number): void {
    this.at = Math.max(0, this.at + by);
    for (const each of this.#heard) each({ state: this.entries[this.at]!.state });
  }
  addEventListener(_: 'popstate', heard: (event: { state: unknown }) => void): void {
    this.#heard.push(heard);
  }
}

/** A device on page /b, come to from /a. */
function begin() {
  const window = new Window();
  const back = new BackCloses(window);
  const visit = (href: string) => {
    window.history.pushState({ page: href }, '', href);
    back.arrive();
  };
  visit('/b');
  const closed: string[] = [];
  const open = (name: string, mayClose = true) => {
    const left = back.open({
      close: () => {
        if (mayClose) closed.push(name);
        return mayClose;
      },
    });
    return left;
  };
  return { window, visit, open, closed };
}

describe('Back closes what is open first', () => {
  it('the uppermost layer first, then the one beneath, then the page', () => {
    const { window, open, closed } = begin();
    open('one');
    open('two');
    window.go(-1);
    expect(closed).to.deep.equal(['two']);
    window.go(-1);
    expect(closed).to.deep.equal(['two', 'one']);
    expect(window.location.href).to.equal('/b');
    window.go(-1);
    expect(window.location.href).to.equal('/a');
  });

  it('one that was closed by its own button costs no press, and its step is used again', () => {
    const { window, open, closed } = begin();
    for (let i = 0; i < 3; i++) open('one')();
    expect(window.entries).to.have.length(3);
    window.go(-1);
    expect(window.location.href).to.equal('/a');
    expect(closed).to.deep.equal([]);
  });

  it('opened again after that, it is closed by Back', () => {
    const { window, open, closed } = begin();
    open('one')();
    open('two');
    window.go(-1);
    expect(closed).to.deep.equal(['two']);
    expect(window.location.href).to.equal('/b');
  });

  it('what must be answered stays, however often Back is pressed', () => {
    const { window, open, closed } = begin();
    open('must', false);
    window.go(-1);
    window.go(-1);
    expect(window.location.href).to.equal('/b');
    expect(closed).to.deep.equal([]);
  });

  it('a link out of what is open leads back past its step', () => {
    const { window, visit, open } = begin();
    const left = open('one');
    visit('/c');
    left();
    window.go(-1);
    expect(window.location.href).to.equal('/b');
    window.go(-1);
    expect(window.location.href).to.equal('/a');
  });

  it('keeps the state of the page it lies on, which its router reads', () => {
    const { window, open } = begin();
    open('one');
    expect(window.history.state).to.deep.equal({ page: '/b', over: 1 });
  });
});
