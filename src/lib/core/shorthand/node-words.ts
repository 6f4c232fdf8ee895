import type { BoughtKind } from '../catalogue/part.ts';
import { THREAD_FAMILIES, type ThreadFamily } from '../ends/thread-family.ts';
import type { SpecimenEnd } from '../identify/specimen.ts';
import type { Terminal } from '../runs/run.ts';
import type { LineReader } from './line-reader.ts';
import type { Keyword } from './vocabulary.ts';

/** What stands at a point: `cap`, `appliance "kiln"`, `as street-90`. */
export class NodeWords {
  readonly #reader: LineReader;
  #terminal: Terminal | null | undefined;
  #part: BoughtKind | undefined;

  constructor(reader: LineReader) {
    this.#reader = reader;
  }

  get node(): { terminal?: Terminal | null; part?: BoughtKind } {
    return {
      ...(this.#terminal === undefined ? {} : { terminal: this.#terminal }),
      ...(this.#part === undefined ? {} : { part: this.#part }),
    };
  }

  get next(): Keyword[] {
    const ends: Keyword[] = ['cap', 'open', 'plug', 'appliance'];
    return [...(this.#terminal === undefined ? ends : []), ...(this.#part ? [] : (['as'] as const))];
  }

  /** Takes what the next words say of the point; false when they say nothing of it. */
  take(): boolean {
    const reader = this.#reader;
    const keyword = reader.peekKeyword();
    if (keyword === 'as') {
      if (this.#part) reader.stop({ code: 'said-twice', read: 'as' });
      reader.skip();
      this.#part = reader.takeKind();
      return true;
    }
    const terminal = this.#findTerminal(keyword);
    if (terminal === undefined) return false;
    if (this.#terminal !== undefined) reader.stop({ code: 'said-twice', read: reader.peek()! });
    reader.skip();
    this.#terminal = terminal();
    return true;
  }

  #findTerminal(keyword: Keyword | null): (() => Terminal | null) | undefined {
    if (keyword === 'open' || keyword === 'cap' || keyword === 'plug') return () => ({ kind: keyword });
    if (keyword === 'undecided') return () => null;
    if (keyword === 'appliance') return () => this.#takeAppliance();
    return keyword === 'found' ? () => this.#takeFound() : undefined;
  }

  #takeAppliance(): Terminal {
    const name = this.#reader.takeText();
    const word = this.#reader.peek()?.toLowerCase();
    if (word !== 'male' && word !== 'female') return { kind: 'appliance', name, gender: 'female' };
    this.#reader.skip();
    return { kind: 'appliance', name, gender: word };
  }

  /** `found "specimen" "thread" "family" "size" "female" "certain"`, then threads it may be as well. */
  #takeFound(): Terminal {
    const reader = this.#reader;
    const takeOne = <Value extends string>(values: readonly Value[]): Value => {
      const { place } = reader;
      const read = reader.takeText();
      const value = values.find((each) => each === read);
      return value ?? reader.stop({ code: 'word-unknown', read, nearest: null, expected: ['text'] }, place);
    };
    const [specimen, thread] = [reader.takeText(), reader.takeText()];
    const family = takeOne<ThreadFamily>(THREAD_FAMILIES);
    const size = reader.takeText();
    const gender = takeOne<SpecimenEnd['gender']>(['male', 'female']);
    const certainty = takeOne<SpecimenEnd['certainty']>(['certain', 'likely', 'tie']);
    const orElse: string[] = [];
    while (reader.isAtText) orElse.push(reader.takeText());
    return { kind: 'existing', specimen, end: { thread, family, size, gender, certainty, orElse } };
  }
}
