import { APPLIANCE_KINDS } from '#core/catalogue';
import { GASES } from '#core/house-rules';
import { BLANK_PLATE, type Plate } from '#core/runs/document';
import { INPUT_BASES, parseGasInput, PRESSURE_UNITS, type GasInput, type Length } from '#core/units';
import type { LineReader } from './line-reader.ts';
import { quote } from './split-words.ts';
import type { Keyword } from './vocabulary.ts';

const oneOf =
  <Value extends string>(values: readonly Value[]) =>
  (word: string): Value | null =>
    values.find((each) => each === word.toLowerCase()) ?? null;
/** Yes or no, as a thing that is there: `takeBy` takes null for no such word. */
export const findYesNo = (word: string): { readonly is: boolean } | null =>
  word.toLowerCase() === 'yes' ? { is: true } : word.toLowerCase() === 'no' ? { is: false } : null;
const findKind = oneOf([...APPLIANCE_KINDS, 'own'] as const);
const findGas = oneOf(GASES);
const findBasis = oneOf(INPUT_BASES);

/** What may be said of an appliance's plate, in the order in which it is written. */
export const PLATE_KEYWORDS = [
  'kind',
  'input',
  'burns',
  'pressure',
  'trap-inside',
  'moves',
  'own-shut-off',
  'floor',
] as const satisfies readonly Keyword[];
type PlateKeyword = (typeof PLATE_KEYWORDS)[number];

/** Takes what follows a word of the plate: `kind kiln`, `input "24 kW" net`, `burns lp`, `pressure 7 10.5 "in wc"`, `floor 14`. */
export const PLATE_TAKERS: Readonly<Record<PlateKeyword, (reader: LineReader) => Partial<Plate>>> = {
  kind: (reader) => {
    const what = reader.takeBy(findKind, 'appliance-kind');
    return { what, ownKind: what === 'own' ? reader.takeText() : '' };
  },
  input: (reader) => ({ input: takeInput(reader) }),
  burns: (reader) => ({ gas: reader.takeBy(findGas, 'gas') }),
  pressure: (reader) => {
    const [least, greatest] = [takeNumber(reader), takeNumber(reader)];
    const { place } = reader;
    const said = reader.takeText();
    const unit = PRESSURE_UNITS.find((each) => each === said);
    if (unit && least <= greatest) return { pressure: { least, greatest, unit } };
    return reader.stop(
      { code: 'word-unknown', read: said, nearest: null, expected: ['pressure-unit'] },
      place,
    );
  },
  'trap-inside': (reader) => ({ hasTrap: reader.takeBy(findYesNo, 'yes-no').is }),
  moves: (reader) => ({ moves: reader.takeBy(findYesNo, 'yes-no').is }),
  'own-shut-off': (reader) => ({ hasShutOff: reader.takeBy(findYesNo, 'yes-no').is }),
  floor: (reader) => {
    const { value, typed } = reader.takeLength();
    // `floor 14` is from the inlet, `floor 14 pipe-end` from where a connector goes on.
    const isFromPipe = reader.peek() === 'pipe-end';
    if (isFromPipe) reader.skip();
    return { floor: { from: isFromPipe ? 'pipe-end' : 'inlet', length: value, typed } };
  },
};

function takeInput(reader: LineReader): GasInput {
  const { place } = reader;
  const said = reader.takeText();
  const read = parseGasInput(said);
  if (!read.ok) return reader.stop({ code: 'gas-input-wrong', refusal: read.refusal }, place);
  const basis = findBasis(reader.peek() ?? '');
  if (!basis) return read.value;
  reader.skip();
  return { ...read.value, basis };
}

function takeNumber(reader: LineReader): number {
  const word = reader.peek() ?? '';
  const number = Number(word);
  if (!/^[\d.]+$/.test(word) || !(number > 0 && number <= 1000)) reader.expect('figure');
  reader.skip();
  return number;
}

const sayYesNo = (is: boolean): string => (is ? 'yes' : 'no');

/** Says a plate, a clause for each thing that is known; nothing of a blank one. */
export function sayPlate(
  { what, ownKind, input, gas, pressure, hasTrap, moves, hasShutOff, floor }: Plate,
  sayLength: (said: { readonly value: Length; readonly typed: string }) => string,
): string[] {
  const said: Readonly<Record<PlateKeyword, string | null>> = {
    kind: what && (what === 'own' ? `own ${quote(ownKind)}` : what),
    input: input && sayInput(input),
    burns: gas,
    pressure: pressure && `${pressure.least} ${pressure.greatest} ${quote(pressure.unit)}`,
    'trap-inside': hasTrap === null ? null : sayYesNo(hasTrap),
    moves: moves === null ? null : sayYesNo(moves),
    'own-shut-off': hasShutOff === null ? null : sayYesNo(hasShutOff),
    floor:
      floor &&
      `${sayLength({ value: floor.length, typed: floor.typed })}${floor.from === 'pipe-end' ? ' pipe-end' : ''}`,
  };
  return PLATE_KEYWORDS.flatMap((each) => (said[each] === null ? [] : [`${each} ${said[each]}`]));
}

/** Net or gross is said apart where the plate does not print it. */
function sayInput({ typed, basis }: GasInput): string {
  const read = parseGasInput(typed);
  return read.ok && read.value.basis === basis ? quote(typed) : `${quote(typed)} ${basis ?? ''}`.trim();
}

/** A plate with more of it said. */
export const addToPlate = (plate: Plate | undefined, said: Partial<Plate>): Plate => ({
  ...(plate ?? BLANK_PLATE),
  ...said,
});
