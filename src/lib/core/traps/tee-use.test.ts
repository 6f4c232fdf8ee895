import { expect } from 'chai';
import { judgeTee, listTeeUses, looksDown, TEE_VERDICTS, type TeeUse } from './tee-use.ts';

const say = ({ inlet, outlet, cap }: TeeUse): string => JSON.stringify([inlet, outlet, cap]);
/** What goes straight through whichever end of the run is called the first. */
const kind = ({ inlet, outlet, cap }: TeeUse): string =>
  JSON.stringify([inlet, outlet, cap].map(({ port, way }) => [port === 'branch', way.x, way.y, way.z]));

describe('what a tee does for grit', () => {
  const uses = listTeeUses();

  it('is listed for every way to pipe one: 72, no two alike', () => {
    expect(uses).to.have.length(72);
    expect(new Set(uses.map(kind)).size).to.equal(72);
    for (const { inlet, outlet, cap } of uses)
      expect(new Set([inlet.port, outlet.port, cap.port]).size).to.equal(3);
  });

  it('has one verdict each: 4 work, 4 ask, 24 do nothing, 8 are upside down, 32 level', () => {
    const counts = Object.fromEntries(
      TEE_VERDICTS.map((verdict) => [verdict, uses.filter((use) => judgeTee(use) === verdict).length]),
    );
    expect(counts).to.deep.equal({
      works: 4,
      'turns-but-rises': 4,
      'straight-through': 24,
      'upside-down': 8,
      'level-nipple': 32,
    });
    const hanging = uses.filter((use) => judgeTee(use) === 'straight-through' && looksDown(use.cap.way));
    expect(hanging).to.have.length(4);
  });

  it('works only where the gas comes down into the run, turns by the branch, and the nipple hangs opposite', () => {
    for (const use of uses) {
      const falls = use.inlet.port !== 'branch' && use.inlet.way.z === 1;
      const turns = use.outlet.port === 'branch' && use.outlet.way.z === 0;
      const hangs = use.cap.port !== 'branch' && use.cap.way.z === -1;
      expect(judgeTee(use) === 'works', say(use)).to.equal(falls && turns && hangs);
    }
  });

  it('of a slanting nipple is that it does not hang', () => {
    const way = { x: Math.SQRT1_2, y: 0, z: -Math.SQRT1_2 };
    const use: TeeUse = {
      inlet: { port: 'run-a', way: { x: -Math.SQRT1_2, y: 0, z: Math.SQRT1_2 } },
      outlet: { port: 'branch', way: { x: 0, y: 1, z: 0 } },
      cap: { port: 'run-b', way },
    };
    expect(judgeTee(use)).to.equal('level-nipple');
  });
});
