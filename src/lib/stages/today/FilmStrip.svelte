<script lang="ts">
	// All the film of the group on one strip, from the sack to whoever lies on it: each part as long as the
	// film in it, folded over where the next begins.
	import { wholeNumber } from '$lib/ui/number-words';
	import type { StripPart } from './today-view';

	const { parts }: { parts: readonly StripPart[] } = $props();
	const width = 1200;
	const all = $derived(parts.reduce((sum, { bags }) => sum + bags, 0));
	const looks = [
		'fill-base-100',
		'fill-primary/15',
		'fill-primary/30',
		'fill-primary/50',
		'fill-secondary/35',
		'fill-accent',
		'fill-secondary/60',
		'fill-base-content/25'
	];
	const pieces = $derived.by(() => {
		let from = 0;
		return parts.map((part, nth) => {
			const begin = from;
			from += all > 0 ? (part.bags / all) * width : width / parts.length;
			// The strip goes up and down like a weft, a part over and a part under.
			return { ...part, nth, from: begin, long: from - begin, y: nth % 2 === 0 ? 6 : 16 };
		});
	});
</script>

<section aria-labelledby="strip" class="mt-3">
	<h2 id="strip" class="sr-only">Where the film is</h2>
	<svg
		viewBox="0 0 {width} 74"
		class="h-auto w-full"
		role="img"
		aria-label="Film in bags’ worth: {parts
			.map(({ name, bags }) => `${name} ${wholeNumber(bags)}`)
			.join(', ')}"
	>
		{#each pieces as { from, long, y, nth } (nth)}
			{#if long > 0.5}
				<rect
					x={from}
					{y}
					width={long}
					height="50"
					class="{looks[nth] ?? ''} stroke-base-content"
					stroke-width="1.5"
				/>
				{#if long > 14}<path
						d="M{from + long - 10} {y}v50"
						class="stroke-base-content/40"
						stroke-width="1.5"
						stroke-dasharray="4 3"
					/>{/if}
			{/if}
		{/each}
		<path
			d="M0 36{pieces
				.map(({ long, nth }) => `q${long / 2} ${nth % 2 === 0 ? 34 : -34} ${long} 0`)
				.join('')}"
			class="fill-none stroke-base-content/50"
			stroke-width="2.5"
		/>
	</svg>
	<ul class="grid grid-cols-[repeat(auto-fit,minmax(7rem,1fr))] gap-x-2 gap-y-1">
		{#each parts as { name, count, unit, href, bags }, nth (name)}
			<li>
				<a
					class="flex min-h-11 items-center gap-2 rounded-lg px-1 no-underline hover:underline"
					{href}
					data-part={name}
					data-bags={Math.round(bags)}
				>
					<svg width="14" height="22" viewBox="0 0 14 22" aria-hidden="true" class="shrink-0">
						<rect
							x="1"
							y="1"
							width="12"
							height="20"
							class="{looks[nth] ?? ''} stroke-base-content"
							stroke-width="1.5"
						/>
					</svg>
					<span class="leading-tight">
						<strong class="figure">{wholeNumber(count)}</strong>
						{count === 1 ? unit.replace(/s$/, '') : unit}
						<span class="quiet block text-sm">{name}</span>
					</span>
				</a>
			</li>
		{/each}
	</ul>
</section>
