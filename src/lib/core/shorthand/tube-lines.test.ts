import { expect } from 'chai';
import { getLegs, newRun } from '#core/runs/document';
import { inches } from '#core/units';
import { makeIds } from '#support/make-run.ts';
import { makeWrittenRun } from './make-written-run.ts';
import { readShorthand } from './read-shorthand.ts';
import { writeShorthand } from './write-shorthand.ts';

const EMPTY = newRun('written000', '1', {});
const read = (text: string, unit: 'in' | 'mm' = 'in') => readShorthand(text, unit);
const write = (text: string) => makeWrittenRun(read(text).sentences, EMPTY, makeIds()).doc;
const legsOf = (text: string) =>
  [...getLegs(write(text)).values()].map(({ size, material, stock }) => [size, material, stock]);

describe('shorthand of tube', () => {
  for (const [said, settings] of [
    ['of 1/2 csst', ['1/2', 'csst', 'coil']],
    ['of 3/8 ACR copper', ['3/8 ACR', 'copper-flared', 'coil']],
    ['of 3/8 acr', ['3/8 ACR', 'copper-flared', 'coil']],
    ['of 1/2 L soldered straight', ['1/2 L', 'copper-capillary', 'length']],
    ['of 8 mm compression', ['8 mm', 'copper-compression', 'coil']],
    ['of 8mm olives', ['8 mm', 'copper-compression', 'coil']],
    ['of 1 1/4 press', ['1-1/4', 'steel-pressed', 'length']],
    ['of 22 mm copper-pressed', ['22 mm', 'copper-pressed', 'length']],
    ['of 1/2 ACR brazed annealed', ['1/2 ACR', 'copper-brazed', 'annealed']],
  ] as const)
    it(`reads “${said}”`, () => {
      expect(legsOf(`right 20 ${said}\nup 10`)).to.deep.equal([settings, settings]);
    });

  for (const [text, code] of [
    ['right 20 of 1/2 M copper', 'copper-type-m'],
    ['right 20 of 1/2 DWV', 'copper-type-m'],
    ['right 20 of 8 mm csst', 'size-not-of-material'],
    ['right 20 of 3/8 ACR press', 'size-not-of-material'],
    ['right 20 of 3/8 ACR black', 'size-not-of-material'],
    ['right 20 of 1/2 csst, bend', 'word-missing'],
    ['right 20 of 1/2 csst, bend 3, bend 4', 'said-twice'],
    ['route of 1/2 csst', 'word-missing'],
  ] as const)
    it(`refuses “${text}” at its place`, () => {
      const { problems } = read(text);
      expect(problems.map(({ refusal }) => refusal.code)).to.deep.equal([code]);
    });

  it('says a radius, a fitting in the tube, a way not measured, and goes back to pipe', () => {
    const text =
      'units in\n1: right 20, of 1/2 csst, bend 3 1/2\n2: up 30, as elbow-90\n3: route back 27 ft\n4: off 1, right 12, of 3/4 black\n';
    const doc = write(text);
    const [first, , third, fourth] = [...getLegs(doc).values()];
    expect(doc.nodes[first!.to]!.part).to.deep.equal({ kind: 'bend', radius: inches(3.5), typed: '3 1/2' });
    expect(third!.geometry).to.deep.equal({ kind: 'route', axis: 'back' });
    expect(fourth).to.include({ system: 'threaded-steel', material: 'black-iron', stock: 'length' });
    expect(writeShorthand(doc, 'in')).to.equal(text);
  });

  it('a flare that was measured with a stub in place takes no more, and reads so again', () => {
    const text =
      'units in\n1: right 20\nown "tube/flare/adapter/3-8-ACR/NPT-1-2-female" thread 19.05 mm tube 23.8125 mm tube deep 0 mm typed "0" by "Bo"\n';
    const { sentences, problems } = read(text);
    expect(problems).to.deep.equal([]);
    expect(sentences.find(({ kind }) => kind === 'own')).to.deep.include({
      reaches: { thread: 19_050_000, tube: 23_812_500 },
      depths: { tube: 0 },
    });
    expect(read(text.replace('tube 23.8125 mm', 'tube 0 mm')).problems).to.have.length(1);
  });

  it('own parts say how deep they take a tube', () => {
    const text =
      'units mm\n1: right 640 of 8 mm compression\nown "tube/compression/valve/8-mm" a 23 mm a deep 9.5 mm b 23 mm b deep 9.5 mm typed "23" by "Bo"\n';
    const { sentences, problems } = read(text, 'mm');
    expect(problems).to.deep.equal([]);
    const own = sentences.find(({ kind }) => kind === 'own');
    expect(own?.kind === 'own' && [own.reaches, own.depths]).to.deep.equal([
      { a: 23e6, b: 23e6 },
      { a: 9.5e6, b: 9.5e6 },
    ]);
  });

  it('says a flanged end fitting, a reducing set and a manifold as they were chosen, and reads them again', () => {
    const text =
      'units mm\n1: right 500, of 15 mm compression, as reducing-set\n2: right 600\n3: off 1, up 300, of 8 mm compression\n4: off 2, right 200, of 1/2 black, as flange\n5: right 900, of 1/2 csst, as manifold\n';
    const doc = write(text);
    const parts = [...getLegs(doc).values()].map(({ to }) => doc.nodes[to]!.part);
    expect(parts.flatMap((part) => (part.kind === 'chosen' ? [part.part] : []))).to.deep.equal([
      'reducing-set',
      'flange',
      'manifold',
    ]);
    const written = writeShorthand(doc, 'mm');
    expect(writeShorthand(write(written), 'mm')).to.equal(written);
    for (const word of ['set', 'Flange', 'manifold'])
      expect(read(`1: right 500 of 15 mm compression, as ${word}`, 'mm').problems, word).to.deep.equal([]);
  });
});
