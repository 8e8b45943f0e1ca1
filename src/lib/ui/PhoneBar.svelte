<script lang="ts">
	// The bar of a phone: four stages under the thumb, and the way to all else.
	import { StageBar as say } from '$lib/words/common';
	import { page } from '$app/state';
	import type { BarLink } from '$lib/routes/bar';
	import { isUnder } from './is-under';

	interface Props {
		stages: readonly BarLink[];
		/** The table day that is on; *Prepare* leads there meanwhile. */
		openDay: string | null;
	}
	const { stages, openDay }: Props = $props();
	/** A roof, a sack, a table, a mat, and lines of a list. */
	const drawn: Readonly<Record<string, string>> = {
		'/': 'M4 11 12 4l8 7v9h-5v-6H9v6H4Z',
		'/gather':
			'M9 3h6l-1.5 4C17 8.5 19 12 19 16c0 3-1.5 5-3.5 5h-7C6.5 21 5 19 5 16c0-4 2-7.5 5.5-9Z',
		'/prepare': 'M3 8h18v4H3Zm3 4v8m12-8v8',
		'/make': 'M4 5h16v14H4ZM9 5v14m6-14v14',
		'/more': 'M4 7h16M4 12h16M4 17h16'
	};
	const links = $derived([...stages, { href: '/more', label: say.more() }]);
	const isIn = (href: string) => isUnder(page.url.pathname, href);
	const isHere = (href: string) =>
		href === '/more' ? !stages.some((stage) => isIn(stage.href)) : isIn(href);
	const leadsTo = (href: string) =>
		href === '/prepare' && openDay ? `/prepare/days/${openDay}` : href;
</script>

<nav
	class="phone-bar no-print sticky bottom-0 z-40 mt-auto border-t border-base-300 bg-base-100 @min-[48rem]/page:hidden"
	aria-label={say.stages()}
>
	<ul class="mx-auto grid max-w-xl grid-cols-5 gap-1 px-2 py-1">
		{#each links as { href, label } (href)}
			<li class="min-w-0">
				<a
					class="grid min-h-14 place-content-center justify-items-center gap-0.5 rounded-lg text-[0.8125rem] leading-none font-semibold aria-[current=page]:bg-primary aria-[current=page]:text-primary-content"
					href={leadsTo(href)}
					aria-current={isHere(href) ? 'page' : undefined}
				>
					<svg viewBox="0 0 24 24" class="size-6" aria-hidden="true"
						><path
							d={drawn[href]}
							fill="none"
							stroke="currentColor"
							stroke-width="2"
							stroke-linejoin="round"
							stroke-linecap="round"
						/></svg
					>
					<span class="max-w-full overflow-hidden">{label}</span>
				</a>
			</li>
		{/each}
	</ul>
</nav>

<style>
	.phone-bar {
		padding-bottom: env(safe-area-inset-bottom);
	}
</style>
