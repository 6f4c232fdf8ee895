import { expect } from 'chai';
import DxfParser, { type ILineEntity } from 'dxf-parser';
import { parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { makeCutSheet } from '#core/cutting';
import { writeSvg } from '#core/drawing';
import { INCH, MILLIMETRE } from '#core/units';
import { getLeg, layOut, makeRun, madeUp, offset } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { makePurchaseTable } from './purchase-csv.ts';
import { writeRunDxf } from './run-dxf.ts';

const SEED = 20_267;
const versions = { app: '0', catalogue: '1', rulePack: '1', run: 'Run', revision: 3 };
const WHOLE = makeRun([
  [0, 'up', 48],
  [1, 'right', 60],
  [2, 'down', 20, { size: '1/2' }],
  [2, 'right', 36],
  [3, 'down', null, { geometry: offset('down', ['left', 6], ['out', 8]), size: '1/2' }],
  [5, 'down', 24, { size: '1/2', cap: true }],
  [4, 'down', null, { geometry: madeUp('down') }],
]);

describe(`the run as DXF (seed ${SEED})`, () => {
  for (const unit of ['in', 'mm'] as const) {
    it(`has the centre line of every leg, read back by a parser, in ${unit}`, () => {
      const scale = unit === 'in' ? INCH : MILLIMETRE;
      const docs = [WHOLE, ...Array.from({ length: 20 }, (_, i) => makeRandomRun(1 + i * 3, SEED + i))];
      for (const doc of docs) {
        const layout = layOut(doc);
        const { text, missing } = writeRunDxf(layout, unit);
        const read = new DxfParser().parseSync(text)!;
        expect(read.header['$INSUNITS']).to.equal(unit === 'in' ? 1 : 4);
        const lines = read.entities.filter((entity): entity is ILineEntity => entity.type === 'LINE');
        const legs = [...layout.legs.values()].filter(({ centreToCentre }) => centreToCentre !== null);
        expect([lines.length, missing.length]).to.deep.equal([legs.length, layout.legs.size - legs.length]);
        for (const [i, { near, far, leg, centreToCentre }] of legs.entries()) {
          const [a, b] = lines[i]!.vertices as [
            { x: number; y: number; z: number },
            { x: number; y: number; z: number },
          ];
          for (const [read, node] of [
            [a, near],
            [b, far],
          ] as const) {
            const { x, y, z } = layout.nodes.get(node)!.position;
            for (const [at, wanted] of [
              [read.x, x],
              [read.y, y],
              [read.z, z],
            ] as const)
              expect(at).to.be.closeTo(wanted / scale, 1e-6);
          }
          expect(Math.hypot(b.x - a.x, b.y - a.y, b.z - a.z)).to.be.closeTo(centreToCentre! / scale, 1e-6);
          expect(lines[i]!.layer).to.equal(leg.material);
        }
        const all = (axis: 'x' | 'y' | 'z') =>
          lines.flatMap(({ vertices }) => vertices.map((vertex) => vertex[axis]));
        const nodes = [...layout.nodes.values()].map(({ position }) => position);
        for (const axis of ['x', 'y', 'z'] as const) {
          if (legs.length < layout.legs.size) continue;
          expect(Math.max(...all(axis))).to.be.closeTo(
            Math.max(...nodes.map((at) => at[axis])) / scale,
            1e-6,
          );
          expect(Math.min(...all(axis))).to.be.closeTo(
            Math.min(...nodes.map((at) => at[axis])) / scale,
            1e-6,
          );
        }
      }
    });
  }

  it('leaves out a leg that is not measured, and names it', () => {
    expect(writeRunDxf(layOut({ ...WHOLE, measures: {} }), 'in').missing).to.include.members([1, 2, 3]);
  });
});

describe('the line as SVG', () => {
  it('has every leg, stands alone, and keeps what is written in it harmless', () => {
    const svg = writeSvg(layOut(WHOLE), 'in', 'A <b> & "c"', 'Porthole 0');
    for (const tag of [1, 2, 3, 4, 5, 6, 7])
      expect(svg).to.contain(`data-subject="${getLeg(WHOLE, tag).id}"`);
    expect(svg).to.contain('<title>A &#60;b&#62; &#38; &#34;c&#34;</title>');
    expect(svg).to.not.match(/<script|href=|NaN|undefined|Infinity/);
  });

  it('of an empty run is an empty sheet', () => {
    expect(writeSvg(layOut(makeRun([])), 'in', 'Empty', '')).to.match(/^<\?xml[\s\S]*<\/svg>\n$/);
  });
});

describe('the purchase list as CSV', () => {
  it('counts pipe, nipples and fittings as the cut sheet does, its units in the headings', () => {
    const layout = layOut(WHOLE);
    const sheet = makeCutSheet(layout);
    const table = makePurchaseTable(sheet, layout.rules, versions);
    const text = stringify(table, { record_delimiter: 'windows' });
    const rows = parse(text, { columns: true }) as Record<string, string>[];
    expect(Object.keys(rows[0]!)).to.include.members(['length each (in)', 'length each (mm)', 'in all (ft)']);
    const count = (kind: string) =>
      rows.filter((row) => row['kind'] === kind).reduce((sum, row) => sum + Number(row['count (pieces)']), 0);
    expect(count('fitting')).to.equal(sheet.fittings.reduce((sum, each) => sum + each.count, 0));
    expect(count('nipple')).to.equal(sheet.nipples.reduce((sum, each) => sum + each.count, 0));
    expect(count('pipe')).to.equal(sheet.sizes.reduce((sum, each) => sum + each.stockAtLeast!, 0));
    expect(rows.every((row) => row['revision'] === '3')).to.equal(true);
  });
});
