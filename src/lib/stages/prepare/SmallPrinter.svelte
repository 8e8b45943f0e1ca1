<script lang="ts">
	// A stand-in for a small label printer: what waits, what is wrong, and what came out.
	import { SmallPrinter as say } from '$lib/words/prepare';
	import { actTo } from '$lib/ui/offered';
	interface Props {
		printer: {
			readonly labelsLeft: number;
			readonly trouble: 'cover-open' | 'out-of-labels' | 'jammed' | null;
			readonly waiting: readonly string[];
			readonly printed: readonly string[];
		};
		problem: string | null;
	}
	const { printer, problem }: Props = $props();
	const troubles = {
		'cover-open': say.itsCoverIsOpenClose(),
		'out-of-labels': say.itIsOutOfLabels(),
		jammed: say.aLabelJammedHalfWay()
	} as const;
	const hands = [
		{ hand: 'open-cover', label: say.openItsCover() },
		{ hand: 'close-cover', label: say.closeItsCover() },
		{ hand: 'empty-roll', label: say.emptyItsRoll() },
		{ hand: 'new-roll', label: say.putInANewRoll() },
		{ hand: 'jam', label: say.jamIt() },
		{ hand: 'unjam', label: say.takeTheJamOut() }
	] as const;
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="printer">
	<h2 id="printer">{say.smallLabelPrinter()}</h2>
	<p class="quiet text-[0.9375rem]">
		{say.thisIsAPracticePrinter({ labelsLeft: printer.labelsLeft })}
	</p>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	{#if printer.trouble}
		<p class="font-semibold text-error" role="alert" data-trouble={printer.trouble}>
			{troubles[printer.trouble]}
		</p>
	{/if}
	{#if printer.waiting.length > 0}
		<p data-waiting={printer.waiting.length}>
			{printer.waiting.length === 1
				? say.oneLabelWaits()
				: say.labelsWait({ length: printer.waiting.length })}:
			<span class="figure">{printer.waiting.slice(0, 6).join(' ')}</span>{printer.waiting.length > 6
				? ' …'
				: ''}
		</p>
		<div class="flex flex-wrap gap-2">
			<form method="POST" {...actTo('?/resume')}>
				<button class="btn btn-accent" disabled={printer.trouble !== null}
					>{say.goOnPrinting()}</button
				>
			</form>
			<form method="POST" {...actTo('?/drop')}>
				<button class="btn font-normal">{say.cancelPrinting()}</button>
			</form>
		</div>
	{/if}
	{#if printer.printed.length > 0}
		<p class="text-[0.9375rem]">{say.lastLabel()}</p>
		<ul class="grid gap-2" data-printed>
			{#each printer.printed.slice(0, 3) as code, nth (nth)}
				<li>
					<img
						class="w-full max-w-72 border border-base-content bg-white"
						src="/prepare/things/{code}/label.png"
						alt={say.theLabelAsItWas({ code })}
						width="744"
						height="348"
					/>
				</li>
			{/each}
		</ul>
	{/if}
	<details>
		<summary class="min-h-11 cursor-pointer py-2">{say.tryAFault()}</summary>
		<div class="flex flex-wrap gap-2">
			{#each hands as { hand, label } (hand)}
				<form method="POST" {...actTo('?/hand')}>
					<input type="hidden" name="hand" value={hand} />
					<button class="btn font-normal">{label}</button>
				</form>
			{/each}
		</div>
	</details>
</section>
