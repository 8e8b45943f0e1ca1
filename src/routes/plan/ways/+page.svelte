<script lang="ts">
	import { OtherWays as say } from '$lib/words/plan';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { startingPlan } from '$lib/core/model/starting-plan';
	import { kindsToCount } from '$lib/stages/plan/fields/mix-request';
	import { calculators } from '$lib/stages/plan/ways/calculators';
	import WayCard from '$lib/stages/plan/ways/WayCard.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const kinds = $derived(kindsToCount(startingPlan, data.kinds));
	let chosen = $state<string | null>(null);
	/** The kind there is most of stands there first. */
	const first = $derived(kinds.toSorted((one, other) => other.count - one.count)[0]);
	const kind = $derived(kinds.find((one) => one.kind === chosen) ?? first);
</script>

<StagePage>
	<PageTitle />
	<label class="mb-3 flex flex-wrap items-center gap-3">
		{say.ofWhichBag()}
		<select
			class="field w-auto max-w-full"
			value={kind?.kind}
			onchange={(event) => (chosen = event.currentTarget.value)}
		>
			{#each kinds as one (one.kind)}<option value={one.kind}>{one.kind}</option>{/each}
		</select>
	</label>
	{#if kind}
		<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
			{#each calculators as way, nth (way.id)}
				<WayCard {way} bag={kind.bag} system={data.group.lengthSystem} isOpen={nth === 0} />
			{/each}
		</div>
	{/if}
</StagePage>
