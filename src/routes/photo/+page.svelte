<script lang="ts">
	// Measured from a photo: take or choose one, look at the edges, use what they say.
	import { PhotoPage as say, PhotoMeasures as told } from '$lib/words/photo';
	import { page } from '$app/state';
	import type { Place } from '$lib/core/photo/board';
	import { countBetween } from '$lib/core/photo/count-between';
	import { subjects, type Subject } from '$lib/core/photo/measured';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import PhotoWorker from '$lib/sight/photo.worker?worker';
	import CameraShot from '$lib/stages/photo/CameraShot.svelte';
	import FromPhone from '$lib/stages/photo/FromPhone.svelte';
	import KeptPictures from '$lib/stages/photo/KeptPictures.svelte';
	import { PhotoBench } from '$lib/stages/photo/photo-bench.svelte';
	import PhotoMeasures from '$lib/stages/photo/PhotoMeasures.svelte';
	import PhotoPicture from '$lib/stages/photo/PhotoPicture.svelte';
	import {
		problemWords,
		stepWords,
		subjectWords,
		troubleWords
	} from '$lib/stages/photo/photo-words';
	import PrinterForm from '$lib/stages/photo/PrinterForm.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { onMount, untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const bench = new PhotoBench(() => new PhotoWorker());
	const asked = $derived(page.url.searchParams.get('of'));
	let of = $state<Subject>(untrack(() => subjects.find((subject) => subject === asked) ?? 'bag'));
	const from = $derived(page.url.searchParams.get('from'));
	let printer = $state(untrack(() => data.printers[0]?.id ?? ''));
	$effect(() => {
		if (form && 'printer' in form && form.printer) printer = form.printer;
	});
	const scale = $derived((data.printers.find(({ id }) => id === printer)?.lineMm ?? 100) / 100);
	let counted = $state<Record<string, number>>({});
	let taps = $state<Place[]>([]);
	const unsureRows = $derived(bench.measured?.counts.rows?.isSure === false);

	onMount(() => {
		bench.makeReady();
		return () => bench.end();
	});
	function take(file: Blob | undefined): void {
		if (!file) return;
		counted = {};
		taps = [];
		bench.take(file, of, scale);
	}
	function choose(subject: Subject): void {
		if (subject === of) return;
		of = subject;
		counted = {};
		taps = [];
		bench.again(of, scale);
	}
	function choosePrinter(id: string): void {
		printer = id;
		bench.again(of, (data.printers.find((one) => one.id === id)?.lineMm ?? 100) / 100);
	}
	async function example(): Promise<void> {
		const answer = await fetch(`/photo/examples/${of}.jpg`).catch(() => null);
		if (answer?.ok) take(await answer.blob());
	}
	/** The first and the last row, tapped in the picture: how many there are between them. */
	function tap(place: Place): void {
		taps = taps.length < 2 ? [...taps, place] : [place];
		const [first, last] = taps;
		if (!first || !last || !bench.measured) return;
		const rows = countBetween(bench.measured, first, last);
		if (rows !== null) counted = { ...counted, rows };
	}
</script>

<StagePage>
	<div class="flex flex-wrap items-baseline justify-between gap-x-4">
		<PageTitle />
		<a class="inline-flex min-h-11 link items-center" href="/photo/sheet.pdf" data-sveltekit-reload
			>{say.printTheSheet()}</a
		>
	</div>
	<p class="quiet mb-3">{say.howItGoes()} {say.largerThings()}</p>
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_25rem]"
	>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
			{#if bench.address}
				<PhotoPicture {bench} ontap={unsureRows ? tap : undefined} {taps} />
				{#if unsureRows}<p class="font-semibold">{told.tapFirst()}</p>{/if}
			{/if}
			<div class="flex flex-wrap gap-2" role="group" aria-label={say.whatIsIt()}>
				{#each subjects as subject (subject)}
					<button
						type="button"
						class="btn {subject === of ? 'btn-neutral' : 'font-normal'}"
						aria-pressed={subject === of}
						onclick={() => choose(subject)}>{subjectWords[subject]}</button
					>
				{/each}
			</div>
			<div class="needs-scripts flex flex-wrap gap-2">
				<label class="btn btn-accent focus-within:outline-2">
					{say.takeAPhoto()}
					<input
						class="sr-only"
						type="file"
						accept="image/*"
						capture="environment"
						onchange={({ currentTarget }) => {
							take(currentTarget.files?.[0]);
							currentTarget.value = '';
						}}
					/>
				</label>
				<label class="btn focus-within:outline-2">
					{say.chooseAPhoto()}
					<input
						class="sr-only"
						type="file"
						accept="image/*"
						data-choose
						onchange={({ currentTarget }) => {
							take(currentTarget.files?.[0]);
							currentTarget.value = '';
						}}
					/>
				</label>
				<CameraShot onpicture={take} />
				{#if data.group.isDemo}
					<button type="button" class="btn font-normal" onclick={() => void example()}
						>{say.useAnExample()}</button
					>
				{/if}
			</div>
		</div>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			<div aria-live="polite" class="grid grid-cols-[minmax(0,1fr)] gap-3">
				{#if bench.step !== null}
					<p class="sheet flex items-center gap-3 p-4" aria-busy="true">
						<span class="loading loading-spinner motion-reduce:hidden"></span>
						<span>{stepWords[bench.step]}</span>
					</p>
				{/if}
				{#if bench.trouble}
					<p
						class="sheet border-2 border-error p-4 font-semibold"
						role="alert"
						data-trouble={bench.trouble}
					>
						{troubleWords[bench.trouble]}
					</p>
				{/if}
				{#if bench.answer && bench.answer.problem !== null}
					<p
						class="sheet border-2 border-error p-4 font-semibold"
						role="alert"
						data-problem={bench.answer.problem}
					>
						{problemWords[bench.answer.problem]}
					</p>
				{/if}
			</div>
			<PhotoMeasures
				{bench}
				system={data.group.lengthSystem}
				{from}
				{counted}
				oncount={(name, count) =>
					(counted = Object.fromEntries([
						...Object.entries(counted).filter(([one]) => one !== name),
						...(count === null ? [] : [[name, count] as const])
					]))}
			/>
			<PrinterForm
				printers={data.printers}
				chosen={printer}
				onchoose={choosePrinter}
				pageKey={data.key}
				problems={form && 'problems' in form ? form.problems : undefined}
				typed={form && 'typed' in form ? form.typed : undefined}
			/>
			<FromPhone
				pageKey={data.key}
				link={form && 'link' in form ? (form.link ?? null) : null}
				isOnlyHere={data.isOnlyHere}
				onpicture={take}
			/>
			<KeptPictures pictures={data.pictures} most={data.mostPictures} {bench} {of} />
			{#if form && 'message' in form && form.message}
				<p class="font-semibold text-error" role="alert">{form.message}</p>
			{/if}
		</div>
	</div>
</StagePage>
