<script lang="ts">
	import { SearchPage as say } from '$lib/words/house';
	import { goto } from '$app/navigation';
	import LabelReader from '$lib/stages/search/LabelReader.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const sorts = {
		plan: say.plan(),
		person: say.person(),
		label: say.label(),
		place: say.place(),
		'know-how': say.knowHow(),
		page: say.page()
	} as const;
	let field = $state<HTMLInputElement>();
	$effect(() => field?.focus());

	let timer: ReturnType<typeof setTimeout> | undefined;
	/** Finds while one types, a moment after the last letter. */
	function typed(): void {
		clearTimeout(timer);
		timer = setTimeout(() => {
			const asked = field?.value ?? '';
			void goto(`/search?q=${encodeURIComponent(asked)}`, {
				replaceState: true,
				keepFocus: true,
				noScroll: true
			});
		}, 250);
	}
</script>

<StagePage isNarrow>
	<PageTitle />
	<form class="grid gap-1" method="GET" role="search" data-sveltekit-keepfocus>
		<label for="asked">{say.searchLabel()}</label>
		<div class="flex flex-wrap gap-2">
			<input
				class="field min-w-0 flex-1 basis-52"
				id="asked"
				name="q"
				type="search"
				maxlength="80"
				autocomplete="off"
				bind:this={field}
				defaultValue={data.asked}
				oninput={typed}
			/>
			<button class="btn btn-accent">{say.search()}</button>
		</div>
	</form>
	<div class="mt-3 grid gap-3">
		<LabelReader />
		<div role="status">
			{#if data.asked.trim() !== ''}
				<section class="sheet p-4" aria-labelledby="found">
					<h2 id="found">
						{data.found.length === 0 ? say.nothingFound() : say.foundFor({ asked: data.asked })}
					</h2>
					{#if data.found.length === 0}<p>{say.tryOneWord()}</p>{/if}
					<ul>
						{#each data.found as { sort, title, about, href } (sort + href + title)}
							<li class="border-t border-base-300 first:border-t-0" data-found={sort}>
								<a class="flex min-h-11 flex-wrap items-center gap-x-3 py-1" {href}>
									<span class="min-w-0 font-semibold break-words underline underline-offset-4"
										>{title}</span
									>
									<span class="quiet text-[0.9375rem]">{sorts[sort]}</span>
									{#if sort === 'know-how' && about}<span class="quiet line-clamp-1 basis-full"
											>{about}</span
										>{/if}
								</a>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
		</div>
	</div>
</StagePage>
