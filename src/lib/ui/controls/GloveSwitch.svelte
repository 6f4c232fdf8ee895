<script lang="ts">
  import Hand from '@lucide/svelte/icons/hand';
  import { gloves } from './gloves.svelte.ts';
</script>

<button
  type="button"
  class="tap btn"
  aria-pressed={gloves.isOn}
  title="Larger targets, and a double press counts once"
  onclick={() => gloves.toggle()}
  ><Hand size={18} aria-hidden="true" /> {gloves.isOn ? 'Gloves on' : 'Gloves'}</button
>
