import type { BoughtKind } from '#core/catalogue';
import { GENDERS, type Gender } from '#core/ends';
import { newAppliance, type Plate, type Terminal } from '#core/runs/document';
import { addToPlate, PLATE_KEYWORDS, PLATE_TAKERS } from './plate-words.ts';
import type { LineReader } from './line-reader.ts';
import { takeEnd } from './end-in-words.ts';
import type { SaidLength, SaidMarking, SaidNode } from './sentence.ts';
import type { Keyword } from './vocabulary.ts';

/** What stands at a point: `cap`, `appliance "kiln"`, `as street-90`. */
export class NodeWords {
  readonly #reader: LineReader;
  #terminal: Terminal | null | undefined;
  #part: BoughtKind | undefined;
  #bend: SaidLength | undefined;
  #inlet: Gender | undefined;
  #cover: SaidLength | undefined;
  #marking: SaidMarking | undefined;
  #plate: Plate | undefined;
  readonly #ofPlate = new Set<Keyword>();

  constructor(reader: LineReader) {
    this.#reader = reader;
  }

  get node(): SaidNode {
    const terminal =
      this.#terminal?.kind === 'appliance' && this.#plate
        ? { ...this.#terminal, plate: this.#plate }
        : this.#terminal;
    return {
      ...(terminal === undefined ? {} : { terminal }),
      ...(this.#part === undefined ? {} : { part: this.#part }),
      ...(this.#bend === undefined ? {} : { bend: this.#bend }),
      ...(this.#inlet === undefined ? {} : { inlet: this.#inlet }),
      ...(this.#cover === undefined ? {} : { cover: this.#cover }),
      ...(this.#marking === undefined ? {} : { marking: this.#marking }),
    };
  }

  get next(): Keyword[] {
    const ends: Keyword[] = ['cap', 'open', 'plug', 'appliance'];
    return [
      ...(this.#terminal === undefined ? ends : []),
      ...(this.#terminal?.kind === 'appliance'
        ? PLATE_KEYWORDS.filter((each) => !this.#ofPlate.has(each))
        : []),
      ...(this.#part || this.#bend ? [] : (['as', 'bend'] as const)),
      ...(this.#cover ? [] : (['cover'] as const)),
      ...(this.#marking ? [] : (['marked'] as const)),
    ];
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
    if (keyword === 'bend') {
      if (this.#bend) reader.stop({ code: 'said-twice', read: 'bend' });
      reader.skip();
      this.#bend = reader.takeLength();
      return true;
    }
    if (keyword === 'cover') {
      if (this.#cover) reader.stop({ code: 'said-twice', read: 'cover' });
      reader.skip();
      this.#cover = reader.takeLength();
      return true;
    }
    if (keyword === 'marked') {
      if (this.#marking) reader.stop({ code: 'said-twice', read: 'marked' });
      reader.skip();
      this.#marking = takeMarking(reader);
      return true;
    }
    if (keyword && keyword in PLATE_TAKERS && this.#terminal?.kind === 'appliance') {
      if (this.#ofPlate.has(keyword)) reader.stop({ code: 'said-twice', read: keyword });
      this.#ofPlate.add(keyword);
      reader.skip();
      this.#plate = addToPlate(this.#plate, PLATE_TAKERS[keyword as keyof typeof PLATE_TAKERS](reader));
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
      return newAppliance(name, takeEnd(this.#reader, [this.#reader.takeText()]));
    }
    return newAppliance(name);
  }

  /** `found "specimen" "thread" …`; older texts say family, size and gender as well, and how certain it was. */
  #takeFound(): Terminal {
    const specimen = this.#reader.takeText();
    return { kind: 'existing', specimen, end: takeEnd(this.#reader, []) };
  }
}

/** `"3/4 IPS SDR 11 PE2708 GAS" bury 36`: a marking, with how deep a riser may be buried. */
export function takeMarking(reader: LineReader): SaidMarking {
  const text = reader.takeText();
  return { text, bury: reader.takeIf('bury') ? reader.takeLength() : null };
}
