<script lang="ts">
	import { MakeCodePage as say } from '$lib/words/making';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { actsOfTechnique } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import MakerLink from '$lib/stages/making/MakerLink.svelte';
	import MatSays from '$lib/stages/making/MatSays.svelte';
	import NotesOnMat from '$lib/stages/making/NotesOnMat.svelte';
	import NeedAct from '$lib/stages/making/NeedAct.svelte';
	import WaysOut from '$lib/stages/making/WaysOut.svelte';
	import WeighBall from '$lib/stages/making/WeighBall.svelte';
	import StrandInHand from '$lib/stages/making/StrandInHand.svelte';
	import RowCounter from '$lib/stages/making/RowCounter.svelte';
	import { needOf } from '$lib/stages/making/mat-view';
	import { matNeedWords, whoseWords } from '$lib/stages/making/mat-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const sent = $derived(form && 'entry' in form ? form.entry : null);
	const made = $derived(form && 'address' in form && form.square ? form : null);
	const { mat } = $derived(data);
	const passing = untrack(
		() =>
			new TypedForm(
				'hand-on',
				{ mat: data.mat.code, person: data.mat.maker?.id ?? '' },
				getOutbox(),
				sent
			)
	);
</script>

<PageTitle of={`${whoseWords(mat)} · ${mat.code}`} />

<p class="quiet">
	{say.versionStarted({
		planName: mat.planName,
		planVersion: mat.planVersion,
		yearDay: yearDayWords(mat.begunAt),
		part: mat.lastAt ? say.lastRow({ yearDay: yearDayWords(mat.lastAt) }) : ''
	})}
</p>
{#if matNeedWords(needOf(mat), mat)}<p class="font-semibold" data-says>
		{matNeedWords(needOf(mat), mat)}
	</p>{/if}
{#if data.loaded}
	<p class={data.loaded.strands < data.loaded.warpStrands ? 'font-semibold' : 'quiet'} data-laid>
		{say.ofStrandsAreLaidIsstrands({
			strands: data.loaded.strands,
			warpStrands: data.loaded.warpStrands,
			isStrands: data.loaded.strands < data.loaded.warpStrands ? 'yes' : 'no'
		})}
	</p>
{/if}
<NeedAct {mat} need={needOf(mat)} isMain />
{#if mat.said.remindedAt}<p class="quiet">
		{say.messageSent({ yearDay: yearDayWords(mat.said.remindedAt) })}
		<a class="link" href="/make/outbox">{say.theOutbox()}</a>.
	</p>{/if}
<div
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<div class="sheet p-4">
			<RowCounter {mat} seen={data.seen} to={actTo('?/keep', 'row')} mayCorrect />
		</div>
		<WaysOut {mat} thereM={data.thereM} />
		<MatSays {mat} system={data.group.lengthSystem} {sent} />
		<NotesOnMat {mat} {sent} />
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<StrandInHand {mat} offered={data.offered} system={data.group.lengthSystem} {sent} />
		{#if mat.said.issued.length > 0}
			<WeighBall {mat} system={data.group.lengthSystem} {sent} />
		{/if}
		<MakerLink
			links={data.links}
			days={data.linkDays}
			isOnlyHere={data.isOnlyHere}
			{made}
			problem={form && 'message' in form ? (form.message ?? '') : ''}
		/>
		<p class="sheet p-4">
			<a
				class="inline-flex min-h-11 link items-center"
				href="/make/{mat.code}/rows.pdf"
				data-sveltekit-reload>{say.rowSheetToPrint()}</a
			>
			<span class="quiet block text-[0.9375rem]"
				>{say.fromRowOnWhatWas({ near: mat.made.near + mat.made.far + 1 })}</span
			>
			<a
				class="inline-flex min-h-11 link items-center"
				href="/know-how/faults?technique={mat.look?.kind ?? 'crochet'}">{say.whatIsWrongWithIt()}</a
			>
			<ActLinks acts={actsOfTechnique[mat.look?.kind ?? 'crochet']} />
		</p>
		<span id="pass" tabindex="-1"></span>
		<EntryForm
			form={passing}
			title={say.passItOn()}
			act={say.passItOn()}
			stays={['mat', 'person']}
			isMain={false}
		>
			<input type="hidden" name="mat" value={mat.code} />
			<EntrySelect
				form={passing}
				field="person"
				label={say.newMaker()}
				options={[
					{ value: '', label: say.atTheTable() },
					...data.people.map(({ id, name }) => ({ value: id, label: name }))
				]}
			/>
			<p class="quiet text-[0.9375rem]">{say.itsRowsAndItsHistory()}</p>
		</EntryForm>
	</div>
</div>
