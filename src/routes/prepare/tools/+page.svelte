<script lang="ts">
	// The tools of the hall: plans follow them.
	import { PrepareToolsPage as say } from '$lib/words/prepare';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { linkTo } from '$lib/ui/offered';
	import ToolForm from '$lib/stages/prepare/ToolForm.svelte';
	import ToolList from '$lib/stages/prepare/ToolList.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const again = $derived(data.tools.find(({ id }) => id === data.again) ?? null);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
		{#key again?.id}<ToolForm line={again} sent={form?.entry} />{/key}
		{#if again}<a class="btn font-normal" href="/prepare/tools">{say.anotherToolInstead()}</a>{/if}
	</div>
	<section class="sheet p-4" aria-labelledby="tools">
		<h2 id="tools">{say.yourTools()}</h2>
		<p class="quiet mt-1 text-[0.9375rem]">
			{say.loomsAndFramesAreDrawn()}
		</p>
		<ToolList tools={data.tools} wishes={data.wishes} system={data.group.lengthSystem} />
		<p>
			<a class="inline-flex min-h-11 link items-center" {...linkTo('/removed')}>{say.removed()}</a>
		</p>
	</section>
</div>
