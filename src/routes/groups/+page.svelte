<script lang="ts">
	import { GroupsPage as say } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import Caution from '$lib/ui/Caution.svelte';
	import DoorField from '$lib/auth/DoorField.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { yearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const key = newKey();
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		{#each data.deleted as group (group.id)}
			<section
				class="sheet flex flex-wrap items-center justify-between gap-3 border-2 border-warning p-5"
			>
				<p>
					<b>{group.name}</b>
					{say.wasDeletedOnDaysAfter({
						part: group.deletedAt ? yearDayWords(group.deletedAt) : '',
						undoDays: data.undoDays
					})}
				</p>
				<form method="POST" {...actTo('?/undo')}>
					<input type="hidden" name="id" value={group.id} />
					<button class="btn btn-accent">{say.restore()}</button>
				</form>
			</section>
		{/each}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="make">
			<h2 id="make">{say.aNewGroup()}</h2>
			<p class="quiet">
				{say.itBeginsEmptyWithYou()}
			</p>
			<form class="grid max-w-md gap-4" method="POST" {...actTo('?/make')}>
				<input type="hidden" name="key" value={key} />
				<DoorField
					name="name"
					label={say.name()}
					autocomplete="off"
					value={form && 'typed' in form ? form.typed : ''}
					problem={form && 'problem' in form ? form.problem : undefined}
				/>
				<button class="btn justify-self-start btn-accent">{say.createGroup()}</button>
			</form>
		</section>
		{#if data.here !== null}
			<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="delete">
				<h2 id="delete">{say.delete({ here: data.here })}</h2>
				<Caution>
					{say.allItHasIsClosed({ undoDays: data.undoDays })}
					<a class="link" {...linkTo('/everything.zip')} download>{say.everythingAsFiles()}</a>
					{say.withYouFirst()}
				</Caution>
				<form class="grid max-w-md gap-4" method="POST" {...actTo('?/delete')}>
					<DoorField
						name="name"
						id="delete-name"
						label={say.typeItsNameToDelete()}
						autocomplete="off"
						problem={form && 'wrongName' in form ? form.wrongName : undefined}
					/>
					<button class="btn justify-self-start">{say.deleteTheGroup()}</button>
				</form>
			</section>
		{/if}
		<p><a class="link-row" href="/account">{say.backToYourAccount()}</a></p>
	</div>
</StagePage>
