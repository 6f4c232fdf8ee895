import { expect } from 'chai';
import { standardCatalogue } from '../catalogue/standard-catalogue.ts';
import { standardThreads, standardTubes } from '../catalogue/standard-threads.ts';
import { INCH, inches, MILLIMETRE } from '../units/length.ts';
import { checkByHandAll } from './by-hand-check.ts';
import { checkDiameter, findContradictions, parseCount } from './check-reading.ts';
import { checkPrintLine, comparePe, findWall } from './check-print-line.ts';
import { convertSizeName, parseSizeName, writeFraction } from './convert-size-name.ts';
import { findPipeKinds, findPipeSizes, rankPipeKinds } from './identify-pipe.ts';
import { putReading, type Observation, type Reading } from './observation.ts';
import { PIPE_KIND_LIST, PIPE_KINDS, type Looks, type PipeKindId } from './pipe-kinds.ts';
import { parsePrintLine } from './print-line.ts';
import { readMarking } from './read-marking.ts';
import { makeSpecimen } from './specimen.ts';
import { checkTubeFit, findNearestHoles, getInchHoles } from './tube-fit.ts';

const mm = (value: number) => Math.round(value * MILLIMETRE);

describe('the quarter-inch check', () => {
  it('over the outside lies at 1-1/4, 3 and 3-1/2, and says so size by size', () => {
    const rows = checkByHandAll(standardThreads.taper, 'outside');
    const lies = rows.filter(({ holds }) => !holds);
    expect(
      lies.filter(({ says }) => says.length === 1).map(({ size, says }) => [size, ...says]),
    ).to.deep.include(['1-1/4', '1-1/2']);
    expect(rows.filter(({ says }) => says.length === 2).map(({ size }) => size)).to.deep.equal([
      '3',
      '3-1/2',
    ]);
  });
  it('over the bore of a female holds for every size', () => {
    for (const row of checkByHandAll(standardThreads.taper, 'bore'))
      expect(row.holds, row.size).to.equal(true);
  });
});

describe('tube in a hole', () => {
  const holes = getInchHoles(standardTubes);
  for (const [tube, hole, verdict, off] of [
    [8, '5/16', 'fits', 0.0625],
    [10, '3/8', 'refuse', 0.475],
    [12, '1/2', 'refuse', -0.7],
    [15, '5/8', 'refuse', -0.875],
    [16, '5/8', 'warn', 0.125],
    [6, '1/4', 'refuse', -0.35],
  ] as const) {
    it(`${tube} mm against ${hole}: ${verdict}`, () => {
      const found = findNearestHoles(mm(tube), holes)[0]!;
      expect(found.hole.name).to.equal(hole);
      expect(found.fit.verdict).to.equal(verdict);
      expect(found.fit.off / MILLIMETRE).to.be.closeTo(off, 1e-9);
    });
  }
  it('8 mm is refused for 3/8', () => {
    expect(checkTubeFit(mm(8), inches(0.375)).verdict).to.equal('refuse');
    const [right, wrong] = findNearestHoles(mm(8), holes);
    expect([right!.hole.name, wrong!.hole.name, wrong!.fit.verdict]).to.deep.equal(['5/16', '3/8', 'refuse']);
  });
  it('grips to 0.10 mm and doubts to 0.15 mm, both included', () => {
    const verdicts = [0.1, 0.1001, 0.15, 0.1501].map((off) => checkTubeFit(mm(10 + off), mm(10)).verdict);
    expect(verdicts).to.deep.equal(['fits', 'warn', 'warn', 'refuse']);
  });
});

