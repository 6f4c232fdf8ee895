<script lang="ts">
  import Check from '../../../../../../lib/ui/screens/check/Check.svelte';
</script>

<Check />
