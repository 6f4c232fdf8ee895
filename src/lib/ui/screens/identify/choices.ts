import { COLOURS, COUNTRIES, CREST_FORMS, FLANKS, THREAD_MATERIALS, type Observation } from '#core/identify';
import { SEATS } from '#core/ends';
import {
  COLOUR_NAMES,
  COUNTRY_NAMES,
  CREST_NAMES,
  FLANK_NAMES,
  MATERIAL_TEXTS,
  SEAT_NAMES,
} from '#words/identify.ts';
import { GENDER_NAMES } from '#words/threads.ts';
import type { BenchQuestion } from './identify-bench.svelte.ts';

/** An answer that is one of a few. */
export interface Choice {
  readonly text: string;
  readonly observation: Observation;
}

/** The answers of a question that is answered by picking one; null for one that is measured. */
export function getChoices(question: BenchQuestion): Choice[] | null {
  switch (question) {
    case 'gender':
      return (['male', 'female'] as const).map((value) => ({
        text: GENDER_NAMES[value],
        observation: { kind: 'gender', value },
      }));
    case 'taper':
      return [
        { text: 'it tapers', observation: { kind: 'taper', value: 'taper' } },
        { text: 'it is parallel', observation: { kind: 'taper', value: 'parallel' } },
      ];
    case 'flank':
      return FLANKS.map((value) => ({ text: FLANK_NAMES[value], observation: { kind: 'flank', value } }));
    case 'crest':
      return CREST_FORMS.map((value) => ({
        text: CREST_NAMES[value],
        observation: { kind: 'crest', value },
      }));
    case 'seat':
      return SEATS.map((value) => ({
        text: SEAT_NAMES[value],
        observation: { kind: 'seat', value, by: 'gauge' },
      }));
    case 'swivel':
      return [
        { text: 'it swivels', observation: { kind: 'swivel', value: true } },
        { text: 'it does not', observation: { kind: 'swivel', value: false } },
      ];
    case 'hand':
      return [
        { text: 'to the right, as usual', observation: { kind: 'hand', value: 'right' } },
        { text: 'to the left', observation: { kind: 'hand', value: 'left' } },
      ];
    case 'material':
      return THREAD_MATERIALS.map((value) => ({
        text: MATERIAL_TEXTS[value],
        observation: { kind: 'material', value },
      }));
    case 'colour':
      return COLOURS.map((value) => ({ text: COLOUR_NAMES[value], observation: { kind: 'colour', value } }));
    case 'country':
      return COUNTRIES.map((value) => ({
        text: COUNTRY_NAMES[value],
        observation: { kind: 'country', value },
      }));
    default:
      return null;
  }
}
