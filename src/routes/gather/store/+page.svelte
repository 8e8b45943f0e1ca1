<script lang="ts">
	import { GatherStorePage as say } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import Shelves from '$lib/stages/gather/Shelves.svelte';
	import { shelvesOf } from '$lib/stages/gather/shelves';
	import LineHistory from '$lib/stages/gather/LineHistory.svelte';
	import MovementForm from '$lib/stages/gather/MovementForm.svelte';
	import StoreTable from '$lib/stages/gather/StoreTable.svelte';
	import { queryOf } from '$lib/ui/query';
	import { formWords } from '$lib/ui/store-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const lineWords = $derived.by(() => {
		const { line, kinds } = data;
		const kind = line && kinds.find(({ id }) => id === line.kind);
		return kind ? `${kind.name}, ${line.colour}, ${formWords[line.form]}` : say.thisLine();
	});
</script>

<PageTitle />
<ColourPatterns />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if data.balances.length > 0}
			<Shelves shelves={shelvesOf(data.balances)} filter={data.filter} line={data.line} />
		{/if}
		{#if data.line}
			<LineHistory
				title={lineWords}
				form={data.line.form}
				movements={data.movements}
				hasOlder={data.hasOlder}
				back={data.back}
				query={queryOf({ ...data.filter, ...data.line })}
				sent={form?.entry}
				gives={data.gives}
			/>
		{/if}
		<StoreTable
			lines={data.balances}
			kinds={data.kinds}
			filter={data.filter}
			isTable={data.isTable}
		/>
	</div>
	<div class="grid gap-4">
		<MovementForm kinds={data.kinds} line={data.line} sent={form?.entry} />
	</div>
</div>
