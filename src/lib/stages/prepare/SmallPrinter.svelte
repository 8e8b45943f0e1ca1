<script lang="ts">
	// A stand-in for a small label printer: what waits, what is wrong, and what came out.
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
		'cover-open': 'Its cover is open. Close it, and it goes on where it stopped.',
		'out-of-labels': 'It is out of labels. Put in a new roll, and it goes on where it stopped.',
		jammed:
			'A label jammed half way. Take it out: that label waits still, and is printed whole. None before it is printed again.'
	} as const;
	const hands = [
		{ hand: 'open-cover', label: 'Open its cover' },
		{ hand: 'close-cover', label: 'Close its cover' },
		{ hand: 'empty-roll', label: 'Empty its roll' },
		{ hand: 'new-roll', label: 'Put in a new roll' },
		{ hand: 'jam', label: 'Jam it' },
		{ hand: 'unjam', label: 'Take the jam out' }
	] as const;
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="printer">
	<h2 id="printer">Small label printer</h2>
	<p class="quiet text-[0.9375rem]">
		A stand-in, as this is the demo: it shows how a real one is met. {printer.labelsLeft} labels on its
		roll.
	</p>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	{#if printer.trouble}
		<p class="font-semibold text-error" role="alert" data-trouble={printer.trouble}>
			{troubles[printer.trouble]}
		</p>
	{/if}
	{#if printer.waiting.length > 0}
		<p data-waiting={printer.waiting.length}>
			{printer.waiting.length === 1 ? 'One label waits' : `${printer.waiting.length} labels wait`}:
			<span class="figure">{printer.waiting.slice(0, 6).join(' ')}</span>{printer.waiting.length > 6
				? ' …'
				: ''}
		</p>
		<div class="flex flex-wrap gap-2">
			<form method="POST" {...actTo('?/resume')}>
				<button class="btn btn-accent" disabled={printer.trouble !== null}>Go on printing</button>
			</form>
			<form method="POST" {...actTo('?/drop')}>
				<button class="btn font-normal">Print none of them</button>
			</form>
		</div>
	{/if}
	{#if printer.printed.length > 0}
		<p class="text-[0.9375rem]">Came out last:</p>
		<ul class="grid gap-2" data-printed>
			{#each printer.printed.slice(0, 3) as code, nth (nth)}
				<li>
					<img
						class="w-full max-w-72 border border-base-content bg-white"
						src="/prepare/things/{code}/label.png"
						alt="The label {code} as it was printed"
						width="744"
						height="348"
					/>
				</li>
			{/each}
		</ul>
	{/if}
	<details>
		<summary class="min-h-11 cursor-pointer py-2">Put something wrong with it</summary>
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
