<script lang="ts">
  import { resolve } from '$app/paths';

  interface Props {
    job: string;
    run: string;
    /** What there is nothing to do with yet. */
    title: string;
    /** What the first leg brings here. */
    says: string;
  }
  let { job, run, title, says }: Props = $props();
</script>

<!-- A screen of a run that has no leg: it says what comes first. -->
<section class="max-w-2xl border-y-2 border-base-300 py-6 text-lg">
  <h2 class="text-2xl font-semibold">{title}</h2>
  <p class="my-2">{says}</p>
  <a class="btn h-14 btn-primary" href={resolve('/jobs/[job]/runs/[run]/lay-out', { job, run })}>Lay out</a>
</section>
