<script lang="ts">
  import type { Piece } from '#core/runs/pieces';
  import { sayBy } from '#words/people.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { makeTickEvent } from './as-cut.ts';

  let { store, piece }: { store: RunStore; piece: Piece } = $props();
  const id = $props.id();
  let refusal = $state.raw<Refusal | null>(null);

  /** The box shows what is recorded: a tick that is refused leaves it empty. */
  function toggle(box: HTMLInputElement): void {
    const event = makeTickEvent(store, piece);
    refusal = event.ok ? null : event.refusal;
    if (event.ok) store.record(event.value);
    else box.checked = piece.ticked !== null;
  }
</script>

<label class="tap flex cursor-pointer items-center justify-center">
  <input
    type="checkbox"
    class="checkbox checked:bg-accent checked:text-accent-content print:border-black"
    aria-label="Piece {piece.mark} is made as asked"
    aria-describedby={refusal ? `${id}-wrong` : undefined}
    checked={piece.ticked !== null}
    disabled={!piece.cut || piece.cut.exact <= 0}
    onchange={(event) => toggle(event.currentTarget)}
  />
</label>
{#if piece.ticked}<span class="block text-xs text-secondary">{sayBy(piece.ticked.by)}</span>{/if}
{#if refusal}<p id="{id}-wrong" role="alert" class="max-w-56 text-sm text-error">
    {sayRefusal(refusal)}
  </p>{/if}
