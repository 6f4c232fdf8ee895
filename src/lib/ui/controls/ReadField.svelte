<script lang="ts">
  import { sayRefusal, type Refusal } from '#words/refusals.ts';

  interface Props {
    label: string;
    value: string;
    /** Why what stands in the field cannot be read; null when it can. */
    refusal: Refusal | null;
    longest?: number;
  }
  let { label, value = $bindable(), refusal, longest = 60 }: Props = $props();
  const id = $props.id();
</script>

<label class="max-w-sm">
  <span class="block font-semibold">{label}</span>
  <input
    class="input h-12 w-full text-xl"
    autocomplete="off"
    maxlength={longest}
    bind:value
    aria-invalid={refusal !== null}
    aria-describedby="{id}-wrong"
  />
</label>
<p id="{id}-wrong" role="status" class="font-semibold text-error empty:hidden">
  {refusal ? sayRefusal(refusal) : ''}
</p>
