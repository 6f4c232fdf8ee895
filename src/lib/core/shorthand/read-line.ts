import type { Axis } from '#core/geometry';
import type { Length, LengthUnit } from '#core/units';
import { LegLine } from './leg-line.ts';
import { LineReader, LineStop } from './line-reader.ts';
import { NodeWords, takeMarking } from './node-words.ts';
import type { LineReading, SaidMeasure, SaidRef, Sentence } from './sentence.ts';
import { findUnit, type Expected } from './vocabulary.ts';

/** Reads one line. A length without a unit is in `unit`. Stops at the first word that cannot stand where it does. */
export function readLine(text: string, line: number, unit: LengthUnit): LineReading {
  const reader = new LineReader(text, line, unit);
  try {
    return readSentence(reader);
  } catch (stop) {
    if (stop instanceof LineStop) return { ok: false, problem: stop.problem };
    throw stop;
  }
}

const BEGINNINGS: readonly Expected[] = [
  'off',
  'way',
  'offset',
  'no-pipe',
  'measure',
  'source',
  'units',
  'own',
];

function readSentence(reader: LineReader): LineReading {
  if (reader.isDone) return { ok: true, sentence: null, next: BEGINNINGS };
  const done = (sentence: Sentence): LineReading => {
    if (!reader.isDone) reader.expect();
    return { ok: true, sentence, next: [] };
  };
  const begins = reader.peekKeyword();
  const word = reader.peek() ?? '';
  if (begins === 'units' || (findUnit(word) && reader.peek(1) === null)) {
    reader.takeIf('units');
    return done({ kind: 'units', unit: reader.takeBy(findUnit, 'unit') });
  }
  if (begins === 'measure') return done({ kind: 'measure', measure: readMeasureLine(reader) });
  if (begins === 'own') return done(readOwn(reader));
  if (begins === 'marked') return done(readMarking(reader));
  if (begins === 'source' || begins === 'start') return readNodeLine(reader);
  return new LegLine(reader).read();
}

/** `marked part 1 of 3 "…"`: of a part in a leg. What stands at a point says it in the line of the point. */
function readMarking(reader: LineReader): Extract<Sentence, { kind: 'marking' }> {
  reader.skip();
  const { place } = reader;
  if (!reader.takeIf('part')) reader.expect('part');
  const number = reader.takeTag();
  if (!reader.takeIf('of')) reader.expect('of');
  const part = { number, tag: reader.takeTag() };
  return { kind: 'marking', part, place, ...takeMarking(reader) };
}

function readNodeLine(reader: LineReader): LineReading {
  const { place } = reader;
  const node = reader.takeNode();
  const said = new NodeWords(reader);
  while (!reader.isDone) if (!said.take()) reader.expect(...said.next);
  return { ok: true, sentence: { kind: 'node', node, place, ...said.node }, next: said.next };
}

function readMeasureLine(reader: LineReader): SaidMeasure & { from: SaidRef; to: SaidRef } {
  reader.skip();
  const length = reader.takeLength();
  let from: SaidRef | null = null;
  let to: SaidRef | null = null;
  let along: Axis | null = null;
  let instrument: string | null = null;
  while (!reader.isDone) {
    if (reader.takeIf('from')) from = reader.takeRef(false);
    else if (reader.takeIf('to')) to = reader.takeRef(false);
    else if (reader.takeIf('along')) along = reader.takeAxis();
    else if (reader.takeIf('with')) instrument = reader.takeText();
    else reader.expect('from', 'to', 'along', 'with');
  }
  if (!from) return reader.expect('from');
  if (!to) return reader.expect('to');
  return { ...length, from, to, along, instrument };
}

function readOwn(reader: LineReader): Extract<Sentence, { kind: 'own' }> {
  reader.skip();
  const of = reader.takeText();
  const reaches: Record<string, Length> = {};
  const depths: Record<string, Length> = {};
  let [typed, by] = ['', ''];
  while (!reader.isDone) {
    if (reader.takeIf('typed')) typed = reader.takeText();
    else if (reader.takeIf('by')) by = reader.takeText();
    else {
      const port = reader.peek();
      if (port === null || !/^[a-z][a-z-]{0,20}$/.test(port)) return reader.expect('typed', 'by');
      reader.skip();
      // How far a tube goes in there is said after the port: `a deep 1/2`.
      const of = reader.takeIf('deep') ? depths : reaches;
      // Measured with a flared stub in place, the flare takes no more.
      of[port] = reader.takeLength(of === depths).value;
    }
  }
  return { kind: 'own', of, reaches, depths, typed, by };
}
