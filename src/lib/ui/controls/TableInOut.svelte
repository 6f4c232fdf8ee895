<!-- What a shop keeps, added to by hand, brought in and handed out as a table. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { asset } from '$app/paths';
  import Download from '@lucide/svelte/icons/download';
  import Plus from '@lucide/svelte/icons/plus';
  import Upload from '@lucide/svelte/icons/upload';
  import type { Result } from '#core/outcome';
  import { LIMITS } from '#core/shapes';
  import type { Refusal } from '#words/refusals.ts';
  import { loadModule } from '../store/load-module.ts';
  import TroubleNote from './TroubleNote.svelte';

  interface Props {
    names: { readonly add: string; readonly bring: string; readonly save: string };
    /** The file of the table’s schema, under /schemas/. */
    schema: string;
    isEmpty: boolean;
    /** What the server said no to, where nothing else is to be said. */
    trouble: Refusal | null;
    onadd: () => void;
    /** Hands the table out; what it needs is fetched then. */
    save: () => Promise<void>;
    /** Reads a table and keeps what is in it; gives what was brought in, in words. */
    bring: (text: string) => Promise<Result<string, Refusal>>;
  }
  let { names, schema, isEmpty, trouble, onadd, save, bring }: Props = $props();
  let wrong = $state.raw<Refusal | null>(null);
  let said = $state('');
  let reading = $state(false);

  async function handOut(): Promise<void> {
    const done = await loadModule(save);
    wrong = done.ok ? null : done.refusal;
  }

  async function bringIn(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    [wrong, said] = [null, ''];
    if (file.size > LIMITS.partsBody) wrong = { code: 'body-too-large', limit: LIMITS.partsBody };
    else {
      reading = true;
      const brought = await bring(await file.text());
      reading = false;
      if (brought.ok) said = brought.value;
      else wrong = brought.refusal;
    }
    input.value = '';
  }
  /** A file that was chosen before the page had its script is read as soon as it has. */
  const bringInEarly = (input: HTMLInputElement): void => untrack(() => void bringIn(input));
  const told = $derived(wrong ?? trouble);
</script>

{#if told}<TroubleNote refusal={told} />{/if}
<p class="chart-label text-sm">
  What stands in the columns of such a table: <a class="underline" href={asset(`/schemas/${schema}`)}
    >its schema</a
  >.
</p>
<p role="status" class={said || reading ? 'font-medium' : 'sr-only'}>
  {reading ? 'Reading the table…' : said}
</p>
<div class="flex flex-wrap gap-2">
  <button type="button" class="tap btn btn-primary" onclick={onadd}
    ><Plus size={18} aria-hidden="true" /> {names.add}</button
  >
  <label class="tap btn has-focus-visible:outline-2">
    <Upload size={18} aria-hidden="true" />
    {names.bring}
    <input
      {@attach bringInEarly}
      type="file"
      accept=".csv,text/csv"
      class="sr-only"
      onchange={({ currentTarget }) => void bringIn(currentTarget)}
    />
  </label>
  <button type="button" class="tap btn" disabled={isEmpty} onclick={() => void handOut()}
    ><Download size={18} aria-hidden="true" /> {names.save}</button
  >
</div>
