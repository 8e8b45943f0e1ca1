<script lang="ts">
	import { BackupPage as say } from '$lib/words/house';
	import StateList from '$lib/stages/house/StateList.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { agoWords, momentWords } from '$lib/ui/day-words';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { nightly, putBackAt } = $derived(data.copies);
	const dayMs = 86_400_000;
	let now = $state(0);
	onMount(() => {
		now = Date.now();
	});
	const age = $derived(nightly?.lastAt && now > 0 ? now - nightly.lastAt.getTime() : null);
	const isLate = $derived(age !== null && age > 2 * dayMs);
	const states = $derived([
		{
			name: 'nightly',
			is: nightly?.isOn ?? false,
			title: nightly?.isOn
				? say.aCopyEveryNight()
				: nightly
					? say.noNightlyCopy()
					: say.copiesAreMadeElsewhere(),
			about: nightly?.isOn
				? say.itIsIn({ folder: nightly.folder })
				: nightly
					? say.itIsTurnedOn()
					: say.askWhoRunsTheDatabase()
		},
		{
			name: 'last',
			is: Boolean(nightly?.lastAt) && !nightly?.problem && !isLate,
			title: nightly?.lastAt
				? say.lastCopy({
						moment: momentWords(nightly.lastAt),
						ago: age === null ? '' : ` (${agoWords(age)})`
					})
				: say.noCopyYet(),
			about: nightly?.problem
				? say.itFailed({ problem: nightly.problem })
				: nightly?.lastAt
					? say.carryOneElsewhere()
					: say.theFirstComesTonight()
		},
		{
			name: 'sealed',
			is: nightly?.isSealed ?? false,
			title: nightly?.isSealed ? say.copiesAreSealed() : say.copiesAreOpen(),
			about: nightly?.isSealed ? say.keepThePassphrase() : say.whoeverHasTheFile()
		},
		{
			name: 'put-back',
			is: putBackAt !== null,
			title: putBackAt ? say.restored({ moment: momentWords(putBackAt) }) : say.noRestoreWasTried(),
			about: say.tryARestore()
		}
	]);
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="archive">
			<h2 id="archive">{say.everythingAsFiles()}</h2>
			<p class="quiet">{say.plansListsAndEveryTable()}</p>
			<a class="btn mt-2 btn-accent" href="/everything.zip" data-sveltekit-reload
				>{say.downloadTheArchive()}</a
			>
		</section>
		<StateList {states} />
		<section class="sheet grid gap-2 p-4" aria-labelledby="bring">
			<h2 id="bring">{say.bringInAnArchive()}</h2>
			<ol class="list-decimal pl-5">
				<li>{say.putTheFileOnThisComputer()}</li>
				<li>
					{say.thereRun()}
					<code class="rounded bg-base-200 px-1 break-words">npm run --silent bring-in -- FILE</code
					>
				</li>
				<li>{say.itIsThenAmongTheGroups()}</li>
			</ol>
		</section>
		<p class="quiet">{say.theStepsWithATerminal()}</p>
	</div>
</StagePage>
