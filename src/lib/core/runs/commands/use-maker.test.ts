import { expect } from 'chai';
import {
  newSheetRow,
  standardCatalogue,
  type SheetRow,
  type SheetSays,
  type TubeJoin,
} from '#core/catalogue';
import { checkRun } from '#core/checks';
import { getCraft } from '#core/materials';
import { inches } from '#core/units';
import { getPiece, layOut, makeIds, makeRun, mustBe, applyPlan, type TestLeg } from '#support/make-run.ts';
import type { RunDoc } from '#core/runs/document';
import { planMeasurePart } from './measure-part.ts';
import { planUseMaker } from './use-maker.ts';

const pressed = { material: 'steel-pressed', size: '3/4' } as const;
const csst = { material: 'csst', size: '1/2' } as const;
const sheet = (join: TubeJoin, maker: string, ...rows: readonly SheetRow[]): SheetSays => ({
  join,
  maker,
  source: 'sheet 1',
  rows,
});
const use = (doc: RunDoc, join: TubeJoin, says: SheetSays | null): RunDoc =>
  applyPlan(doc, mustBe(planUseMaker(doc, join, says)));
const codes = (doc: RunDoc): readonly string[] => checkRun(layOut(doc), null).map(({ code }) => code);
const exact = (doc: RunDoc, tag: number): number | null => getPiece(layOut(doc), tag).cut?.exact ?? null;

const newId = makeIds('measured');
function measureReach(doc: RunDoc, part: string, reach: number): RunDoc {
  const of = standardCatalogue.findPartById(part)!;
  return of.ports.reduce(
    (now, { id }) =>
      applyPlan(now, mustBe(planMeasurePart(now, of, { port: id, reach }, { typed: '', by: 'Bo' }, newId))),
    doc,
  );
}

const ELBOW = 'tube/press-steel/elbow-90/3-4';
const UP_AND_ON: readonly TestLeg[] = [
  [0, 'right', 40, pressed],
  [1, 'up', 6, pressed],
  [2, 'right', 40, pressed],
];

