<!-- To what joins the two ends at an opening of a run. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { resolve } from '$app/paths';

  interface Props {
    to: { readonly station: string; readonly leg: string };
    ids: { readonly job: string; readonly run: string };
    /** The screen it is asked from. */
    back: 'lay-out' | 'check';
    look?: string;
    children: Snippet;
  }
  let { to, ids, back, look = 'tap btn', children }: Props = $props();
  const query = $derived(new URLSearchParams({ station: to.station, leg: to.leg, back }).toString());
</script>

<a class={look} href="{resolve('/jobs/[job]/runs/[run]/transition', { job: ids.job, run: ids.run })}?{query}"
  >{@render children()}</a
>
