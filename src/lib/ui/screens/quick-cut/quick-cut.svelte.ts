import { getMaterialTraits } from '#core/materials';
import type { ThreadedMaterial } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import { catalogue } from '../../catalogue.ts';
import {
  FIRST_QUICK_CUT,
  findUnmeasuredPart,
  groupAlike,
  isQuickKindMade,
  makeQuickRun,
  QUICK_LIST,
  QUICK_POINTS,
  type AlikePieces,
  type KeptQuickCut,
  type QuickBench,
  type QuickCut,
  type QuickKind,
  type QuickPoint,
  type QuickRun,
} from '#core/cutting';
import { LIMITS } from '#core/shapes';
import { resolveRules, type RuleChoices, METRIC_CHOICES, tapeRoundingRule } from '#core/house-rules';
import { accept, type Result } from '#core/outcome';
import { applyOps, type PlannedChange, NO_FACTS } from '#core/runs/changes';
import { checkRun, findForbidden, type Finding } from '#core/checks';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import type { Piece } from '#core/runs/pieces';
import type { Ref, RunDoc } from '#core/runs/document';
import { isBeyondHope, parseMeasure, type TapeGraduation, type LengthUnit } from '#core/units';
import { sayTyped } from '#words/length-text.ts';
import type { Refusal } from '#words/refusals.ts';
import { getNow } from '../../store/get-now.ts';
import { newId } from '../../store/new-id.ts';
import { bench as atTheBench, readSetting, writeSetting } from '../../store/bench.svelte.ts';
import type { EntryStore } from '../lay-out/leg-entry.svelte.ts';

const KEY = 'porthole-quick-cut';

/** What is asked, one thing at a time; `part` only where a part's length is fixed nowhere. */
export const QUICK_STEPS = ['size', 'one', 'other', 'part', 'measure'] as const;
export type QuickStep = (typeof QUICK_STEPS)[number];

/** One piece, asked for without a job. Each answer leads to the next question; every one can be gone back to. */
export class QuickCutBench implements EntryStore {
  readonly catalogue = catalogue;
  step = $state<QuickStep>('size');
  phase = $state<'opening' | 'ready'>('opening');
  unit = $state<LengthUnit>('in');
  /** The length of the part that is asked for, as typed so far. */
  typedPart = $state('');
  #typed = $state('');
  list = $state.raw<readonly KeptQuickCut[]>([]);
  refusal = $state.raw<Refusal | null>(null);
  #cut = $state.raw<QuickCut>(FIRST_QUICK_CUT);
  /** What was changed in a reason: rules for this piece, a clocking. */
  #changed = $state.raw<Pick<RunDoc, 'ruleChoices' | 'clockings'> | null>(null);
  readonly #choices: () => RuleChoices;

