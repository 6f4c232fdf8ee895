<script lang="ts">
  import Drops from '../../../../../../lib/ui/screens/drops/Drops.svelte';
</script>

<Drops />
