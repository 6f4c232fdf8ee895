import {
  JOINS,
  listJoinSizes,
  newSheetRow,
  refuseSheet,
  SHEET_FIGURE_NAMES,
  SHEET_JOINS,
  type MakerSheet,
  type SheetFigure,
  type SheetRow,
  type TaperEnd,
  type TubeJoin,
} from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { sayRefusal } from '#words/refusals.ts';
import type { LengthUnit } from '#core/units';
import { newId } from '../../store/new-id.ts';

/** The usual thread of an end fitting that is put on a sheet. */
const USUAL_THREAD: TaperEnd = { system: 'NPT', size: '1/2', gender: 'male' };

/** A maker’s sheet as it is written down. */
export class SheetForm {
  #id = newId();
  /** The sheet as it was begun with: what an edit rests on. Null for a new one. */
  was: MakerSheet | null = null;
  maker = $state('');
  source = $state('');
  join = $state<TubeJoin>('press-copper');
  rows = $state.raw<readonly SheetRow[]>([]);
  /** Whether it was tried to be kept: from then on what is wrong is said. */
  isTried = $state(false);

  /** Takes a sheet to be edited, or begins a new one. */
  begin(sheet: MakerSheet | null): void {
    this.#id = sheet?.id ?? newId();
    this.was = sheet;
    this.maker = sheet?.maker ?? '';
    this.source = sheet?.source ?? '';
    this.join = sheet?.join ?? SHEET_JOINS[0]!;
    this.rows = sheet?.rows ?? [];
    this.isTried = false;
    this.sayNext();
  }

  get id(): string {
    return this.#id;
  }

  sizes = $derived(listJoinSizes(this.join));
  /** The figures of a size, and that of an end fitting, which has a line of its own. */
  figures = $derived(JOINS[this.join].sheet.filter((figure) => figure !== 'fitting'));
  hasFittings = $derived(JOINS[this.join].sheet.includes('fitting'));

  /** The size a new line is of, and its thread where it is of an end fitting. */
  newSize = $state<LegSize>('1/2');
  newThread = $state.raw<TaperEnd | null>(null);

  /** Offers the next size nothing is said of. */
  sayNext(): void {
    const sizes = listJoinSizes(this.join);
    this.newSize = sizes.find((size) => !this.rows.some((row) => row.size === size)) ?? sizes[0]!;
    this.newThread = null;
  }

  /** Other parts: what was said of those before is no figure of these. */
  changeJoin(join: TubeJoin): void {
    this.join = join;
    this.rows = [];
    this.sayNext();
  }

  startThread(isFitting: boolean): void {
    this.newThread = isFitting ? USUAL_THREAD : null;
  }

  /** Whether a line of this is there already. */
  isThere = $derived(
    this.rows.some(
      ({ size, thread }) =>
        size === this.newSize && JSON.stringify(thread) === JSON.stringify(this.newThread),
    ),
  );

  add(): void {
    if (this.isThere) return;
    const order = (size: LegSize): number => this.sizes.indexOf(size);
    this.rows = [...this.rows, newSheetRow(this.newSize, this.newThread)].toSorted(
      (a, b) => order(a.size) - order(b.size) || Number(a.thread !== null) - Number(b.thread !== null),
    );
    if (this.newThread === null) this.sayNext();
  }

  remove(row: SheetRow): void {
    this.rows = this.rows.filter((each) => each !== row);
  }

  say(row: SheetRow, figure: SheetFigure, value: number | null): void {
    this.rows = this.rows.map((each) => (each === row ? { ...row, [figure]: value } : each));
  }

  makerWrong = $derived(
    this.maker.trim() === ''
      ? 'Say whose parts they are: nothing on this sheet is used for another maker’s.'
      : '',
  );
  sourceWrong = $derived(
    this.source.trim() === '' ? 'Say which sheet it is, so that it can be found again.' : '',
  );

  /** What keeps its lines from being taken; empty where nothing does. */
  sayRowsWrong(unit: LengthUnit): string {
    if (this.#said.length === 0) return 'Put in at least one size and a figure of it.';
    const refusal = refuseSheet({ join: this.join, rows: this.#said });
    return refusal ? sayRefusal(refusal, unit) : '';
  }

  /** Lines of which something is said. */
  #said = $derived(this.rows.filter((row) => SHEET_FIGURE_NAMES.some((figure) => row[figure] !== null)));

  toSheet(): MakerSheet {
    return {
      id: this.#id,
      maker: this.maker.trim(),
      join: this.join,
      source: this.source.trim(),
      rows: this.#said,
    };
  }
}
