<script lang="ts">
	// Lists out of the application and into it, as CSV.
	import { GatherListsPage as msg } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import { listFields, listNames, listTitles } from '$lib/stages/gather/lists/columns';
	import { momentWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<PageTitle />

<div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-2">
	<form
		class="sheet grid gap-3 p-4"
		method="POST"
		{...actTo('?/bring')}
		enctype="multipart/form-data"
		data-sveltekit-reload
	>
		<h2>{msg.importAList()}</h2>
		<p class="quiet text-[0.9375rem]">
			{msg.fromASpreadsheetSavedAs({ what: wholeNumber(50_000) })}
		</p>
		<div>
			<label class="mb-1 block text-[0.9375rem]" for="list">{msg.theListHolds()}</label>
			<select class="field" id="list" name="list" value={form?.list || 'drop-offs'}>
				{#each listNames as name (name)}<option value={name}>{listTitles[name]}</option>{/each}
			</select>
		</div>
		<div>
			<label class="mb-1 block text-[0.9375rem]" for="list-file">{msg.theFile()}</label>
			<input
				class="field py-2"
				id="list-file"
				type="file"
				name="file"
				accept=".csv,text/csv,text/plain"
				aria-invalid={form?.problem ? 'true' : undefined}
				aria-describedby={form?.problem ? 'list-problem' : undefined}
			/>
		</div>
		<div>
			<label class="mb-1 block text-[0.9375rem]" for="pasted">{msg.orPasteItHere()}</label>
			<textarea class="field h-28 py-2 font-mono text-sm" id="pasted" name="pasted"
				>{form?.pasted ?? ''}</textarea
			>
		</div>
		{#if form?.problem}<p class="font-semibold text-error" id="list-problem" role="alert">
				{form.problem}
			</p>{/if}
		<button class="btn btn-accent">{msg.checkTheList()}</button>
	</form>
	{#if data.kept.length > 0}
		<section
			class="sheet p-4 @min-[61rem]:order-last @min-[61rem]:col-span-2"
			aria-labelledby="kept-lists"
		>
			<h2 id="kept-lists">{msg.importedLists()}</h2>
			<ul class="mt-2">
				{#each data.kept as list (list.id)}
					<li
						class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-1 text-[0.9375rem]"
					>
						<a class="link-row flex-1" href="/gather/lists/{list.id}"
							>{listTitles[list.list]}: {list.fileName}</a
						>
						<span class="quiet"
							>{msg.rows({
								rowCount: wholeNumber(list.rowCount),
								keptAt: (list.keptAt && momentWords(list.keptAt)) ?? ''
							})}</span
						>
						{#if list.takenBackAt}<strong>{msg.undone()}</strong>{/if}
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	<section class="sheet grid gap-3 p-4" aria-labelledby="out">
		<h2 id="out">{msg.exportAList()}</h2>
		<div>
			<a class="btn btn-accent" {...linkTo('/everything.zip')} download data-sveltekit-reload
				>{msg.everythingInOneArchive()}</a
			>
			<p class="quiet mt-1 text-[0.9375rem]">
				{msg.plansAsFilesTheseLists()}
			</p>
		</div>
		{#each listNames as name (name)}
			<div class="border-t border-base-300 pt-3">
				<h3 class="font-semibold">{listTitles[name]}</h3>
				<p class="quiet mb-2 text-[0.9375rem]">
					{msg.columns({ listFields: listFields[name].map(({ head }) => head).join(', ') })}
				</p>
				<a class="btn" href="/gather/lists/{name}.csv" download data-sveltekit-reload
					>{msg.asCsv({ listTitles: listTitles[name] })}</a
				>
			</div>
		{/each}
	</section>
</div>