describe('whose parts a run uses', () => {
  const doc = measureReach(makeRun(UP_AND_ON), ELBOW, inches(2.25));
  const northgate = sheet('press-steel', 'Quillmere', {
    ...newSheetRow('3/4'),
    depth: inches(1),
    spacing: inches(1.5),
  });
  const tallow = sheet('press-steel', 'Tolvane', { ...newSheetRow('3/4'), depth: inches(0.75) });

  it('a pressed piece is cut by the depth of the sheet: 6 in less twice (2-1/4 less 1)', () => {
    expect(exact(doc, 2)).to.equal(null);
    expect(exact(use(doc, 'press-steel', northgate), 2)).to.equal(inches(3.5));
    expect(codes(use(doc, 'press-steel', northgate))).not.to.include('tube-too-short');
  });

  it('its spacing is the sheet’s before the house’s: 1-1/2 in stand between the fittings, 1-1/2 or 1-9/16 are asked', () => {
    const [row] = northgate.rows as [SheetRow];
    const asks = (spacing: number): boolean =>
      codes(use(doc, 'press-steel', { ...northgate, rows: [{ ...row, spacing: inches(spacing) }] })).includes(
        'tube-too-short',
      );
    expect([asks(1.5), asks(1.5625)]).to.deep.equal([false, true]);
    // Whose figure it is stands with it.
    const said = checkRun(
      layOut(use(doc, 'press-steel', { ...northgate, rows: [{ ...row, spacing: inches(2) }] })),
      null,
    );
    expect(said.find(({ code }) => code === 'tube-too-short')).to.deep.include({
      maker: 'Quillmere',
      needed: inches(4),
    });
    // What the sheet does not say is the house’s: two inches.
    expect(codes(use(doc, 'press-steel', { ...northgate, rows: [{ ...row, spacing: null }] }))).to.include(
      'tube-too-short',
    );
  });

  it('what was measured goes before the sheet', () => {
    const of = standardCatalogue.findPartById(ELBOW)!;
    const used = use(doc, 'press-steel', northgate);
    const deep = applyPlan(
      used,
      mustBe(planMeasurePart(used, of, { port: 'a', depth: inches(1.25) }, { typed: '', by: 'Bo' }, newId)),
    );
    expect(exact(deep, 2)).to.equal(inches(4));
  });

  it('with another maker what was measured on the parts of the one before is taken back, and by undo brought again; before any was named it stays', () => {
    const used = use(doc, 'press-steel', northgate);
    expect(Object.keys(used.ownParts)).to.deep.equal(Object.keys(doc.ownParts));
    const plan = mustBe(planUseMaker(used, 'press-steel', tallow));
    const other = applyPlan(used, plan);
    expect(other.ownParts).to.deep.equal({});
    expect(exact(other, 2)).to.equal(null);
    // A later sheet of the same maker takes nothing back.
    expect(use(used, 'press-steel', { ...northgate, source: 'sheet 2' }).ownParts).to.deep.equal(
      doc.ownParts,
    );
    expect(use(used, 'press-steel', null).ownParts).to.deep.equal({});
    // Of another way of joining nothing is.
    const tubing = sheet('csst', 'Tolvane', { ...newSheetRow('1/2'), radius: inches(4) });
    expect(use(use(used, 'csst', tubing), 'csst', null).ownParts).to.deep.equal(doc.ownParts);
  });

  it('says nothing where it is so already, and refuses a sheet that does not hold together', () => {
    const used = use(doc, 'press-steel', northgate);
    expect(mustBe(planUseMaker(used, 'press-steel', northgate)).ops).to.deep.equal([]);
    expect(mustBe(planUseMaker(doc, 'press-steel', null)).ops).to.deep.equal([]);
    const refused = planUseMaker(doc, 'press-steel', { ...northgate, rows: [newSheetRow('3/4')] });
    expect(!refused.ok && refused.refusal.code).to.equal('sheet-nothing');
  });

  const TUBING: readonly TestLeg[] = [
    [0, 'right', 40],
    [1, 'right', 76, csst],
    [2, 'up', 24, csst],
    [3, 'up', 40],
  ];

  it('tubing is cut by the length of the maker’s end fittings, as if half of each had been measured each side of its middle', () => {
    const run = makeRun(TUBING, '1/2');
    const adapter = 'tube/csst/adapter/1-2/NPT-1-2-female';
    const of = standardCatalogue.findPartById(adapter)!;
    const by = { typed: '', by: 'Bo' };
    const measured = [
      { port: 'tube', reach: inches(1.1875) },
      { port: 'tube', depth: inches(0.25) },
      { port: 'thread', reach: inches(0.9375) },
    ].reduce((now, what) => applyPlan(now, mustBe(planMeasurePart(now, of, what, by, newId))), run);
    const thread = { system: 'NPT', size: '1/2', gender: 'female' } as const;
    const said = use(
      run,
      'csst',
      sheet('csst', 'Quillmere', { ...newSheetRow('1/2', thread), fitting: inches(1.875) }),
    );
    expect(exact(measured, 2)).to.be.a('number');
    expect(exact(said, 2)).to.equal(exact(measured, 2));
    expect(exact(run, 2)).not.to.equal(exact(said, 2));
  });

  it('tubing is bent as its maker says: no tighter, and to the radius it recommends', () => {
    const run = makeRun(TUBING, '1/2');
    const bending = (now: RunDoc) => {
      const { catalogue, rules } = layOut(now);
      const settings = { system: 'csst', material: 'csst', size: '1/2', stock: 'coil' } as const;
      return getCraft(settings).findBending(settings, rules, catalogue)!;
    };
    expect(bending(run)).to.include({ least: inches(1.5), usual: inches(3) });
    const rows = { ...newSheetRow('1/2'), leastRadius: inches(3.5), radius: inches(5) };
    expect(bending(use(run, 'csst', sheet('csst', 'Quillmere', rows)))).to.include({
      least: inches(3.5),
      usual: inches(5),
      recommended: inches(5),
    });
    // Where only the least is said nothing tighter is recommended.
    expect(bending(use(run, 'csst', sheet('csst', 'Quillmere', { ...rows, radius: null })))).to.include({
      least: inches(3.5),
      usual: inches(3.5),
    });
  });

  it('a nut is pulled to what the sheet says, at every end of the tubing and nowhere else', () => {
    const rows = { ...newSheetRow('1/2'), torque: 40_000 };
    const layout = layOut(use(makeRun(TUBING, '1/2'), 'csst', sheet('csst', 'Quillmere', rows)));
    const ends = [...layout.pieces.values()]
      .flat()
      .flatMap((piece) => piece.ends.map(({ joint }) => ({ piece, joint })));
    for (const { piece, joint } of ends)
      expect(joint?.torque?.value ?? null, piece.id).to.equal(joint && piece.path ? 40_000 : null);
    expect(ends.filter(({ joint }) => joint?.torque).length).to.equal(2);
  });
});
