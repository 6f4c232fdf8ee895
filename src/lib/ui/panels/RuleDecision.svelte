<script lang="ts" generics="Id extends RuleId">
  import type { EngagementChoice, FigureKey } from '#core/house-rules/engagement-figure.ts';
  import { HOUSE_RULES, type HouseRules, type RuleId } from '#core/house-rules/house-rules.ts';
  import { makeChoice } from '#core/house-rules/make-choice.ts';
  import { LIMITS } from '#core/formats/limits.ts';
  import { accept } from '#core/outcome/result.ts';
  import { parseMeasure } from '#core/units/check-measure.ts';
  import { INCH, type Length, type LengthUnit } from '#core/units/length.ts';
  import { RULE_WORDS, sayOutranks } from '#words/house-rules.ts';
  import { sayLength } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import MeasureField from '../controls/MeasureField.svelte';

  interface Props {
    id: Id;
    choice: HouseRules[Id];
    unit: LengthUnit;
    /** The sizes whose own figures can be entered. */
    keys: readonly FigureKey[];
    onchoose: (choice: HouseRules[Id]) => void;
    /** Of a finished job: read, not changed. */
    locked?: boolean;
  }
  let { id, choice, unit, keys, onchoose, locked = false }: Props = $props();
  const uid = $props.id();
  const rule = $derived(HOUSE_RULES.find((each) => each.id === id)!);
  const words = $derived(RULE_WORDS[id]);
  const sides = $derived(words.options as Readonly<Record<string, { name: string; says: string }>>);
  const mayAdd = $derived('mayAdd' in rule && rule.mayAdd);
  let wrong = $state<Record<string, string>>({});
  /** The shop's own option while it is being written. */
  let own = $state<{ name: string; reason: string } | null>(null);

  const choose = (next: object) => {
    wrong = {};
    onchoose(next as HouseRules[Id]);
  };
  const pick = (option: string) => {
    own = null;
    choose(makeChoice(id, option as HouseRules[Id]['option']));
  };

  function saveOwn(event: SubmitEvent): void {
    event.preventDefault();
    if (!own) return;
    const [name, reason] = [own.name.trim(), own.reason.trim()];
    if (!name) wrong = { own: 'It has no name yet. Say in a few words what you do.' };
    else if (reason.length < 3)
      wrong = { own: `Read “${name}” without a reason. Say why, so that the next one can judge it.` };
    else {
      own = null;
      choose({ option: 'own', name, reason });
    }
  }

  function setTurns(which: 'upTo2in' | 'above2in', typed: string): void {
    const turns = Number(typed);
    const fits = typed.trim() !== '' && turns >= 0 && turns <= 6;
    if (fits) choose({ ...choice, [which]: turns });
    else wrong = { [which]: `Read “${typed}”. Turns past hand-tight are a number from 0 to 6.` };
  }

  type OwnFigures = Extract<EngagementChoice, { option: 'own-measured' }>['figures'];
  function setFigure(figures: OwnFigures, key: FigureKey, typed: string): void {
    const reading = typed.trim() ? parseMeasure(typed, unit) : accept(null);
    if (!reading.ok) wrong = { [key]: sayRefusal(reading.refusal) };
    else if (reading.value && reading.value.length > 3 * INCH)
      wrong = {
        [key]: `Read ${sayLength(reading.value.length, unit)}: no pipe thread goes in farther than 3 in.`,
      };
    else {
      const rest = Object.fromEntries(Object.entries(figures).filter(([other]) => other !== key));
      choose({
        option: 'own-measured',
        figures: reading.value ? { ...rest, [key]: reading.value.length } : rest,
      });
    }
  }

  /** Figures of the other rules: what they are called, the most they can be, and how they are kept. */
  function setLength(field: 'tolerance' | 'length' | 'width', length: Length | null): void {
    if (length === null) return;
    const most = field === 'length' ? 24 * INCH : INCH;
    if (length <= most) choose({ ...choice, [field]: length });
    else
      wrong = {
        [field]: `Read ${sayLength(length, unit)}: at most ${sayLength(most, unit)} makes sense here.`,
      };
  }
</script>

