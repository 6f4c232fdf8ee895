<script lang="ts">
  import { AXES } from '#core/geometry';
  import { AXIS_NAMES } from '#words/ways.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import { AXIS_KEYS } from '../../instruments/axis-keys.ts';

  let { open = $bindable() }: { open: boolean } = $props();
  const KEYS: readonly (readonly [string, string])[] = [
    ...AXES.map((axis) => [AXIS_KEYS[axis], AXIS_NAMES[axis]] as const),
    ['r then Shift U', '45° between the two'],
    [
      'p   s   n   c',
      'before a measure: pipe, offset (set and roll), no pipe (fitting in fitting), connector',
    ],
    ['3-7 1/4 Enter', 'a measure in feet and inches, then add the leg'],
    ['[   ]', 'the point before, the next point: the leg grows from it'],
    ['m', 'go to the measure'],
    ['+   −   0', 'on the drawing: nearer, farther, the whole run'],
    ['t', 'a quarter turn of the drawing'],
    ['Ctrl Z', 'undo'],
    ['Ctrl Shift Z', 'redo'],
    ['Esc', 'back to growing'],
    ['?', 'this list'],
  ];
</script>

<Dialog bind:open title="Keys">
  <p>While the measure is typed, a letter picks the direction.</p>
  <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
    {#each KEYS as [key, does] (key)}
      <dt><kbd class="kbd">{key}</kbd></dt>
      <dd>{does}</dd>
    {/each}
  </dl>
</Dialog>
