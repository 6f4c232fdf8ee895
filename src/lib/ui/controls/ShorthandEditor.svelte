<script lang="ts">
  import { autocompletion, completionKeymap, type CompletionContext } from '@codemirror/autocomplete';
  import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
  import { EditorState, StateEffect, StateField, type Range } from '@codemirror/state';
  import { Decoration, EditorView, keymap, placeholder, WidgetType, type DecorationSet } from '@codemirror/view'; // prettier-ignore
  import { untrack } from 'svelte';
  import { completeLine, type ShorthandProblem } from '#core/shorthand';
  import type { LengthUnit } from '#core/units';
  import { sayShorthandRefusal } from '#words/shorthand.ts';

  interface Props {
    text: string;
    unit: LengthUnit;
    problems: readonly ShorthandProblem[];
    /** The longest text that is taken in, characters. */
    most: number;
    ontext: (text: string) => void;
    /** Control and Enter. */
    onready: () => void;
  }
  let { text, unit, problems, most, ontext, onready }: Props = $props();
  let view: EditorView | null = null;

  /** What is wrong, under the word it is about. */
  class Sentence extends WidgetType {
    readonly problem: ShorthandProblem;
    constructor(problem: ShorthandProblem) {
      super();
      this.problem = problem;
    }
    override eq(other: Sentence): boolean {
      return (
        sayShorthandRefusal(other.problem.refusal) === sayShorthandRefusal(this.problem.refusal) &&
        other.problem.from === this.problem.from
      );
    }
    toDOM(): HTMLElement {
      const line = document.createElement('div');
      line.className = 'cm-wrong';
      line.style.paddingLeft = `min(${this.problem.from}ch, 30%)`;
      line.textContent = `↑ ${sayShorthandRefusal(this.problem.refusal)}`;
      return line;
    }
  }

  const showProblems = StateEffect.define<readonly ShorthandProblem[]>();
  const shown = StateField.define<DecorationSet>({
    create: () => Decoration.none,
    update(marks, change) {
      let next = marks.map(change.changes);
      for (const effect of change.effects) {
        if (effect.is(showProblems)) next = mark(change.state, effect.value);
      }
      return next;
    },
    provide: (field) => EditorView.decorations.from(field),
  });

  function mark(state: EditorState, list: readonly ShorthandProblem[]): DecorationSet {
    const ranges = list.flatMap((problem): Range<Decoration>[] => {
      if (problem.line >= state.doc.lines) return [];
      const line = state.doc.line(problem.line + 1);
      const from = Math.min(line.to, line.from + problem.from);
      const to = Math.min(line.to, line.from + problem.to);
      const under = Decoration.widget({ widget: new Sentence(problem), block: true, side: 1 }).range(line.to);
      return to > from ? [Decoration.mark({ class: 'cm-bad' }).range(from, to), under] : [under];
    });
    return Decoration.set(ranges, true);
  }

  function complete(context: CompletionContext) {
    const line = context.state.doc.lineAt(context.pos);
    const written = line.text.slice(0, context.pos - line.from);
    const { from, words } = completeLine(written, unit);
    if (words.length === 0 || (!context.explicit && from === written.length)) return null;
    return { from: line.from + from, options: words.map((label) => ({ label, type: 'keyword' })) };
  }

  function open(host: HTMLElement): () => void {
    const made = new EditorView({
      parent: host,
      state: EditorState.create({
        doc: untrack(() => text),
        extensions: [
          history(),
          EditorView.lineWrapping,
          // Room for what is said under the line that is typed.
          EditorView.scrollMargins.of(() => ({ bottom: 64 })),
          EditorState.changeFilter.of((change) => change.newDoc.length <= most),
          placeholder('up 48 of 3/4'),
          shown,
          autocompletion({ override: [complete], icons: false }),
          keymap.of([
            {
              key: 'Mod-Enter',
              run: () => {
                onready();
                return true;
              },
            },
            ...completionKeymap,
            ...defaultKeymap,
            ...historyKeymap,
          ]),
          EditorView.contentAttributes.of({
            'aria-label': 'The run in shorthand, one line for each leg',
            spellcheck: 'false',
            autocapitalize: 'off',
          }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged) ontext(update.state.doc.toString());
          }),
        ],
      }),
    });
    view = made;
    $effect(() => {
      made.dispatch({ effects: showProblems.of(problems) });
    });
    // Another text from outside: the run's own again, or what was kept.
    $effect(() => {
      const now = made.state.doc.toString();
      if (text !== now) made.dispatch({ changes: { from: 0, to: now.length, insert: text } });
    });
    return () => {
      view = null;
      made.destroy();
    };
  }

  export const focus = (): void => view?.focus();
</script>

<div class="editor" {@attach open}></div>

<style>
  .editor {
    height: 100%;
    min-height: 0;
  }
  .editor :global(.cm-editor) {
    height: 100%;
    background: var(--color-base-100);
    color: var(--color-base-content);
    font-size: 1.1rem;
  }
  .editor :global(.cm-editor.cm-focused) {
    outline: 3px solid var(--color-accent);
    outline-offset: -3px;
  }
  .editor :global(.cm-scroller) {
    font-family: inherit;
    font-variant-numeric: tabular-nums;
    line-height: 1.65;
  }
  .editor :global(.cm-content) {
    caret-color: var(--color-base-content);
    padding-block: 0.75rem 4rem;
  }
  .editor :global(.cm-cursor) {
    border-left: 2px solid var(--color-base-content);
  }
  .editor :global(.cm-selectionBackground),
  .editor :global(.cm-focused .cm-selectionBackground) {
    background: var(--color-base-300) !important;
  }
  .editor :global(.cm-bad) {
    text-decoration: underline wavy var(--color-error) 2px;
    text-underline-offset: 4px;
  }
  .editor :global(.cm-wrong) {
    color: var(--color-error);
    font-size: 0.95rem;
    line-height: 1.3;
    padding-bottom: 0.35rem;
  }
  .editor :global(.cm-placeholder) {
    color: var(--color-secondary);
  }
  .editor :global(.cm-tooltip) {
    background: var(--color-base-100);
    color: var(--color-base-content);
    border: 1px solid var(--color-secondary);
  }
  .editor :global(.cm-tooltip-autocomplete ul li) {
    padding: 0.45rem 0.75rem !important;
    font-family: inherit;
  }
  .editor :global(.cm-tooltip-autocomplete ul li[aria-selected]) {
    background: var(--color-accent);
    color: var(--color-accent-content);
  }
</style>
