import type { InputRefusal } from '#core/formats';
import type { Fullness } from '#core/runs/document';

/** What a run holds so many of. */
export const FULLNESS_NAMES: Readonly<Record<Fullness['of'], string>> = {
  legs: 'legs',
  specs: 'settings of legs',
  parts: 'parts in legs',
  picks: 'transitions',
  nodes: 'points',
  measures: 'measures',
  ownParts: 'measured parts',
  shopParts: 'own parts',
  makers: 'makers',
  anchors: 'sources',
  clockings: 'clocked joints',
  zones: 'places of legs',
  covers: 'depths of buried points',
  bearings: 'bearings of trenches',
  prints: 'print lines',
  passages: 'floors and walls passed',
  fished: 'fished legs',
};

/** Rules of the schemas in words; a rule without words of its own says that the value does not fit. */
const RULES: Readonly<Record<string, (limit: string | null) => string>> = {
  'any.required': () => 'is missing',
  'any.only': (limit) => `must be one of ${limit}`,
  'any.unknown': () => 'is not expected here',
  'array.max': (limit) => `may have at most ${limit} entries`,
  'array.min': (limit) => `needs at least ${limit} entry`,
  'array.unique': () => 'is there twice',
  'moment.none': () => 'is a moment that does not exist',
  'number.base': () => 'must be a number',
  'number.integer': () => 'must be a whole number',
  'number.max': (limit) => `may be at most ${limit}`,
  'number.min': (limit) => `must be at least ${limit}`,
  'object.base': () => 'must be an object',
  'object.max': (limit) => `may have at most ${limit} entries`,
  'object.unknown': () => 'is not expected here',
  'string.base': () => 'must be text',
  'string.empty': () => 'is empty',
  'string.max': (limit) => `is longer than ${limit} characters`,
  'string.pattern.base': () => 'has characters that cannot be kept, or nothing but blanks',
};

const FIELDS: Readonly<Record<string, string>> = {
  name: 'The name',
  place: 'The place',
  edition: 'The edition',
  people: 'The list of people',
  units: 'The unit',
  gas: 'The gas',
  jurisdiction: 'The jurisdiction',
};

/** What was wrong with something that came over a border, and where. */
export function sayInputRefusal({ path, rule, limit }: InputRefusal): string {
  const [first = ''] = path.split('.');
  const what = FIELDS[first] ?? (path ? `“${path}”` : 'What was sent');
  return `${what} ${sayWrong(rule, limit)}. Correct it and try again; nothing of it was kept.`;
}

const sayWrong = (rule: string, limit: string | null): string => RULES[rule]?.(limit) ?? 'does not fit';

/** The same of something that is kept: where, from the outside in, and what is wrong there. */
export const sayWrongPlace = ({ path, rule, limit }: InputRefusal): string =>
  `“${path || 'all of it'}” ${sayWrong(rule, limit)}`;
