import { expect } from 'chai';
import { execFileSync } from 'node:child_process';
import type { ToyFacts } from '#support/toy/toy-facts.ts';

const PROGRAM = ['--import', 'tsx/esm', 'tests/support/toy/toy-facts.ts'];

/** Its lists must be whole before anything is made of them, so it is a program of its own. */
const readFacts = (): ToyFacts =>
  JSON.parse(execFileSync(process.execPath, PROGRAM, { encoding: 'utf8' })) as ToyFacts;

describe('a material and a way of joining that are in no folder, with a line each in the tables', () => {
  let facts: ToyFacts;
  before(() => (facts = readFacts()));

  it('is written, read and kept', () => {
    expect(facts.problems).to.equal(0);
    expect(facts.shorthand).to.contain('1: right 40, of 3/4 cranked');
    expect(facts.isReadAgain).to.equal(true);
  });

  it('is not cut over fittings nobody measured, and is cut by them when they are', () => {
    expect(facts.cutsBefore).to.deep.equal([null, null, null]);
    // Pipe goes 20 mm into its ring: an elbow of 38 mm takes off 18; a cap of 12 mm, measured to its closed end, gives 8.
    expect(facts.cuts).to.deep.equal([40 * 25.4 - 18, 30 * 25.4 - 36, 20 * 25.4 - 18 + 8]);
  });

  it('is judged, joint by joint, and by the checks of every run', () => {
    expect(facts.joints).to.deep.equal([
      [null, 'press'],
      ['press', 'press'],
      ['press', 'press'],
    ]);
    expect(facts.findings.map(({ code }) => code)).to.deep.equal(['place', 'place', 'place']);
  });

  it('is placed, by its family', () => {
    expect(facts.permit).to.equal('if');
    expect(facts.findings.map(({ says }) => says).join(' ')).to.contain(
      'Steel, cranked concealed in a wall or floor, legs 1, 2, 3: allowed if',
    );
  });

  it('is drawn, on screen and in real units', () => {
    expect(facts.inks).to.include('pressed');
    expect(facts.inks).not.to.include('pipe');
    expect(facts.dxfHasLayer).to.equal(true);
  });

  it('is named wherever it is told, and asked for by that name', () => {
    expect(facts.names).to.deep.equal(['steel, cranked', 'steel pipe for cranking', 'steel, cranked']);
    expect(facts.fittings).to.have.members(['1 3/4 steel cranked cap', '2 3/4 steel cranked 90° elbow']);
    expect(facts.isReadBack).to.deep.equal([true, true]);
    expect(facts.told).to.equal(4);
    expect(facts.shop).to.equal('3/4 crank, oiled');
  });

  it('is bought: pipe by its stock, fittings, and what holds it', () => {
    expect(facts.sizes).to.deep.equal(['toy-pipe 3/4']);
    expect(facts.bought).to.include.members([
      'pipe; 3/4; toy-pipe; 1',
      'fitting; 3/4; steel toy-ring cap; 1',
      'fitting; 3/4; steel toy-ring elbow-90; 2',
      // 3/4 is held every 8 ft: two, two and one.
      'support; 3/4; support for toy-pipe; 5',
    ]);
  });
});
