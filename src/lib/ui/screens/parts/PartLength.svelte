<script lang="ts">
  import { getEndSize, goesIn } from '#core/ends';
  import { findReach, type Part, type Port } from '#core/catalogue';
  import { isMeasuredEndToEnd, type PartMeasure } from '#core/runs/commands';
  import type { Length, LengthUnit } from '#core/units';
  import { sayReading } from '#words/length-text.ts';
  import { STANDING_NAMES } from '#words/parts.ts';
  import MeasureField from '../../controls/MeasureField.svelte';

  interface Props {
    part: Part;
    unit: LengthUnit;
    /** Whoever takes the measured length into the run. */
    editor: { measurePart: (part: Part, measured: PartMeasure | null, typed: string) => void };
  }
  let { part, unit, editor }: Props = $props();
  const isWhole = $derived(isMeasuredEndToEnd(part));
  const whole = $derived.by((): Length | null => {
    const reaches = part.ports.map(findReach);
    return reaches.some((reach) => reach === null)
      ? null
      : reaches.reduce<number>((sum, reach) => sum + (reach ?? 0), 0);
  });
  /** Openings whose length is not its origin itself; of a fitting for tube those that are alike are measured once. */
  const ports = $derived(
    part.ports.filter(
      (port, i) =>
        (findReach(port) !== 0 || port.depth !== null) &&
        (part.join === null || part.ports.findIndex((each) => isAlike(each, port)) === i),
    ),
  );
  const isAlike = (a: Port, b: Port): boolean => JSON.stringify(a.end) === JSON.stringify(b.end);
  const sayDepth = ({ depth }: Port): string => (depth === null ? '' : `${STANDING_NAMES[depth.standing]}`);
  const isOwn = $derived(part.ports.some(({ reach }) => reach.standing === 'entered'));
  const standing = $derived(part.ports[0]?.reach.standing ?? 'unknown');

  const PORT_NAMES: Readonly<Record<string, string>> = {
    'run-a': 'run',
    'run-b': 'other run',
    a: 'one end',
    b: 'other end',
  };
  const say = (length: Length | null) => (length === null ? '' : sayReading(length, unit));
  const namePort = ({ end, id }: Port): string =>
    ports.length === 1
      ? goesIn(end)
        ? 'whole length'
        : 'centre to face'
      : `centre to ${goesIn(end) ? 'male end' : 'face'}, ${PORT_NAMES[id] ?? id}, ${getEndSize(end)}`;

  function measure(port: string | null, length: Length | null, typed: string): void {
    if (length === null) editor.measurePart(part, null, '');
    else editor.measurePart(part, port === null ? { endToEnd: length } : { port, reach: length }, typed);
  }
</script>

{#if isWhole}
  <MeasureField
    label="end to end, {isOwn ? 'yours' : STANDING_NAMES[standing]}"
    {unit}
    value={isOwn ? whole : null}
    placeholder={say(whole) || 'measure it'}
    optional
    onmeasure={(length, typed) => measure(null, length, typed)}
  />
{:else}
  {#each ports as port (port.id)}
    <MeasureField
      label="{namePort(port)}, {STANDING_NAMES[port.reach.standing]}"
      {unit}
      value={port.reach.standing === 'entered' ? findReach(port) : null}
      placeholder={say(findReach(port)) || 'measure it'}
      optional
      onmeasure={(length, typed) => measure(port.id, length, typed)}
    />
    {#if port.depth !== null}
      <MeasureField
        label="{port.end.kind === 'thread'
          ? 'the flare takes more, 0: measured with a flared stub'
          : 'the tube goes in'}, {sayDepth(port)}"
        {unit}
        value={port.depth.standing === 'entered' ? port.depth.length : null}
        placeholder={port.depth.standing === 'unknown' ? 'measure it' : say(port.depth.length)}
        optional
        zero
        onmeasure={(length, typed) =>
          length === null
            ? editor.measurePart(part, null, '')
            : editor.measurePart(part, { port: port.id, depth: length }, typed)}
      />
    {/if}
  {/each}
{/if}