describe('names of sizes', () => {
  for (const [typed, kind] of [
    ['-8', 'dash'],
    ['dash 10', 'dash'],
    ['1/2', 'inches'],
    ['1-1/4', 'inches'],
    ['1 1/4"', 'inches'],
    ['0.625 in', 'inches'],
    ['15 mm', 'millimetres'],
    ['22,5mm', 'millimetres'],
    ['1', 'inches'],
    ['', null],
    ['-0', null],
    ['1/0', null],
    ['half', null],
    ['0 mm', null],
  ] as const) {
    it(`“${typed}” is ${kind ?? 'refused'}`, () => {
      const read = parseSizeName(typed);
      expect(read.ok ? read.value.kind : null).to.equal(kind);
    });
  }

  const mean = (typed: string) => {
    const read = parseSizeName(typed);
    if (!read.ok) throw new Error(typed);
    const meanings = convertSizeName(read.value, standardThreads, standardTubes);
    return new Map(meanings.map((meaning) => [meaning.naming, meaning]));
  };

  it('1/2 measures five different things', () => {
    const meanings = mean('1/2');
    const outsides = (['pipe-nominal', 'copper-nominal', 'tube-outside', 'pe-ips', 'pe-cts'] as const).map(
      (naming) => meanings.get(naming)!.outside,
    );
    expect(outsides).to.deep.equal([0.84, 0.625, 0.5, 0.84, 0.625].map(inches));
  });
  it('dash sizes are sixteenths, and pipe has no -10', () => {
    expect(mean('-8').get('dash-tube')!.outside).to.equal(INCH / 2);
    expect(mean('-8').get('dash-pipe')!.outside).to.equal(inches(0.84));
    expect(mean('-10').get('dash-tube')!.outside).to.equal((10 * INCH) / 16);
    expect(mean('-10').get('dash-pipe')!.outside).to.equal(null);
  });
  it('sixteenths are written as the trade writes them', () => {
    expect([4, 6, 8, 16, 20, 24, 32].map(writeFraction)).to.deep.equal([
      '1/4', '3/8', '1/2', '1', '1-1/4', '1-1/2', '2',
    ]); // prettier-ignore
  });
});

describe('print lines of polyethylene', () => {
  it('are read in any order of their parts', () => {
    const parts = ['1" IPS', 'SDR 11', 'PE2708', 'ASTM D2513', 'GAS', '.120 WALL', '14 MAR 24'];
    for (let turn = 0; turn < parts.length; turn++) {
      const line = parsePrintLine([...parts.slice(turn), ...parts.slice(0, turn)].join(' '));
      expect(line).to.include({
        size: '1',
        system: 'IPS',
        sdr: 11,
        wall: inches(0.12),
        resin: 'PE2708',
        density: 'medium',
        standard: 'ASTM D2513',
        saysGas: true,
        date: '14 MAR 24',
      });
      expect(line.unknown).to.deep.equal([]);
    }
  });
  it('keep words that are not known and guess at none', () => {
    const line = parsePrintLine('1/2 CTS XQ7 .090 WALL PE9999 BLUFF');
    expect(line.unknown).to.deep.equal(['XQ7', 'BLUFF']);
    expect([line.resin, line.density]).to.deep.equal(['PE9999', null]);
    expect(checkPrintLine(line, standardTubes).map(({ code }) => code)).to.deep.equal([
      'pe-resin-unknown',
      'pe-not-marked-gas',
      'pe-words-unknown',
    ]);
  });
  it('of nothing say nothing', () => {
    expect(parsePrintLine('  ')).to.include({ size: null, wall: null, saysGas: false });
    expect(checkPrintLine(parsePrintLine(''), standardTubes).map(({ code }) => code)).to.include(
      'pe-size-not-said',
    );
  });
  it('with a wall that is not the SDR’s are caught', () => {
    const wrong = parsePrintLine('1 IPS SDR 11 0.097 WALL PE2708 D2513 GAS');
    expect(checkPrintLine(wrong, standardTubes)).to.deep.equal([
      { code: 'pe-wall-not-as-sdr', wall: inches(0.097), sdr: 11, asSdr: Math.round(inches(1.315) / 11) },
      { code: 'pe-wall-below-legal', wall: inches(0.097), legal: inches(0.119) },
    ]);
    const right = parsePrintLine('1 IPS SDR 11 0.120 WALL PE2708 D2513 GAS');
    expect(checkPrintLine(right, standardTubes)).to.deep.equal([]);
  });
  it('1 CTS “SDR 11” is sold at 0.099 and 0.101; both pass, and the two match', () => {
    const [thin, thick] = ['0.099', '0.101'].map((wall) =>
      parsePrintLine(`1 CTS SDR 11 ${wall} WALL PE2708 D2513 GAS`),
    );
    expect(checkPrintLine(thin!, standardTubes)).to.deep.equal([]);
    expect(checkPrintLine(thick!, standardTubes)).to.deep.equal([]);
    expect(comparePe(thin!, thick!, standardTubes)).to.deep.equal({ verdict: 'match' });
  });
  it('every listed pipe agrees with itself, and is under the legal wall where the table says so', () => {
    for (const row of standardTubes.polyethylene) {
      const line = parsePrintLine(
        `${row.size} ${row.system} SDR ${row.sdr} ${row.minWall.toFixed(3)} WALL D2513 GAS`,
      );
      const codes = checkPrintLine(line, standardTubes).map(({ code }) => code);
      const isThin = row.legalWall !== null && row.minWall < row.legalWall;
      expect(codes, line.text).to.deep.equal(isThin ? ['pe-wall-below-legal'] : []);
      expect(comparePe(line, line, standardTubes)).to.deep.equal({ verdict: 'match' });
      expect(findWall(line, standardTubes)).to.equal(inches(row.minWall));
    }
  });
  it('pipe and riser are compared by outside and wall, by number', () => {
    const pipe = parsePrintLine('1 IPS SDR 11');
    const riser = parsePrintLine('1 CTS .099 WALL');
    const found = comparePe(pipe, riser, standardTubes);
    expect(found.verdict).to.equal('differ');
    if (found.verdict === 'differ')
      expect(found.by.map(({ what }) => what)).to.deep.equal(['outside', 'wall']);
    expect(comparePe(parsePrintLine('1 IPS'), pipe, standardTubes)).to.deep.equal({
      verdict: 'not-known',
      missing: ['wall'],
    });
  });
});

