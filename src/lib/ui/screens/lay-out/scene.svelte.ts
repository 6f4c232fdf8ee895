import type { PlannedChange } from '#core/runs/changes';
import { sayChange } from '#words/changes.ts';
import { afterPaint } from '../../controls/after-paint.svelte.ts';
import type { RunStore } from '../../store/run-store.svelte.ts';
import type { LegEntry } from './leg-entry.svelte.ts';

const nameTurn = (name: string, planned: PlannedChange | undefined): string =>
  planned ? `${name}: ${sayChange(planned.label)}` : name;

/**
 * What Lay out shows. What was typed is there at once; the cut, the drawing, the list and the findings follow it by a frame, together.
 * Each is read by itself, so that what did not change between two pictures is not drawn again.
 */
export class Scene {
  readonly #scene;

  /** Begins with the screen: what it follows is let go of with it. */
  constructor(store: RunStore, entry: LegEntry) {
    this.#scene = afterPaint(
      () => [store.facts, store.steps.done, entry.said],
      () => ({
        layout: entry.layout,
        draft: entry.draft,
        leg: entry.selected?.id ?? null,
        point: entry.selected ? null : entry.growingNode,
        selected: entry.part ?? entry.leg,
        growing: entry.leg ? null : entry.growing,
        quarters: entry.quarters,
        findings: store.findings,
        undoes: nameTurn('Undo', store.steps.done.at(-1)),
        redoes: nameTurn('Redo', store.steps.undone.at(-1)),
      }),
    );
  }

  layout = $derived.by(() => this.#scene.current.layout);
  draft = $derived.by(() => this.#scene.current.draft);
  leg = $derived.by(() => this.#scene.current.leg);
  point = $derived.by(() => this.#scene.current.point);
  selected = $derived.by(() => this.#scene.current.selected);
  growing = $derived.by(() => this.#scene.current.growing);
  quarters = $derived.by(() => this.#scene.current.quarters);
  findings = $derived.by(() => this.#scene.current.findings);
  undoes = $derived.by(() => this.#scene.current.undoes);
  redoes = $derived.by(() => this.#scene.current.redoes);
}
