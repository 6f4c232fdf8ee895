<script lang="ts">
  import { missingPart } from './missing-part.svelte.ts';
  import Dialog from './Dialog.svelte';

  function tryAgain(): void {
    const again = missingPart.again;
    missingPart.again = null;
    again?.();
  }
</script>

<Dialog
  bind:open={() => missingPart.again !== null, (open) => !open && (missingPart.again = null)}
  title="Not on this device yet"
>
  <p role="alert">
    What you opened has not been fetched yet, and the server does not answer. What you made is kept on this
    device; everything that was open before goes on working.
  </p>
  <button type="button" class="btn h-12 text-lg btn-primary" onclick={tryAgain}>Try again</button>
</Dialog>