describe('pipe by its looks', () => {
  const looks: readonly [PipeKindId, Looks][] = [
    [
      'black-iron',
      { stuff: 'magnetic', shape: 'smooth-rigid', colour: 'black', ends: 'threaded', length: 'long' },
    ],
    ['galvanised', { stuff: 'magnetic', shape: 'smooth-rigid', colour: 'silver-spangled', ends: 'threaded' }],
    [
      'csst',
      { stuff: 'metal-not-magnetic', shape: 'corrugated', colour: 'yellow', ends: 'plain', length: 'long' },
    ],
    ['appliance-connector', { shape: 'corrugated', ends: 'factory-fittings', length: 'short' }],
    ['copper', { stuff: 'metal-not-magnetic', shape: 'smooth-bends', colour: 'copper' }],
    ['polyethylene', { stuff: 'plastic', colour: 'black-yellow-stripes', length: 'long', ends: 'plain' }],
    ['pex', { stuff: 'plastic', shape: 'smooth-bends', colour: 'red-blue', ends: 'plain', length: 'long' }],
    ['conduit', { stuff: 'magnetic', ends: 'set-screws' }],
  ];
  for (const [id, seen] of looks) {
    it(`finds ${id}`, () => {
      expect(findPipeKinds(seen).map(({ kind }) => kind.id)[0]).to.equal(id);
    });
  }
  it('says none of these when something speaks against each, and all when nothing was seen', () => {
    expect(findPipeKinds({ stuff: 'glass', shape: 'corrugated', colour: 'copper' })).to.deep.equal([]);
    expect(rankPipeKinds({})).to.have.length(PIPE_KINDS.length);
  });
  it('has every kind once', () => {
    expect(PIPE_KIND_LIST.map(({ id }) => id)).to.deep.equal([...PIPE_KINDS]);
  });
  it('names sizes as each material does', () => {
    const size = (kind: PipeKindId, inch: number) =>
      findPipeSizes(
        kind,
        inches(inch),
        standardCatalogue.sizes.map((each) => standardCatalogue.findPipe(each)!),
        standardTubes,
      ).map(({ name, detail }) => `${name} ${detail}`);
    expect(size('black-iron', 1.66)).to.deep.equal(['1-1/4 nominal']);
    expect(size('copper', 0.625))
      .to.include('1/2 L, wall 0.04 in')
      .and.to.include('5/8 ACR coil, wall 0.035 in');
    expect(size('polyethylene', 1.125)).to.deep.equal(['1 CTS CTS']);
    expect(size('csst', 0.8)).to.deep.equal(['1/2 EHD 18, 19']);
    expect(size('pex', 0.8)).to.deep.equal([]);
  });
});

