import { expect } from 'chai';
import { makeCutSheet } from '#core/cutting';
import { makeRecordingSink, drawBending, drawLine } from '#core/drawing';
import { inches } from '#core/units';
import { getLeg, getPiece, layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { makeCutSheetTable } from './cut-sheet-csv.ts';
import { listPlaceLines } from '#words/place-lines.ts';
import { listBesidePipe, makePurchaseTable } from './purchase-csv.ts';
import { writeRunDxf } from './run-dxf.ts';

const flared = { material: 'copper-flared', size: '3/8 ACR' } as const;
const csst = { material: 'csst', size: '1/2' } as const;
const LEGS: readonly TestLeg[] = [
  [0, 'right', 26, flared],
  [1, 'down', 31.5, flared],
  [2, 'out', 16.25, flared],
];
const layout = layOut(makeRun(LEGS));
const versions = { app: '0', catalogue: '1', rulePack: '2', run: 'r', revision: 3 };

const pe = { material: 'pe-fused', size: '1 IPS SDR 11' } as const;

describe('files of a run in the ground', () => {
  const plain = makeRun(
    [
      [0, 'down', 24, { size: '1' }],
      [1, 'right', 744, pe],
      [2, 'up', 30, { size: '1' }],
    ],
    '1',
  );
  const doc = {
    ...plain,
    zones: { [getLeg(plain, 2).id]: { id: getLeg(plain, 2).id, zone: 'buried' as const } },
    covers: { [getLeg(plain, 2).to]: { id: getLeg(plain, 2).to, cover: inches(18), typed: '18' } },
    passages: { passage00000: { id: 'passage00000', leg: getLeg(plain, 3).id, kind: 'floor' as const, share: 0.5, guard: null } }, // prettier-ignore
  };
  const buried = layOut(doc);

  it('the purchase list has pipe, risers, supports, wire and tape, and no butt joint', () => {
    const rows = makePurchaseTable(
      makeCutSheet(buried),
      buried.rules,
      versions,
      listBesidePipe(buried, 'us-model'),
    );
    const find = (kind: string) =>
      rows.filter(([each]) => each === kind).map((row) => row.slice(1, 4).join(' '));
    expect(find('fitting').some((each) => each.includes('fusion riser'))).to.equal(true);
    expect(find('support')).to.deep.equal(['1 support for black-iron 3']);
    const laid = rows.filter(([kind]) => kind === 'by the length').map((row) => [row[2], row[6]]);
    expect(laid).to.deep.equal([
      ['tracer wire', '65.50'],
      ['warning tape', '62.00'],
    ]);
  });

  it('DXF says where legs run and how deep they lie', () => {
    const { text } = writeRunDxf(buried, 'in');
    for (const said of ['buried', 'cover 18', 'pe-fused']) expect(text).to.contain(said);
  });

  it('on paper: place, what is passed, supports, the trench, the sheet of the fusion', () => {
    const said = listPlaceLines(buried, 'us-model', 'in');
    expect(said.map(({ title }) => title)).to.deep.equal([
      'Where it runs',
      'Floors and walls',
      'Supports',
      'In the ground',
    ]);
    const text = said.flatMap(({ lines }) => lines).join('\n');
    for (const each of [
      'buried: 2',
      'Leg 3 through a floor',
      '3 for 1 black iron',
      'along the trench 62 ft',
      'Cover not said',
      'bearing 90°',
      'Butt fusion of 1 IPS SDR 11, 2 joints',
    ])
      expect(text).to.contain(each);
    expect(listPlaceLines(layOut(makeRun([])), 'uk', 'mm')).to.deep.equal([]);
  });
});

describe('files of a run of tube', () => {
  it('the cut list has its bends, marks, angles and rotations', () => {
    const [headings, row] = makeCutSheetTable(makeCutSheet(layout), '1/16', versions) as [string[], string[]];
    const cell = (heading: string): string => row[headings.indexOf(heading)]!;
    expect(cell('legs')).to.equal('3');
    expect(cell('bend angles (degrees)')).to.equal('90; 90');
    expect(cell('tube turned before each (degrees, seen from end A)')).to.match(/^0; 90 (anti)?clockwise$/);
    expect(cell('bend marks on the tape').split('; ')).to.have.length(2);
    // 73.75 less two gains of 0.4024.
    expect(Number(cell('developed (in)'))).to.be.closeTo(73.75 - 2 * 0.4024, 2e-4);
    expect(cell('cut on the tape')).to.contain('6 ft');
  });

  it('the purchase list asks for tube by its length, and says slack is in it', () => {
    const sheet = makeCutSheet(
      layOut(
        makeRun([
          [0, 'right', 40],
          [1, 'right', 76, csst],
          [2, 'up', 24, csst],
        ]),
      ),
    );
    const rows = makePurchaseTable(sheet, layout.rules, versions);
    const tube = rows.find(([kind]) => kind === 'tube')!;
    expect(tube.slice(0, 4)).to.deep.equal(['tube', '1/2', 'csst', '']);
    expect(Number(tube[6])).to.be.greaterThan(100 / 12);
    expect(rows.find(([kind, , what]) => kind === 'fitting' && what!.includes('csst adapter'))).not.to.equal(
      undefined,
    );
  });

  it('DXF goes round each bend on the layer of its material, straights ending where the bends begin', () => {
    const { text, missing } = writeRunDxf(layout, 'in');
    expect(missing).to.deep.equal([]);
    expect(text.match(/^POLYLINE$/gm)).to.have.length(2);
    expect(text).to.contain('copper-flared');
    // The first straight ends a setback before its crossing.
    expect(text).to.contain('25.0625');
  });

  it('is drawn round its corners, each half of a double line', () => {
    const sink = makeRecordingSink();
    drawLine(layout, sink, { width: 800, height: 600, margin: 20, letter: 16, quarters: 0 }, 'in');
    const copper = sink.shapes.filter((shape) => shape.kind === 'stroke' && shape.role === 'copper');
    // Two lines for each of three legs and two bends.
    expect(copper).to.have.length(10);
    const bend = getLeg(layout.doc, 1).to;
    expect(copper.filter(({ subject }) => subject === bend)).to.have.length(2);
  });

  it('the sheet of the bender: marks on the tape, and the tube after each bend', () => {
    const { tube, piece } = makeCutSheet(layout).rows[0]!;
    expect(piece).to.equal(getPiece(layout, 1));
    expect(tube!.bends.map(({ after }) => after)).to.deep.equal(['1', '2']);
    for (const { mark } of tube!.bends) expect(mark % inches(1 / 16)).to.equal(0);
    expect(tube!.endOff).to.be.lessThan(inches(1 / 16));
    for (const at of [0, 1]) {
      const { before, bend, after } = drawBending(tube!, at, 200);
      for (const { x, y } of [...before, ...bend, ...after])
        expect(x >= 0 && x <= 200 && y >= 0 && y <= 200).to.equal(true);
      expect(bend).to.have.length(13);
      // What is not bent yet is straight on.
      expect(after.length).to.equal(at === 0 ? 15 : 2);
    }
  });
});
