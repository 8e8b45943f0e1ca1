<script lang="ts">
	import { HomeError as say } from '$lib/words/common';
	import { page } from '$app/state';
</script>

<svelte:head><title>{say.notHereNestRow()}</title></svelte:head>

<main id="main" class="@container mx-auto w-full max-w-2xl px-5 py-10">
	<div class="sheet grid gap-3 p-6">
		<h1>
			{page.status === 404
				? say.pageNotFound()
				: page.status === 503
					? say.justAMoment()
					: say.thatDidNotWork()}
		</h1>
		<p>{page.error?.message}</p>
		<p>
			<a class="link-row" href="/plans">{say.toTheKeptPlans()}</a>
		</p>
		{#if page.error?.requestId}
			<p class="quiet text-sm">{say.ifYouAskForHelp({ requestId: page.error.requestId })}</p>
		{/if}
	</div>
</main>
