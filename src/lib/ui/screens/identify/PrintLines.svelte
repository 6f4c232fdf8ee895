<script lang="ts">
  import { tubes } from '../../threads.ts';
  import { checkPrintLine, comparePe, findOutside, findWall, parsePrintLine } from '#core/identify';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import { sayExact } from '#words/length-text.ts';
  import { sayPeComparison, sayPrintLineFinding } from '#words/pipes.ts';

  let pipe = $state('');
  let other = $state('');
  const sides = $derived(
    [
      { name: 'The pipe', line: parsePrintLine(pipe) },
      { name: 'Riser or coupling', line: parsePrintLine(other) },
    ].filter(({ line }) => line.text !== ''),
  );
  const comparison = $derived(
    pipe.trim() && other.trim() ? comparePe(parsePrintLine(pipe), parsePrintLine(other), tubes) : null,
  );
</script>

<section aria-label="Polyethylene print line" class="flex flex-col gap-3">
  <h2 class="text-2xl font-semibold">Polyethylene: read the print line</h2>
  <label>
    <span class="block font-semibold">As printed on the pipe</span>
    <input
      class="input h-12 w-full"
      autocomplete="off"
      maxlength="200"
      bind:value={pipe}
      placeholder="1 IPS SDR 11 PE2708 ASTM D2513 GAS .120 WALL"
    />
  </label>
  <label>
    <span class="block font-semibold">And on the riser or coupling, to compare</span>
    <input class="input h-12 w-full" autocomplete="off" maxlength="200" bind:value={other} />
  </label>
  <div aria-live="polite" class="flex flex-col gap-3">
    {#each sides as { name, line } (name)}
      {@const outside = findOutside(line, tubes)}
      {@const wall = findWall(line, tubes)}
      <article class="border-l-8 border-base-300 bg-base-200 px-4 py-2">
        <h3 class="font-semibold">{name}</h3>
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 leading-snug">
          <dt>size</dt>
          <dd>
            {line.size ?? 'not read'}
            {line.system ?? ''}{outside === null ? '' : `, outside ${sayExact(outside, 'in')}`}
          </dd>
          <dt>wall</dt>
          <dd>
            {wall === null ? 'not read' : sayExact(wall, 'in')}{line.sdr === null
              ? ''
              : `, SDR ${line.sdr}`}{wall !== null && line.wall === null ? ' (from the SDR)' : ''}
          </dd>
          <dt>resin</dt>
          <dd>{line.resin ?? 'not read'}{line.density ? `, ${line.density} density` : ''}</dd>
          <dt>standard</dt>
          <dd>{line.standard ?? 'not read'}{line.saysGas ? ', marked GAS' : ''}</dd>
          {#if line.date}<dt>date</dt>
            <dd>{line.date}</dd>{/if}
        </dl>
        {#each checkPrintLine(line, tubes) as finding (finding.code)}
          <p class="leading-snug font-semibold {finding.code === 'pe-words-unknown' ? '' : 'text-error'}">
            {sayPrintLineFinding(finding)}
          </p>
        {:else}
          <p class="font-semibold text-success">What is printed agrees with the tables.</p>
        {/each}
      </article>
    {/each}
    {#if comparison}
      <p class="text-lg font-semibold {comparison.verdict === 'match' ? 'text-success' : 'text-error'}">
        {sayPeComparison(comparison, unitSetting.unit)}
      </p>
    {/if}
  </div>
</section>
