<script lang="ts">
  import Threads from '../../lib/ui/screens/identify/Threads.svelte';
</script>

<Threads />
