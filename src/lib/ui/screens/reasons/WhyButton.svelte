<script lang="ts">
  interface Props {
    /** The piece or joint whose numbers are asked about. */
    id: string;
    what: string;
    onwhy: (id: string) => void;
    small?: boolean;
  }
  let { id, what, onwhy, small = false }: Props = $props();
</script>

<button
  type="button"
  class="tap btn btn-ghost px-2 underline decoration-dotted underline-offset-4 {small ? 'text-sm' : ''}"
  aria-label="Why? {what}"
  onclick={() => onwhy(id)}>why?</button
>
