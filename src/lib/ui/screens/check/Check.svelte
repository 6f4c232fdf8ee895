<script lang="ts">
  import { resolve } from '$app/paths';
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import { isForbidden } from '#core/joints';
  import { assemble, type LaidJoint, findEnd } from '#core/runs/layout';
  import { CAUTIONS } from '#words/cautions.ts';
  import { JOINT_WORDS } from '#words/joints.ts';
  import { sayTightness } from '#words/tightness.ts';
  import { listConditions, sayVerdict } from '#words/pair-verdicts.ts';
  import { nameJoint, nameLeg } from '#words/run-joints.ts';
  import { isInTrench } from '#core/ground';
  import PassageList from './PassageList.svelte';
  import SupportList from './SupportList.svelte';
  import WhereItRuns from './WhereItRuns.svelte';
  import { findTransitionWay } from '../joints/transition-way.ts';
  import FindingsList from './FindingsList.svelte';
  import ReasonDialogs from '../reasons/ReasonDialogs.svelte';
  import NothingYet from '../run/NothingYet.svelte';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  let reasons = $state<ReasonDialogs>();
  const layout = $derived(store.layout);
  const unit = $derived(store.details?.units ?? 'in');
  const assembly = $derived(layout && assemble(layout));
  const bodies = $derived(new Map(assembly?.bodies.map((body) => [body.id, body]) ?? []));
  const count = (severity: 'stop' | 'ask' | 'note') =>
    store.findings.filter((finding) => finding.severity === severity).length;
  const headline = $derived.by(() => {
    if (store.findings.length === 0) return 'Nothing to look at';
    const [stop, ask, note] = (['stop', 'ask', 'note'] as const).map(count) as [number, number, number];
    return [
      stop > 0 ? `${stop} to stop for` : 'Nothing to stop for',
      ...(ask > 0 ? [`${ask} to ask`] : []),
      ...(note > 0 ? [`${note} to note`] : []),
    ].join(', ');
  });
  /** Joints by the leg they are made for, in walking order; what belongs to no leg last. */
  const groups = $derived.by(() => {
    if (!layout || !assembly) return [];
    const byLeg = new Map<string, LaidJoint[]>([...layout.legs.keys()].map((id) => [id, []]));
    const rest: LaidJoint[] = [];
    for (const joint of assembly.joints) (byLeg.get(joint.leg ?? '') ?? rest).push(joint);
    return [
      ...[...byLeg].map(([id, joints]) => ({ id, name: nameLeg(layout.legs.get(id)!), joints })),
      { id: 'rest', name: 'Inside parts', joints: rest },
    ].filter(({ joints }) => joints.length > 0);
  });
  const isWrong = ({ verdict }: LaidJoint): boolean => verdict.joint === null || isForbidden(verdict);
  /** A run of hundreds of legs shows its first joints at once, and the rest when asked for. */
  const MOST = 40;
  let showsAll = $state(false);
  const shown = $derived(showsAll ? groups : groups.slice(0, MOST));
</script>

<svelte:head><title>Check · Porthole</title></svelte:head>

<main class="mx-auto flex w-full max-w-6xl flex-col gap-5 p-4 sm:p-6">
  <div>
    <h1 class="text-3xl font-semibold">Check</h1>
    <p class="chart-label">What would go wrong before metal is cut, and every joint of the run.</p>
  </div>
  {#if layout && assembly && layout.legs.size > 0}
    <section aria-label="Findings" class="flex flex-col gap-2">
      <h2 class="text-xl font-semibold">
        {headline}
      </h2>
      <FindingsList
        findings={store.findings}
        {unit}
        most={12}
        getWay={(finding) => findTransitionWay(finding, layout, store, 'check')}
      />
      {#if store.findings.some(({ code }) => code === 'trap')}
        <a
          class="tap btn self-start"
          href={resolve('/jobs/[job]/runs/[run]/drops', { job: store.job, run: store.run })}
          >Look at the drops</a
        >
      {/if}
      {#if count('stop') > 0}
        <p class="border-l-4 border-error pl-3 font-medium text-error">
          Cut nothing that a stop is about until it is settled. Local code and the maker’s sheet go before
          what is said here.
        </p>
      {/if}
    </section>
    {#if [...layout.legs.values()].some(isInTrench)}
      {#await import('../ground/GroundSection.svelte') then { default: GroundSection }}
        <GroundSection {store} {layout} />
      {/await}
    {/if}
    <WhereItRuns {store} {layout} />
    <PassageList {store} {layout} />
    <SupportList {store} {layout} />
    <section aria-label="Joints" class="flex flex-col gap-3">
      <h2 class="text-xl font-semibold">
        {assembly.joints.length}
        {assembly.joints.length === 1 ? 'joint' : 'joints'}: places to look at in the test
      </h2>
      <div class="joints">
        {#each shown as group (group.id)}
          <section class="border-t border-base-300 pt-2" aria-label={group.name}>
            <h3 class="font-semibold">{group.name}</h3>
            <ul>
              {#each group.joints as joint (joint.id)}
                <li class="py-1">
                  <div
                    class="flex min-h-11 items-center gap-2 {isWrong(joint) ? 'font-medium text-error' : ''}"
                  >
                    {#if isWrong(joint)}<OctagonX size={20} class="shrink-0" aria-hidden="true" />
                    {:else}<CircleCheck size={20} class="shrink-0 text-success" aria-hidden="true" />{/if}
                    {#if findEnd(layout, joint.id)}
                      <button
                        type="button"
                        class="tap text-left underline decoration-dotted underline-offset-4"
                        onclick={() => reasons?.showWhy(joint.id)}>{nameJoint(joint, bodies)}</button
                      >
                    {:else}<span>{nameJoint(joint, bodies)}</span>{/if}
                    <span class="ml-auto shrink-0"
                      >{sayVerdict(joint.verdict).replace(' …', '').toLowerCase()}</span
                    >
                  </div>
                  <p class="chart-label pl-7 text-sm">
                    {joint.kind ? JOINT_WORDS[joint.kind].name : 'No joint'}{#if joint.tightness}; {sayTightness(
                        joint.tightness,
                      )}{/if}
                  </p>
                  {#if joint.verdict.verdict === 'makes-only-if'}
                    <ul class="list-disc pl-11 text-sm">
                      {#each listConditions(joint.verdict, store.rules) as condition (condition)}
                        <li>{condition}</li>
                      {/each}
                    </ul>
                  {/if}
                </li>
              {/each}
            </ul>
          </section>
        {/each}
      </div>
      {#if shown.length < groups.length}
        <button type="button" class="tap btn self-start" onclick={() => (showsAll = true)}
          >Show the joints of all {groups.length} legs</button
        >
      {/if}
    </section>
    <p class="border-l-4 border-warning pl-3 text-sm">{CAUTIONS.openEnd}</p>
  {:else}
    <NothingYet
      job={store.job}
      run={store.run}
      title="Nothing to check yet"
      says="Lay out the first leg: what is wrong with it is said here before anything is cut."
    />
  {/if}
</main>
<ReasonDialogs bind:this={reasons} {store} />

<style>
  .joints {
    columns: 22rem;
    column-gap: 2rem;
  }
  .joints > section {
    break-inside: avoid;
    margin-bottom: 0.75rem;
  }
</style>
