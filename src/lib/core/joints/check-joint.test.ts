import { share } from '#support/share.ts';
import { SOCKET_KINDS, UNKNOWN_END, METALS } from '#core/ends';
import { expect } from 'chai';
import {
  standardCatalogue,
  standardThreads,
  standardTubes,
  type FiguredEnd,
  listEnds,
  listSockets,
  listTubeEnds,
  makeThreadEnd,
} from '#core/catalogue';
import { checkJoint, findRulings } from './check-joint.ts';
import { getThreadStart } from './thread-start.ts';
import { PAIR_RULES } from './pair-rules/pair-rules.ts';
import type { PairVerdictKind } from './pair-verdict.ts';

const tubes = listTubeEnds(standardTubes, standardCatalogue.pipes);
const sockets = listSockets(tubes);
const ENDS = listEnds(standardThreads, listTubeEnds(standardTubes, standardCatalogue.pipes));

/** `npt 1/2 m`, `npsm 1/2 f 30`, `tube 8 mm`, `flared 3/8 ACR coil`, `stab 1 IPS SDR 11`, `union 1 cone`. */
function end(said: string): FiguredEnd {
  if (said === '?') return UNKNOWN_END;
  const find = <Value extends { name: string }>(all: readonly Value[], name: string): Value => {
    const found = all.find((each) => each.name === name);
    if (!found) throw new Error(`nothing called ${name}`);
    return found;
  };
  const [word = '', ...rest] = said.split(' ');
  if (word === 'tube') return find(tubes, rest.join(' '));
  if (word === 'flared') return { ...find(tubes, rest.join(' ')), prepared: 'flared' };
  if (SOCKET_KINDS.some((kind) => kind === word))
    return find(
      sockets.filter(({ socket }) => socket === word),
      rest.join(' '),
    );
  if (word === 'flange') return { kind: 'flange', size: rest[0] as '1', drilling: rest[1] as 'pn-16' };
  if (word === 'union') return { kind: 'union-half', size: rest[0] as '1', half: rest[1] as 'cone' };
  const match = /^(\S+) (.+?) ([mf])(?: (\S+))?(?: (galvanised))?$/.exec(said);
  const [, family, size, gender, seat, material] = match ?? [];
  const name = size?.replaceAll('_', ' ');
  const thread = standardThreads.findThread(`${family}-${name}-${gender === 'm' ? 'male' : 'female'}`);
  if (!thread) throw new Error(`no thread ${said}`);
  return makeThreadEnd(thread, {
    ...(seat ? { seat: seat as '30' } : {}),
    ...(material ? { metal: 'galvanised' } : {}),
  });
}

const M = 'makes',
  IF = 'makes-only-if',
  NEVER = 'never-seals',
  NO = 'does-not-start',
  ASK = 'ask';

