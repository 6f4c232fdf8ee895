<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleHelp from '@lucide/svelte/icons/circle-help';
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import { drawTrap } from '#core/drawing';
  import type { RuleId } from '#core/house-rules';
  import { type Drop, judgeDrop } from '#core/traps';
  import { nameKind, sayInput, GAS_NAMES } from '#words/appliances.ts';
  import { sayTrapSource } from '#words/build-in.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { getRuleTitle, sayChoice } from '#words/house-rules.ts';
  import { sayLength } from '#words/length-text.ts';
  import { sayTrap, TRAP_NAMES } from '#words/traps.ts';
  import TrapLens from '../../instruments/TrapLens.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import HookUpList from './HookUpList.svelte';
  import TrapLengthList from './TrapLengthList.svelte';

  interface Props {
    store: RunStore;
    drop: Drop;
    onbuild: () => void;
    onplate: () => void;
    onwhy: (id: string) => void;
    onrule: (rule: RuleId) => void;
  }
  let { store, drop, onbuild, onplate, onwhy, onrule }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const verdict = $derived(judgeDrop(drop));
  const { finding, severity } = $derived(verdict.headline);
  const Icon = $derived({ stop: OctagonX, ask: CircleHelp, note: CircleCheck }[severity]);
  const TONES = {
    stop: 'border-error text-error',
    ask: 'border-warning text-warning',
    note: 'border-success',
  };
  const plate = $derived(drop.appliance.plate);
  const picture = $derived(drop.trap ? drawTrap(drop.layout, drop.trap) : null);
  const isRight = $derived(['works', 'built-in', 'not-required'].includes(finding.code));
  const isOtherGas = $derived(store.gas !== null && plate.gas !== null && plate.gas !== store.gas);
  const RULES = [
    'trap-needed',
    'trap-kinds',
    'trap-nipple',
    'trap-measured',
    'trap-room',
    'straight-trap',
  ] as const;
  const known = $derived(
    [
      nameKind(plate) ?? 'kind not said',
      plate.input ? sayInput(plate.input) : null,
      plate.gas ? `set for ${GAS_NAMES[plate.gas]}` : null,
      plate.pressure ? `${plate.pressure.least} to ${plate.pressure.greatest} ${plate.pressure.unit}` : null,
      plate.hasTrap ? 'a trap built in' : null,
      plate.moves ? 'moved in use' : null,
      plate.hasShutOff ? 'a shut-off of its own' : null,
      plate.floor
        ? `floor ${sayLength(plate.floor.length, unit)} below ${plate.floor.from === 'inlet' ? 'its inlet' : 'the pipe’s end'}`
        : null,
    ].filter((each) => each !== null),
  );
</script>

<section aria-label="The drop to {drop.appliance.name}" class="flex flex-col gap-4">
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <h2 class="grow text-2xl font-semibold first-letter:uppercase">{drop.appliance.name}</h2>
    <button type="button" class="tap btn" onclick={onplate}>Its plate</button>
  </div>
  <p class="chart-label -mt-3">{known.join(', ')}</p>
  {#if isOtherGas && plate.gas && store.gas}
    <p role="alert" class="border-l-4 border-error pl-3 font-medium text-error">
      Stop. It is set for {GAS_NAMES[plate.gas]}, and the job is {GAS_NAMES[store.gas]}. Do not connect it
      until it is converted by its maker’s kit and labelled.
    </p>
  {/if}
  <div class="grid items-start gap-4 {picture ? 'lg:grid-cols-[minmax(0,1fr)_19rem]' : ''}">
    <div class="flex min-w-0 flex-col gap-4">
      <div class="flex gap-3 border-l-4 pl-3 {TONES[severity]}">
        <Icon size={30} class="mt-1 shrink-0" aria-hidden="true" />
        <div>
          <p class="text-2xl leading-tight font-bold first-letter:uppercase" data-testid="verdict">
            {TRAP_NAMES[finding.code]}
          </p>
          <p class="text-base-content">{sayTrap(finding, unit)}</p>
        </div>
      </div>
      {#if finding.code === 'missing' || finding.code === 'kind-unknown'}
        {#if finding.code === 'kind-unknown' && finding.about === 'kind'}
          <button type="button" class="btn h-14 text-lg btn-primary" onclick={onplate}>Say what it is</button>
        {/if}
        <button
          type="button"
          class="btn h-14 text-lg {finding.code === 'missing' ? 'btn-primary' : ''}"
          disabled={store.finish !== null}
          onclick={onbuild}>Build it in</button
        >
      {:else if drop.trap && !isRight}
        <button
          type="button"
          class="btn h-14 text-lg btn-primary"
          disabled={store.finish !== null}
          onclick={onbuild}>Put it right</button
        >
      {/if}
      {#if verdict.further.length > 0}
        <ul class="flex list-disc flex-col gap-1 pl-6" aria-label="Further">
          {#each verdict.further as { finding: more, severity: grade } (more.code)}
            <li class={grade === 'stop' ? 'text-error' : grade === 'ask' ? 'text-warning' : ''}>
              <strong class="inline-block first-letter:uppercase">{TRAP_NAMES[more.code]}.</strong>
              {sayTrap(more, unit)}
            </li>
          {/each}
        </ul>
      {/if}
      {#if drop.trap}<TrapLengthList trap={drop.trap} {unit} {onwhy} />{/if}
    </div>
    {#if picture}
      <TrapLens {picture} {unit} />
    {/if}
  </div>
  <section aria-label="What decides" class="border-t border-base-300 pt-2">
    <h3 class="text-lg font-semibold">What decides</h3>
    <ul>
      {#each RULES as rule (rule)}
        <li class="leading-snug">
          <button
            type="button"
            class="tap text-left underline decoration-dotted underline-offset-4"
            onclick={() => onrule(rule)}>{getRuleTitle(rule)}</button
          >: {sayChoice(rule, store.rules[rule], unit)}
        </li>
      {/each}
    </ul>
    <p class="chart-label text-sm">
      {sayTrapSource(store.details?.jurisdiction ?? 'ask', unit)} Local code and the maker’s sheet go before the
      house.
    </p>
  </section>
  <HookUpList {store} {drop} />
  <p class="border-l-4 border-warning pl-3 text-sm">{CAUTIONS.liveLine} {CAUTIONS.openEnd}</p>
</section>
