<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Nest Row</title></svelte:head>

<main id="main" class="@container mx-auto w-full max-w-2xl px-5 py-10">
	<div class="sheet grid gap-3 p-6">
		<h1>
			{page.status === 404
				? 'Nothing here'
				: page.status === 503
					? 'Just a moment'
					: 'That did not work'}
		</h1>
		<p>{page.error?.message}</p>
		<p>
			<a class="link-row" href="/plans">To the kept plans</a>
		</p>
		{#if page.error?.requestId}
			<p class="quiet text-sm">If you ask for help, give this number: {page.error.requestId}</p>
		{/if}
	</div>
</main>
