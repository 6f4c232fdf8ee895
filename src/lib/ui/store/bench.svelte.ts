import { NOT_NAMED } from '#words/people.ts';

const KEY = 'porthole-at-the-bench';

/** Who is at the bench on this device: changes and records carry the name. */
export class Bench {
  name = $state('');

  constructor() {
    this.name = readSetting(KEY) ?? '';
  }

  choose(name: string): void {
    this.name = name;
    writeSetting(KEY, name);
  }

  /** The name that stands on a change when nobody has said who is there. */
  get signature(): string {
    return this.name || NOT_NAMED;
  }
}

/** A setting of this device; null where it keeps none (server, private window). */
export function readSetting(key: string): string | null {
  try {
    return globalThis.localStorage.getItem(key);
  } catch {
    return null;
  }
}

export function writeSetting(key: string, value: string): void {
  try {
    globalThis.localStorage.setItem(key, value);
  } catch {
    // A window that keeps nothing still works; the setting lasts as long as the page.
  }
}

export const bench = new Bench();
