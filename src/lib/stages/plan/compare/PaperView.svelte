<script lang="ts">
	import { PaperView as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { sheetAddress } from '$lib/stages/plan/document/sheet-address';
	import { basisWords } from '$lib/ui/basis-words';
	import { sheetsFor } from '$lib/stages/plan/words/sheets';
	import type { Paper } from '$lib/ui/reader';
	import { invalidate } from '$app/navigation';
	import { page } from '$app/state';
	import { untrack } from 'svelte';

	interface Props {
		bench: Bench;
		name: string;
		/** The version it is kept as; none while it is not. */
		version: number | null;
		/** The kept plan's id; null while it is not kept. */
		planId: string | null;
	}
	const { bench, name, version, planId }: Props = $props();
	let paper = $state<Paper>(untrack(() => page.data.group.paper));
	/** This device prints on it from now on. */
	function remember() {
		const said = new FormData();
		said.set('paper', paper);
		said.set('back', '/settings');
		void fetch('/settings?/words', {
			method: 'POST',
			body: said,
			headers: { accept: 'application/json' }
		}).then(
			() => invalidate('app:reader'),
			() => {}
		);
	}
	let isLarge = $state(false);
	const sheets = $derived(sheetsFor(bench.plan));
	const address = $derived((sheet: string) =>
		sheetAddress(sheet, bench.plan, name, {
			paper,
			lengths: bench.system,
			terms: bench.terms,
			version: version === null ? null : String(version),
			plan: version === null ? null : planId,
			large: isLarge ? 'yes' : null
		})
	);
</script>

<div class="grid gap-4">
	<h2>{say.print()}</h2>
	<p class="text-[0.9375rem]">
		{say.forTheWallAndThe({ basis: basisWords(bench.estimate.basis) })}
	</p>
	<div class="flex flex-wrap items-end gap-x-6 gap-y-2">
		<label class="grid gap-1 text-[0.9375rem]">
			{say.paper()}
			<select class="field w-auto max-w-full" bind:value={paper} onchange={remember}>
				<option value="a4">A4</option>
				<option value="letter">{say.letter()}</option>
			</select>
		</label>
		<label class="flex min-h-11 items-center gap-2">
			<input class="checkbox" type="checkbox" bind:checked={isLarge} />
			{say.largeType()}
		</label>
	</div>
	<ul class="grid gap-2">
		{#each sheets as { sheet, title, about } (sheet)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-base-300 py-2">
				<div class="min-w-0 flex-1 basis-60">
					<p class="font-semibold">{title}</p>
					<p class="quiet text-[0.9375rem]">{about}</p>
				</div>
				<a class="btn" href={address(`${sheet}.pdf`)} download data-sheet={sheet}>{say.pdf()}</a>
				{#if sheet === 'cutting'}<a class="btn" href={address('guide.svg')} download
						>{say.guideAsSvg()}</a
					>{/if}
			</li>
		{/each}
		<li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-base-300 py-2">
			<div class="min-w-0 flex-1 basis-60">
				<p class="font-semibold">{say.measuringSheet()}</p>
				<p class="quiet text-[0.9375rem]">{say.measuresFromPhotos()}</p>
			</div>
			<a class="btn" href="/photo/sheet.pdf?paper={paper}" download data-sheet="measuring"
				>{say.pdf()}</a
			>
		</li>
	</ul>
	<p class="quiet text-[0.9375rem]">
		{say.printAt100NotFitted()}
	</p>
</div>
