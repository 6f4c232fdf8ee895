import { UNKNOWN_END } from '#core/ends';
import { expect } from 'chai';
import {
  standardCatalogue,
  standardThreads,
  standardTubes,
  listFlanges,
  listSockets,
  listTubeEnds,
  listUnionHalves,
  makeThreadEnd,
  type FiguredEnd,
} from '#core/catalogue';
import { END_WORDS } from './end-words.ts';
import { readEndName, readFacets } from './read-end-name.ts';

const tubes = listTubeEnds(standardTubes, standardCatalogue.pipes);
const ENDS: readonly FiguredEnd[] = [
  ...standardThreads.threads.map((thread) => makeThreadEnd(thread)),
  ...tubes,
  ...listSockets(tubes),
  ...listFlanges(),
  ...listUnionHalves(),
  UNKNOWN_END,
];
const name = (end: FiguredEnd | undefined): string => {
  if (!end) return 'none';
  switch (end.kind) {
    case 'thread':
      return end.thread.id;
    case 'tube':
      return `tube ${end.name}${end.temper && end.temper !== 'unknown' ? ` ${end.temper}` : ''}`;
    case 'socket':
      return `${end.socket} ${end.name}`;
    case 'flange':
      return `flange ${end.size} ${end.drilling}`;
    case 'union-half':
      return `union ${end.size} ${end.half}`;
    case 'unknown':
      return 'unknown';
  }
};

/** What is written or said, and the end it means before all others. */
const SAID: readonly (readonly [string, string])[] = [
  ['3/4 npt m', 'npt-3/4-male'], ['3/4 NPT male', 'npt-3/4-male'], ['npt 3/4 f', 'npt-3/4-female'], ['¾ npt female', 'npt-3/4-female'],
  ['1 1/4 npt m', 'npt-1-1/4-male'], ['1-1/4" NPT m', 'npt-1-1/4-male'], ['inch and a quarter npt male', 'npt-1-1/4-male'],
  ['half inch flare nut', 'sae-45-1/2 tube-female'], ['1/2 flare nut', 'sae-45-1/2 tube-female'], ['three eighths flare m', 'sae-45-3/8 tube-male'],
  ['37 flare 1/2 nut', 'jic-37--8 (1/2 tube)-female'], ['jic -8 f', 'jic-37--8 (1/2 tube)-female'],
  ['8 mm copper', 'tube 8 mm'], ['8mm copper tube', 'tube 8 mm'], ['15 mm', 'tube 15 mm'], ['soft 3/8 copper L', 'tube 3/8 L soft'],
  ['1/2 L copper hard', 'tube 1/2 L hard'], ['3/8 acr coil', 'tube 3/8 ACR coil soft'],
  ['8 mm compression nut', 'olive-8 mm tube: G 1/4-female'], ['3/8 compression nut', 'compression-3/8 tube: 9/16-24 UNEF-female'],
  ['r 1/2 m', 'r-1/2-male'], ['bspt 3/4 male', 'r-3/4-male'], ['Rp 1 f', 'rp-1-female'], ['g 1/2 swivel nut', 'g-1/2-female'], ['half inch npsm swivel', 'npsm-1/2-female'],
  ['1 ips sdr 11', 'tube 1 IPS SDR 11'], ['pe 1/2 cts', 'tube 1/2 CTS SDR 7'], ['stab coupling 3/4 ips sdr 11', 'stab 3/4 IPS SDR 11'],
  ['press coupling 1', 'press 1 steel pipe'], ['3/4 black pipe', 'tube 3/4 steel pipe'], ['1 union cone', 'union 1 cone'], ['m10x1', 'metric-M10x1 (pilot, thermocouple, 6 mm tube)-male'],
  ['15 mm capillary', 'capillary 15 mm'], ['22 mm press', 'press-copper 22 mm'], ['brazed 1/2', 'brazed 1/2 K'], ['2 flange', 'flange 2 class-150'],
  ['?', 'unknown'], ['not known', 'unknown'],
  // Misspelled
  ['3/4 npt femal', 'npt-3/4-female'], ['half inch flaer nut', 'sae-45-1/2 tube-female'], ['8 mm coper', 'tube 8 mm'],
]; // prettier-ignore

