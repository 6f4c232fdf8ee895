<script lang="ts">
  import type { Piece } from '#core/runs/pieces';
  import { sayTyped } from '#words/length-text.ts';
  import { sayBy } from '#words/people.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { makeAsCutEvent } from './as-cut.ts';

  let { store, piece }: { store: RunStore; piece: Piece } = $props();
  const id = $props.id();
  const unit = $derived(store.details?.units ?? 'in');
  const recorded = $derived(piece.asCut ? sayTyped(piece.asCut.length, unit) : '');
  let typed = $state<string | null>(null);
  let refusal = $state.raw<Refusal | null>(null);

  function keep(): void {
    if (typed === null || typed.trim() === recorded || (typed.trim() === '' && !piece.asCut)) {
      typed = null;
      refusal = null;
      return;
    }
    const event = makeAsCutEvent(store, piece, typed);
    refusal = event.ok ? null : event.refusal;
    if (!event.ok) return;
    store.record(event.value);
    typed = null;
  }
</script>

<div>
  <input
    class="tap input w-32 print:border-black {refusal ? 'input-error' : ''}"
    aria-label="As cut, piece {piece.mark}"
    aria-invalid={refusal ? 'true' : undefined}
    aria-describedby={refusal ? `${id}-wrong` : undefined}
    autocomplete="off"
    maxlength="60"
    value={typed ?? recorded}
    disabled={!piece.cut || piece.cut.exact <= 0}
    oninput={(event) => (typed = event.currentTarget.value)}
    onchange={keep}
  />
  {#if piece.asCut}<span class="block text-xs text-secondary">{sayBy(piece.asCut.by)}</span>{/if}
  {#if refusal}<p id="{id}-wrong" role="alert" class="max-w-56 text-sm text-error">
      {sayRefusal(refusal, unit)}
    </p>{/if}
</div>
