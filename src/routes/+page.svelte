<script lang="ts">
  import JobList from '../lib/ui/screens/jobs/JobList.svelte';
</script>

<JobList />
