import { type ShorthandRefusal, getWordsFor, type Expected } from '#core/shorthand';
import { sayGasInputRefusal } from './appliances.ts';
import { MATERIAL_NAMES } from './parts.ts';
import { sayRefusal } from './refusals.ts';

/** What is expected where no single word says it. */
const THINGS: Readonly<Partial<Record<Expected, string>>> = {
  way: 'a way (up, down, left, right, out, back, or two with a dash for 45°)',
  axis: 'one of up, down, left, right, out, back',
  length: 'a measure',
  tag: 'the number of a leg',
  size: 'a pipe size (1/2, 3/4, 1-1/4)',
  material: 'a material',
  kind: 'a kind of fitting',
  inline: 'union, valve or coupling',
  text: 'a text in quotation marks',
  percent: 'a share from 0% to 100%',
  number: 'a number from 0 to 1',
  figure: 'a figure',
  'yes-no': 'yes or no',
  'appliance-kind': 'a kind of appliance (kiln, furnace, range …; or own and a name)',
  gas: 'natural or lp',
  zone: 'a place (indoors, concealed, buried …)',
  passage: 'floor, wall, outer-wall or vehicle-floor',
  guard: 'sleeve, grommet or unguarded',
  degrees: 'whole degrees from north, 0 to 359',
  'pressure-unit': 'one of "in wc", "mbar", "kPa"',
  point: 'centre, face, pipe-end, back or wall',
};

function sayExpected(expected: readonly Expected[]): string {
  const things = expected.slice(0, 5).map((each) => THINGS[each] ?? `“${getWordsFor([each])[0] ?? each}”`);
  if (things.length < 2) return things[0] ?? 'nothing more';
  return `${things.slice(0, -1).join(', ')} or ${things.at(-1)}`;
}

/** What was read, what is wrong, what to do: one sentence under the word. */
export function sayShorthandRefusal(refusal: ShorthandRefusal): string {
  switch (refusal.code) {
    case 'word-unknown': {
      const read = `Read “${refusal.read.slice(0, 40)}”`;
      if (refusal.nearest && refusal.nearest !== refusal.read.toLowerCase()) {
        return `${read}, which is not a word here. Did you mean “${refusal.nearest}”?`;
      }
      return refusal.expected.length > 0
        ? `${read}. What can stand here: ${sayExpected(refusal.expected)}.`
        : `${read}, and the line says all it can already. Take it out, or begin a new line.`;
    }
    case 'word-missing':
      return `The line is not finished: ${sayExpected(refusal.expected)} is missing.`;
    case 'said-twice':
      return `“${refusal.read}” is said twice in this line. Leave one.`;
    case 'length-wrong':
      return sayRefusal(refusal.refusal);
    case 'offset-wrong':
      return sayRefusal(refusal.refusal);
    case 'gas-input-wrong':
      return sayGasInputRefusal(refusal.refusal);
    case 'copper-type-m':
      return 'Type M, DWV and thin-wall copper never carry gas. Types K, L and ACR do, and metric tube.';
    case 'pe-wall-not-said':
      return `${refusal.size} says no wall, and fittings are made for one only. Say it as printed on the pipe: “${refusal.size} SDR 11”.`;
    case 'size-not-of-material':
      return `${MATERIAL_NAMES[refusal.material]} is not made in ${refusal.size}. Say another size, or another material.`;
    case 'offset-not-square':
      return 'The ways of an offset must be square to each other: onward, to one side, to the other. Name other sides.';
    case 'leg-not-there':
      return refusal.tag === 0
        ? 'This line begins nowhere: say “off” and the number of a leg.'
        : `There is no leg ${refusal.tag} that can be read. Number a line “${refusal.tag}:”, or name another leg.`;
    case 'part-not-there':
      return `Leg ${refusal.tag} has ${refusal.there === 0 ? 'no parts' : `parts 1 to ${refusal.there}`}; part ${refusal.number} is not there. Put it into the leg’s line, or name another.`;
    case 'number-twice':
      return `Two lines have the number ${refusal.tag}. Give one of them another.`;
    case 'closes-a-ring':
      return 'This leg would close a ring: its two ends hang together already. A gas run branches and ends; join it elsewhere.';
    case 'too-much-text':
      return `${refusal.lines} lines are too many; up to ${refusal.most} are read. Paste a part of it.`;
  }
}
