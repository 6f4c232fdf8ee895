import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { listCounterParts, Counter } from '#core/transitions';
import { namePart } from './parts.ts';

const parts = listCounterParts(standardCatalogue);
const counter = new Counter(parts);
const read = (said: string) => counter.read(said);
const first = (said: string): string => {
  const [part] = read(said).parts;
  return part ? namePart(part) : '';
};

describe('names at the counter', () => {
  it('no two parts are called the same', () => {
    const names = new Set(parts.map(namePart));
    expect(names.size).to.equal(parts.length);
  });

  it('the name of every part is read back to it, before any other', () => {
    for (const part of parts) expect(first(namePart(part)), part.id).to.equal(namePart(part));
  }).timeout(60_000);

  const SENTENCES: readonly (readonly [string, string])[] = [
    ['1x3/4x1/2 tee', '1 × 3/4 × 1/2 tee, black malleable'],
    ['3/4 x 1 x 1/2 tee', '1 × 3/4 × 1/2 tee, black malleable'],
    ['3/4 tee', '3/4 black malleable tee'],
    ['3/4 x 1/2 tee', '3/4 × 3/4 × 1/2 tee, black malleable'],
    ['3/4 bell reducer x 1/2', '3/4 × 1/2 coupling, black malleable'],
    ['3/4 by 1/2 bell reducer', '3/4 × 1/2 coupling, black malleable'],
    ['three-quarter black coupling', '3/4 black malleable coupling'],
    ['one inch 45', '1 black malleable 45° elbow'],
    ['½ 90 ell black', '1/2 black malleable 90° elbow'],
    ['1/2 mip x 3/8 flare half union', '3/8 OD flare × 1/2 male NPT half union'],
    ['3/8 flare x 1/2 fip', '3/8 OD flare × 1/2 female NPT half union'],
    ['3/8 od flare union', '3/8 OD brass flare union'],
    ['1/2 x 3/8 flare union', '1/2 OD × 3/8 OD brass flare union'],
    ['3/8 flare plug', '3/8 OD brass flare plug'],
    ['half inch close nipple', '1/2 × 1-1/8 in close steel nipple'],
    ['1/2 x 4 nipple', '1/2 × 4 in long steel nipple'],
    ['3/4 x 5-1/2 black nipple', '3/4 × 5-1/2 in long steel nipple'],
    ['3/4 nipple', '3/4 × 1-3/8 in close steel nipple'],
    ['3/4 elbow', '3/4 black malleable 90° elbow'],
    ['3/4 ell', '3/4 black malleable 90° elbow'],
    ['3/4 street ell', '3/4 black malleable street 90° elbow'],
    ['3/4 45 elbow', '3/4 black malleable 45° elbow'],
    ['3/4 street 45', '3/4 black malleable street 45° elbow'],
    ['3/4 x 3/4 x 1 tee', '3/4 × 3/4 × 1 bullhead tee, black malleable'],
    ['3/4 x 3/4 x 1 bullhead', '3/4 × 3/4 × 1 bullhead tee, black malleable'],
    ['15/16-16 flare x 1/2 MIP', '5/8 OD connector end (15/16-16 UN) × 1/2 male NPT brass connector fitting'],
    ['1/2 csst straight fitting x 1/2 mip', '1/2 CSST × 1/2 male NPT adapter'],
    ['3/8 flare x 1/2 mip 90 elbow', '3/8 male flare × 1/2 male NPT brass 90° elbow'],
    ['1/2 nominal copper press elbow', '1/2 nominal copper press 90° elbow'],
    ['1 ips sdr 11 anodeless riser x 1 mip', '1 IPS SDR 11 stab × 1 male NPT anodeless riser'],
    ['15mm compression x 1/2 bspp male', '15 mm compression × 1/2 G male, washer adapter'],
    ['pol x 1/4 mip adapter', 'POL nut .880-14 × 1/4 male NPT brass swivel adapter'],
    ['3/4 x 1/2 swage nipple', '3/4 × 1/2 nipple, steel'],
    ['3/4 to the 1/2 hex bushing'.replace(' to the ', ' x '), '3/4 × 1/2 hex bushing, black malleable'],
    ['inch and a quarter union', '1-1/4 black malleable union'],
    ['3/4 dielectric union', '3/4 steel dielectric union'],
    ['1/2 street ell 90', '1/2 black malleable street 90° elbow'],
    ['3/4 cap', '3/4 black malleable cap'],
    ['1/2 ball valve', '1/2 brass valve'],
    ['1/2 csst x 1/2 mip fitting', '1/2 CSST × 1/2 male NPT adapter'],
    ['1 ips sdr 11 stab x 1 mip transition', '1 IPS SDR 11 stab × 1 male NPT adapter'],
    ['8mm olive x 1/4 bspt male', '8 mm compression × 1/4 male R adapter'],
    ['3/4 npsm swivel x 3/4 mip', '3/4 NPSM swivel nut, 30° seat × 3/4 male NPT brass swivel adapter'],
    ['3/4 bspt male x 3/4 npt female adaptor', '3/4 female NPT × 3/4 male R brass American-to-British adapter'],
    ['3/4 companion flange class 150', '3/4 class 150 × 3/4 female NPT steel threaded flange'],
    ['5/8 connector end x 1/2 mip', '5/8 OD connector end (15/16-16 UN) × 1/2 male NPT brass connector fitting'],
    ['first stage regulator pol x 1/4 fip', 'POL nut .880-14 × 1/4 female NPT first-stage regulator'],
    ['3/8 flare hose', '3/8 flare swivel nut at both ends gas hose, dated'],
    ['3/4 blak maleable couplng', '3/4 black malleable coupling'],
    ['1 bullhead tee', ''],
  ]; // prettier-ignore
  for (const [said, name] of SENTENCES) it(`“${said}”`, () => expect(first(said)).to.equal(name));
  it('are thirty and more', () => expect(SENTENCES.length).to.be.greaterThan(30));

  it('a flare named without tube or thread is two things: both are shown, and asked', () => {
    const { parts: both, asks } = read('1/2 mip x 3/8 flare half union');
    expect(asks).to.equal('which-flare');
    const families = both.flatMap(({ ports }) =>
      ports.map(({ end }) => (end.kind === 'thread' ? end.family : '')),
    );
    expect(families).to.include.members(['sae-45', 'connector']);
    expect(read('1/2 mip x 3/8 od flare copper half union').asks).to.equal(null);
    // A half union, or a connector, by the size of a tube alone.
    for (const vague of ['3/8 half union x 1/2 mip', '1/2 half union x 1/2 fip'])
      expect(read(vague).asks, vague).to.equal('which-flare');
    for (const read1 of ['anodeless riser', 'csst straight fitting'])
      expect(read(read1).unknown, read1).to.deep.equal([]);
  });

  it('says what it read, and what it did not', () => {
    const { sizes, words, unknown, parts: found } = read('3/4 zzyzx coupling');
    expect({ sizes, words, unknown }).to.deep.equal({
      sizes: ['3/4'],
      words: ['coupling'],
      unknown: ['zzyzx'],
    });
    expect(found.length).to.be.greaterThan(0);
    expect(read('').parts).to.deep.equal([]);
    expect(read('zzyzx').parts).to.deep.equal([]);
    expect(read('3/4 1/2 tee x').parts).to.deep.equal([]);
  });

  it('what is never for gas is named as that', () => {
    for (const [said, way] of [
      ['3/4 push-fit coupling', 'push-fit'],
      ['1/2 conduit coupling', 'conduit'],
      ['3/4 galvanised tee', 'galvanised'],
      ['3/8 hose barb x 1/2 mip', 'hose-barb'],
    ] as const)
      expect(read(said).never).to.equal(way);
    expect(read('3/4 tee').never).to.equal(null);
  });
});
