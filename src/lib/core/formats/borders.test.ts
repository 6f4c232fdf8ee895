import { expect } from 'chai';
import fc from 'fast-check';
import type Joi from 'joi';
import { findUnstorable } from './find-unstorable.ts';
import { idSchema, momentSchema, revisionSchema } from './id.schema.ts';
import { isId } from '#core/shapes';
import { nameLineSchema, textSchema, lineSchema } from './text.schema.ts';
import { JsonGate } from './json-gate.ts';

const takes = (schema: Joi.Schema, value: unknown): boolean =>
  !schema.validate(value, { convert: false }).error;

describe('texts, ids, moments and revisions at every border', () => {
  const NUL = 'a\u0000b';
  const HALF = 'a\ud800b';
  for (const [name, schema, taken, refused] of [
    [
      'text',
      textSchema(9),
      ['a', 'a\tb', 'ÄöÜ', '😀', '⅜'],
      [NUL, HALF, '\udc00', '', 'longer than nine', 7, null],
    ],
    ['line', lineSchema(9), ['a', ' ', '😀'], [NUL, HALF, 'a\tb', 'a\nb', 'a\u0085', 'longer than nine']],
    ['name', nameLineSchema(9), ['a', ' a'], [NUL, HALF, ' ', '']],
    [
      'id',
      idSchema,
      ['abcdefgh', 'a1234567'],
      ['short', '1bcdefgh', 'abcdefgh\u0000', '__proto__', 'a'.repeat(41)],
    ],
    [
      'moment',
      momentSchema,
      ['2026-11-27T08:00:00.000Z'],
      ['2026-99-99T08:00:00.000Z', '0000-01-01T00:00:00.000Z', 'x'],
    ],
    ['revision', revisionSchema, [0, 2 ** 31 - 1], [-1, 2 ** 31, 1.5, '1', 1e300, null]],
  ] as const) {
    for (const value of taken)
      it(`${name} takes ${JSON.stringify(value)}`, () => expect(takes(schema, value)).to.equal(true));
    for (const value of refused)
      it(`${name} refuses ${JSON.stringify(value)}`, () => expect(takes(schema, value)).to.equal(false));
  }

  it('an id of an address is asked for only if it could be there', () => {
    expect([isId('demofernhill'), isId('demo\u0000fern'), isId('a/b45678'), isId('')]).to.deep.equal([
      true,
      false,
      false,
      false,
    ]);
  });
});

// The property over all that may be written is in find-unstorable.test.ts.
describe('what no database keeps', () => {
  it('is found in values and in names, and not where a text only speaks of it', () => {
    for (const bad of ['\u0000', '\ud800', 'x\udfff', '\f', '\u0085']) {
      for (const value of [{ a: [1, { b: bad }] }, { a: { [bad]: 1 } }, [bad], bad]) {
        expect(findUnstorable(value, JSON.stringify(value)), JSON.stringify(value)).to.not.equal(null);
      }
    }
    expect(findUnstorable({ a: [1, { b: '\u0000' }] }, '{"a":[1,{"b":"\\u0000"}]}')).to.deep.equal([
      'a',
      '1',
      'b',
    ]);
    expect(findUnstorable({ a: '\\u0000' }, '{"a":"\\\\u0000"}')).to.equal(null);
  });
});

describe('the gate of a JSON text', () => {
  const encoder = new TextEncoder();
  const passes = (text: string, depth: number, groups: number, cut = 7): boolean => {
    const gate = new JsonGate({ depth, groups });
    const bytes = encoder.encode(text);
    for (let at = 0; at < bytes.length; at += cut) if (!gate.pass(bytes.subarray(at, at + cut))) return false;
    return true;
  };
  const measure = (value: unknown): { depth: number; groups: number } => {
    if (typeof value !== 'object' || value === null) return { depth: 0, groups: 0 };
    const inside = Object.values(value).map(measure);
    return {
      depth: 1 + Math.max(0, ...inside.map(({ depth }) => depth)),
      groups: inside.reduce((sum, { groups }) => sum + groups, 1),
    };
  };

  it('lets through what keeps within its bounds and nothing else, however the bytes are cut', () => {
    fc.assert(
      fc.property(fc.json({ stringUnit: 'grapheme' }), fc.integer({ min: 1, max: 9 }), (text, cut) => {
        const { depth, groups } = measure(JSON.parse(text));
        expect(passes(text, depth, groups, cut)).to.equal(true);
        if (depth > 0) expect(passes(text, depth - 1, groups, cut)).to.equal(false);
        if (groups > 0) expect(passes(text, depth, groups - 1, cut)).to.equal(false);
      }),
    );
  });

  it('is not led astray by brackets and quotes within texts', () => {
    expect(passes('{"a":"[[[[\\"[[[","b\\\\":[]}', 2, 2)).to.equal(true);
    expect(passes('['.repeat(20_000), 60, 1e6)).to.equal(false);
  });
});
