<script lang="ts">
	// All the film of the group on one strip, from the sack to whoever lies on it: each part as long as the film
	// in it, in its own colours, lapped over the next; the weft runs over one part and under the other. A thread
	// leads from each part to what it is called.
	import { FilmStrip as say } from '$lib/words/today';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { StripPart } from './today-view';

	const { parts }: { parts: readonly StripPart[] } = $props();
	const uid = $props.id();
	const width = 1200;
	const tall = 62;
	const all = $derived(parts.reduce((sum, { bags }) => sum + bags, 0));
	const drawn = $derived.by(() => {
		let from = 0;
		return parts.map((part, nth) => {
			const begin = from;
			from += all > 0 ? (part.bags / all) * width : 0;
			let at = begin;
			const pieces = part.pieces.map(({ colour, bags }) => {
				const piece = { colour, from: at, long: all > 0 ? (bags / all) * width : 0 };
				at += piece.long;
				return piece;
			});
			return { ...part, nth, from: begin, long: from - begin, y: nth % 2 === 0 ? 12 : 22, pieces };
		});
	});
	/** The weft: a wave along the whole strip. */
	const wave = Array.from({ length: 26 }, (_, nth) =>
		nth === 0 ? 'M0 46' : `Q${nth * 48 - 24} ${nth % 2 ? 22 : 70} ${nth * 48} 46`
	).join('');
</script>

<ColourPatterns />
<section aria-labelledby="strip-{uid}" class="mt-4">
	<h2 id="strip-{uid}" class="sr-only">{say.whereTheBagsAre()}</h2>
	<svg
		viewBox="0 0 {width} 128"
		preserveAspectRatio="none"
		class="h-32 w-full max-md:hidden"
		aria-hidden="true"
	>
		{@render film()}
		{#each drawn as { from, long, y, nth } (nth)}
			{#if long > 0.4}
				<path
					d="M{from + long / 2} {y + tall}C{from + long / 2} 112 {(nth + 0.5) *
						(width / parts.length)} 98 {(nth + 0.5) * (width / parts.length)} 128"
					class="fill-none stroke-base-content/60"
					stroke-width="1.6"
				/>
			{/if}
		{/each}
	</svg>
	<svg
		viewBox="0 0 {width} 96"
		preserveAspectRatio="none"
		class="h-20 w-full md:hidden"
		aria-hidden="true">{@render film()}</svg
	>
	<ul class="grid grid-cols-2 gap-x-2 md:grid-cols-8">
		{#each parts as { name, count, unit, href, bags } (name)}
			<li class="min-w-0">
				<a
					class="flex min-h-11 flex-col rounded-lg p-1 leading-tight no-underline hover:bg-base-100 md:items-center md:text-center"
					{href}
					data-part={name}
					data-bags={Math.round(bags)}
				>
					<span
						><strong class="figure">{wholeNumber(count)}</strong>
						{count === 1 ? unit.replace(/s$/, '') : unit}</span
					>
					<span class="quiet text-sm underline underline-offset-3">{name}</span>
				</a>
			</li>
		{/each}
	</ul>
</section>

{#snippet film()}
	<path d={wave} class="fill-none stroke-accent" stroke-width="9" />
	{#each drawn as { pieces, from, long, y, nth, href } (nth)}
		{#if long > 0.4}
			<a {href} tabindex="-1">
				{#each pieces as piece, at (at)}
					<rect
						x={piece.from}
						{y}
						width={piece.long}
						height={tall}
						fill={piece.colour ? `url(#film-${piece.colour})` : 'var(--color-secondary)'}
						fill-opacity={piece.colour ? 0.86 : 0.3}
						class="film"
					/>
				{/each}
				<rect
					x={from}
					{y}
					width={long}
					height={tall}
					class="fill-none stroke-base-content"
					stroke-width="1.4"
				/>
			</a>
		{/if}
	{/each}
	<clipPath id="over-{uid}">
		{#each drawn as { from, long, nth } (nth)}
			{#if nth % 2 === 1}<rect x={from} y="0" width={long} height="128" />{/if}
		{/each}
	</clipPath>
	<path
		d={wave}
		clip-path="url(#over-{uid})"
		class="fill-none stroke-accent"
		stroke-width="9"
		pointer-events="none"
	/>
{/snippet}

<style>
	.film {
		mix-blend-mode: multiply;
	}
	:global([data-theme='dark']) .film {
		mix-blend-mode: normal;
	}
	@media (prefers-color-scheme: dark) {
		.film {
			mix-blend-mode: normal;
		}
	}
</style>
