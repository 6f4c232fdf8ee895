<script lang="ts">
  import { SHORTHAND_GUIDE } from '#words/shorthand-guide.ts';
  import { CAUTIONS } from '#words/cautions.ts';
</script>

<svelte:head><title>Shorthand · Porthole</title></svelte:head>

<main class="mx-auto flex w-full max-w-5xl flex-col gap-5 p-4 sm:p-6">
  <div>
    <h1 class="text-3xl font-semibold">Shorthand</h1>
    <p class="max-w-3xl text-lg">
      A run written as you would say it, one line for each leg. It is drawn while you write; what cannot be
      read is told under the word, and the rest is drawn all the same.
    </p>
  </div>
  {#each SHORTHAND_GUIDE as { title, says, example } (title)}
    <section class="grid gap-x-6 gap-y-2 border-t border-base-300 pt-4 md:grid-cols-2" aria-label={title}>
      <div>
        <h2 class="text-xl font-semibold">{title}</h2>
        <p>{says}</p>
      </div>
      <pre
        class="border-l-4 border-accent bg-base-200 px-4 py-3 font-[inherit] text-lg whitespace-pre-wrap">{example}</pre>
    </section>
  {/each}
  <p class="border-l-4 border-warning pl-3 text-sm">{CAUTIONS.liveLine}</p>
</main>
