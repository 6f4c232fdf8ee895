<!-- A field in which a figure is typed as a hand writes it: read when it is left, and told where it stands if it is none. -->
<script lang="ts">
  interface Props {
    label: string;
    /** What stands there already, as it is written. */
    shown: string;
    placeholder?: string;
    width?: string | undefined;
    most?: number;
    /** Takes what was typed; gives what is wrong with it, empty where nothing is. */
    read: (typed: string) => string;
  }
  let { label, shown, placeholder = '', width = 'w-36', most = 60, read }: Props = $props();
  const id = $props.id();
  let typed = $state<string | null>(null);
  let wrong = $state('');

  function take(): void {
    if (typed === null) return;
    const text = typed.trim();
    wrong = read(text);
    // What was taken is written anew; a field that was emptied, or says nothing at all, stays as it was left.
    if (wrong === '' && Number(text) !== 0) typed = null;
  }
</script>

<div class="flex flex-col">
  <label class="flex flex-col text-sm"
    ><span class="chart-label">{label}</span>
    <input
      class="tap input {width} {wrong ? 'input-error' : ''}"
      autocomplete="off"
      maxlength={most}
      {placeholder}
      value={typed ?? shown}
      aria-invalid={wrong ? 'true' : undefined}
      aria-describedby={wrong ? `${id}-wrong` : undefined}
      oninput={(event) => {
        typed = event.currentTarget.value;
        wrong = '';
      }}
      onchange={take}
    /></label
  >
  {#if wrong}<p id="{id}-wrong" role="alert" class="max-w-64 text-sm text-error">{wrong}</p>{/if}
</div>
