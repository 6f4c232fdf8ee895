import { share } from '#support/share.ts';
import { expect } from 'chai';
import {
  standardCatalogue,
  standardThreads,
  standardTubes,
  type FiguredEnd,
  type FiguredThread,
  listEnds,
  listTubeEnds,
  makeThreadEnd,
} from '#core/catalogue';
import { checkJoint } from '#core/joints';
import { makeRandom } from '#support/random-run.ts';
import { drawLens } from './draw-lens.ts';
import type { LensPicture, LensRole } from './lens-picture.ts';

const thread = (id: string, more: Partial<FiguredThread> = {}) =>
  makeThreadEnd(standardThreads.findThread(id)!, more);
const look = (a: FiguredEnd, b: FiguredEnd): LensPicture =>
  drawLens(a, b, checkJoint(a, b), standardCatalogue);
const shape = (picture: LensPicture, role: LensRole) =>
  picture.shapes.find((each) => each.role === role)!.outline;
/** The angle of a drawn seat to the axis: along the surface at the beginning of an outline, degrees. */
const measureSeat = (outline: readonly { x: number; y: number }[], from: number) => {
  const [a, b] = [outline[from]!, outline[from + 12]!];
  return (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI;
};

describe('the lens', () => {
  for (const size of ['1/4', '1/2', '3/4', '1', '2']) {
    it(`NPT ${size} in NPT: seals along the thread, as many crests outside the face as a full thread shows`, () => {
      const picture = look(thread(`npt-${size}-male`), thread(`npt-${size}-female`));
      expect(picture.seals.length).to.equal(1);
      expect(picture.touches).to.deep.equal([]);
      const male = standardThreads.findThread(`npt-${size}-male`)!;
      const female = standardThreads.findThread(`npt-${size}-female`)!;
      // L4·n, less the turns by hand (E1 − E0 on a taper of 1 in 16) and the 2¾ with the wrench.
      const pitch = 25.4 / male.perInch;
      const byHand = ((female.pitchLine - male.pitchLine) * 16) / pitch;
      const shows = male.crest.length / pitch - byHand - 2.75;
      expect(Math.abs(picture.showing.length - shows)).to.be.at.most(1);
      for (const [i, { x }] of picture.showing.entries())
        if (i > 0) expect(x - picture.showing[i - 1]!.x).to.be.closeTo(pitch, 1e-9);
    });
  }

  for (const degrees of [30, 37, 45] as const) {
    const [male, female] =
      degrees === 30
        ? ['npt-1/2-male', 'npsm-1/2-female']
        : degrees === 37
          ? ['jic-37--8 (1/2 tube)-male', 'jic-37--8 (1/2 tube)-female']
          : ['sae-45-1/2 tube-male', 'sae-45-1/2 tube-female'];
    it(`a seat of ${degrees}° is drawn at ${degrees}°, both sides, and sealed all along`, () => {
      const seat = String(degrees) as '30' | '37' | '45';
      const picture = look(thread(male!, { seat }), thread(female!, { seat }));
      expect(measureSeat(shape(picture, 'male'), 0)).to.be.closeTo(degrees, 0.01);
      expect(measureSeat(shape(picture, 'tube'), 1)).to.be.closeTo(degrees, 0.01);
      expect(picture.seals[0]!.length).to.be.above(20);
    });
  }

  it('37 on 45 touches on a line and nowhere else, and metal never lies in metal', () => {
    const picture = look(thread('sae-45-1/2 tube-male'), thread('jic-37--8 (1/2 tube)-female'));
    expect(picture.seals).to.deep.equal([]);
    const [touch] = picture.touches;
    expect(Math.abs(touch![0]!.y - touch![1]!.y)).to.be.below(0.5);
    expect(measureSeat(shape(picture, 'male'), 0)).to.be.closeTo(45, 0.01);
    expect(measureSeat(shape(picture, 'tube'), 1)).to.be.closeTo(37, 0.01);
    const [male, tube] = [shape(picture, 'male'), shape(picture, 'tube').slice(1)];
    for (let i = 0; i <= 24; i++) expect(male[i]!.x - tube[i]!.x).to.be.at.least(-1e-9);
  });

  it('60 in 55 and straight in taper are drawn jammed or loose, never sealed', () => {
    for (const [a, b] of [
      ['r-1/2-male', 'npt-1/2-female'],
      ['npt-1/2-male', 'rc-1/2-female'],
      ['g-1/2-male', 'rc-1/2-female'],
    ] as const) {
      const picture = look(thread(a), thread(b));
      expect(picture.seals, a).to.deep.equal([]);
      expect(picture.angles.map(({ degrees }) => degrees)).to.deep.equal([
        thread(a).thread.flank,
        thread(b).thread.flank,
      ]);
    }
  });

  it('a tube too small for its socket leaves the gap that there is', () => {
    const tubes = listTubeEnds(standardTubes, standardCatalogue.pipes);
    const cts = tubes.find(({ name }) => name === '1/2 CTS SDR 7')!;
    const ips = tubes.find(({ name }) => name === '1/2 IPS SDR 9.3')!;
    const picture = look(cts, {
      kind: 'socket',
      of: 'polyethylene',
      socket: 'stab',
      name: ips.name,
      takes: ips.outside,
      sdr: ips.sdr,
    });
    const [gap] = picture.touches;
    expect(gap![1]!.y - gap![0]!.y).to.be.closeTo(((0.84 - 0.625) * 25.4) / 2, 1e-9);
  });

  const SEED = 20_274;
  it(`draws any pair there is, finite and in its frame; lit or warned as the verdict says, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    const ends = listEnds(standardThreads, listTubeEnds(standardTubes, standardCatalogue.pipes));
    const pick = () => ends[Math.floor(random() * ends.length)]!;
    const pairs: (readonly [FiguredEnd, FiguredEnd])[] = Array.from(
      { length: share(1500, 300) },
      () => [pick(), pick()] as const,
    );
    // Pairs that make are rare among random ones.
    for (const end of ends.filter((_, i) => i % share(5, 25) === 0)) {
      const mate = ends.find((other) => checkJoint(end, other).joint !== null);
      if (mate) pairs.push([end, mate]);
    }
    for (const [a, b] of pairs) {
      const verdict = checkJoint(a, b);
      const {
        shapes,
        seals,
        touches,
        dimensions,
        look: seen,
        whole,
      } = drawLens(a, b, verdict, standardCatalogue);
      const said = JSON.stringify([verdict, a, b]);
      expect(shapes.length > 0 || a.kind === 'unknown' || b.kind === 'unknown', said).to.equal(true);
      for (const { outline } of shapes)
        for (const { x, y } of outline) {
          expect(Number.isFinite(x + y), said).to.equal(true);
          expect(y, said).to.be.at.least(-0.01);
        }
      for (const dimension of dimensions) {
        expect(dimension.length, said).to.be.above(0);
        if (dimension.kind === 'along')
          expect(dimension.to - dimension.from, said).to.be.closeTo(dimension.length, 1e-9);
        if (dimension.kind !== 'diameter') continue;
        // What is lettered is what is drawn: a corner of the cut lies on it, but for what a thread tapers in a few turns.
        const { at, length } = dimension;
        const nearest = Math.min(
          ...shapes.flatMap(({ outline }) => outline.map(({ y }) => Math.abs(y - at.y))),
        );
        expect([at.y * 2, nearest < at.y * 0.02], said).to.deep.equal([length, true]);
      }
      expect(seen.to, said).to.be.above(seen.from);
      expect(whole.radius, said).to.be.above(0);
      if (verdict.joint !== null) expect(seals.length, said).to.be.above(0);
      else expect(seals, said).to.deep.equal([]);
      if (verdict.joint !== null) expect(touches, said).to.deep.equal([]);
    }
  }).timeout(60_000);
});
