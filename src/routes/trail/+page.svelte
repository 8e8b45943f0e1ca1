<script lang="ts">
	import { TrailPage as say } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		<div>
			<p class="quiet">{say.whoDidWhatAndWhen()}</p>
		</div>
		<section class="sheet p-5" aria-label={say.history()}>
			{#if data.lines.length === 0}
				<p>{say.nothingYetIsfirstSelectYes({ isFirst: data.isFirst ? 'yes' : 'no' })}</p>
			{/if}
			<ol class="grid gap-2">
				{#each data.lines as line, at (at)}
					<li class="grid gap-x-4 border-b border-base-300 pb-2 @min-[38rem]:grid-cols-[11rem_1fr]">
						<span class="quiet">{momentWords(line.at)}</span>
						<span class="[overflow-wrap:anywhere]"
							><b>{line.by}</b>
							{line.did}{#if line.about}<span class="quiet">, {line.about}</span>{/if}</span
						>
					</li>
				{/each}
			</ol>
			<p class="flex flex-wrap gap-x-6">
				{#if !data.isFirst}<a class="link-row" href="/trail">{say.newest()}</a>{/if}
				{#if data.next}<a class="link-row" href="/trail?before={data.next}">{say.older()}</a>{/if}
			</p>
		</section>
	</div>
</StagePage>
