import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { standardCatalogue, standardThreads, standardTubes } from '#core/catalogue';
import { writeJointMatrix } from './joint-matrix.ts';

describe('docs/joint-matrix.md', () => {
  it('says what the rules say: `npm run matrix` writes it again', () => {
    const written = readFileSync('docs/joint-matrix.md', 'utf8');
    expect(written).to.equal(writeJointMatrix(standardThreads, standardTubes, standardCatalogue));
  }).timeout(60_000);
});
