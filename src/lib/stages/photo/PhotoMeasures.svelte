<script lang="ts">
	// What the picture told, each measure with its range, and the way on with them.
	import { PhotoMeasures as say, photoWords } from '$lib/words/photo';
	import type { Ranged } from '$lib/core/photo/measured';
	import { formatLength, trimmed, type LengthSystem } from '$lib/core/units/format-length';
	import Term from '$lib/ui/Term.svelte';
	import { linkTo } from '$lib/ui/offered';
	import type { PhotoBench } from './photo-bench.svelte';
	import { measureNames, subjectWords } from './photo-words';
	import StripBars from './StripBars.svelte';
	import { takenName, takenOf, takenText, takerOf } from './taken';

	interface Props {
		bench: PhotoBench;
		system: LengthSystem;
		/** The page one came from. */
		from: string | null;
		/** Counts that were made by hand. */
		counted: Readonly<Record<string, number>>;
		oncount: (name: string, count: number | null) => void;
	}
	const { bench, system, from, counted, oncount }: Props = $props();
	const measured = $derived(bench.measured);
	const words = ({ value }: Ranged) => formatLength(value, system, 'small');
	const rangeWords = ({ low, high }: Ranged): string =>
		system === 'cm'
			? `${trimmed(low, 0)}–${trimmed(high, 0)}`
			: `${formatLength(low, system, 'small')}–${formatLength(high, system, 'small')}`;
	/** What one stitch or row measures is told finer than a whole piece. */
	const isPitch = (name: string) => /^(stitch|row|peg)_mm$/.test(name);
	const fineWords = ({ value }: Ranged) =>
		system === 'cm' ? `${trimmed(value, 1)} mm` : formatLength(value, system, 'small');
	const fine = ({ low, high }: Ranged) => `${trimmed(low, 1)}–${trimmed(high, 1)}`;
	const lines = $derived(measured ? measureNames(measured.of) : []);
	const isUnsure = $derived(
		Object.entries(measured?.counts ?? {}).some(
			([name, { isSure }]) => !isSure && counted[name] === undefined
		)
	);
	const handle = $derived.by(() => {
		const [height, body] = [bench.measures.height_mm, bench.measures.body_height_mm];
		if (measured?.of !== 'bag' || !height || !body) return null;
		const value = height.value - body.value;
		const half = Math.hypot(height.high - height.value, body.high - body.value);
		return { value, low: value - half, high: value + half };
	});
	const to = $derived(measured ? takerOf(measured.of, from) : null);
	const address = $derived(
		measured && to
			? `${to}?${takenName}=${encodeURIComponent(takenText(takenOf(measured, bench.measures, counted)))}`
			: null
	);
	const gaps = $derived(measured?.of === 'cover' ? bench.measures.gap_fraction : undefined);
	/** Open places of 100 below which a piece is close, and fair. */
	const closeness = (share: number) =>
		share < 0.04 ? say.close() : share < 0.12 ? say.fair() : say.open();
	const percent = (share: number) => Math.round(100 * share);
</script>

{#snippet measure(label: string, held: Ranged, isFine = false)}
	<div class="flex flex-wrap items-baseline justify-between gap-x-3 border-t border-base-300 py-2">
		<dt>{label}</dt>
		<dd>
			<span class="figure text-xl font-bold">{isFine ? fineWords(held) : words(held)}</span>
			<span class="figure quiet">{isFine && system === 'cm' ? fine(held) : rangeWords(held)}</span>
		</dd>
	</div>
{/snippet}

{#if measured}
	<section
		class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
		aria-labelledby="told"
		data-told={measured.of}
	>
		<h2 id="told" class="text-lg">{subjectWords[measured.of]}</h2>
		{#if measured.isDark}<p class="font-semibold">{say.itIsDark()}</p>{/if}
		<dl>
			{#each lines as [name, label] (name)}
				{@const count = measured.counts[name]}
				{@const held = bench.measures[name]}
				{#if count}
					<div
						class="flex flex-wrap items-baseline justify-between gap-x-3 border-t border-base-300 py-2"
						data-count={name}
						data-sure={count.isSure}
					>
						<dt>{label}</dt>
						<dd>
							<span class="figure text-xl font-bold">{counted[name] ?? count.value}</span>
							{#if !count.isSure && counted[name] === undefined}
								<span class="figure quiet">{count.low}–{count.high}, {say.notSure()}</span>
							{/if}
						</dd>
					</div>
					{#if !count.isSure}
						<label class="flex flex-wrap items-center gap-2 pb-2 text-[0.9375rem]">
							<span>{say.countThem()}</span>
							<input
								class="field w-24"
								inputmode="numeric"
								aria-label={label}
								value={counted[name] ?? ''}
								oninput={({ currentTarget: { value } }) =>
									oncount(name, /^\d{1,3}$/.test(value.trim()) ? Number(value) : null)}
							/>
						</label>
					{/if}
				{:else if held}
					{@render measure(label, held, isPitch(name))}
				{/if}
			{/each}
			{#if handle}{@render measure(photoWords.handles(), handle)}{/if}
			{#if measured.film}
				<div
					class="flex flex-wrap items-baseline justify-between gap-x-3 border-t border-base-300 py-2"
				>
					<dt>{photoWords.colour()}</dt>
					<dd class="text-xl font-bold" data-film={measured.film.colour}>
						{measured.film.isSure
							? measured.film.colour
							: photoWords.maybe({ colour: measured.film.colour })}
					</dd>
				</div>
			{/if}
		</dl>
		{#if measured.of === 'strips'}<StripBars {bench} {system} />{/if}
		{#if measured.isNarrowing !== null}
			<p data-narrows={measured.isNarrowing}>
				{measured.isNarrowing && bench.measures.narrows_by_mm
					? say.narrows({ by: words(bench.measures.narrows_by_mm) })
					: say.keepsItsWidth()}
			</p>
		{/if}
		{#if gaps}
			<p class="text-xl font-bold" data-gaps={gaps.value}>
				{say.through({
					percent: percent(gaps.value),
					low: percent(gaps.low),
					high: percent(gaps.high)
				})}
			</p>
			<p>{say.closenessIs({ closeness: closeness(gaps.value) })}</p>
		{/if}
		<p class="quiet text-[0.9375rem]">
			<Term term="interval">{say.range()}</Term>: {say.rangeMeans()}
			{say.lookAtTheEdge()}
			{#if measured.of === 'bag'}{say.weighTen()}{/if}
		</p>
		{#if address}
			<p>
				<a
					class="btn text-lg btn-accent"
					class:btn-disabled={isUnsure}
					href={isUnsure ? undefined : address}
					data-use>{say.use()}</a
				>
			</p>
		{:else}
			<p>{say.openTheMat()} <a class="link" {...linkTo('/check')}>{say.check()}</a></p>
		{/if}
	</section>
{/if}