/** Letters put in, left out or changed between two words, by the table of Wagner and Fischer. */
function countEdits(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let k = 1; k <= b.length; k++)
      next.push(Math.min(row[k]! + 1, next[k - 1]! + 1, row[k - 1]! + (a[i - 1] === b[k - 1] ? 0 : 1)));
    row = next;
  }
  return row.at(-1)!;
}

describe('the name of an end', () => {
  for (const [said, meant] of SAID) {
    it(`“${said}” is ${meant}`, () => {
      const { ends, unknown } = readEndName(said, ENDS);
      expect(name(ends[0])).to.equal(meant);
      expect(unknown).to.deep.equal([]);
    });
  }

  it('every pipe thread, flare and copper is found by its own plain name', () => {
    for (const { id, family, size, gender } of standardThreads.threads) {
      if (!['npt', 'nptf', 'npsm', 'r', 'rc', 'rp', 'g'].includes(family)) continue;
      expect(name(readEndName(`${size} ${family} ${gender}`, ENDS).ends[0]), id).to.equal(id);
    }
    for (const tube of tubes.filter((each) => each.tube === 'copper'))
      expect(readEndName(`${tube.name} copper`, ENDS).ends.map(name), tube.name).to.include(name(tube));
  });

  it('gives all that agree, says what it did not understand, and nothing where the words contradict', () => {
    const { ends } = readEndName('3/4 npt', ENDS);
    expect(ends.map(name)).to.deep.equal(['npt-3/4-male', 'npt-3/4-female']);
    expect(readEndName('3/4 npt m wibble', ENDS).unknown).to.deep.equal(['wibble']);
    expect(readEndName('stab coupling npt', ENDS).ends).to.deep.equal([]);
    expect(readEndName('99 npt m', ENDS).ends).to.deep.equal([]);
    expect(readEndName('', ENDS)).to.deep.equal({ ends: [], unknown: [] });
  });

  it('of families said twice takes those that both words allow; of two that have none in common, both', () => {
    const familiesOf = (said: string) => readFacets(said).facets.families;
    expect(familiesOf('1/2 supply npsm')).to.deep.equal(['npsm']);
    expect(familiesOf('bspt taper')).to.deep.equal(['r', 'rc']);
    expect(familiesOf('taper bspt')).to.deep.equal(['r', 'rc']);
    expect(familiesOf('npt flare')).to.deep.equal(['npt', 'sae-45']);
  });

  it('a slip of one letter is the nearest word, unless two of other meanings are as near (every word, every slip)', () => {
    const words = Object.keys(END_WORDS).filter((word) => !word.includes(' '));
    const meaning = (word: string) => JSON.stringify(END_WORDS[word]);
    let read = 0;
    let doubtful = 0;
    for (const word of words.filter((each) => each.length >= 4))
      for (let i = 1; i < word.length; i++) {
        const dropped = word.slice(0, i) + word.slice(i + 1);
        const turned = word.slice(0, i - 1) + word[i] + word[i - 1] + word.slice(i + 1);
        for (const slip of [dropped, turned]) {
          if (slip.length < 4 || words.includes(slip) || slip[0] !== word[0]) continue;
          const allowed = slip.length >= 5 ? 2 : 1;
          const far = words
            .filter((each) => each.length >= 4 && each[0] === slip[0])
            .map((each) => ({
              each,
              off: [...each].sort().join() === [...slip].sort().join() ? 1 : countEdits(each, slip),
            }))
            .filter(({ off }) => off <= allowed);
          const least = Math.min(...far.map(({ off }) => off));
          const nearest = new Set(far.filter(({ off }) => off === least).map(({ each }) => meaning(each)));
          const { facets, unknown } = readFacets(slip);
          if (nearest.size === 1) {
            expect(unknown, slip).to.deep.equal([]);
            const [meant] = far.filter(({ off }) => off === least);
            expect(facets, slip).to.deep.equal(readFacets(meant!.each).facets);
            read++;
          } else {
            expect(unknown, slip).to.deep.equal([slip]);
            doubtful++;
          }
        }
      }
    expect(read).to.be.greaterThan(300);
    expect(doubtful).to.be.greaterThan(0);
  });

  it('takes the seat, the metal and how the tube is drawn from the words', () => {
    const [swivel] = readEndName('1/2 npsm f 30 seat', ENDS).ends;
    expect(swivel).to.include({ kind: 'thread', seat: '30' });
    expect(readEndName('1/2 npt m galvanised', ENDS).ends[0]).to.include({ metal: 'galvanised' });
  });
});
