<script lang="ts">
	// The parts of a stage in one row that scrolls by itself, the open one in sight.
	import { StageParts as say } from '$lib/words/common';
	import { page } from '$app/state';
	import type { BarLink } from '$lib/routes/bar';

	interface Props {
		stage: string;
		/** The first is the stage's own page; others are under their addresses. */
		parts: readonly BarLink[];
	}
	const { stage, parts }: Props = $props();
	const isHere = (href: string) =>
		href === parts[0]?.href ? page.url.pathname === href : page.url.pathname.startsWith(href);
	let row = $state<HTMLElement>();
	$effect(() => {
		void page.url.pathname;
		const open = row?.querySelector<HTMLElement>('[aria-current]');
		if (row && open) row.scrollLeft = open.offsetLeft - (row.clientWidth - open.offsetWidth) / 2;
	});
</script>

<nav class="no-print relative min-w-0 @max-[61rem]:basis-full" aria-label={say.partsOf({ stage })}>
	<ul class="parts relative flex gap-x-1 overflow-x-auto" bind:this={row}>
		{#each parts as { href, label } (href)}
			<li class="shrink-0">
				<a
					class="grid min-h-11 place-items-center rounded-lg px-3 whitespace-nowrap aria-[current=page]:bg-primary/12 aria-[current=page]:font-semibold aria-[current=page]:text-primary"
					{href}
					aria-current={isHere(href) ? 'page' : undefined}>{label}</a
				>
			</li>
		{/each}
	</ul>
</nav>

<style>
	.parts {
		scrollbar-width: none;
	}
</style>
