import type { SimulatedSpecimen } from '#core/instruments';
import { COUNTRY_NAMES, CREST_NAMES, MATERIAL_TEXTS } from '#words/identify.ts';
import type { BenchQuestion } from './identify-bench.svelte.ts';

/** What a look at a specimen from the tray shows. */
export function sayLook(question: BenchQuestion, specimen: SimulatedSpecimen): string {
  switch (question) {
    case 'gender':
      return specimen.gender === 'male' ? 'The thread is on the outside.' : 'The thread is inside a bore.';
    case 'hand':
      return specimen.hand === 'right'
        ? 'Held upright, its threads climb to the right.'
        : 'Held upright, its threads climb to the left; the hexagon is notched.';
    case 'swivel':
      return specimen.swivel ? 'The threaded part turns on the rest.' : 'It is all one piece.';
    case 'taper':
      return specimen.slope === 0
        ? 'A straight edge lies along all crests.'
        : 'A straight edge rocks: the crests run at a slant.';
    case 'crest':
      return `Through the glass the crests are ${CREST_NAMES[specimen.crestForm]}.`;
    case 'material':
      return `It is ${MATERIAL_TEXTS[specimen.material]}.`;
    case 'country':
      return `The rating plate says: made for ${COUNTRY_NAMES[specimen.country]}.`;
    default:
      return 'Nothing to be seen.';
  }
}
