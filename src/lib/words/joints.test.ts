import { expect } from 'chai';
import { standardCatalogue, standardThreads, makeThreadEnd } from '#core/catalogue';
import { checkJoint, findStops, JOINTS, JOINT_KINDS, findAsked, getSealant } from '#core/joints';
import type { HouseRules } from '#core/house-rules';
import { inches } from '#core/units';
import {
  JOINT_WORDS,
  sayAsked,
  sayMadeAgain,
  sayNoStop,
  saySealant,
  sayTightening,
  sayTurned,
  sayTurner,
} from './joints.ts';
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

  it('what turns with a fitting is said by its legs, those that follow one another together', () => {
    const say = (tags: number[], more = {}) =>
      sayTurned({ restOfLeg: false, tags, closes: false, ...more }, 1);
    expect(say([])).to.equal('Nothing else hangs on it.');
    expect(say([3])).to.include('of leg 3:');
    expect(say([2, 3])).to.include('of legs 2 and 3:');
    expect(say([2, 4, 5, 6, 9])).to.include('of legs 2, 4 to 6 and 9:');
    expect(say([], { restOfLeg: true })).to.include('of the rest of leg 1:');
    expect(say([2], { closes: true })).to.include('union');
  });

  it('what goes on is what the house puts on', () => {
    const needed = getSealant(JOINTS['npt-in-npt'], thread, inches(0.5), 3)!;
    const say = (choice: HouseRules['sealant']) => saySealant(needed, choice, 'in');
    expect(say({ option: 'tape' }))
      .to.include('3 wraps')
      .and.not.include('compound');
    expect(say({ option: 'compound' }))
      .to.include('ml of compound')
      .and.not.include('wraps');
    expect(say({ option: 'cord' }))
      .to.include('listed for gas')
      .and.not.include('ml');
    expect(say({ option: 'own', name: 'Hemp', reason: 'Old hands.' })).to.include('Hemp');
  });

  it('a rule that asks for less than the usual window is said to make an under-made joint', () => {
    const asked = (left: number) =>
      findAsked(
        { option: 'threads-left' },
        thread,
        thread.normalEngagement,
        thread.cutLength - inches(left),
      )!;
    expect(sayAsked(asked(0), 'in')).to.include('less far in than is worked with here');
    expect(sayAsked(asked(0.05), 'in')).to.include('an under-made joint on a thread as short as this');
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
    expect(sayEnd(end('npsm-1/2-female'))).to.equal('1/2-14 NPSM female, seat not looked at');
  });
});
