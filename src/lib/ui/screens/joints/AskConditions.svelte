<!-- What must be so before a chain is put in: each is asked. -->
<script lang="ts">
  import type { HouseRules } from '#core/house-rules';
  import type { Condition } from '#core/joints';
  import type { Chain } from '#core/transitions';
  import { CAUTIONS } from '#words/cautions.ts';
  import { listConditions } from '#words/pair-verdicts.ts';
  import { nameChain } from '#words/transitions.ts';
  import Dialog from '../../controls/Dialog.svelte';

  interface Props {
    open: boolean;
    chain: Chain;
    rules: HouseRules;
    ownNames: ReadonlyMap<string, string>;
    onagreed: (agreed: readonly Condition[]) => void;
  }
  let { open = $bindable(), chain, rules, ownNames, onagreed }: Props = $props();
  const asked = $derived([...new Set(chain.joints.flatMap((joint) => listConditions(joint, rules)))]);
  let ticked = $state<Record<string, boolean>>({});
  const isAgreed = $derived(asked.every((each) => ticked[each]));

  function agree(): void {
    const conditions = chain.joints.flatMap((joint) => joint.conditions);
    onagreed([...new Set(conditions)].filter((each) => each !== 'sealant'));
    open = false;
  }
</script>

<Dialog bind:open title="Before it is put in">
  <p class="text-lg first-letter:uppercase">{nameChain(chain, ownNames)}</p>
  <fieldset class="flex flex-col">
    <legend class="chart-label">It makes only if every one of these is so</legend>
    {#each asked as condition (condition)}
      <label class="tap flex cursor-pointer items-center gap-3 py-1 text-lg leading-snug">
        <input
          type="checkbox"
          class="checkbox"
          bind:checked={() => ticked[condition] ?? false, (value) => (ticked[condition] = value)}
        />
        {condition}
      </label>
    {/each}
  </fieldset>
  <p class="border-l-4 border-warning pl-3 font-medium text-warning">
    {CAUTIONS.wrench} What is not known is not agreed to: stop, and find out. Local code and the maker’s sheet go
    before this.
  </p>
  <p>
    <button type="button" class="tap btn btn-primary" disabled={!isAgreed} onclick={agree}
      >All of it is so: put it in</button
    >
  </p>
</Dialog>
