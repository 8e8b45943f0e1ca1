<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import Caution from '$lib/ui/Caution.svelte';
	import DoorField from '$lib/auth/DoorField.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { yearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const key = newKey();
</script>

<PageTitle />

<main
	id="main"
	class="@container mx-auto grid w-full max-w-3xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-6 max-sm:px-4"
>
	<h1>Groups</h1>
	{#each data.deleted as group (group.id)}
		<section
			class="sheet flex flex-wrap items-center justify-between gap-3 border-2 border-warning p-5"
		>
			<p>
				<b>{group.name}</b> was deleted on {group.deletedAt ? yearDayWords(group.deletedAt) : ''}; {data.undoDays}
				days after that it is gone.
			</p>
			<form method="POST" {...actTo('?/undo')}>
				<input type="hidden" name="id" value={group.id} />
				<button class="btn btn-accent">Take it back</button>
			</form>
		</section>
	{/each}
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="make">
		<h2 id="make">A new group</h2>
		<p class="quiet">
			It begins empty, with you as its coordinator. Nothing of one is seen in another.
		</p>
		<form class="grid max-w-md gap-4" method="POST" {...actTo('?/make')}>
			<input type="hidden" name="key" value={key} />
			<DoorField
				name="name"
				label="What it is called"
				autocomplete="off"
				value={form && 'typed' in form ? form.typed : ''}
				problem={form && 'problem' in form ? form.problem : undefined}
			/>
			<button class="btn justify-self-start btn-accent">Make the group</button>
		</form>
	</section>
	{#if data.here !== null}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="delete">
			<h2 id="delete">Delete {data.here}</h2>
			<Caution>
				All it has is closed to everyone at once, links too, and gone in {data.undoDays} days. Take
				<a class="link" {...linkTo('/everything.zip')} download>everything as files</a> with you first.
			</Caution>
			<form class="grid max-w-md gap-4" method="POST" {...actTo('?/delete')}>
				<DoorField
					name="name"
					id="delete-name"
					label="Type its name to delete it"
					autocomplete="off"
					problem={form && 'wrongName' in form ? form.wrongName : undefined}
				/>
				<button class="btn justify-self-start">Delete the group</button>
			</form>
		</section>
	{/if}
	<p><a class="link-row" href="/account">Back to your account</a></p>
</main>
