import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { writeTransitionTable } from './transition-table.ts';

it('docs/transitions.md says what the search says: `npm run matrix` writes it again', () => {
  expect(readFileSync('docs/transitions.md', 'utf8')).to.equal(writeTransitionTable(standardCatalogue));
}).timeout(120_000);
