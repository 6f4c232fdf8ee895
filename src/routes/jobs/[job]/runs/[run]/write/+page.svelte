<script lang="ts">
  import Write from '../../../../../../lib/ui/screens/write/Write.svelte';
</script>

<Write />
