<script lang="ts">
	// Lists out of the application and into it, as CSV.
	import { listFields, listNames, listTitles } from '$lib/gather/csv/columns';
	import type { PageProps } from './$types';

	const { form }: PageProps = $props();
</script>

<svelte:head><title>Lists · Nest Row</title></svelte:head>

<div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
	<form
		class="sheet grid gap-3 p-4"
		method="POST"
		action="?/bring"
		enctype="multipart/form-data"
		data-sveltekit-reload
	>
		<h2>Bring a list in</h2>
		<p class="quiet text-[15px]">
			From a spreadsheet, saved as CSV: at most 50 000 rows. You see it first, say what each column
			is, and keep all of its rows or none.
		</p>
		<div>
			<label class="mb-1 block text-[15px]" for="list">It is a list of</label>
			<select class="field" id="list" name="list" value={form?.list || 'drop-offs'}>
				{#each listNames as name (name)}<option value={name}>{listTitles[name]}</option>{/each}
			</select>
		</div>
		<div>
			<label class="mb-1 block text-[15px]" for="list-file">The file</label>
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
			<label class="mb-1 block text-[15px]" for="pasted">Or paste it here</label>
			<textarea class="field h-28 py-2 font-mono text-sm" id="pasted" name="pasted"
				>{form?.pasted ?? ''}</textarea
			>
		</div>
		{#if form?.problem}<p class="font-semibold text-error" id="list-problem" role="alert">
				{form.problem}
			</p>{/if}
		<button class="btn btn-accent">Look at it</button>
	</form>
	<section class="sheet grid gap-3 p-4" aria-labelledby="out">
		<h2 id="out">Take a list out</h2>
		{#each listNames as name (name)}
			<div class="border-t border-base-300 pt-3">
				<h3 class="font-semibold">{listTitles[name]}</h3>
				<p class="quiet mb-2 text-[15px]">
					Columns: {listFields[name].map(({ head }) => head).join(', ')}.
				</p>
				<a class="btn" href="/gather/lists/{name}.csv" download data-sveltekit-reload
					>{listTitles[name]} as CSV</a
				>
			</div>
		{/each}
	</section>
</div>
