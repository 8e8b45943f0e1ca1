<script lang="ts">
	// A phone hands one picture over to the laptop.
	import { HandedPage as say } from '$lib/words/photo';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { enhance } from '$app/forms';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	let isSending = $state(false);
	let problem = $state('');
</script>

<main id="main" class="mx-auto grid w-full max-w-xl grid-cols-[minmax(0,1fr)] gap-4 p-4">
	<PageTitle of={say.title()} />
	{#if form && 'isSent' in form && form.isSent}
		<p class="text-xl font-bold" role="status" data-sent>{say.sent()}</p>
	{:else if data.isOpen}
		<p>{say.oneOnly()}</p>
		<form
			class="grid gap-3"
			method="POST"
			enctype="multipart/form-data"
			use:enhance={() => {
				isSending = true;
				problem = '';
				return async ({ result, update }) => {
					isSending = false;
					if (result.type === 'error') problem = say.notSent();
					else await update({ reset: false });
				};
			}}
		>
			<label class="grid gap-1">
				<span>{say.choose()}</span>
				<input class="field h-auto py-2" type="file" name="picture" accept="image/*" required />
			</label>
			<button class="btn text-lg btn-accent" disabled={isSending}>{say.send()}</button>
		</form>
		{#if isSending}<p role="status">{say.sending()}</p>{/if}
		{#if problem || (form && 'message' in form)}
			<p class="font-semibold text-error" role="alert">
				{problem || (form && 'message' in form ? form.message : '')}
			</p>
		{/if}
	{:else}
		<p class="font-semibold" data-closed>{say.used()}</p>
	{/if}
</main>
