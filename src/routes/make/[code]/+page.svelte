<script lang="ts">
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import StrandInHand from '$lib/stages/hand/StrandInHand.svelte';
	import RowCounter from '$lib/stages/hand/RowCounter.svelte';
	import { needOf } from '$lib/stages/hand/mat-view';
	import { needWords, whoseWords } from '$lib/stages/hand/mat-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { mat } = $derived(data);
	const passing = untrack(
		() =>
			new TypedForm(
				'hand-on',
				{ mat: data.mat.code, person: data.mat.maker?.id ?? '' },
				getOutbox(),
				form?.entry
			)
	);
</script>

<svelte:head><title>{whoseWords(mat)} · {mat.code} · Nest Row</title></svelte:head>

<p>
	<a class="inline-flex min-h-11 link items-center" href="/make">All mats in hand</a>
</p>
<h2>{whoseWords(mat)} <span class="quiet font-normal">{mat.code}</span></h2>
<p class="quiet">
	{mat.planName}, version {mat.planVersion} · begun {yearDayWords(mat.begunAt)}{mat.lastAt
		? ` · last row ${yearDayWords(mat.lastAt)}`
		: ''}
</p>
{#if needWords(needOf(mat), mat)}<p class="font-semibold">{needWords(needOf(mat), mat)}</p>{/if}
<div
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<div class="sheet p-4"><RowCounter {mat} seen={data.seen} /></div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<StrandInHand {mat} balls={data.balls} system={data.group.lengthSystem} sent={form?.entry} />
		<EntryForm
			form={passing}
			title="Pass it on"
			act="Pass it on"
			stays={['mat', 'person']}
			isMain={false}
		>
			<input type="hidden" name="mat" value={mat.code} />
			<EntrySelect
				form={passing}
				field="person"
				label="Who has it from now on"
				options={[
					{ value: '', label: 'at the table' },
					...data.people.map(({ id, name }) => ({ value: id, label: name }))
				]}
			/>
			<p class="quiet text-[0.9375rem]">Its rows and its history go with it.</p>
		</EntryForm>
	</div>
</div>
