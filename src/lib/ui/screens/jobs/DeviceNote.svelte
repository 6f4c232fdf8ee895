<script lang="ts">
  import { sayMegabytes } from '#words/sizes.ts';
  import { DeviceRoom } from '../../store/device-room.svelte.ts';

  const device = new DeviceRoom();
  $effect(() => void device.ask());
</script>

<p class="chart-label text-sm" role="note" aria-label="This device">
  {#if device.isKept}
    This browser keeps what is made here until it is on the server, also when space runs short.
  {:else}
    This browser may clear what is not on the server yet when space runs short: wait for “on the server”
    before you put the device away for long.
  {/if}
  {#if device.used !== null && device.room !== null}
    {sayMegabytes(device.used)} of {sayMegabytes(device.room)} used.
  {/if}
</p>
