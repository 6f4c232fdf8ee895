<script lang="ts">
  import { page } from '$app/state';
  import { resolve } from '$app/paths';
  import { sayRefusal } from '#words/refusals.ts';
</script>

<svelte:head><title>Not here · Porthole</title></svelte:head>
<main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
  <h1 class="text-3xl font-semibold">{page.status === 404 ? 'Nothing here' : 'Something went wrong'}</h1>
  <p class="text-lg">
    {page.status === 404
      ? sayRefusal({ code: 'route-unknown' })
      : sayRefusal({ code: 'server-failed', request: page.error?.request ?? 'unknown' })}
  </p>
  <p><a class="tap btn btn-primary" href={resolve('/')}>Jobs</a></p>
</main>