<fieldset class="border-t border-base-300 pt-3" disabled={locked}>
  <legend class="float-left mb-1 w-full text-lg font-semibold">{words.title}</legend>
  <p class="clear-both">{words.question}</p>
  <div class="sides">
    {#each rule.options as option (option)}
      {@const says = sides[option]}
      <label class="side" class:chosen={choice.option === option}>
        <input
          type="radio"
          class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
          name="{uid}-side"
          checked={choice.option === option}
          onchange={() => pick(option)}
        />
        <span
          ><strong class="inline-block first-letter:uppercase">{says?.name}</strong>{option === rule.default
            ? ' (default)'
            : ''}
          <span class="block text-sm text-secondary">{says?.says}</span></span
        >
      </label>
    {/each}
    {#if choice.option === 'own' && 'reason' in choice}
      <label class="side chosen">
        <input
          type="radio"
          class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
          name="{uid}-side"
          checked
        />
        <span
          ><strong>{choice.name}</strong> (ours)
          <span class="block text-sm text-secondary">{choice.reason}</span></span
        >
      </label>
    {/if}
  </div>
  {#if mayAdd && !locked}
    {#if own}
      <form
        class="mb-2 flex flex-wrap items-end gap-3 border-l-4 border-accent pl-3"
        novalidate
        onsubmit={saveOwn}
      >
        <label class="flex flex-col text-sm"
          ><span class="chart-label">what we do</span>
          <input
            class="tap input w-56"
            maxlength={LIMITS.name}
            bind:value={own.name}
            autocomplete="off"
          /></label
        >
        <label class="flex grow flex-col text-sm"
          ><span class="chart-label">why</span>
          <input
            class="tap input w-full"
            maxlength={LIMITS.reason}
            bind:value={own.reason}
            autocomplete="off"
          /></label
        >
        <button type="submit" class="tap btn btn-primary">Add it</button>
        <button type="button" class="tap btn" onclick={() => (own = null)}>Leave it</button>
        {#if wrong['own']}<p role="alert" class="w-full text-error">{wrong['own']}</p>{/if}
      </form>
    {:else}
      <button type="button" class="tap btn" onclick={() => (own = { name: '', reason: '' })}
        >Another way, with its reason</button
      >
    {/if}
  {/if}
  {#if choice.option === 'hand-tight-plus-turns'}
    <div class="flex flex-wrap gap-4">
      {#each [['upTo2in', 'Turns, up to 2 in'], ['above2in', 'Turns, from 2-1/2 up']] as const as [which, label] (which)}
        <label class="flex flex-col text-sm"
          >{label}
          <input
            class="tap input w-28"
            inputmode="decimal"
            value={choice[which]}
            aria-invalid={wrong[which] ? 'true' : undefined}
            onchange={(event) => setTurns(which, event.currentTarget.value)}
          />
          {#if wrong[which]}<span role="alert" class="max-w-60 text-error">{wrong[which]}</span>{/if}
        </label>
      {/each}
    </div>
  {:else if choice.option === 'own-measured'}
    <p class="text-sm">Engagement measured on your own made-up test pieces, for the sizes of this run:</p>
    <div class="flex flex-wrap gap-4">
      {#each keys as size (size)}
        {@const figure = choice.figures[size]}
        <label class="flex flex-col text-sm"
          >{size}
          <input
            class="tap input w-32"
            value={figure === undefined ? '' : sayLength(figure, unit)}
            placeholder="not measured"
            aria-invalid={wrong[size] ? 'true' : undefined}
            onchange={(event) => setFigure(choice.figures, size, event.currentTarget.value)}
          />
          {#if wrong[size]}<span role="alert" class="max-w-60 text-error">{wrong[size]}</span>{/if}
        </label>
      {:else}<p class="text-sm">Lay out a leg first, then enter the figure of its size.</p>{/each}
    </div>
  {/if}
  {#if 'tolerance' in choice && choice.option !== 'cut-in-house'}
    <MeasureField
      label="a nipple may be off by"
      {unit}
      value={choice.tolerance}
      onmeasure={(length) => setLength('tolerance', length)}
    />
  {:else if 'length' in choice}
    <MeasureField
      label="grip between the threads"
      {unit}
      value={choice.length}
      onmeasure={(length) => setLength('length', length)}
    />
  {:else if 'width' in choice}
    <MeasureField
      label="width of the blade’s cut"
      {unit}
      value={choice.width}
      onmeasure={(length) => setLength('width', length)}
    />
  {/if}
  <p class="chart-label text-sm">Default: {words.reason}{sayOutranks(rule.outrankedBy)}</p>
  {#each ['tolerance', 'length', 'width'] as const as field (field)}
    {#if wrong[field]}<p role="alert" class="text-error">{wrong[field]}</p>{/if}
  {/each}
</fieldset>

<style>
  .sides {
    display: grid;
    margin: 0.5rem 0;
    gap: 0 1rem;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  }
  .side {
    display: flex;
    min-height: 44px;
    align-items: flex-start;
    gap: 0.75rem;
    padding: 0.4rem 0.5rem;
    border-left: 4px solid transparent;
    cursor: pointer;
  }
  .side.chosen {
    border-left-color: var(--color-accent);
    background: var(--color-base-200);
  }
</style>
