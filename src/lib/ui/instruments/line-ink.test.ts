import { expect } from 'chai';
import type { InkShape } from '#core/drawing';
import { collectInk, collectTexts, findSubjectAt } from './line-ink.ts';

const pipe = (subject: string, x: number): InkShape => ({
  kind: 'stroke',
  role: 'pipe',
  points: [
    { x, y: 0 },
    { x: x + 100, y: 0 },
  ],
  subject,
});
const node = (subject: string, x: number): InkShape => ({
  kind: 'mark',
  role: 'node',
  at: { x, y: 0 },
  radius: 4,
  subject,
});
const text: InkShape = {
  kind: 'text',
  role: 'tag',
  at: { x: 50, y: 0 },
  turn: 0,
  text: '1',
  subject: 'leg1',
};
const shapes = [node('end', 0), pipe('leg1', 0), pipe('leg2', 100), node('tee', 100), text];

describe('the ink of the line', () => {
  it('is one path a manner, marks after strokes, without the lettering', () => {
    const inks = collectInk(shapes);
    expect(inks.map(({ role }) => role)).to.deep.equal(['pipe', 'node']);
    expect(inks[0]!.path).to.equal('M0.0 0.0L100.0 0.0M100.0 0.0L200.0 0.0');
    expect(collectTexts(shapes)).to.deep.equal([text]);
  });

  const isPicked = () => true;
  for (const [name, x, y, expected] of [
    ['a fitting before the leg under it', 96, 6, 'tee'],
    ['the leg where no fitting is near', 50, 10, 'leg1'],
    ['the nearer of two legs', 160, -12, 'leg2'],
    ['nothing far off', 50, 60, null],
  ] as const) {
    it(`is picked by a thumb: ${name}`, () => {
      expect(findSubjectAt(shapes, { x, y }, 24, isPicked)).to.equal(expected);
    });
  }

  it('leaves out what may not be picked', () => {
    expect(findSubjectAt(shapes, { x: 100, y: 0 }, 24, (subject) => subject !== 'tee')).to.be.oneOf([
      'leg1',
      'leg2',
    ]);
  });
});
