<script lang="ts">
  import Vise from '../../../../../../lib/ui/screens/vise/Vise.svelte';
</script>

<Vise />