describe('readings', () => {
  it('inches typed as mm and back are noticed, with what they would be', () => {
    const slipped = checkDiameter(inches(21.3), '21.3', 'in');
    expect(slipped.ok).to.equal(false);
    if (!slipped.ok && slipped.refusal.code === 'reading-other-unit') {
      expect(slipped.refusal.meant).to.equal(mm(21.3));
    }
    const back = checkDiameter(mm(0.84), '0.84', 'mm');
    if (!back.ok && back.refusal.code === 'reading-other-unit')
      expect(back.refusal.meant).to.equal(inches(0.84));
    else expect.fail('0.84 mm was taken');
  });
  for (const [length, typed] of [
    [0, '0'],
    [-inches(1), '-1'],
    [inches(40), '40'],
  ] as const) {
    it(`${typed} in is not a thread`, () => {
      const read = checkDiameter(length, typed, 'in');
      expect(read.ok).to.equal(false);
    });
  }
  for (const [typed, threads] of [
    ['7', 7],
    ['11.5', 11.5],
    ['11½', 11.5],
    ['11 1/2', 11.5],
    ['0', null],
    ['1', null],
    ['99', null],
    ['x', null],
  ] as const) {
    it(`a count of “${typed}” is ${threads ?? 'refused'}`, () => {
      const read = parseCount(typed);
      expect(read.ok ? read.value : null).to.equal(threads);
    });
  }
  it('that contradict each other are named in pairs', () => {
    const outside: Observation = {
      kind: 'diameter', side: 'outside', length: inches(1), instrument: 'caliper', place: 'first',
    }; // prettier-ignore
    const set: Observation[] = [
      { kind: 'gender', value: 'female' },
      outside,
      { kind: 'leaf', perInch: 14, fit: 'fits' },
      { kind: 'leaf', perInch: 18, fit: 'fits' },
      { kind: 'count', threads: 20, over: INCH, instrument: 'rule' },
      { kind: 'taper', value: 'taper' },
      { ...outside, place: 'last' },
    ];
    expect(new Set(findContradictions(set).map(({ code }) => code))).to.deep.equal(
      new Set(['side-and-gender', 'leaf-and-leaf', 'leaf-and-count', 'taper-and-diameters']),
    );
    expect(findContradictions([set[1]!, set[2]!])).to.deep.equal([]);
  });
  it('of a kind take each other’s place, but leaves and diameters stand side by side', () => {
    const reading = (id: string, observation: Observation): Reading => ({
      id,
      observation,
      instrument: null,
      simulated: false,
    });
    let all: Reading[] = [];
    all = putReading(all, reading('a', { kind: 'gender', value: 'male' }));
    all = putReading(all, reading('b', { kind: 'gender', value: 'female' }));
    all = putReading(all, reading('c', { kind: 'leaf', perInch: 14, fit: 'no' }));
    all = putReading(all, reading('d', { kind: 'leaf', perInch: 18, fit: 'fits' }));
    expect(all.map(({ id }) => id)).to.deep.equal(['b', 'c', 'd']);
  });
});

describe('markings', () => {
  for (const [text, families, size] of [
    ['G 3/4 A', ['g'], '3/4'],
    ['1/2 NPT', ['npt'], '1/2'],
    ['NPTF 3/8', ['nptf'], '3/8'],
    ['R1/2', ['r'], '1/2'],
    ['Rp 1', ['rp'], '1'],
    ['BSPT 1-1/4', ['r', 'rc'], '1-1/4'],
    ['M20x1.5', ['metric'], null],
    ['Z19', [], null],
  ] as const) {
    it(`“${text}” says ${families.join(' or ') || 'no family'}, ${size ?? 'no size'}`, () => {
      expect(readMarking(text)).to.deep.equal({ families: [...families], size });
    });
  }
});

describe('a specimen', () => {
  const reading = (id: string, observation: Observation, simulated = false): Reading => ({
    id,
    observation,
    instrument: null,
    simulated,
  });
  const input = {
    id: 'specimen0001',
    name: 'Oven inlet',
    note: '',
    by: 'Ines',
    at: '2026-03-01T10:00:00.000Z',
  };

  it('keeps its readings, its verdict and what it mates with; a simulated reading marks the whole', () => {
    const made = makeSpecimen(standardThreads, {
      ...input,
      readings: [
        reading('r1', { kind: 'gender', value: 'male' }),
        reading(
          'r2',
          { kind: 'diameter', side: 'outside', length: inches(0.815), instrument: 'caliper', place: 'first' },
          true,
        ),
        reading('r3', { kind: 'leaf', perInch: 14, fit: 'fits' }),
        reading('r4', {
          kind: 'diameter',
          side: 'outside',
          length: inches(0.838),
          instrument: 'caliper',
          place: 'last',
        }),
        reading('r5', { kind: 'hand', value: 'right' }),
      ],
    });
    expect(made.verdict).to.deep.include({ kind: 'tie', catalogueVersion: standardThreads.version });
    expect(made.verdict.threads).to.include('npt-1/2-male').and.to.include('r-1/2-male');
    expect(made.end).to.include({ certainty: 'tie', gender: 'male', size: '1/2' });
    expect(made.simulated).to.equal(true);
  });
  it('of nothing measured has no end', () => {
    const made = makeSpecimen(standardThreads, { ...input, readings: [] });
    expect([made.verdict.kind, made.end, made.simulated]).to.deep.equal(['empty', null, false]);
  });
});
