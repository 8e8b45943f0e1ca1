<script lang="ts">
	// The pages beside the work, by the names they have everywhere; what whoever reads may not open is not there.
	import { MoreLinks as say } from '$lib/words/common';
	import { page } from '$app/state';
	import { linkTo } from '$lib/ui/offered';
	import type { StageNavigation } from '$lib/routes/bar';

	/** Whether the stages that a phone's bar has no room for are among them. */
	const { withStages = false }: { withStages?: boolean } = $props();
	const bar = $derived(page.data.bar as StageNavigation);
	const isSignedIn = $derived(Boolean((page.data as { account?: object | null }).account));
	/** Each page by its name in the bar, else by its title. */
	const called = (href: string) =>
		bar.stages.find((stage) => stage.href === href)?.label ?? bar.titles[href] ?? '';
	const groups = $derived([
		...(withStages
			? [
					{
						title: say.theWork(),
						pages: [
							...bar.stages
								.map(({ href }) => href)
								.filter((href) => !bar.onPhone.some((stage) => stage.href === href)),
							'/plans',
							'/search'
						]
					}
				]
			: []),
		{
			title: say.whoAndWhat(),
			pages: ['/people', '/places', '/prepare/tools', '/measures', '/photo', '/links']
		},
		{
			title: say.thisGroup(),
			pages: [...(isSignedIn ? ['/members', '/groups'] : []), '/removed', '/trail']
		},
		{ title: say.thisComputer(), pages: ['/reach', '/entry', '/backup', '/settings'] }
	]);
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-4 @min-[40rem]:grid-cols-2 @min-[61rem]:grid-cols-4">
	{#each groups as { title, pages }, at (title)}
		<nav class="sheet px-4 py-3" aria-labelledby="more-{at}">
			<h2 id="more-{at}">{title}</h2>
			<ul class="mt-1">
				{#each pages as href (href)}
					<li class="border-t border-base-300 first:border-t-0" hidden={linkTo(href).hidden}>
						<a
							class="flex min-h-11 items-center font-semibold underline-offset-4 hover:underline"
							{href}>{called(href)}</a
						>
					</li>
				{/each}
			</ul>
		</nav>
	{/each}
</div>
