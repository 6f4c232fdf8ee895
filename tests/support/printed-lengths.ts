import { expect } from 'chai';
import DxfParser, { type ILineEntity } from 'dxf-parser';
import { makeCutSheet } from '#core/cutting';
import { writeSvg } from '#core/drawing';
import { makeCutSheetTable, writeRunDxf } from '#core/formats';
import { explainPiece } from '#core/runs/explaining';
import type { RunLayout } from '#core/runs/layout';
import { newRun } from '#core/runs/document';
import { makeWrittenRun, readShorthand, writeShorthand } from '#core/shorthand';
import { getMarks, layTape } from '#core/tape';
import { parseLength, INCH, MILLIMETRE, toInches, toMillimetres, type LengthUnit } from '#core/units';
import { sayExact, sayNumber } from '#words/length-text.ts';
import { sayTubeWay } from '#words/tube.ts';
import { layOut, makeIds, mustBe } from './make-run.ts';

/** A row of the cut sheet as its file has it, by its headings. */
export interface PrintedRow {
  readonly mark: string;
  readonly read: (heading: string) => string;
  readonly number: (heading: string) => number;
}

/** The rows of the file of a run's cut sheet, in its order. */
export function readCutSheet(layout: RunLayout): readonly PrintedRow[] {
  const versions = { app: '1', catalogue: '2', rulePack: '3', run: 'Run', revision: 1 };
  const graduation = layout.rules['tape-rounding'].option;
  const [headings = [], ...lines] = makeCutSheetTable(makeCutSheet(layout), graduation, versions);
  return lines.map((line) => {
    const read = (heading: string): string => {
      expect(headings, heading).to.include(heading);
      return line[headings.indexOf(heading)]!;
    };
    return { mark: read('mark'), read, number: (heading) => Number(read(heading)) };
  });
}

const minus = (said: string): string => said.replace('−', '-');
const readLength = (said: string, unit: LengthUnit): number => mustBe(parseLength(said, unit)).length;

/** What is added to a tube, as it is said beside it: inches. */
const readAdds = (said: string): number =>
  [...said.matchAll(/(?:with|and) ([^,]+?) (?:of slack|to trim)/g)].reduce(
    (sum, [, written]) => sum + toInches(readLength(written!, 'in')),
    0,
  );

/**
 * Holds the rows of the cut sheet's file against every other place that says how long a piece is: the words of the screens, the reason, the
 * tape, the drawing, the centre lines and the shorthand. Gives what was held, by the kind of piece and the place.
 */
export function expectOneLength(layout: RunLayout, about: string): readonly string[] {
  const held: string[] = [];
  const graduation = layout.rules['tape-rounding'].option;
  const isMetric = graduation.endsWith('mm');
  const unit: LengthUnit = isMetric ? 'mm' : 'in';
  const rows = readCutSheet(layout);
  for (const [place, { piece, nipple }] of makeCutSheet(layout).rows.entries()) {
    if (!piece.cut) continue;
    const { read, number, mark } = rows[place]!;
    const of = `${mark} of ${about}`;
    const exact = number('cut exact (in)');
    // The way, less what the fittings take off, and what is cut longer: from the printed figures alone.
    const way = number(piece.path ? 'developed (in)' : 'centre-to-centre (in)');
    const adds = number('slack in the cut (in)') + number('to trim in place in the cut (in)');
    const reckoned = way - number('allowance A (in)') - number('allowance B (in)') + adds;
    const isWhole = layout.pieces.get(piece.leg)!.length === 1;
    if (piece.path || isWhole) expect(exact, of).to.be.closeTo(reckoned, 6e-5);
    expect(number('cut (mm)'), of).to.be.closeTo(exact * 25.4, 0.0055);
    const taped = readLength(read('cut on the tape'), unit);
    if (nipple === null) expect(toInches(taped) - exact, of).to.be.closeTo(number('rounding (in)'), 2e-5);
    else {
      // What is bought has its own length: the tape shows it as near as it can.
      expect(number('nipple to buy (in)') - exact, of).to.be.closeTo(number('rounding (in)'), 2e-5);
      expect(toInches(taped), of).to.be.closeTo(number('nipple to buy (in)'), 1 / 32);
    }
    // The screens: the cut sheet and the vise say it with these words.
    expect(Number.parseFloat(minus(sayExact(piece.cut.whole, 'in'))), of).to.be.closeTo(exact, 1e-5);
    expect(Number(minus(sayNumber(toMillimetres(piece.cut.whole), 1))), of).to.be.closeTo(
      exact * 25.4,
      0.0505,
    );
    expect(readAdds(sayTubeWay(piece, 'in')), of).to.be.closeTo(adds, 2 / 32 + 1e-6);
    const kind = `${layout.legs.get(piece.leg)!.leg.material}${adds > 0 ? ', cut longer' : ''}`;
    held.push(kind);
    // The reason behind it ends at the tape, and its terms come to it.
    const last = explainPiece(piece, layout)?.at(-1);
    if (last && nipple === null) {
      expect(last.result.value, of).to.equal(taped);
      expect(
        last.terms.reduce((sum, { value }) => sum + value, 0),
        of,
      ).to.equal(taped);
      held.push(`${kind}: why`);
    }
    // The tape along its leg: from the end in the one fitting to the end in the other.
    const tape = piece.path || !isWhole ? null : layTape(layout, piece.leg)!;
    const ends = tape && getMarks(tape).filter(({ ref, at }) => ref.at === 'end' && at !== null);
    if (ends?.length === 2) {
      expect(Math.abs(toInches(ends[1]!.at! - ends[0]!.at!)), of).to.be.closeTo(exact, 2e-5);
      held.push(`${kind}: tape`);
    }
  }
  held.push(...holdDrawing(layout, unit, rows, about), ...holdLines(layout, rows, about));
  if (holdShorthand(layout, unit, rows, about)) held.push('shorthand');
  return held;
}

