import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { INCH, inches, toMillimetres } from '#core/units';
import { getTightness } from '#core/joints';
import { drawJoint } from './draw-joint.ts';
import { drawRunJoint } from './lens/draw-run-joint.ts';

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
        const { threadsShowing } = getTightness(thread, engagement, thread.cutToScratch);
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

      it(`${family} ${size}: under the lens the same, lettered with what is drawn`, () => {
        const engagement = thread.normalEngagement;
        const picture = drawRunJoint({ thread, pipe, engagement, reach: null });
        const cut = drawJoint({ thread, pipe, engagement, reach: null });
        expect(picture.showing).to.deep.equal(cut.showing);
        expect(picture.touches).to.deep.equal([]);
        const [along, across] = picture.dimensions;
        expect(along?.length).to.be.closeTo(toMillimetres(engagement), 1e-9);
        expect(across?.length).to.equal(toMillimetres(pipe.outside));
        expect(Math.max(...cut.pipe.map(({ y }) => y)) * 2).to.be.closeTo(across!.length, 1e-9);
        // Looked at first: every thread of the pipe, engaged and showing.
        expect(picture.look.from).to.be.below(cut.engaged.from);
        expect(picture.look.to).to.be.above(cut.showing.at(-1)?.x ?? 0);
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
