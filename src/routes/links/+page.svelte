<script lang="ts">
	import Table from '$lib/ui/Table.svelte';
	import { momentWords, yearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const address = $derived(form && 'address' in form ? form.address : null);
</script>

<svelte:head><title>Links · Nest Row</title></svelte:head>

<main
	id="main"
	class="@container mx-auto grid w-full max-w-4xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-6 max-sm:px-4"
>
	<div>
		<h1>Links</h1>
		<p class="quiet">
			A link lets whoever has it read one plan, as it stood when the link was made, or count the
			rows of one mat, and nothing else. It opens for {data.days} days, or until you revoke it.
		</p>
	</div>
	{#if form && 'message' in form && form.message}
		<p class="font-semibold text-error" role="alert">{form.message}</p>
	{/if}
	{#if address}
		<section class="sheet grid gap-2 border-2 border-success p-5" aria-labelledby="made">
			<h2 id="made">The link is made</h2>
			<p>Copy it now: it is shown this once, and kept nowhere.</p>
			<input
				class="field figure w-full"
				readonly
				value={address}
				aria-label="The new link"
				onfocus={(event) => event.currentTarget.select()}
			/>
			{#if data.isOnlyHere}
				<p class="quiet">
					Nest Row is reached on this machine alone, so the link opens here and on no phone yet.
				</p>
			{/if}
		</section>
	{/if}
	<section class="sheet p-5" aria-labelledby="links">
		<h2 id="links">Links that were made</h2>
		{#if data.links.length === 0}
			<p class="mt-2">
				None yet. Under <a class="link" href="/plans">Kept plans</a> each plan can be given one, and
				on its own page under <a class="link" href="/make">Make</a> each mat.
			</p>
		{:else}
			<Table heads={['Opens', 'Made', 'Used last', { label: 'Revoke', isSilent: true }]} stacks>
				{#each data.links as link (link.id)}
					{@const opens = link.mat === null ? link.planName : `the mat ${link.mat}`}
					<tr data-link={link.mat ?? link.planName}>
						<th class="font-semibold" scope="row"
							>{opens}<span class="quiet font-normal"
								>, {link.mat === null
									? `version ${link.planVersion}`
									: `${link.planName}, to count`}</span
							></th
						>
						<td class="quiet whitespace-nowrap" data-label="Made">{yearDayWords(link.madeAt)}</td>
						<td class="quiet" data-label="Used last"
							>{link.lastUsedAt ? momentWords(link.lastUsedAt) : 'not yet'}</td
						>
						<td class="text-right">
							{#if link.revokedAt}
								<span class="quiet">revoked</span>
							{:else if link.expiresAt && link.expiresAt.getTime() < Date.now()}
								<span class="quiet">its time is over</span>
							{:else}
								<form method="POST" action="?/revoke">
									<input type="hidden" name="id" value={link.id} />
									<button class="btn btn-ghost font-normal"
										>Revoke<span class="sr-only"> the link to {opens}</span></button
									>
								</form>
							{/if}
						</td>
					</tr>
				{/each}
			</Table>
		{/if}
	</section>
</main>