/** Rows of legs that are one straight piece, and their legs: their centres are the leg's. */
const listWhole = (layout: RunLayout, rows: readonly PrintedRow[]) =>
  makeCutSheet(layout).rows.flatMap(({ piece }, i) => {
    const laid = layout.legs.get(piece.leg)!;
    const isWhole =
      !piece.path && layout.pieces.get(piece.leg)!.length === 1 && piece.centreToCentre !== null;
    return isWhole ? [{ laid, row: rows[i]! }] : [];
  });

/** The drawing: a leg measured from centre to centre has that measure beside it. */
function holdDrawing(
  layout: RunLayout,
  unit: LengthUnit,
  rows: readonly PrintedRow[],
  about: string,
): string[] {
  const svg = writeSvg(layout, unit, 'Run', 'Run');
  const written = [...svg.matchAll(/<text [^>]*data-subject="([^"]*)">([^<]*)<\/text>/g)];
  // Nothing that is measured or worked out has decimals that no tape has.
  for (const [, , text] of svg.matchAll(/<text ([^>]*)>([^<]*)<\/text>/g))
    expect(text, about).to.not.match(/\d\.\d+ (?:in|mm)/);
  return listWhole(layout, rows).flatMap(({ laid, row }) => {
    const own = Object.values(layout.doc.measures).find(
      ({ from, to, along }) =>
        along === null &&
        from.at === 'centre' &&
        to.at === 'centre' &&
        [from.id, to.id].every((id) => [laid.near, laid.far].includes(id)),
    );
    if (!own || layout.doc.legs[laid.id]!.geometry.kind !== 'axis') return [];
    const said = written
      .filter(([, subject]) => subject === laid.id)
      .map(([, , text]) => text!.replaceAll('&#39;', "'").replaceAll('&#34;', '"'));
    const lengths = said.flatMap((text) => {
      const read = parseLength(text, unit);
      return read.ok && /[a-z"'“]|\d \d/.test(text) ? [toInches(read.value.length)] : [];
    });
    // As finely as a tape says it: half a sixteenth, or half a millimetre.
    const finest = unit === 'in' ? 1 / 32 : 0.5 / 25.4;
    const nearest = Math.min(
      ...lengths.map((length) => Math.abs(length - row.number('centre-to-centre (in)'))),
    );
    expect(nearest, `leg ${laid.leg.tag} of ${about}: ${said.join(' | ')}`).to.be.at.most(finest + 1e-5);
    return [`${laid.leg.material}: drawing`];
  });
}

/** The centre lines, read back by a parser. */
function holdLines(layout: RunLayout, rows: readonly PrintedRow[], about: string): string[] {
  const legs = [...layout.legs.values()].filter(({ centreToCentre }) => centreToCentre !== null);
  return (['in', 'mm'] as const).flatMap((unit) => {
    const entities = new DxfParser().parseSync(writeRunDxf(layout, unit).text)!.entities;
    const lines = entities.filter((entity): entity is ILineEntity => entity.type === 'LINE');
    return listWhole(layout, rows).map(({ laid, row }) => {
      const [a, b] = lines[legs.indexOf(laid)]!.vertices;
      const length =
        Math.hypot(b!.x - a!.x, b!.y - a!.y, b!.z - a!.z) * ((unit === 'in' ? INCH : MILLIMETRE) / INCH);
      expect(length, `leg ${laid.leg.tag} of ${about}`).to.be.closeTo(
        row.number('centre-to-centre (in)'),
        2e-5,
      );
      return `${laid.leg.material}: lines`;
    });
  });
}

/** The shorthand: what is written from it is cut the same. */
function holdShorthand(
  layout: RunLayout,
  unit: LengthUnit,
  rows: readonly PrintedRow[],
  about: string,
): boolean {
  const { doc } = layout;
  // Parts between two ends, whose parts are used and what a hand turned are of the run, not of its shorthand.
  if ([doc.picks, doc.clockings].some((each) => Object.keys(each).length > 0)) return false;
  const { sentences, problems } = readShorthand(writeShorthand(doc, unit), unit);
  expect(problems, about).to.deep.equal([]);
  const bare = {
    ...newRun('writtenrun', doc.catalogueVersion, doc.ruleChoices),
    ownParts: doc.ownParts,
    shopParts: doc.shopParts,
    makers: doc.makers,
  };
  const made = makeWrittenRun(sentences, bare, makeIds('printed'));
  expect(made.problems, about).to.deep.equal([]);
  const cuts = (of: readonly PrintedRow[]) =>
    of.map(({ mark, read }) => [mark, read('cut exact (in)'), read('cut on the tape')]);
  const again = readCutSheet(layOut(made.doc));
  expect(cuts(again), about).to.deep.equal(cuts(rows));
  return rows.length > 0;
}
