<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import MatStrip from '$lib/stages/making/MatStrip.svelte';
	import { wholeMat } from '$lib/stages/making/mat-view';
	import { storyEventWords, stateNow } from '$lib/stages/hand-over/story-words';
	import { careWords, sizeWords } from '$lib/stages/hand-over/hand-over-words';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { yearDayWords } from '$lib/ui/day-words';
	import { capital, smallNumber, wholeNumber } from '$lib/ui/number-words';
	import Swatch from '$lib/ui/Swatch.svelte';
	import { massWords } from '$lib/ui/unit-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { mat } = $derived(data);
	const system = $derived(data.group.lengthSystem);
	/** Somebody's hands in it are not known: the count is no more than a least one. */
	const isAtLeast = $derived(mat.bags === null || mat.unknownBalls > 0 || mat.knownFilmG !== null);
	const days = $derived(
		[
			...mat.woundOn.map((day) => ({ what: 'wound', day, words: 'balls for it were wound' })),
			...mat.days.map(({ what, day }) => ({ what, day, words: storyEventWords[what] }))
		].toSorted((one, other) => (one.day < other.day ? -1 : one.day > other.day ? 1 : 0))
	);
</script>

<PageTitle of={`${mat.code} · Its own page`} />
<ColourPatterns />

<h2>{mat.code} <span class="quiet font-normal">{mat.planName}</span></h2>
<p class="flex flex-wrap gap-x-6">
	<span class="inline-flex min-h-11 items-center font-semibold" data-state={mat.state}
		>{stateNow(mat)}</span
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href="/hand-over/tags.pdf?mat={mat.code}"
		data-sveltekit-reload>Its tag</a
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href={mat.state === 'begun' || mat.state === 'made'
			? `/make/${mat.code}`
			: `/check/${mat.code}`}
		>{mat.state === 'begun' || mat.state === 'made' ? 'In hand' : 'Its checks'}</a
	>
</p>
<div
	class="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[48rem]:grid-cols-[16rem_minmax(0,1fr)]"
>
	<div class="sheet grid justify-items-center gap-2 p-4">
		<div class="w-full max-w-64">
			<MatStrip mat={wholeMat(mat)} isWhole longestMm={mat.look?.lengthMm ?? 2000} />
		</div>
		{#if mat.isByBalls}<p class="quiet text-[0.9375rem]">
				Drawn by its balls: its plan has other colours.
			</p>{/if}
		<p>
			{mat.size ? sizeWords(mat.size, system) : ''}{mat.massG === null
				? ''
				: `, ${massWords(mat.massG, system)}`}
		</p>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet grid gap-2 p-4" aria-labelledby="bags">
			<h3 id="bags" class="text-lg">From which bags</h3>
			{#if mat.bags === null}
				<p data-bags="">
					No ball was given for it by its label: which bags lie in it, nothing says.
				</p>
			{:else}
				<p data-bags={mat.bags}>
					{#if mat.knownFilmG === null}<strong>{wholeNumber(mat.bags)}</strong> bags are in it.
					{:else}<strong>At least {wholeNumber(mat.bags)}</strong> bags are in it. Labels tell of {massWords(
							mat.knownFilmG,
							system
						)} of its {massWords(mat.massG ?? 0, system)}. The rest is not known.{/if}
				</p>
				<ul class="flex flex-wrap gap-x-5 gap-y-1">
					{#each mat.sorts as { kind, colour, bags } (`${kind} ${colour}`)}
						<li class="flex items-center gap-2">
							<Swatch {colour} />
							{wholeNumber(bags)}, {kind}
						</li>
					{/each}
				</ul>
				{#if mat.places.length > 0}
					<ul class="list-disc pl-5" data-places>
						{#each mat.places as { name, bags } (name)}
							<li>some {wholeNumber(bags)} came from {name}</li>
						{/each}
					</ul>
					<p class="quiet text-[0.9375rem]">
						Bags lie together in the store: each place has its share of what was sorted there by the
						day a ball was wound.
					</p>
				{:else}<p class="quiet">From which places they came, no sorting says.</p>{/if}
			{/if}
		</section>
		<section class="sheet grid gap-2 p-4" aria-labelledby="hands">
			<h3 id="hands" class="text-lg">By how many hands</h3>
			<p data-hands={mat.hands}>
				{#if mat.hands === 0}Nobody was named: no count is made.{:else}{isAtLeast
						? 'At least '
						: ''}{isAtLeast ? smallNumber(mat.hands) : capital(smallNumber(mat.hands))}
					{mat.hands === 1 ? 'pair of hands' : 'pairs of hands'}:
					{mat.makers === 1 ? 'one' : smallNumber(mat.makers)} had it to make{mat.hands > mat.makers
						? ', the others were at the table on the days its balls were wound'
						: ''}.{/if}
			</p>
			{#if isAtLeast}
				<p class="quiet" data-unknown={mat.unknownBalls}>
					{mat.bags === null
						? 'Who wound its balls is not known.'
						: mat.unknownBalls > 0
							? `Who wound ${mat.unknownBalls === 1 ? 'one of its balls' : `${smallNumber(mat.unknownBalls)} of its balls`} is not known.`
							: 'Who wound its other balls is not known.'}
				</p>
			{/if}
		</section>
		<section class="sheet grid gap-2 p-4" aria-labelledby="days">
			<h3 id="days" class="text-lg">On which days</h3>
			<ol class="grid gap-1">
				{#each days as { what, day, words }, at (at)}
					<li data-what={what}>{yearDayWords(day)}: {words}</li>
				{/each}
			</ol>
			{#if mat.went}<p>
					It went to {mat.went.placeName} with
					<a class="link" href="/hand-over/deliveries/{mat.went.code}">{mat.went.code}</a>{mat.went
						.pillow
						? `, and pillow ${mat.went.pillow} with it`
						: ''}.
				</p>{/if}
		</section>
		<p class="quiet text-[0.9375rem]">
			{careWords.join(' ')} Who sleeps on it is never written down.
		</p>
	</div>
</div>