  /** The measure, as typed so far. */
  get typed(): string {
    return this.#typed;
  }
  set typed(typed: string) {
    this.#typed = typed;
    this.refusal = null;
    this.#write();
  }
  reading = $derived.by(() => (this.typed.trim() ? parseMeasure(this.typed, this.unit) : null));
  cut = $derived.by((): QuickCut => {
    const { reading } = this;
    const measure = reading?.ok ? { value: reading.value.length, typed: this.typed.trim() } : null;
    return { ...this.#cut, measure };
  });
  #run = $derived.by(() => {
    const run = this.#make(this.cut, this.unit);
    return { ...run, doc: { ...run.doc, ...this.#changed } };
  });
  doc = $derived.by((): RunDoc => this.#run.doc);
  rules = $derived.by(() => resolveRules(this.doc.ruleChoices));
  layout = $derived.by((): RunLayout => layOutRun(this.doc, catalogue, this.rules, NO_FACTS));
  /** Several where the leg is longer than the stock. */
  pieces = $derived.by((): readonly Piece[] => this.layout.pieces.get(this.#run.leg) ?? []);
  leg = $derived.by((): string => this.#run.leg);
  /** What is to be said of this piece: of its neighbours nothing is asked. */
  findings = $derived.by((): Finding[] => {
    const own = [
      this.#run.leg,
      ...this.#run.ends,
      ...this.pieces.flatMap(({ id, ends }) => [id, ...ends.map((end) => end.id)]),
      ...Object.keys(this.doc.measures),
    ];
    return checkRun(this.layout).filter(
      ({ code, subject }) => own.includes(subject) && code !== 'measure-missing' && code !== 'open-end',
    );
  });
  /** What stands in the place of the number: what forbids the cut or, where there is none, what is to be asked for one. */
  verdict = $derived.by((): Finding | null => {
    const [first] = this.findings;
    if (!first || !this.cut.measure) return null;
    return first.severity === 'stop' || this.pieces.some(({ cut }) => !cut) ? first : null;
  });
  /** What is wrong with what was typed, as soon as it cannot become right any more or was entered as it stands. */
  wrong = $derived.by((): Refusal | null => {
    if (this.refusal) return this.refusal;
    const { reading } = this;
    return reading && !reading.ok && isBeyondHope(this.typed, this.unit) ? reading.refusal : null;
  });
  /** A part at one of the ends whose length nobody knows yet. */
  unmeasured = $derived.by((): string | null => {
    const [one, other] = this.cut.ends;
    return findUnmeasuredPart(one, this.cut, catalogue) ?? findUnmeasuredPart(other, this.cut, catalogue);
  });
  details = $derived.by(() => ({ units: this.unit }));

  constructor(choices: () => RuleChoices) {
    this.#choices = choices;
  }

  /** How it was left on this device. Whoever comes back is asked for the measure. */
  async open(): Promise<void> {
    const kept = readSetting(KEY);
    if (kept !== null) {
      const { readQuickBench } = await import('../../store/read-quick-bench.ts');
      const bench = readQuickBench(kept);
      if (bench) {
        this.#cut = { ...bench.cut, measure: null };
        [this.unit, this.#typed, this.list, this.step] = [bench.unit, bench.typed, bench.list, 'measure'];
      }
    }
    this.phase = 'ready';
  }

  isMade = (kind: QuickKind): boolean => isQuickKindMade(kind, this.#cut, catalogue);

  pickSize(material: ThreadedMaterial, size: NominalSize): void {
    if (material !== this.#cut.material) this.unit = getMaterialTraits(material).unit;
    const next = { ...this.#cut, material, size };
    const [one, other] = next.ends.map((end) =>
      isQuickKindMade(end.kind, next, catalogue) ? end : FIRST_QUICK_CUT.ends[0],
    );
    this.#take({ ...next, ends: [one!, other!] });
    this.step = 'one';
  }

  pickKind(which: 0 | 1, kind: QuickKind): void {
    // An open end is the pipe's own: there is nothing else to measure to.
    this.#put(which, { kind, at: kind === 'open' ? 'end' : 'centre' });
    if (which === 0) this.step = 'other';
    else this.#goOn();
  }

  pickPoint(which: 0 | 1, at: QuickPoint): void {
    this.#put(which, { ...this.#cut.ends[which], at });
  }

  /** On from the ends: to a length that nobody knows, or to the measure. */
  #goOn(): void {
    this.step = this.unmeasured ? 'part' : 'measure';
  }

  enterPart(): void {
    const of = this.unmeasured;
    const read = parseMeasure(this.typedPart, this.unit);
    this.refusal = read.ok ? null : read.refusal;
    if (!of || !read.ok) return;
    const measured = { length: read.value.length, typed: this.typedPart.trim() };
    this.#take({ ...this.#cut, own: { ...this.#cut.own, [of]: measured } });
    this.typedPart = '';
    this.#goOn();
  }

  /** Puts this piece on the list, and asks for the next measure between the same ends. */
  keep(): void {
    const { cut, reading } = this;
    if (!cut.measure) {
      this.refusal = reading && !reading.ok ? reading.refusal : { code: 'length-empty' };
      return;
    }
    const kept: KeptQuickCut = { id: newId(), cut, unit: this.unit, at: getNow() };
    this.list = [kept, ...this.list].slice(0, QUICK_LIST);
    this.#changed = null;
    this.typed = '';
  }

  /** Takes a piece off the list back onto the bench. */
  takeBack({ cut, unit }: KeptQuickCut): void {
    this.unit = unit;
    this.#take({ ...cut, measure: null });
    this.typed = cut.measure?.typed ?? '';
    this.step = 'measure';
  }

  /** What a piece on the list comes to, and the tape it is on; nothing where it has no cut any more. */
  look({ cut, unit }: KeptQuickCut): { alike: readonly AlikePieces[]; graduation: TapeGraduation } {
    const { run, leg } = this.#layOut(cut, unit);
    const pieces = run.pieces.get(leg) ?? [];
    const isCut = pieces.every((piece) => piece.cut !== null && !findForbidden(piece, run));
    return { alike: isCut ? groupAlike(pieces) : [], graduation: run.rules['tape-rounding'].option };
  }

  #layOut(cut: QuickCut, unit: LengthUnit): { run: RunLayout; leg: string } {
    const { doc, leg } = this.#make(cut, unit);
    return { run: layOutRun(doc, catalogue, resolveRules(doc.ruleChoices), NO_FACTS), leg };
  }

  /** With ids of its own making, the same ones for the same ends: a reason that is open stays so. */
  #make(cut: QuickCut, unit: LengthUnit): QuickRun {
    let made = 0;
    const begin = {
      id: 'quickcut00',
      catalogueVersion: catalogue.version,
      ruleChoices: this.#getChoices(unit),
    };
    return makeQuickRun(cut, begin, () => `quick${String(made++).padStart(4, '0')}`);
  }

  strike(id: string): void {
    this.list = this.list.filter((each) => each.id !== id);
    this.#write();
  }

  chooseUnit(unit: LengthUnit): void {
    this.unit = unit;
    this.#write();
  }

  /** The same piece as the beginning of a run, under the rules of the job it goes to. */
  makeRun(): RunDoc {
    const begin = {
      id: newId(),
      catalogueVersion: catalogue.version,
      ruleChoices: {},
      by: atTheBench.signature,
    };
    return makeQuickRun(this.cut, begin, newId).doc;
  }

  /** What a reason or the tape changes: rules and clockings for this piece, its measure and what that is taken between. */
  apply({ ops }: PlannedChange): Result<void, Refusal> {
    const applied = applyOps(this.doc, ops);
    if (!applied.ok) return applied;
    const { ruleChoices, clockings, measures } = applied.value;
    const [measure] = Object.values(measures);
    if (measure) {
      for (const ref of [measure.from, measure.to]) this.#takeRef(ref);
      const read = parseMeasure(measure.typed, this.unit);
      this.typed =
        read.ok && read.value.length === measure.value ? measure.typed : sayTyped(measure.value, this.unit);
    }
    this.#changed = { ruleChoices, clockings };
    return accept(undefined);
  }

  /** The shop's choices; the tape is one of the unit that is worked in, as it is in a job. */
  #getChoices(unit: LengthUnit): RuleChoices {
    const choices = this.#choices();
    const isMetric = resolveRules(choices)['tape-rounding'].option === '1 mm';
    if (isMetric === (unit === 'mm')) return choices;
    const tape = { option: unit === 'mm' ? '1 mm' : tapeRoundingRule.default } as const;
    return { ...(unit === 'mm' ? METRIC_CHOICES : {}), ...choices, 'tape-rounding': tape };
  }

  #takeRef({ id, at }: Ref): void {
    const which = this.#run.ends.indexOf(id);
    const point = QUICK_POINTS.find((each) => each === at);
    if (point && (which === 0 || which === 1)) this.#put(which, { ...this.#cut.ends[which], at: point });
  }

  #put(which: 0 | 1, end: QuickCut['ends'][number]): void {
    const [one, other] = this.#cut.ends;
    this.#take({ ...this.#cut, ends: which === 0 ? [end, other] : [one, end] });
  }

  #take(cut: QuickCut): void {
    this.refusal = null;
    this.#changed = null;
    this.#cut = cut;
    this.#write();
  }

  #write(): void {
    const kept: QuickBench = {
      cut: this.#cut,
      unit: this.unit,
      typed: this.#typed.slice(0, LIMITS.typed),
      list: this.list,
    };
    writeSetting(KEY, JSON.stringify(kept));
  }
}
