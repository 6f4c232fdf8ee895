<script lang="ts">
  import CircleAlert from '@lucide/svelte/icons/circle-alert';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';

  interface Props {
    refusal: Refusal;
    id?: string;
  }
  let { refusal, id }: Props = $props();
</script>

<p {id} role="alert" class="flex gap-2 font-medium text-error">
  <CircleAlert size={20} class="mt-0.5 shrink-0" aria-hidden="true" />
  <span>{sayRefusal(refusal)}</span>
</p>
