import { expect } from 'chai';
import { shareOf } from '#support/share.ts';
import { sayEnd } from '#words/pair-verdicts.ts';
import { EndChoice, NAMED_ENDS, nameEnd, readNamedEnd } from './end-choice.svelte.ts';

const namesOf = (said: string): string[] => readNamedEnd(said).ends.map(sayEnd);

describe('the names of ends on the bench', () => {
  it('as the app prints them are read back as that end, and as no other of another name', () => {
    for (const end of shareOf(NAMED_ENDS, 2)) {
      for (const printed of [sayEnd(end), nameEnd(end), ` ${sayEnd(end).toUpperCase()} `]) {
        const { ends, unknown } = readNamedEnd(printed);
        expect(unknown, printed).to.eql([]);
        expect(ends, printed).to.deep.include(end);
        // Two ends that are printed alike cannot be told apart by their name: then both are offered.
        for (const each of ends)
          expect([sayEnd(each), nameEnd(each)].map((name) => name.toLowerCase())).to.include(
            printed.trim().toLowerCase(),
          );
      }
    }
  });

  for (const [said, meant] of [
    ['1 black iron', '1-11.5 NPT male'],
    ['3/4 black iron', '3/4-14 NPT male'],
    ['female 3/4 black iron', '3/4-14 NPT female'],
    ['1/2 steel tube', 'R 1/2 male'],
    ['3/8 flair nut', '5/8-18 UNF female, 45° cone'],
    ['q c c 1', 'CGA 791 type 1 valve 1-5/16-5 ACME EXT male, its own seal'],
    ['type 1', 'CGA 791 type 1 valve 1-5/16-5 ACME EXT male, its own seal'],
    ['1/2 british parallel male', 'G 1/2 male, flat for a washer'],
    ['british taper 3/4 male', 'R 3/4 male'],
  ] as const)
    it(`“${said}” is ${meant}`, () => expect(namesOf(said)).to.eql([meant]));

  it('that several ends have are a choice: a cylinder connection, a hose, a size of polyethylene, half a union', () => {
    for (const said of ['cylinder', 'pol', 'hose', '1/2 ips', '1/2 half union', 'british parallel'])
      expect(namesOf(said), said).to.have.length.above(1);
    for (const name of namesOf('pol')) expect(name).to.include('POL');
  });

  it('an end goes on being called as it was typed, until it is another end', () => {
    const choice = new EndChoice({ family: 'npt', size: '1/2', gender: 'male' }, () => []);
    expect(choice.called).to.equal(null);
    choice.typed = ' 3/4 black iron pipe ';
    choice.pickEnd(readNamedEnd(choice.typed).ends[0]!);
    expect([choice.called, sayEnd(choice.end)]).to.deep.equal(['3/4 black iron pipe', '3/4-14 NPT male']);
    choice.pickSize('1');
    expect(choice.called).to.equal(null);
    choice.pickSize('3/4');
    expect(choice.called).to.equal('3/4 black iron pipe');
    choice.pickEnd(readNamedEnd('1 npt female').ends[0]!);
    expect(choice.called).to.equal(null);
  });

  it('leave no old answer standing while none is chosen, and the chosen one does', () => {
    const choice = new EndChoice({ family: 'npt', size: '1/2', gender: 'male' }, () => []);
    expect(sayEnd(choice.end)).to.equal('1/2-14 NPT male');
    choice.typed = 'flux capacitor';
    expect(choice.end.kind).to.equal('unknown');
    choice.pickEnd(readNamedEnd('3/4 npt female').ends[0]!);
    expect([choice.typed, sayEnd(choice.end)]).to.eql(['', '3/4-14 NPT female']);
  });
});
