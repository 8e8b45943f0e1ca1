<script lang="ts">
	import { HandOverMatsCodePage as say } from '$lib/words/hand-over';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import MatStrip from '$lib/stages/making/MatStrip.svelte';
	import { wholeMat } from '$lib/stages/making/mat-view';
	import { storyEventWords, stateNow } from '$lib/stages/hand-over/story-words';
	import { careWords, sizeWords } from '$lib/stages/hand-over/hand-over-words';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { nearDayWords } from '$lib/ui/day-words';
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
			...mat.woundOn.map((day) => ({ what: 'wound', day, words: say.ballsForItWereWound() })),
			...mat.days.map(({ what, day }) => ({ what, day, words: storyEventWords[what] }))
		].toSorted((one, other) => (one.day < other.day ? -1 : one.day > other.day ? 1 : 0))
	);
</script>

<PageTitle of={say.aboutThisMat({ code: mat.code })} />
<ColourPatterns />

<h2>{mat.code} <span class="quiet font-normal">{mat.planName}</span></h2>
<p class="flex flex-wrap gap-x-6">
	<span class="inline-flex min-h-11 items-center font-semibold" data-state={mat.state}
		>{stateNow(mat)}</span
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href="/hand-over/tags.pdf?mat={mat.code}"
		data-sveltekit-reload>{say.itsTag()}</a
	>
	<a
		class="inline-flex min-h-11 link items-center"
		href={mat.state === 'begun' || mat.state === 'made'
			? `/make/${mat.code}`
			: `/check/${mat.code}`}
		>{mat.state === 'begun' || mat.state === 'made' ? say.beingMade() : say.itsChecks()}</a
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
				{say.drawnByItsBallsIts()}
			</p>{/if}
		<p>
			{mat.size ? sizeWords(mat.size, system) : ''}{mat.massG === null
				? ''
				: `, ${massWords(mat.massG, system)}`}
		</p>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet grid gap-2 p-4" aria-labelledby="bags">
			<h3 id="bags" class="text-lg">{say.bagsInIt()}</h3>
			{#if mat.bags === null}
				<p data-bags="">
					{say.noBallWasGivenFor()}
				</p>
			{:else}
				<p data-bags={mat.bags}>
					{#if mat.knownFilmG === null}<strong>{wholeNumber(mat.bags)}</strong> {say.bagsAreInIt()}
					{:else}<strong>{say.atLeast({ bags: wholeNumber(mat.bags) })}</strong>
						{say.bagsAreInItLabels({
							mass: massWords(mat.knownFilmG, system),
							mass2: massWords(mat.massG ?? 0, system)
						})}{/if}
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
							<li>{say.someCameFrom({ bags: wholeNumber(bags), name })}</li>
						{/each}
					</ul>
					<p class="quiet text-[0.9375rem]">
						{say.bagsLieTogetherInThe()}
					</p>
				{:else}<p class="quiet">{say.fromWhichPlacesTheyCame()}</p>{/if}
			{/if}
		</section>
		<section class="sheet grid gap-2 p-4" aria-labelledby="hands">
			<h3 id="hands" class="text-lg">{say.people()}</h3>
			<p data-hands={mat.hands}>
				{#if mat.hands === 0}{say.nobodyWasNamedNoCount()}{:else}{say.isatleastSelectYesOtherHands({
						isAtLeast: isAtLeast ? 'yes' : 'no',
						part: isAtLeast ? smallNumber(mat.hands) : capital(smallNumber(mat.hands)),
						hands: mat.hands,
						part2: mat.makers === 1 ? say.one() : smallNumber(mat.makers),
						isHands: mat.hands > mat.makers ? 'yes' : 'no'
					})}{/if}
			</p>
			{#if isAtLeast}
				<p class="quiet" data-unknown={mat.unknownBalls}>
					{mat.bags === null
						? say.whoWoundItsBallsIs()
						: mat.unknownBalls > 0
							? say.whoWoundIsNotKnown({
									part:
										mat.unknownBalls === 1
											? say.oneOfItsBalls()
											: say.ofItsBalls({ unknownBalls: smallNumber(mat.unknownBalls) })
								})
							: say.whoWoundItsOtherBalls()}
				</p>
			{/if}
		</section>
		<section class="sheet grid gap-2 p-4" aria-labelledby="days">
			<h3 id="days" class="text-lg">{say.days()}</h3>
			<ol class="grid gap-1">
				{#each days as { what, day, words }, at (at)}
					<li data-what={what}>{nearDayWords(day, data.group.today)}: {words}</li>
				{/each}
			</ol>
			{#if mat.went}<p>
					{say.itWentToWith({ placeName: mat.went.placeName })}
					<a class="link" href="/hand-over/deliveries/{mat.went.code}">{mat.went.code}</a>{mat.went
						.pillow
						? say.andPillowWithIt({ pillow: mat.went.pillow })
						: ''}.
				</p>{/if}
		</section>
		<p class="quiet text-[0.9375rem]">
			{say.whoSleepsOnItIs({ careWords: careWords.join(' ') })}
		</p>
	</div>
</div>
