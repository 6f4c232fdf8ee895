import type { BoughtKind } from '../catalogue/part.ts';
import { GENDERS, type End, type Gender } from '../ends/end.ts';
import type { Terminal } from '../runs/run.ts';
import type { LineReader } from './line-reader.ts';
import { isEndWord, readEndWords } from './end-in-words.ts';
import type { SaidNode } from './sentence.ts';
import type { Keyword } from './vocabulary.ts';

/** What stands at a point: `cap`, `appliance "kiln"`, `as street-90`. */
export class NodeWords {
  readonly #reader: LineReader;
  #terminal: Terminal | null | undefined;
  #part: BoughtKind | undefined;
  #inlet: Gender | undefined;

  constructor(reader: LineReader) {
    this.#reader = reader;
  }

  get node(): SaidNode {
    return {
      ...(this.#terminal === undefined ? {} : { terminal: this.#terminal }),
      ...(this.#part === undefined ? {} : { part: this.#part }),
      ...(this.#inlet === undefined ? {} : { inlet: this.#inlet }),
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
    const gender = GENDERS.find((each) => each === word);
    if (gender) {
      this.#inlet = gender;
      this.#reader.skip();
    } else if (word === 'inlet') {
      this.#reader.skip();
      return { kind: 'appliance', name, inlet: this.#takeEnd([this.#reader.takeText()]) };
    }
    return { kind: 'appliance', name, inlet: null };
  }

  /** `found "specimen" "thread" …`; older texts say family, size and gender as well, and how certain it was. */
  #takeFound(): Terminal {
    const specimen = this.#reader.takeText();
    return { kind: 'existing', specimen, end: this.#takeEnd([]) };
  }

  /** An end in quoted words, as `sayEndWords` writes it: threads by their ids, then what is unusual of it. */
  #takeEnd(first: readonly string[]): End {
    const reader = this.#reader;
    const { place } = reader;
    const said = [...first];
    while (reader.isAtText) said.push(reader.takeText());
    const end = readEndWords(said);
    if (end) return end;
    const read = said.find((word) => !isEndWord(word)) ?? said.join(' ');
    return reader.stop({ code: 'word-unknown', read, nearest: null, expected: ['text'] }, place);
  }
}
