import {
  GENDERS,
  HANDS,
  METALS,
  readThreadId,
  USUAL_METAL,
  getThreadId,
  type End,
  SEATS,
  THREAD_FAMILIES,
} from '#core/ends';
import type { LineReader } from './line-reader.ts';

const SEAT_WORDS = [...SEATS, 'unknown'] as const;
const CERTAINTIES = ['certain', 'likely', 'tie'] as const;

/** What may follow the id of a thread; a seat is `seat 30`, a metal `metal brass`, a hand `hand left`. */
const read = <Value extends string>(word: string, what: string, values: readonly Value[]): Value | null =>
  values.find((each) => word === `${what} ${each}`) ?? null;

/** Whether a word can stand in an end that is written down. */
const isEndWord = (word: string): boolean =>
  word === 'unknown' || readThreadId(word) !== null || isDetail(word) || isOldDetail(word);

const isDetail = (word: string): boolean =>
  read(word, 'seat', SEAT_WORDS) !== null ||
  read(word, 'metal', METALS) !== null ||
  read(word, 'hand', HANDS) !== null ||
  CERTAINTIES.some((each) => each === word);

/** Older texts repeat what the id says. */
const isOldDetail = (word: string): boolean =>
  GENDERS.some((each) => each === word) ||
  THREAD_FAMILIES.some((each) => each === word) ||
  /^[\d/ .:-]+/.test(word);

/** An end as it stands in a text: the ids of its threads, how certain it is, what is unusual of it. Threads only, as documents have. */
export function sayEndWords(end: End): string[] {
  if (end.kind === 'unknown')
    return end.among.length === 0 ? ['unknown'] : [end.among[0]!, end.certainty, ...end.among.slice(1)];
  if (end.kind !== 'thread') throw new Error(`an end of kind ${end.kind} has no words yet`);
  return [
    getThreadId(end),
    ...(end.seat === 'unknown' ? [] : [`seat ${end.seat}`]),
    ...(end.metal === USUAL_METAL ? [] : [`metal ${end.metal}`]),
    ...(end.hand === null ? [] : [`hand ${end.hand}`]),
  ];
}

/** Reads them again; null where a word cannot stand there. */
function readEndWords(words: readonly string[]): End | null {
  if (!words.every(isEndWord)) return null;
  const among = words.filter((word) => readThreadId(word) !== null);
  const [first] = among;
  if (words.includes('unknown') || first === undefined)
    return { kind: 'unknown', among: [], certainty: 'tie' };
  const certainty = CERTAINTIES.find((each) => words.includes(each)) ?? 'certain';
  if (among.length > 1 || certainty === 'tie')
    return { kind: 'unknown', among, certainty: certainty === 'tie' ? 'tie' : 'likely' };
  const find = <Value extends string>(what: string, values: readonly Value[]): Value | null =>
    words.map((word) => read(word, what, values)).find((each) => each !== null) ?? null;
  return {
    kind: 'thread',
    ...readThreadId(first)!,
    hand: find('hand', HANDS),
    seat: find('seat', SEAT_WORDS) ?? 'unknown',
    metal: find('metal', METALS) ?? USUAL_METAL,
  };
}

/** Takes an end in quoted words, as `sayEndWords` writes it: threads by their ids, then what is unusual of it; `first` was taken before. */
export function takeEnd(reader: LineReader, first: readonly string[]): End {
  const { place } = reader;
  const said = [...first];
  while (reader.isAtText) said.push(reader.takeText());
  const end = readEndWords(said);
  if (end) return end;
  const read = said.find((word) => !isEndWord(word)) ?? said.join(' ');
  return reader.stop({ code: 'word-unknown', read, nearest: null, expected: ['text'] }, place);
}
