import { expect } from 'chai';
import { standardCatalogue } from '../catalogue/standard-catalogue.ts';
import { INCH, inches, toMillimetres } from '../units/length.ts';
import { getTightness } from '../joints/tightness.ts';
import { drawJoint } from './draw-joint.ts';

describe('a taper joint cut open', () => {
  for (const family of ['NPT', 'R'] as const) {
    for (const size of standardCatalogue.sizes) {
      const thread = standardCatalogue.findThread(size, family);
      const pipe = standardCatalogue.findPipe(size);
      if (!thread || !pipe) continue;
      it(`${family} ${size}: as many crests outside the face as show, engaged and dead space to scale`, () => {
        const engagement = thread.normalEngagement;
        const reach = engagement + inches(0.75);
        const cut = drawJoint({ thread, pipe, engagement, reach });
        const { threadsShowing } = getTightness(thread, engagement, thread.cutLength);
        expect(Math.abs(cut.showing.length - threadsShowing)).to.be.at.most(1);
        const pitch = 25.4 / thread.threadsPerInch;
        for (const [i, { x }] of cut.showing.entries()) {
          if (i > 0) expect(x - cut.showing[i - 1]!.x).to.be.closeTo(pitch, 1e-9);
        }
        expect(cut.engaged.to - cut.engaged.from).to.be.closeTo(toMillimetres(engagement), 1e-9);
        expect(cut.dead!.to - cut.dead!.from).to.be.closeTo(19.05, 1e-9);
        // Crests rise with the taper, and never leave the pipe.
        const crestNear = (x: number) =>
          Math.max(...cut.contact.filter((point) => Math.abs(point.x - x) <= pitch / 2).map(({ y }) => y));
        const [near, far] = [cut.engaged.from + pitch, -pitch];
        if (far > near)
          expect(crestNear(far) - crestNear(near)).to.be.within(0, (far - near) / 32 + pitch / 32);
        for (const { y } of cut.pipe) {
          expect(y).to.be.within(toMillimetres(pipe.bore) / 2 - 1e-9, toMillimetres(pipe.outside) / 2 + 1e-9);
        }
        for (const { x, y } of [...cut.pipe, ...cut.fitting]) expect(Number.isFinite(x + y)).to.equal(true);
      });
    }
  }

  it('shows more threads the less it is screwed in, one for every turn', () => {
    const thread = standardCatalogue.findThread('1/2')!;
    const pipe = standardCatalogue.findPipe('1/2')!;
    const count = (turns: number) => {
      const engagement = thread.handTight + Math.round((turns * INCH) / thread.threadsPerInch);
      return drawJoint({ thread, pipe, engagement, reach: null }).showing.length;
    };
    expect([1, 2, 3].map((turns) => count(0) - count(turns))).to.deep.equal([1, 2, 3]);
  });
});
