import { expect } from 'chai';
import { guardCell } from './csv-cell.ts';

describe('a cell of a table', () => {
  for (const cell of ['-0.0625', '-3', '0', '12.5', '3/4', 'Ada', '', 'a=b', '½', '1e5'])
    it(`stays “${cell}”`, () => expect(guardCell(cell)).to.equal(cell));
  for (const cell of [
    '=1+1',
    '+1',
    '@SUM(A1)',
    '-2+3',
    '-',
    '--1',
    '-1-',
    '\t=1',
    '\r=1',
    '＝1',
    '-cmd|x',
    '-1e5',
    '-.5',
  ])
    it(`is no formula: ${JSON.stringify(cell)}`, () => expect(guardCell(cell)).to.equal(`'${cell}`));
});
