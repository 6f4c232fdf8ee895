<script lang="ts">
  import Job from '../../../lib/ui/screens/jobs/Job.svelte';
</script>

<Job />
