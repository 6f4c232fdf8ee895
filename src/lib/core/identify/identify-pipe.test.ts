import { expect } from 'chai';
import { standardCatalogue, standardTubes } from '#core/catalogue';
import { inches } from '#core/units';
import { findPipeKinds, findPipeSizes, rankPipeKinds } from './identify-pipe.ts';
import { PIPE_KIND_LIST, PIPE_KINDS, type PipeLooks, type PipeKindId } from './pipe-kinds.ts';

describe('pipe by its looks', () => {
  const looks: readonly [PipeKindId, PipeLooks][] = [
    [
      'black-iron',
      { stuff: 'magnetic', shape: 'smooth-rigid', colour: 'black', ends: 'threaded', length: 'long' },
    ],
    ['galvanised', { stuff: 'magnetic', shape: 'smooth-rigid', colour: 'silver-spangled', ends: 'threaded' }],
    [
      'csst',
      { stuff: 'metal-not-magnetic', shape: 'corrugated', colour: 'yellow', ends: 'plain', length: 'long' },
    ],
    ['appliance-connector', { shape: 'corrugated', ends: 'factory-fittings', length: 'short' }],
    ['copper', { stuff: 'metal-not-magnetic', shape: 'smooth-bends', colour: 'copper' }],
    ['polyethylene', { stuff: 'plastic', colour: 'black-yellow-stripes', length: 'long', ends: 'plain' }],
    ['pex', { stuff: 'plastic', shape: 'smooth-bends', colour: 'red-blue', ends: 'plain', length: 'long' }],
    ['conduit', { stuff: 'magnetic', ends: 'set-screws' }],
    ['cast-iron', { stuff: 'magnetic', shape: 'cast-rough', colour: 'black', ends: 'bells', length: 'long' }],
    ['multilayer', { stuff: 'plastic-over-metal', shape: 'smooth-bends', colour: 'yellow', length: 'long' }],
  ];
  for (const [id, seen] of looks) {
    it(`finds ${id}`, () => {
      expect(findPipeKinds(seen).map(({ kind }) => kind.id)[0]).to.equal(id);
    });
  }
  it('says none of these when something speaks against each, and all when nothing was seen', () => {
    expect(findPipeKinds({ stuff: 'glass', shape: 'corrugated', colour: 'copper' })).to.deep.equal([]);
    expect(rankPipeKinds({})).to.have.length(PIPE_KINDS.length);
  });
  it('cast iron is never black iron, yellow multilayer pipe never polyethylene; where they cannot be told apart both are said', () => {
    const kinds = (looks: PipeLooks) => findPipeKinds(looks).map(({ kind }) => kind.id);
    for (const cast of [
      { shape: 'cast-rough' },
      { ends: 'bells' },
      { stuff: 'magnetic', ends: 'bells' },
    ] as const)
      expect([
        kinds({ stuff: 'magnetic', ...cast })[0],
        kinds({ stuff: 'magnetic', ...cast }).includes('black-iron'),
      ]).to.deep.equal(['cast-iron', false]);
    expect(kinds({ stuff: 'plastic-over-metal', colour: 'yellow' })).to.deep.equal(['multilayer']);
    expect(
      kinds({ stuff: 'plastic', colour: 'yellow', shape: 'smooth-bends', ends: 'plain', length: 'long' }),
    ).to.include.members(['polyethylene', 'multilayer']);
  });
  it('has every kind once', () => {
    expect(PIPE_KIND_LIST.map(({ id }) => id)).to.deep.equal([...PIPE_KINDS]);
  });
  it('names sizes as each material does', () => {
    const size = (kind: PipeKindId, inch: number) =>
      findPipeSizes(
        kind,
        inches(inch),
        standardCatalogue.sizes.map((each) => standardCatalogue.findPipe(each)!),
        standardTubes,
      ).map(({ name, detail }) => `${name} ${detail}`);
    expect(size('black-iron', 1.66)).to.deep.equal(['1-1/4 nominal']);
    expect(size('copper', 0.625))
      .to.include('1/2 L, wall 0.04 in')
      .and.to.include('5/8 ACR coil, wall 0.035 in');
    expect(size('polyethylene', 1.125)).to.deep.equal(['1 CTS CTS']);
    expect(size('csst', 0.8)).to.deep.equal(['1/2 EHD 18, 19']);
    expect(size('pex', 0.8)).to.deep.equal([]);
  });
});
