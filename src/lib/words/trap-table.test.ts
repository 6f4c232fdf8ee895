import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { writeTrapTable } from './trap-table.ts';

describe('docs/sediment-traps.md', () => {
  it('says what the rules say: `npm run matrix` writes it again', () => {
    expect(readFileSync('docs/sediment-traps.md', 'utf8')).to.equal(writeTrapTable());
  });
});
