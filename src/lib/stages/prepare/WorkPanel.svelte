<script lang="ts">
	// What the table works for: the plan that is cut by, for warp or weft, and how much is spoiled today.
	import { WorkPanel as msg } from '$lib/words/prepare';
	import type { PieceUse } from '$lib/core/prepare/cuts-of-plan';
	import { goto } from '$app/navigation';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import { farWords } from './far-words';
	import type { TablePlan } from './table-view';

	interface Props {
		plans: readonly Pick<TablePlan, 'id' | 'name' | 'matsWanted'>[];
		plan: TablePlan | null;
		use: PieceUse;
		spoiled: string;
		isSpoiledSaid: boolean;
		onspoiled: (spoiled: string) => void;
	}
	const { plans, plan, use, spoiled, isSpoiledSaid, onspoiled }: Props = $props();
	const far = $derived(plan && farWords(plan));
	const isGood = $derived(/^\d+([.,]\d+)?$/.test(spoiled.trim()) && parseFloat(spoiled) <= 90);
	async function choose(event: Event & { currentTarget: HTMLSelectElement }) {
		const form = event.currentTarget.form;
		if (!form) return;
		const chosen = new FormData(form);
		const query = new URLSearchParams({
			plan: String(chosen.get('plan') ?? ''),
			...(chosen.has('use') ? { use: String(chosen.get('use')) } : {})
		});
		await goto(`?${query.toString()}`, { noScroll: true, keepFocus: true });
	}
</script>

<section class="sheet grid gap-3 p-4" aria-labelledby="work-for">
	<h2 id="work-for">{msg.workingFor()}</h2>
	{#if plans.length === 0}
		<p>
			{msg.noPlanIsKeptYet()}
			<a class="link" href="/plan">{msg.saveAPlanFirst()}</a>.
		</p>
	{:else}
		<form class="grid gap-3" data-sveltekit-noscroll data-sveltekit-keepfocus>
			<FieldFrame id="table-plan" label={msg.cutAndJoinedFor()}>
				{#snippet children(described)}
					<select
						class="field"
						id="table-plan"
						name="plan"
						value={plan?.id}
						onchange={choose}
						{...described}
					>
						{#each plans as { id, name, matsWanted } (id)}
							<option value={id}>{name}{matsWanted > 0 ? msg.wanted({ matsWanted }) : ''}</option>
						{/each}
					</select>
				{/snippet}
			</FieldFrame>
			{#if plan && plan.uses.length > 1}
				<FieldFrame id="table-use" label={msg.cutAs()}>
					{#snippet children(described)}
						<select
							class="field"
							id="table-use"
							name="use"
							value={use}
							onchange={choose}
							{...described}
						>
							{#each plan.uses as one (one)}<option value={one}>{one}</option>{/each}
						</select>
					{/snippet}
				</FieldFrame>
			{/if}
			<noscript><button class="btn">{msg.useThisPlan()}</button></noscript>
		</form>
		<label class="grid gap-1">
			{msg.spoiledTodayOfAHundred()}
			<input
				class="field"
				name="spoiled"
				inputmode="decimal"
				autocomplete="off"
				value={spoiled}
				aria-invalid={isGood ? undefined : 'true'}
				aria-describedby="spoiled-why"
				oninput={(event) => onspoiled(event.currentTarget.value)}
			/>
			<span class="quiet text-sm" id="spoiled-why">
				{#if !isGood}<span class="font-semibold text-error">{msg.aNumberFrom0To()}</span>
				{:else if isSpoiledSaid}{msg.asItWasSaidToday()}
				{:else}{msg.usedAllDay()}{/if}
			</span>
		</label>
		{#if far}<p class="font-semibold" data-far>{far}</p>{/if}
	{/if}
	<p class="needs-scripts">
		<a class="inline-flex min-h-11 link items-center" href="/photo?of=strips"
			>{msg.stripsFromAPhoto()}</a
		>
	</p>
	<Caution>
		{msg.bladesAreForTrainedAdults()}
	</Caution>
</section>
