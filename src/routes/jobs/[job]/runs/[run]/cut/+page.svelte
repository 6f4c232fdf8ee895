<script lang="ts">
  import Cut from '../../../../../../lib/ui/screens/cut/Cut.svelte';
</script>

<Cut />