/** Written down from what the trade says, before there was a rule. */
const EXPECTED: readonly (readonly [string, string, PairVerdictKind])[] = [
  // American taper
  ['npt 1/2 m', 'npt 1/2 f', M], ['npt 3/4 m', 'npt 3/4 f', M], ['npt 2 m', 'npt 2 f', M],
  ['npt 1/2 m', 'npt 3/4 f', NO], ['npt 3/4 m', 'npt 1/2 f', NO],
  ['npt 1/2 m', 'npt 1/2 m', NO], ['npt 1/2 f', 'npt 1/2 f', NO],
  ['nptf 1/2 m', 'nptf 1/2 f', M], ['npt 1/2 m', 'nptf 1/2 f', M], ['nptf 3/8 m', 'npt 3/8 f', M],
  ['npt 3/4 m none galvanised', 'npt 3/4 f', IF],
  // The swivel
  ['npt 1/2 m 30', 'npsm 1/2 f 30', M], ['npt 1/2 m deburr', 'npsm 1/2 f 30', NEVER],
  ['npt 1/2 m none', 'npsm 1/2 f 30', NEVER], ['npt 1/2 m unknown', 'npsm 1/2 f 30', IF],
  ['npsm 3/4 m 30', 'npsm 3/4 f 30', M], ['npsm 3/4 m none', 'npsm 3/4 f washer', IF],
  ['npsm 1/2 m none', 'npsm 1/2 f none', NEVER], ['npt 1/2 m 30', 'npsm 3/4 f 30', NO],
  // Straight against taper
  ['npsm 1/2 m', 'npt 1/2 f', NEVER], ['g 1/2 m', 'rc 1/2 f', NEVER], ['g 3/4 m', 'rp 3/4 f', NEVER],
  ['sae-45 1/2 tube m', 'npt 1/2 f', NEVER], ['r 1/2 m', 'g 1/2 f', NEVER],
  // American with British, by size and direction
  ['r 1/2 m', 'npt 1/2 f', NEVER], ['r 3/4 m', 'npt 3/4 f', NEVER], ['r 2 m', 'npt 2 f', NEVER],
  ['npt 1/2 m', 'rc 1/2 f', NEVER], ['npt 1/2 m', 'rp 1/2 f', NEVER], ['npt 3/4 m', 'g 3/4 f', NEVER],
  ['g 1/2 m', 'npt 1/2 f', NEVER], ['npt 1/2 m', 'rc 3/4 f', NO], ['npt 1 m', 'r 1 m', NO], ['npsm 1/2 m', 'g 1/2 f', NEVER],
  // British
  ['r 1/2 m', 'rp 1/2 f', M], ['r 1 m', 'rc 1 f', M], ['r 1/2 m', 'rp 3/4 f', NO],
  ['g 1/2 m washer', 'g 1/2 f washer', IF], ['g 1/2 m none', 'g 1/2 f none', NEVER], ['g 3/4 m 30', 'g 3/4 f 30', M],
  // Flares
  ['sae-45 1/2 tube m', 'sae-45 1/2 tube f', M], ['sae-45 1/2 tube m unknown', 'sae-45 1/2 tube f', IF],
  ['sae-45 1/2 tube m', 'jic-37 -8 (1/2 tube) f', NEVER], ['jic-37 -8 (1/2 tube) m', 'sae-45 1/2 tube f', NEVER],
  ['sae-45 3/8 tube m', 'jic-37 -6 (3/8 tube) f', NO], ['sae-45 1/2 tube m', 'sae-45 3/8 tube f', NO],
  ['jic-37 -8 (1/2 tube) m', 'jic-37 -8 (1/2 tube) f', IF], ['sae-45 1/2 tube m none', 'sae-45 1/2 tube f', NEVER],
  // Tube
  ['tube 8 mm', 'sae-45 3/8 tube f', NEVER], ['tube 3/8 ACR coil', 'sae-45 3/8 tube f', IF], ['tube 1/2 ACR coil', 'sae-45 3/8 tube f', NO],
  ['tube 15 mm', 'npt 1/2 f', NO],
  // Only soft tube is flared; a 37° nut is hydraulic
  ['tube 1/2 ACR straight', 'sae-45 1/2 tube f', NEVER], ['tube 3/8 L', 'sae-45 1/2 tube f', IF], ['tube 3/8 ACR coil', 'jic-37 -6 (3/8 tube) f', IF],
  // G in Rp: nothing binds, nothing is tight
  ['g 1/2 m', 'rp 1/2 f', NEVER],
  // A start that misses by under a turn: may start, never seals
  ['g 1-1/2 m', 'npt 1-1/2 f', NEVER], ['npsm 1-1/2 m', 'g 1-1/2 f', NEVER],
  // Metric by its row
  ['metric M12x1.5 (24 deg cone 6L) m', 'metric M12x1.5 (24 deg cone 6L) f', IF], ['metric M9x1 (thermocouple) m', 'metric M9x1 (thermocouple) f', IF],
  ['metric M8x1 (pilot / thermocouple) m', 'metric M8x1 (pilot / thermocouple) f', ASK],
  ['metric M20x1.5 (gauge; 12S; gas hoses in parts of Europe) m washer', 'metric M20x1.5 (gauge; 12S; gas hoses in parts of Europe) f', IF],
  ['cylinder CGA_300_.825-14_NGO-RH-EXT_(acetylene) m', 'npsm 1/2 f 30', NEVER],
  // Polyethylene, press, CSST, union
  ['tube 1 IPS SDR 11', 'tube 1 IPS SDR 11', IF], ['tube 1 IPS SDR 11', 'tube 1 IPS SDR 13.5', NEVER],
  ['tube 1 IPS SDR 11', 'tube 3/4 IPS SDR 11', NO], ['tube 1/2 CTS SDR 7', 'stab 1/2 IPS SDR 9.3', NEVER],
  ['tube 1 CTS SDR 12.5', 'stab 3/4 IPS SDR 11', NO], ['tube 1 IPS SDR 11', 'stab 1 IPS SDR 11', IF],
  ['tube 3/4 steel pipe', 'press 3/4 steel pipe', IF], ['tube 3/4 steel pipe', 'stab 3/4 IPS SDR 11', NO],
  // Copper in what is made for it: by outside, whatever its wall; soft solder and brazing on their conditions
  ['tube 15 mm', 'capillary 15 mm', IF], ['tube 1/2 L', 'capillary 1/2 K', IF], ['tube 5/8 ACR straight', 'brazed 1/2 K', IF], ['tube 15 mm', 'brazed 22 mm', NEVER],
  ['tube 22 mm', 'capillary 15 mm', NO], ['tube 15 mm', 'press-copper 15 mm', IF], ['tube 3/4 steel pipe', 'press-copper 22 mm', NO], ['tube 15 mm', 'press 1/2 steel pipe', NO],
  ['tube 8 mm', 'compression-body 8 mm', IF], ['tube 8 mm', 'compression-body 10 mm', NEVER],
  ['flange 2 class-150', 'flange 2 class-150', IF], ['flange 2 class-150', 'flange 2 pn-16', NO], ['flange 2 class-150', 'flange 1 class-150', NO], ['flange 2 class-150', 'npt 2 f', NO],
  ['union 1 cone', 'union 1 socket', IF], ['union 1 cone', 'union 1 cone', NO], ['union 1 cone', 'npt 1 f', NO],
  // Hoses, cylinders, what nobody knows
  ['cylinder POL_nut_.880-14_NGO-LH-EXT m', 'cylinder CGA_510_POL_valve_outlet_.885-14_NGO-LH-INT f', IF],
  ['garden-hose 3/4-11.5NH garden hose thread (GHT) m', 'npt 3/4 f', NO],
  ['?', 'npt 1/2 f', ASK], ['?', 'tube 8 mm', ASK], ['?', '?', ASK],
]; // prettier-ignore

