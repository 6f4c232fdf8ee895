<script lang="ts">
  import type { Snippet } from 'svelte';
  import X from '@lucide/svelte/icons/x';
  import { getBackCloses } from './back-closes.ts';

  interface Props {
    open: boolean;
    title: string;
    /** Danger is framed in vermilion. */
    tone?: 'plain' | 'danger';
    /** Without a way out until an answer is given. */
    mustAnswer?: boolean;
    onclose?: () => void;
    children: Snippet;
  }
  let { open = $bindable(), title, tone = 'plain', mustAnswer = false, onclose, children }: Props = $props();
  const id = $props.id();

  function show(dialog: HTMLDialogElement): void {
    $effect(() => {
      if (open && !dialog.open) dialog.showModal();
      if (!open && dialog.open) dialog.close();
    });
    $effect(() => {
      if (!open) return;
      return getBackCloses().open({
        close: () => {
          if (mustAnswer) return false;
          open = false;
          return true;
        },
      });
    });
  }

  /** Another title is another page: it is read from its top. */
  function rewind(box: HTMLDivElement): void {
    $effect(() => {
      if (title) box.scrollTop = 0;
    });
  }

  /** Said a moment later: a dialog that was opened again in between stays open. */
  function onClosed(dialog: HTMLDialogElement): void {
    if (dialog.open) return;
    open = false;
    onclose?.();
  }
</script>

<dialog
  {@attach show}
  class="modal"
  aria-labelledby="{id}-title"
  onclose={(event) => onClosed(event.currentTarget)}
  oncancel={(event) => {
    event.preventDefault();
    if (!mustAnswer) open = false;
  }}
>
  {#if open}
    <div
      {@attach rewind}
      class="modal-box flex max-h-[92dvh] max-w-2xl flex-col gap-4 border-2 text-base-content {tone ===
      'danger'
        ? 'border-error'
        : 'border-base-300'}"
    >
      <div class="flex items-start justify-between gap-4">
        <h2 id="{id}-title" class="text-2xl font-semibold {tone === 'danger' ? 'text-error' : ''}">
          {title}
        </h2>
        {#if !mustAnswer}
          <button
            type="button"
            class="tap btn btn-ghost px-2"
            aria-label="Close"
            onclick={() => (open = false)}
          >
            <X aria-hidden="true" />
          </button>
        {/if}
      </div>
      {@render children()}
    </div>
  {/if}
</dialog>
