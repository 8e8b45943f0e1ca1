<script lang="ts">
	import { page } from '$app/state';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	const isHere = (href: string) =>
		href === '/gather' ? page.url.pathname === href : page.url.pathname.startsWith(href);
	const parts = [
		{ href: '/gather', label: 'Drop-offs' },
		{ href: '/gather/sort', label: 'Sorting' },
		{ href: '/gather/store', label: 'The store' },
		{ href: '/gather/asks', label: 'Asks' },
		{ href: '/gather/kinds', label: 'Bag kinds' },
		{ href: '/gather/lists', label: 'Lists' }
	];
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">Gather</h1>
	<nav class="mb-4 flex flex-wrap gap-x-1 border-b-4 border-accent" aria-label="Gather">
		{#each parts as { href, label } (href)}
			<a
				class="grid min-h-11 place-items-center rounded-t-lg px-4 aria-[current=page]:bg-accent aria-[current=page]:font-semibold aria-[current=page]:text-accent-content"
				{href}
				aria-current={isHere(href) ? 'page' : undefined}>{label}</a
			>
		{/each}
	</nav>
	<WaitingList {outbox} />
	{@render children()}
</main>
