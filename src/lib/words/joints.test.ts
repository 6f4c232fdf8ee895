import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { standardThreads } from '#core/catalogue/standard-threads.ts';
import { checkJoint } from '#core/joints/check-joint.ts';
import { findStops } from '#core/joints/clocking.ts';
import { JOINTS } from '#core/joints/kinds/joint-kinds.ts';
import { makeThreadEnd } from '#core/joints/list-joint-ends.ts';
import { JOINT_KINDS } from '#core/joints/pair-verdict.ts';
import { getSealant } from '#core/joints/sealant.ts';
import { inches } from '#core/units/length.ts';
import { JOINT_WORDS, sayMadeAgain, sayNoStop, saySealant, sayTightening, sayTurner } from './joints.ts';
import { sayCause, sayEnd } from './pair-verdicts.ts';

const thread = standardCatalogue.findThread('1/2')!;
const end = (id: string) => makeThreadEnd(standardThreads.findThread(id)!);

describe('joints in words', () => {
  for (const id of JOINT_KINDS) {
    it(`${id}: every sentence is one`, () => {
      const kind = JOINTS[id];
      const { name, seals, sealant } = JOINT_WORDS[id];
      for (const said of [seals, sealant, sayTightening(kind), sayTurner(kind), sayMadeAgain(kind.madeAgain)])
        expect(said).to.match(/^[A-Z45].*\.$/);
      expect(name.length).to.be.above(4);
    });
  }

  it('an empty window says what lies beside it and what to change, and never to back off', () => {
    const none = findStops(thread, 0, 0, inches(0.75), { least: 2.25, most: 2.75 });
    if (none.ok) throw new Error('a stop where there is none');
    expect(sayNoStop(none.refusal)).to.include('2 turns is too loose').and.include('3 turns too tight');
    expect(sayNoStop(none.refusal))
      .to.include('another nipple')
      .and.include('union')
      .and.include('Never back it off');
  });

  it('tape and compound are said in the job’s unit', () => {
    const needed = getSealant(JOINTS['npt-in-npt'], thread, inches(0.5), 3)!;
    expect(saySealant(needed, { option: 'both' }, 'in')).to.include('9 in of tape for 3 wraps');
    expect(saySealant(needed, { option: 'tape' }, 'mm')).to.include('230 mm of tape for 3 wraps');
  });

  it('a cause says how far it goes in all the same; an end has its name', () => {
    expect(sayCause(checkJoint(end('r-1/2-male'), end('npt-1/2-female')))).to.include(
      'about 4 turns and binds',
    );
    expect(sayEnd(end('npt-1/2-male'))).to.equal('1/2-14 NPT male');
    expect(sayEnd(end('npsm-1/2-female'))).to.equal('1/2-14 NPSM female, 30° seat');
  });
});
