import { share, shareOf } from '#support/share.ts';
import { expect } from 'chai';
import {
  standardCatalogue,
  standardThreads,
  standardTubes,
  type FiguredEnd,
  listFlanges,
  listSeats,
  listSockets,
  listTubeEnds,
  listUnionHalves,
  makeThreadEnd,
} from '#core/catalogue';
import { UNKNOWN_END } from '#core/ends';
import { checkJoint } from './check-joint.ts';
import { findNutSide } from './find-nut-side.ts';

/** Joints that a nut draws together; a cylinder's connection has it on one side or the other, by its row. */
const BY_NUT = new Set([
  'flare-45',
  'flare-37',
  'connector-flare',
  'npsm-swivel',
  'g-washer',
  'inverted-flare',
  'cutting-ring',
  'contact',
  'compression',
  'union',
  'csst',
]);

describe('who brings the nut', () => {
  const tubes = listTubeEnds(standardTubes, standardCatalogue.pipes);
  const flared = tubes
    .filter(({ tube }) => tube === 'copper')
    .map((tube): FiguredEnd => ({ ...tube, prepared: 'flared' }));
  const ends: readonly FiguredEnd[] = [
    // Each thread with every seat that may be found on it.
    ...standardThreads.threads.flatMap((thread) =>
      listSeats(thread).map((seat) => makeThreadEnd(thread, { seat })),
    ),
    ...tubes,
    ...flared,
    ...listSockets(tubes),
    ...listFlanges(),
    ...listUnionHalves(),
    UNKNOWN_END,
  ];

  it(`is said of every one of ${(ends.length * (ends.length + 1)) / 2} pairs that a nut draws together, and of no other; two nuts and no nut make nothing`, function () {
    this.timeout(60_000);
    const isFemaleNut = (end: FiguredEnd): boolean =>
      end.kind === 'thread' &&
      end.thread.gender === 'female' &&
      ['sae-45', 'jic-37', 'connector', 'compression', 'olive'].includes(end.thread.family);
    const isCone = (end: FiguredEnd): boolean =>
      end.kind === 'thread' &&
      end.thread.gender === 'male' &&
      ['sae-45', 'jic-37', 'connector'].includes(end.thread.family);
    const isFlared = (end: FiguredEnd): boolean => end.kind === 'tube' && end.prepared === 'flared';
    const met = { nuts: 0, two: 0, none: 0 };
    for (const [i, a] of ends.entries())
      for (const b of shareOf(ends.slice(i), 5)) {
        const found = checkJoint(a, b);
        const side = findNutSide(found);
        if ((side !== null) !== (found.joint !== null && BY_NUT.has(found.joint)))
          expect.fail(`${JSON.stringify([a, b])}: ${found.joint} ${side}`);
        if (side !== null) met.nuts++;
        const hasNut = (end: FiguredEnd) => isFlared(end) || isFemaleNut(end);
        if (hasNut(a) && hasNut(b)) {
          if (found.joint !== null) expect.fail(`two nuts make: ${JSON.stringify([a, b])}`);
          met.two++;
        }
        const isBare = (end: FiguredEnd) => isCone(end) || (end.kind === 'tube' && end.prepared === 'plain');
        if (isCone(a) && isBare(b) && found.joint !== null)
          expect.fail(`no nut makes: ${JSON.stringify([a, b])}`);
        if (isCone(a) && isBare(b)) met.none++;
        if (isFlared(a) && isCone(b) && found.joint !== null) expect(side).to.equal('tube');
      }
    expect(Math.min(met.two, met.none), JSON.stringify(met)).to.be.greaterThan(share(2000, 400));
    expect(met.nuts).to.be.greaterThan(share(200, 40));
  });
});