describe('a pair of ends', () => {
  it('at least sixty are written down', () => expect(EXPECTED.length).to.be.at.least(60));
  for (const [a, b, verdict] of EXPECTED) {
    it(`${a} with ${b}: ${verdict}`, () => {
      expect(checkJoint(end(a), end(b)).verdict).to.equal(verdict);
    });
  }

  /** What joint it is and on what it rests, or why it is none. */
  const WHY: readonly (readonly [string, string, string])[] = [
    ['npt 1/2 m', 'npt 1/2 f', 'npt-in-npt: sealant'],
    ['npt 1/2 m 30', 'npsm 1/2 f 30', 'npsm-swivel: '],
    ['jic-37 -8 (1/2 tube) m 37', 'jic-37 -8 (1/2 tube) f 37', 'flare-37: listed-for-gas'],
    ['jic-37 -8 (1/2 tube) m unknown', 'jic-37 -8 (1/2 tube) f 37', 'flare-37: both-37 listed-for-gas'],
    ['jic-37 -8 (1/2 tube) m 37', 'jic-37 -8 (1/2 tube) f 45', 'cones-differ'],
    ['jic-37 -8 (1/2 tube) m none', 'jic-37 -8 (1/2 tube) f 37', 'cones-differ'],
    ['sae-45 1/2 tube m', 'jic-37 -8 (1/2 tube) f', 'cones-differ'],
    ['tube 22 mm', 'capillary 15 mm', 'tube-too-large'],
    ['tube 15 mm', 'brazed 22 mm', 'tube-too-small'],
    ['tube 8 mm', 'capillary 15 mm', 'too-small'],
    ['tube 3/4 steel pipe', 'press-copper 22 mm', 'other-kind-of-tube'],
    ['tube 15 mm', 'capillary 15 mm', 'capillary: solder-qualified'],
    ['tube 15 mm', 'brazed 15 mm', 'brazed: braze-qualified'],
    ['tube 15 mm', 'press-copper 15 mm', 'press: press-tool-listed'],
    ['tube 3/4 steel pipe', 'press 3/4 steel pipe', 'press: press-tool-listed'],
    ['tube 8 mm', 'compression-body 8 mm', 'compression: olive-on-tube'],
    ['tube 1 IPS SDR 11', 'stab 1 IPS SDR 11', 'pe-stab: stiffener-and-depth'],
    ['tube 1/2 CTS SDR 7', 'stab 1/2 IPS SDR 9.3', 'tube-too-small'],
    ['tube 1 CTS SDR 12.5', 'stab 3/4 IPS SDR 11', 'tube-too-large'],
    ['npt 1/2 m', 'npt 3/4 f', 'too-small'], ['npt 3/4 m', 'npt 1/2 f', 'too-large'], ['npt 1 m', 'r 1 m', 'both-male'], ['npt 1/2 f', 'npt 1/2 f', 'both-female'],
    ['nptf 1/2 m', 'nptf 1/2 f', 'nptf-in-nptf: '], ['npt 1/2 m', 'nptf 1/2 f', 'npt-with-nptf: sealant'], ['npt 3/4 m none galvanised', 'npt 3/4 f', 'npt-in-npt: sealant galvanised-allowed'],
    // The swivel seals on its cone or its washer, and on nothing else
    ['npt 1/2 m deburr', 'npsm 1/2 f 30', 'deburr-edge'], ['npt 1/2 m none', 'npsm 1/2 f 30', 'no-seat'], ['npt 1/2 m unknown', 'npsm 1/2 f 30', 'npsm-swivel: real-30-seat'],
    ['npsm 3/4 m none', 'npsm 3/4 f washer', 'npsm-swivel: new-washer'], ['npsm 1/2 m none', 'npsm 1/2 f none', 'no-seat'], ['npsm 1/2 m 30', 'npsm 1/2 f washer', 'other-seat'],
    // Parallel in taper binds on a thread or two; taper in what was bored to pull a seat; British with American
    ['npsm 1/2 m', 'npt 1/2 f', 'straight-in-taper'], ['g 1/2 m', 'rc 1/2 f', 'straight-in-taper'], ['sae-45 1/2 tube m', 'npt 1/2 f', 'straight-in-taper'], ['g 3/4 m', 'rp 3/4 f', 'no-tight-thread'], ['r 1/2 m', 'g 1/2 f', 'bore-not-for-sealing'],
    ['r 1/2 m', 'npt 1/2 f', 'sixty-in-fifty-five'], ['npt 3/4 m', 'g 3/4 f', 'sixty-in-fifty-five'], ['npsm 1/2 m', 'g 1/2 f', 'sixty-in-fifty-five'],
    ['r 1 m', 'rc 1 f', 'r-in-rp: sealant'], ['r 1/2 m', 'rp 3/4 f', 'too-small'],
    // British parallel: flat on flat with a washer, or cone on cone
    ['g 1/2 m none', 'g 1/2 f washer', 'g-washer: new-washer'], ['g 1/2 m washer', 'g 1/2 f none', 'g-washer: new-washer'], ['g 1/2 m none', 'g 1/2 f none', 'nothing-between'], ['g 3/4 m 30', 'g 3/4 f 30', 'g-washer: '],
    ['g 1/2 m 30', 'g 1/2 f washer', 'cones-differ'], ['g 1/2 m 30', 'g 1/2 f none', 'cones-differ'], ['g 1/2 m deburr', 'g 1/2 f washer', 'deburr-edge'], ['g 1/2 m deburr', 'g 1/2 f 30', 'deburr-edge'], ['g 1/2 m unknown', 'g 1/2 f unknown', 'g-washer: washer-or-cone'],
    // Flares
    ['sae-45 1/2 tube m unknown', 'sae-45 1/2 tube f', 'flare-45: both-45'], ['sae-45 1/2 tube m none', 'sae-45 1/2 tube f', 'no-seat'], ['sae-45 3/8 tube m', 'jic-37 -6 (3/8 tube) f', 'too-large'],
    ['tube 8 mm', 'sae-45 3/8 tube f', 'tube-too-small'], ['tube 1/2 ACR coil', 'sae-45 3/8 tube f', 'tube-too-large'], ['tube 15 mm', 'npt 1/2 f', 'needs-nut'], ['tube 1/2 ACR straight', 'sae-45 1/2 tube f', 'hard-tube'],
    ['flared 3/8 ACR coil', 'sae-45 3/8 tube m', 'flare-45: '], ['flared 3/8 L', 'sae-45 1/2 tube m', 'flare-45: soft-tube'], ['flared 1/2 ACR straight', 'sae-45 1/2 tube m', 'hard-tube'], ['flared 1/2 ACR coil', 'jic-37 -8 (1/2 tube) m', 'cones-differ'],
    ['flared 8 mm', 'sae-45 3/8 tube m', 'tube-too-small'], ['flared 1/4 ACR coil', 'sae-45 1/2 tube m', 'too-small'], ['flared 1/2 ACR coil', 'sae-45 3/8 tube m', 'tube-too-large'], ['flared 3/8 ACR coil', 'sae-45 3/8 tube f', 'two-nuts'], ['tube 1/4 ACR coil', 'sae-45 1/2 tube f', 'too-small'],
    // Sealed by what its row says; of two ways it is asked
    ['metric M12x1.5 (24 deg cone 6L) m', 'metric M12x1.5 (24 deg cone 6L) f', 'cutting-ring: cutting-ring'], ['metric M12x1.5 (24 deg cone 6L) m none', 'metric M12x1.5 (24 deg cone 6L) f', 'seal-missing'],
    ['metric M8x1 (pilot / thermocouple) m', 'metric M8x1 (pilot / thermocouple) f', 'seal-not-told'], ['metric M10x1 (pilot, thermocouple, 6 mm tube) m', 'metric M10x1 (pilot, thermocouple, 6 mm tube) f', 'seal-not-told'],
    ['compression 1/2_tube:_11/16-20_UN m', 'compression 1/2_tube:_11/16-20_UN f', 'compression: sleeve-on-tube'], ['inverted-flare 1/2_tube:_3/4-18 m', 'inverted-flare 1/2_tube:_3/4-18 f', 'inverted-flare: double-flared'],
    ['cylinder POL_nut_.880-14_NGO-LH-EXT m', 'cylinder CGA_510_POL_valve_outlet_.885-14_NGO-LH-INT f', 'valve: valve-seal-listed'],
    // Polyethylene, flanges, unions, what is not made for each other at all
    ['tube 1 IPS SDR 11', 'tube 1 IPS SDR 11', 'pe-fusion: facing-and-heat'], ['tube 1 IPS SDR 11', 'tube 1 IPS SDR 13.5', 'walls-differ'], ['tube 1 IPS SDR 11', 'tube 3/4 IPS SDR 11', 'other-size'],
    ['tube 15 mm', 'tube 15 mm', 'not-weldable'], ['tube 15 mm', 'tube 1 IPS SDR 11', 'not-weldable'], ['tube 3/4 steel pipe', 'stab 3/4 IPS SDR 11', 'other-kind-of-tube'],
    ['flange 2 class-150', 'flange 2 class-150', 'flange: listed-gasket'], ['flange 2 class-150', 'flange 2 pn-16', 'other-size'], ['flange 2 class-150', 'npt 2 f', 'nothing-enters'],
    ['union 1 cone', 'union 1 socket', 'union: same-maker'], ['union 1 cone', 'union 1 cone', 'same-half'], ['?', 'npt 1/2 f', 'end-unknown'],
  ]; // prettier-ignore
  for (const [a, b, why] of WHY)
    it(`${a} with ${b}: ${why}`, () => {
      const { joint, conditions, cause } = checkJoint(end(a), end(b));
      expect(joint === null ? cause : `${joint}: ${conditions.join(' ')}`).to.equal(why);
    });

  it('a male goes into a female of another pitch as far as the play along it lasts', () => {
    const thread = (said: string) => {
      const found = end(said);
      if (found.kind !== 'thread') throw new Error(`no thread ${said}`);
      return found.thread;
    };
    let met = 0;
    for (const size of ['1/8', '1/4', '3/8', '1', '1-1/4', '1-1/2', '2']) {
      const [male, female] = [thread(`g ${size} m`), thread(`npsm ${size} f`)];
      const [p, q] = [25.4 / male.perInch, 25.4 / female.perInch];
      const pitch = Math.max(p, q);
      // Straight in straight: half of what a male may be under its basic size is room too.
      const room = female.pitchLine - male.pitchLine + (male.crest.high - male.crest.low) / 2;
      const turns = (Math.max(0, room) / Math.sqrt(3) + 0.15 * pitch) / Math.abs(p - q);
      const start = getThreadStart(male, female);
      if (start.how === 'too-large' || start.how === 'too-small') continue;
      const home = Math.min(male.crest.length, female.crest.length) / pitch;
      expect(start.how, size).to.equal(turns < 1 ? 'may-enter' : 'enters');
      if (turns < 1 || turns < home) expect(start.turns, size).to.be.closeTo(turns, 0.02);
      else expect(start.turns, size).to.equal(null);
      met++;
    }
    expect(met).to.be.at.least(2);
    // Of one pitch nothing drifts: straight goes in until it is home.
    expect(getThreadStart(thread('g 1/2 m'), thread('g 1/2 f'))).to.deep.equal({
      how: 'enters',
      turns: null,
    });
  });

  it('has one rule, whatever the ends; every rule has a pair; which is given first does not matter', () => {
    const counts = new Map<string, number>();
    const wrong: string[] = [];
    let pairs = 0;
    for (const [i, a] of ENDS.entries()) {
      for (const [k, b] of ENDS.slice(i).entries()) {
        // In steps that divide no list of ends evenly: every end still meets every family.
        if ((7 * i + k) % share(1, 5) !== 0) continue;
        pairs++;
        const found = findRulings(a, b);
        if (found.length !== 1)
          wrong.push(
            `${JSON.stringify(a)} ${JSON.stringify(b)}: ${found.map(({ rule }) => rule).join(' and ') || 'none'}`,
          );
        const [first] = found;
        if (first) counts.set(first.rule, (counts.get(first.rule) ?? 0) + 1);
        const [back] = findRulings(b, a);
        if (back?.rule !== first?.rule || back?.verdict !== first?.verdict || back?.cause !== first?.cause)
          wrong.push(`turned round: ${JSON.stringify(a)} ${JSON.stringify(b)}`);
        if (wrong.length > 5) break;
      }
    }
    expect(wrong.slice(0, 5)).to.deep.equal([]);
    expect(PAIR_RULES.filter(({ id }) => !counts.has(id)).map(({ id }) => id)).to.deep.equal([]);
    expect(pairs).to.be.above(share(100_000, 30_000));
  }).timeout(120_000);

  it('says what a flare asks of copper, what a row seals on, and for which other gas a thread is', () => {
    const of = (a: string, b: string) => checkJoint(end(a), end(b));
    const flare = of('tube 3/8 ACR coil', 'sae-45 3/8 tube f');
    expect(flare.conditions).to.deep.equal(['loose-nut', 'flare-the-tube']);
    expect(of('tube 3/8 L', 'sae-45 1/2 tube f').conditions).to.include('soft-tube');
    expect(of('tube 1/2 ACR straight', 'sae-45 1/2 tube f').cause).to.equal('hard-tube');
    const hydraulic = of('tube 3/8 ACR coil', 'jic-37 -6 (3/8 tube) f');
    expect(hydraulic.conditions).to.include.members(['both-37', 'listed-for-gas']);
    expect(of('metric M9x1 (thermocouple) m', 'metric M9x1 (thermocouple) f').joint).to.equal('contact');
    expect(of('g 1/2 m', 'rp 1/2 f').cause).to.equal('no-tight-thread');
    const other = of('cylinder CGA_300_.825-14_NGO-RH-EXT_(acetylene) m', 'npsm 1/2 f 30');
    expect([other.cause, other.otherGas]).to.deep.equal(['other-gas', 'acetylene']);
  });

  it('a connection for another gas makes with nothing, its own kind included', () => {
    const others = ENDS.filter((each) => each.kind === 'thread' && each.thread.otherGas !== null);
    expect(others.length).to.be.above(3);
    for (const a of others)
      for (const b of ENDS) {
        const found = checkJoint(a, b);
        expect(found.joint).to.equal(null);
        if (found.verdict === 'never-seals') expect(found.cause).to.equal('other-gas');
      }
  });

  it('metal never turns a verdict, but for galvanised, which is a condition of every threaded joint', () => {
    const [male, female] = [end('npt 1/2 m'), end('npt 1/2 f')];
    for (const material of METALS) {
      const found = checkJoint({ ...male, metal: material } as FiguredEnd, female);
      expect(found.conditions.includes('galvanised-allowed')).to.equal(material === 'galvanised');
      expect(found.verdict).to.equal(material === 'galvanised' ? IF : M);
      // What does not make is not made by a metal, nor on a condition.
      const other = checkJoint({ ...male, metal: material } as FiguredEnd, end('g 1/2 f'));
      expect(other).to.deep.equal(checkJoint(male, end('g 1/2 f')));
      expect(other.joint).to.equal(null);
    }
  });

  it('what never makes has a cause, what makes has a kind of joint; nothing unknown is ever fine', () => {
    for (const a of ENDS.filter((_, i) => i % 7 === 0)) {
      for (const b of ENDS.filter((_, i) => i % 5 === 0)) {
        const { verdict, cause, joint, conditions } = checkJoint(a, b);
        const isMade = verdict === 'makes' || verdict === 'makes-only-if';
        expect(isMade).to.equal(joint !== null);
        expect(isMade).to.equal(cause === null);
        if (verdict === 'makes-only-if') expect(conditions.length).to.be.above(0);
        if (verdict === 'never-seals' || verdict === 'does-not-start') expect(conditions).to.deep.equal([]);
        if (a.kind === 'unknown' || b.kind === 'unknown') expect(verdict).to.equal('ask');
      }
    }
  });
});
