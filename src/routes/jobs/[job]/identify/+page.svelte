<script lang="ts">
  import JobIdentify from '../../../../lib/ui/screens/identify/JobIdentify.svelte';
</script>

<JobIdentify />
