<script lang="ts">
  import NewJob from '../../../lib/ui/screens/jobs/NewJob.svelte';
</script>

<NewJob />
