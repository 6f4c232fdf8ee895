import type { InputRefusal } from '#core/formats/read-with.ts';

/** Rules of the schemas in words; a rule without words of its own says that the value does not fit. */
const RULES: Readonly<Record<string, (limit: string | null) => string>> = {
  'any.required': () => 'is missing',
  'any.only': (limit) => `must be one of ${limit}`,
  'any.unknown': () => 'is not expected here',
  'array.max': (limit) => `may have at most ${limit} entries`,
  'array.min': (limit) => `needs at least ${limit} entry`,
  'array.unique': () => 'is there twice',
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
  'string.pattern.base': () => 'has characters that are not taken here, or nothing but blanks',
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
  const wrong = RULES[rule]?.(limit) ?? 'does not fit';
  return `${what} ${wrong}. Correct it and try again; nothing was changed.`;
}
