<script lang="ts">
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import { SMELL_OF_GAS } from '#words/cautions.ts';
  import Dialog from './Dialog.svelte';

  let open = $state(false);
</script>

<button type="button" class="tap btn gap-1 px-3 btn-error" onclick={() => (open = true)}>
  <TriangleAlert size={18} aria-hidden="true" />
  <span>Smell<span class="max-sm:sr-only">&nbsp;of</span>&nbsp;gas</span>
</button>
<Dialog bind:open title={SMELL_OF_GAS.title} tone="danger">
  <ol class="list-decimal space-y-3 pl-7 text-xl font-medium">
    {#each SMELL_OF_GAS.steps as step (step)}
      <li>{step}</li>
    {/each}
  </ol>
  <p class="text-lg">{SMELL_OF_GAS.lp}</p>
</Dialog>
