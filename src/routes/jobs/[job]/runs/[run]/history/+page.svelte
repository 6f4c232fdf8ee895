<script lang="ts">
  import History from '../../../../../../lib/ui/screens/history/History.svelte';
</script>

<History />
