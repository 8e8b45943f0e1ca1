<script lang="ts">
	// The bar where there is room for it: the stages in the order of the work, then search and settings.
	import { StageBar as say } from '$lib/words/common';
	import Search from '@lucide/svelte/icons/search';
	import Settings from '@lucide/svelte/icons/settings-2';
	import { page } from '$app/state';
	import type { BarLink } from '$lib/routes/bar';
	import { isUnder } from './is-under';

	interface Props {
		/** The stages in the order of the work. */
		stages: readonly BarLink[];
	}
	const { stages }: Props = $props();
	const beside = [
		{ href: '/search', label: say.search(), Icon: Search },
		{ href: '/settings', label: say.settings(), Icon: Settings }
	];
</script>

<header class="no-print px-5 pt-2 @max-[48rem]/page:hidden">
	<div class="flex items-center gap-x-3 @max-[60rem]/page:gap-x-1">
		<a class="figure flex min-h-11 shrink-0 items-center gap-2 text-xl font-bold" href="/">
			<img src="/mark.svg" alt="" width="30" height="30" />
			<span class="@max-[72rem]/page:sr-only">{say.nestRow()}</span>
		</a>
		<nav class="min-w-0 flex-1" aria-label={say.stages()}>
			<ul class="flex flex-wrap gap-x-1 @max-[60rem]/page:gap-x-0">
				{#each stages as { href, label } (href)}
					<li>
						<a
							class="grid min-h-11 place-items-center rounded-lg px-3 font-semibold hover:bg-base-300 aria-[current=page]:bg-primary aria-[current=page]:text-primary-content @max-[60rem]/page:px-2 @max-[60rem]/page:text-[0.9375rem]"
							{href}
							aria-current={isUnder(page.url.pathname, href) ? 'page' : undefined}>{label}</a
						>
					</li>
				{/each}
			</ul>
		</nav>
		{#each beside as { href, label, Icon } (href)}
			<a
				class="flex min-h-11 min-w-11 items-center justify-center gap-2 rounded-lg px-2 hover:bg-base-300 aria-[current=page]:bg-primary aria-[current=page]:text-primary-content"
				{href}
				aria-label={label}
				aria-current={page.url.pathname === href ? 'page' : undefined}
				><Icon class="size-5" /><span class="@max-[76rem]/page:hidden">{label}</span></a
			>
		{/each}
	</div>
</header>
